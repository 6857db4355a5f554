/**
 * Ten years of a habitat's log: 2.1 million samples of two gauges and fifteen thousand events. Prints how long it takes to
 * take them in, to open Keeping, to tick a duty and to pack a backup, what stalls the page meanwhile, and the memory that
 * takes. Needs a build.
 */
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Browser, Page } from "@playwright/test";
import "../src/core/library/whole";
import { printHabitat } from "../src/core/files";
import { blocksOf, type LogEvent } from "../src/core/log";
import { started } from "../src/core/testing";
import { atSite } from "./site";

const UNTIL = Date.UTC(2026, 2, 1);
const DAYS = 3650;
const STEP_MS = 300_000;

function tenYears(): string {
  const from = UNTIL - DAYS * 86_400_000;
  const count = (DAYS * 86_400_000) / STEP_MS;
  const series = (id: "warmEnd.temperatureC" | "warmEnd.humidityRh", middle: number) =>
    blocksOf(
      id,
      Array.from({ length: count }, (_, n) => ({
        atMs: from + n * STEP_MS,
        value: Math.round((middle + 4 * Math.sin((n / 288) * 2 * Math.PI) + ((n * 7919) % 100) / 100) * 10) / 10,
      })),
    );
  const day = (n: number) => new Date(from + n * 86_400_000).toISOString().slice(0, 10);
  const events: LogEvent[] = [
    { id: "m", at: `${day(0)}T08:00:00.000Z`, on: day(0), kind: "movedIn" },
    ...Array.from({ length: DAYS * 4 }, (_, n): LogEvent => ({
      ...{ id: `e${n}`, at: `${day(n >> 2)}T0${(n % 4) + 8 > 9 ? 9 : (n % 4) + 8}:0${n % 4}:00.000Z`, on: day(n >> 2) },
      ...{ kind: "tick", dutyId: n % 4 === 0 ? "mist" : "spotClean" },
    })),
  ];
  return printHabitat({
    design: started({ id: "years", name: "Ten years" }),
    events,
    samples: [...series("warmEnd.temperatureC", 25), ...series("warmEnd.humidityRh", 80)],
  });
}

/** The longest the page stood still since it was asked to watch, milliseconds. */
const watch = (page: Page) =>
  page.evaluate(`{
    window.longest = 0;
    let last = performance.now();
    clearInterval(window.watching);
    window.watching = setInterval(() => {
      const now = performance.now();
      window.longest = Math.max(window.longest, now - last - 20);
      last = now;
    }, 20);
  }`);
const stalled = (page: Page) => page.evaluate<number>("window.longest");

const folder = mkdtempSync(join(tmpdir(), "rincon-"));
const file = join(folder, "ten-years.rincon.json");

const tell = (what: string, tookS: number, wantedS: number) => {
  console.log(`${what}: ${tookS.toFixed(2)} s, × ${(tookS / wantedS).toFixed(2)} of the ${wantedS} s it may take`);
  if (tookS > wantedS) process.exitCode = 1;
};

const timed = async (what: string, wantedS: number, run: () => Promise<unknown>) => {
  const from = performance.now();
  await run();
  tell(what, (performance.now() - from) / 1000, wantedS);
};

/** Has the page note how long it is from the next click until something holds, by its own clock. */
const watchClick = (page: Page, holds: string) =>
  page.evaluate(`window.answeredMs = 0; addEventListener("click", ({ timeStamp }) => {
    const look = new MutationObserver(() => {
      if (!(${holds})) return;
      look.disconnect();
      window.answeredMs = performance.now() - timeStamp;
    });
    look.observe(document.body, { subtree: true, childList: true, attributes: true });
  }, { capture: true, once: true })`);
async function answeredS(page: Page): Promise<number> {
  const answered = () => page.evaluate<number>("window.answeredMs");
  for (let tries = 0; (await answered()) === 0 && tries < 600; tries += 1) await page.waitForTimeout(100);
  const tookMs = await answered();
  if (tookMs === 0) throw new Error(`What was clicked for never came; the page is at ${page.url()}`);
  return tookMs / 1000;
}

async function tenYearsThrough(browser: Browser, baseURL: string): Promise<void> {
  const page = await browser.newPage({ baseURL, timezoneId: "UTC" });
  await page.clock.setFixedTime(new Date(UNTIL + 3_600_000));
  await page.goto("/");
  await page.getByRole("heading", { name: "Nothing on the shelf yet" }).waitFor();
  await watch(page);
  const link = page.getByRole("link", { name: "Open Ten years" });
  await timed("a file of 2.1 million samples taken in", 10, async () => {
    await page.getByLabel("Import a file").setInputFiles(file);
    await link.waitFor({ timeout: 120_000 });
  });
  console.log(`the page stood still for ${Math.round(await stalled(page))} ms at the most meanwhile`);
  await link.click();
  await page.getByRole("heading", { level: 1 }).waitFor();
  const steps = page.getByRole("navigation", { name: "Steps of the work" });
  await watchClick(
    page,
    `/\\d{6} readings/.test(document.querySelector('[aria-label^="Temperature over time"]')?.ariaLabel)`,
  );
  await steps.getByRole("link", { name: "Keeping" }).click();
  tell("Keeping opened", await answeredS(page), 2);
  const mist = page.getByRole("checkbox", { name: "Done: Mist" });
  await watchClick(
    page,
    `[...document.querySelectorAll("button")].some(({ textContent }) => textContent.includes("Take it back"))`,
  );
  await mist.click();
  tell("a duty ticked", await answeredS(page), 0.2);
  await page.waitForTimeout(1500);
  await page.goto("/backup");
  await timed("a backup packed", 8, async () => {
    const saved = page.waitForEvent("download", { timeout: 120_000 });
    await page.getByRole("button", { name: "Save everything as one file" }).click();
    await saved;
  });
  const session = await page.context().newCDPSession(page);
  await session.send("HeapProfiler.collectGarbage");
  const { usedSize } = await session.send("Runtime.getHeapUsage");
  console.log(`memory of the page then: ${(usedSize / 1_000_000).toFixed(0)} MB`);
}

writeFileSync(file, tenYears());
try {
  await atSite(tenYearsThrough);
} finally {
  rmSync(folder, { recursive: true });
}
