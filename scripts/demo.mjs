/** `npm run demo`: installs what is missing, builds, starts on a free port and prints the address of the demo shelf. */
import { Trouble, ensurePackages, freePort, main, run, startServer } from "./prepare.mjs";

await main(async () => {
  const port = await freePort();
  ensurePackages();
  if (
    !run(process.execPath, ["scripts/assets.mjs"]) ||
    !run(process.execPath, ["node_modules/next/dist/bin/next", "build"])
  )
    throw new Trouble("The build failed; see above.");
  const server = await startServer(port);
  for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.kill(signal));
  console.log(
    `\nThe demo shelf stands at  http://localhost:${port}/demo\nYour own shelf is at      http://localhost:${port}/\nStop with Ctrl+C.`,
  );
  return new Promise((resolve) => server.once("exit", (code) => resolve(code ?? 0)));
});
