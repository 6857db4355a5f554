import { existsSync } from "node:fs";

const KNOWN = ["/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome"];

/** Where Chromium is: the CHROMIUM variable, else the usual places. */
export const chromiumPath = (): string | undefined =>
  [process.env.CHROMIUM ?? "", ...KNOWN].find((path) => path !== "" && existsSync(path));

export const CHROMIUM_FLAGS = [
  "--no-sandbox",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--enable-unsafe-swiftshader",
];
