import { existsSync } from "node:fs";
import { chromium, type Browser } from "@playwright/test";
import { CHROMIUM_FLAGS, chromiumPath } from "../scripts/chromium";
import { freePort, startServer } from "../scripts/prepare.mjs";

/** Where Chromium is, and that there is a build: what every bench in the browser needs. @throws Error with what to do */
export function chromiumForBench(): string {
  const path = chromiumPath();
  if (!path) throw new Error("Chromium is not here. Install Debian's package chromium.");
  if (!existsSync(".next/BUILD_ID")) throw new Error("There is no build yet. Run: npm run build");
  return path;
}

/** Runs with the built application at an address and a browser, both ended afterwards. */
export async function atSite(run: (browser: Browser, baseURL: string) => Promise<void>): Promise<void> {
  const executablePath = chromiumForBench();
  const port = await freePort();
  const server = await startServer(port);
  const browser = await chromium.launch({ executablePath, args: CHROMIUM_FLAGS });
  try {
    await run(browser, `http://localhost:${port}`);
  } finally {
    await browser.close();
    server.kill();
  }
}
