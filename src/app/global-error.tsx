"use client";

/** What is left to say where even the frame of every page broke: in the plainest of ways, as nothing can be counted on. */
export default function Page({ reset }: { reset: () => void }) {
  return (
    <html lang="en">
      <body style={{ fontFamily: "sans-serif", padding: 32 }}>
        <h1>Rincon broke while drawing this</h1>
        <p>What you made is kept on this device.</p>
        <button onClick={reset}>Try again</button>
        <form action="/backup">
          <button>Save a backup</button>
        </form>
      </body>
    </html>
  );
}
