/**
 * Prints the JavaScript, before compression, that opening each main page of the built application brings into the
 * browser, with the demo shelf in it; fails where a page is over its allowance. Needs a build. With paths given, weighs
 * those pages only.
 */
import { existsSync } from "node:fs";
import { chromium, type BrowserContext, type Response } from "@playwright/test";
import { CHROMIUM_FLAGS, chromiumPath } from "./chromium";
import { freePort, startServer } from "./prepare.mjs";

/**
 * What a step of the bench may bring, kB: what it brought once the nine were read apart and kinds in one piece, and a
 * twentieth; and 90 since two dozen animals, a dozen plants, and what leaves let through and the young want came to it.
 */
const STEP_ALLOWED_KB = 2620 * 1.05 + 90;
/**
 * What pages may bring, kB. The Shelf: what it brought before the catalogue was told anew, a tenth, and 20; 15 since the
 * surfaces of a box are worked out with its air and every figure that is drawn as off has a finding; and 40 since plants
 * tell what their leaves let through and whom they poison, and animals how they are kept while young; 5 since boards are
 * sealed and each wall is told as it is built.
 */
const ALLOWED_KB: Readonly<Record<string, number>> = {
  "/": 1380 * 1.1 + 20 + 15 + 40 + 5,
  "/h/demo-lantern-gully/brief": STEP_ALLOWED_KB,
  "/h/demo-lantern-gully/strata": STEP_ALLOWED_KB,
  "/h/demo-lantern-gully/keeping": STEP_ALLOWED_KB,
};

const PAGES = [...Object.keys(ALLOWED_KB), "/start", "/library", "/bins", "/h/demo-lantern-gully/planting"];

/** Nothing more asked for in so long: the page has all it wants. */
const QUIET_MS = 2500;

type Weight = { kB: number; files: number };

/** Opens a page with an empty cache and adds up the scripts it asks for, workers' own among them, until it is quiet. */
async function weigh(context: BrowserContext, path: string): Promise<Weight> {
  const page = await context.newPage();
  const bytes = new Map<string, Promise<number>>();
  const take = (response: Response) => {
    if (/\.js(\?|$)/.test(response.url()))
      bytes.set(
        response.url(),
        response.body().then((body) => body.length),
      );
  };
  page.on("response", take);
  await page.goto(path);
  for (let before = -1; before < bytes.size; await page.waitForTimeout(QUIET_MS)) before = bytes.size;
  page.off("response", take);
  const sizes = await Promise.all(bytes.values());
  await page.close();
  return { kB: sizes.reduce((sum, size) => sum + size, 0) / 1000, files: sizes.length };
}

async function main(): Promise<void> {
  const executablePath = chromiumPath();
  if (!executablePath)
    throw new Error("Chromium is not here. Install Debian's package chromium, or set CHROMIUM to its path.");
  if (!existsSync(".next/BUILD_ID")) throw new Error("There is no build yet. Run: npm run build");
  const port = await freePort();
  const server = await startServer(port);
  const browser = await chromium.launch({ executablePath, args: CHROMIUM_FLAGS });
  try {
    const context = await browser.newContext({ baseURL: `http://localhost:${port}` });
    const first = await context.newPage();
    await first.goto("/demo");
    await first.waitForURL((url) => url.pathname === "/");
    await first.waitForLoadState("networkidle");
    await first.close();
    const paths = process.argv.length > 2 ? process.argv.slice(2) : PAGES;
    for (const path of paths) {
      const { kB, files } = await weigh(context, path);
      const most = ALLOWED_KB[path];
      const allowed = most === undefined ? "" : `, ${Math.round(most)} kB allowed`;
      console.log(`${path.padEnd(32)} ${kB.toFixed(0).padStart(6)} kB in ${files} files${allowed}`);
      if (most !== undefined && kB > most) process.exitCode = 1;
    }
  } finally {
    await browser.close();
    server.kill();
  }
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
});
