/**
 * Frame times while an edge is dragged in the built application: the median and the slowest twentieth, by demo box.
 * Needs a build.
 */
import { chromium, type Page } from "@playwright/test";
import { CHROMIUM_FLAGS, chromiumPath } from "../scripts/chromium";
import { freePort, startServer } from "../scripts/prepare.mjs";

const BOXES = ["demo-lantern-gully", "demo-dry-wash", "demo-kiln-end", "demo-chimney", "demo-undercut"];
const STEPS = 90;
const SETTLE_MS = 800;

const percentile = (values: readonly number[], share: number): number =>
  values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ?? Number.NaN;

/** Told to the page as text: the runner's own helpers do not exist in it. */
const WATCH = `
  window.frames_ = []; window.watching_ = true;
  (() => { let last = performance.now(); const tick = (now) => { window.frames_.push(now - last); last = now; if (window.watching_) requestAnimationFrame(tick); }; requestAnimationFrame(tick); })();
`;
const STOP = "(() => { window.watching_ = false; return window.frames_.slice(2); })()";

/** Times between frames, in the page itself, while something is done to it. */
async function framesWhile(page: Page, act: () => Promise<void>): Promise<number[]> {
  await page.evaluate(WATCH);
  await act();
  return page.evaluate<number[]>(STOP);
}

async function main(): Promise<void> {
  const executablePath = chromiumPath();
  if (!executablePath)
    throw new Error("Chromium is not here. Install Debian's package chromium, or set CHROMIUM to its path.");
  const port = await freePort();
  const server = await startServer(port);
  const browser = await chromium.launch({ executablePath, args: CHROMIUM_FLAGS });
  try {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      baseURL: `http://localhost:${port}`,
    });
    context.setDefaultTimeout(20_000);
    const page = await context.newPage();
    await page.goto("/demo");
    await page.waitForURL((url) => url.pathname === "/");
    console.log("frames while the soil's edge is dragged up and down, ms");
    for (const box of BOXES) {
      await page.goto(`/h/${box}/strata`);
      const grip = page.getByRole("slider").last();
      await grip.waitFor();
      await page.waitForTimeout(SETTLE_MS);
      const idle = await framesWhile(page, () => page.waitForTimeout(SETTLE_MS));
      const at = (await grip.boundingBox())!;
      const [x, y] = [at.x + at.width / 2, at.y + at.height / 2];
      await page.mouse.move(x, y);
      await page.mouse.down();
      const frames = await framesWhile(page, async () => {
        for (let step = 0; step < STEPS; step += 1) await page.mouse.move(x, y - 20 * Math.abs(Math.sin(step / 9)));
      });
      await page.mouse.up();
      const told = (values: readonly number[]) =>
        `median ${percentile(values, 0.5).toFixed(1)}  p95 ${percentile(values, 0.95).toFixed(1)}`;
      console.log(
        `${box.padEnd(20)} dragged: ${told(frames)}   idle: ${told(idle)}   (${frames.length} frames, ${STEPS} moves)`,
      );
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
