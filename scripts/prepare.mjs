/**
 * What both the demo and the tests need first: packages, Chromium, a free port. Runs with nothing installed but Node
 * and npm.
 */
import { spawn, spawnSync } from "node:child_process";
import { existsSync, statSync } from "node:fs";
import { createServer } from "node:net";

export class Trouble extends Error {}

/** Runs a command with its output shown; true when it succeeded. */
export function run(command, args, env = {}) {
  const { status } = spawnSync(command, args, {
    stdio: "inherit",
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env },
  });
  return status === 0;
}

/** Installs the locked packages when they are missing or older than the lock file. */
export function ensurePackages() {
  const marker = "node_modules/.package-lock.json";
  if (existsSync(marker) && statSync(marker).mtimeMs >= statSync("package-lock.json").mtimeMs) return;
  console.log("Installing packages (npm install) …");
  // Not `npm ci`: it refuses a lock file that lacks optional packages of other systems, which not every registry
  // carries.
  if (!run("npm", ["install", "--no-save", "--no-audit", "--no-fund", "--loglevel=error"])) {
    throw new Trouble("The packages could not be installed. Is there a network and an npm registry? Try: npm install");
  }
}

const CHROMIUM_PATHS = [
  process.env.CHROMIUM ?? "",
  "/usr/bin/chromium",
  "/usr/bin/chromium-browser",
  "/usr/bin/google-chrome",
];
const findChromium = () => CHROMIUM_PATHS.find((path) => path !== "" && existsSync(path));

/** Finds Chromium, or installs Debian's package where that is allowed. */
export function ensureChromium() {
  const found = findChromium();
  if (found) return found;
  const mayInstall = process.getuid?.() === 0 && existsSync("/usr/bin/apt-get");
  if (mayInstall) {
    console.log("Installing Chromium from Debian's packages …");
    run("apt-get", ["update", "-qq"]);
    run("apt-get", ["install", "-y", "-qq", "chromium"], { DEBIAN_FRONTEND: "noninteractive" });
  }
  const path = findChromium();
  if (!path)
    throw new Trouble(
      "Chromium is not here and could not be installed. Install Debian's package chromium (apt-get install chromium), or set CHROMIUM to the path of one.",
    );
  return path;
}

/** A free port: the one in PORT, or any. */
export function freePort() {
  const wanted = process.env.PORT ? Number(process.env.PORT) : 0;
  if (!Number.isInteger(wanted) || wanted < 0 || wanted > 65535)
    throw new Trouble(`PORT is "${process.env.PORT}", which is no port number.`);
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once("error", () =>
      reject(new Trouble(`Port ${wanted} is taken. Set PORT to another one, or leave it out and a free one is found.`)),
    );
    probe.listen(wanted, () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/** Starts the built application and waits until it answers. The caller ends it by its process. */
export async function startServer(port) {
  const server = spawn(process.execPath, ["node_modules/next/dist/bin/next", "start", "-p", String(port)], {
    stdio: ["ignore", "ignore", "inherit"],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1" },
  });
  for (let tries = 0; tries < 120 && server.exitCode === null; tries += 1) {
    const answer = await fetch(`http://localhost:${port}/icon.svg`).catch(() => undefined);
    if (answer?.ok) return server;
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  server.kill();
  throw new Trouble("The server did not start; see above.");
}

/** Runs a script's main part; trouble is told in one line and ends with a non-zero code. */
export async function main(body) {
  try {
    process.exitCode = await body();
  } catch (error) {
    console.error(error instanceof Trouble ? `\n${error.message}` : error);
    process.exitCode = 1;
  }
}
