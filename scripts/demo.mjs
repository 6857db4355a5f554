/** `npm run demo`: installs what is missing, builds, starts on a free port and prints the address of the demo shelf. */
import { spawn } from "node:child_process";
import { Trouble, ensurePackages, freePort, main, run } from "./prepare.mjs";

await main(async () => {
  const port = await freePort();
  ensurePackages();
  if (!run(process.execPath, ["node_modules/next/dist/bin/next", "build"])) throw new Trouble("The build failed; see above.");
  const server = spawn(process.execPath, ["node_modules/next/dist/bin/next", "start", "-p", String(port)], {
    stdio: ["ignore", "ignore", "inherit"], env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1" },
  });
  for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));
  const ended = new Promise((resolve) => server.once("exit", (code) => resolve(code ?? 0)));
  const up = (async () => {
    for (let tries = 0; tries < 120; tries += 1) {
      const answer = await fetch(`http://localhost:${port}/icon.svg`).catch(() => undefined);
      if (answer?.ok) return true;
      await new Promise((resolve) => setTimeout(resolve, 250));
    }
    return false;
  })();
  if ((await Promise.race([up, ended])) !== true) {
    server.kill();
    throw new Trouble("The server did not start; see above.");
  }
  console.log(`\nThe demo shelf stands at  http://localhost:${port}/demo\nYour own shelf is at      http://localhost:${port}/\nStop with Ctrl+C.`);
  return ended;
});
