/**
 * The browser is killed at random moments while somebody works, and opened again: at most the last second is lost, and
 * never half of an act. Prints what was lost each time. Needs a build. With a number, so many kills.
 */
import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, type Page } from "@playwright/test";
import { CHROMIUM_FLAGS } from "../scripts/chromium";
import { freePort, startServer } from "../scripts/prepare.mjs";
import { seeded } from "../src/core/random";
import { chromiumForBench } from "./site";

const KILLS = Number(process.argv[2] ?? 50);
const ALLOWED_MS = 1000;

/** What the habitat's rows say: how deep the drainage is, and of how many ticks. As text: the page knows no types. */
const STORED = `new Promise((done, failed) => {
  const asked = indexedDB.open("rincon");
  asked.onerror = failed;
  asked.onsuccess = () => {
    const read = asked.result.transaction(["designs", "events"]);
    const [designs, events] = [read.objectStore("designs").getAll(), read.objectStore("events").getAll()];
    read.oncomplete = () => {
      asked.result.close();
      const { design } = designs.result[0].document;
      const lost = events.result.filter(({ kind }) => kind === "lost").length;
      done({ depthCm: design.strata.layers[0].depthCm, plants: design.plants.length, lost });
    };
  };
})`;
type Stored = { depthCm: number; plants: number; lost: number };

/** Types depths one after the other without a pause. @returns when each was typed */
async function work(page: Page, untilMs: number, from: number): Promise<{ depthCm: number; atMs: number }[]> {
  const typed: { depthCm: number; atMs: number }[] = [];
  const field = page.getByRole("complementary", { name: "Ledger" }).getByRole("textbox").first();
  try {
    for (let n = 0; Date.now() < untilMs; n += 1) {
      const depthCm = Math.round((from + n * 0.1) * 10) / 10;
      await field.fill(`${depthCm}`);
      typed.push({ depthCm, atMs: Date.now() });
      await page.waitForTimeout(60);
    }
  } catch {
    // The browser is gone.
  }
  return typed;
}

async function main(): Promise<void> {
  const executablePath = chromiumForBench();
  const port = await freePort();
  const server = await startServer(port);
  const folder = mkdtempSync(join(tmpdir(), "rincon-kills-"));
  const chance = seeded(11);
  const open = () =>
    chromium.launchPersistentContext(folder, {
      executablePath,
      args: CHROMIUM_FLAGS,
      baseURL: `http://localhost:${port}`,
    });
  let [worstMs, halves, address] = [0, 0, ""];
  try {
    for (let n = 0; n <= KILLS; n += 1) {
      const context = await open();
      const page = await context.newPage();
      if (n === 0) {
        await page.goto("/start");
        await page.getByLabel("Name").fill("Fernwall");
        await page.getByLabel("Inner size").fill("60 x 45 x 60");
        await page.getByRole("button", { name: "Put it on the bench" }).click();
        await page.waitForURL(/\/h\//);
        address = page.url().replace(/[^/]+$/, "strata");
      }
      await page.goto(address);
      await page.getByRole("complementary", { name: "Ledger" }).getByRole("textbox").first().waitFor();
      if (n === KILLS) {
        await context.close();
        break;
      }
      const killAt = Date.now() + 1500 + chance() * 2500;
      const working = work(page, killAt + 500, 4 + chance() * 3);
      await new Promise((resolve) => setTimeout(resolve, killAt - Date.now()));
      spawnSync("pkill", ["-9", "-f", folder]);
      const killedMs = Date.now();
      const typed = (await working).filter(({ atMs }) => atMs <= killedMs);
      await context.close().catch(() => undefined);
      const again = await open();
      const look = await again.newPage();
      await look.goto("/icon.svg");
      const stored = await look.evaluate<Stored>(STORED);
      await again.close();
      const kept = typed.findLast(({ depthCm }) => depthCm === stored.depthCm);
      const lost = typed.filter(({ atMs }) => atMs > (kept?.atMs ?? 0));
      const lostMs = lost.length === 0 ? 0 : killedMs - (lost[0]?.atMs ?? killedMs);
      worstMs = Math.max(worstMs, lostMs);
      if (stored.plants + stored.lost > 1) halves += 1;
      if (lostMs > ALLOWED_MS) console.log(`kill ${n + 1}: ${lost.length} edits of ${typed.length}, ${lostMs} ms lost`);
    }
    console.log(`${KILLS} kills: at worst the last ${worstMs} ms of work were lost, ${halves} halves of an act`);
    if (worstMs > ALLOWED_MS || halves > 0) process.exitCode = 1;
  } finally {
    server.kill();
    rmSync(folder, { recursive: true, force: true });
  }
}

await main();
