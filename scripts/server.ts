import { spawn, type ChildProcess } from "node:child_process";
import { createServer } from "node:net";

/** A free port: the one asked for, or any. Fails with a clear message when the one asked for is taken. */
export function freePort(wanted?: number): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once("error", () => reject(new Error(`Port ${wanted} is taken. Set PORT to another one, or leave it out and a free one is found.`)));
    probe.listen(wanted ?? 0, () => {
      const address = probe.address();
      probe.close(() => (typeof address === "object" && address ? resolve(address.port) : reject(new Error("No free port was found."))));
    });
  });
}

/** Starts the built application and waits until it answers. The caller ends it. */
export async function startServer(port: number): Promise<ChildProcess> {
  const server = spawn(process.execPath, ["node_modules/next/dist/bin/next", "start", "-p", String(port)], {
    stdio: ["ignore", "ignore", "inherit"], env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1" },
  });
  for (let tries = 0; tries < 120; tries += 1) {
    if (server.exitCode !== null) throw new Error(`The server stopped with code ${server.exitCode}.`);
    try {
      if ((await fetch(`http://localhost:${port}/icon.svg`)).ok) return server;
    } catch {
      // Not up yet.
    }
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  server.kill();
  throw new Error("The server did not answer within 30 seconds.");
}
