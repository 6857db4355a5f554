/**
 * The browser is killed at random moments while somebody works, and opened again: at most the last second is lost, and
 * never half of an act. One kill in two comes while depths are typed without a pause, the other right after a plant is
 * said to have died: it leaves the design and enters the log, both or neither. Prints what was lost. Needs a build. With
 * a number, so many kills.
 */
import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium, type BrowserContext, type Page } from "@playwright/test";
import "../src/core/library/whole";
import { printHabitat } from "../src/core/files";
import { seeded } from "../src/core/random";
import { made, started } from "../src/core/testing";
import { CHROMIUM_FLAGS } from "../scripts/chromium";
import { freePort, startServer } from "../scripts/prepare.mjs";
import { chromiumForBench } from "./site";

const KILLS = Number(process.argv[2] ?? 50);
const ALLOWED_MS = 1000;
/** So many plants stand in the box at first: each second kill takes one at the most. */
const PLANTS = 120;

const box = made(
  started({ id: "kills", name: "Killed" }),
  ...Array.from({ length: PLANTS }, (_, n) => ({
    name: "addPlant" as const,
    args: { id: `p${n}`, plantId: "nervePlant", xCm: 2 + (n % 12) * 4.5, yCm: 2 + Math.floor(n / 12) * 4 },
  })),
);

type Stored = { depthCm: number; plants: number; lost: number };
/** What the habitat's rows say. As text: the page knows no types. */
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

/** Something done, as the stored rows would tell it, and when. */
type Done = { mark: number; atMs: number };

const pebbles = (page: Page) =>
  page.getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox").first();

/** Types depths one after the other without a pause. */
async function typeDepths(page: Page, untilMs: number, firstCm: number): Promise<Done[]> {
  const typed: Done[] = [];
  const field = pebbles(page);
  for (let n = 0; Date.now() < untilMs; n += 1) {
    const mark = Math.round((firstCm + n * 0.1) * 10) / 10;
    const filled = await field.fill(`${mark}`).then(
      () => true,
      () => false,
    );
    if (!filled) break;
    typed.push({ mark, atMs: Date.now() });
    await page.waitForTimeout(60).catch(() => undefined);
  }
  return typed;
}

/** Says of a plant that it died. @param before how many had died before */
async function tellDeath(page: Page, before: number): Promise<Done[]> {
  try {
    await page.getByRole("button", { name: "More for Nerve plant" }).first().click();
    const died = page.getByRole("menuitem", { name: "Nerve plant died" });
    await died.waitFor();
    await died.click({ noWaitAfter: true });
    return [{ mark: before + 1, atMs: Date.now() }];
  } catch {
    return [];
  }
}

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, Math.max(0, ms)));

class Killing {
  worstMs = 0;
  halves = 0;
  acts = 0;
  constructor(
    private readonly folder: string,
    private readonly open: () => Promise<BrowserContext>,
  ) {}

  async begin(): Promise<void> {
    const context = await this.open();
    const page = await context.newPage();
    await page.goto("/");
    const file = { name: "killed.rincon.json", mimeType: "application/json" };
    const text = printHabitat({ design: box, events: [], samples: [] });
    await page.getByLabel("Import a file").setInputFiles({ ...file, buffer: Buffer.from(text) });
    await page.getByRole("link", { name: "Open Killed" }).waitFor();
    await context.close();
  }

  /** Kills the browser, as the system does, and reads what it had kept. */
  private async killed(context: BrowserContext): Promise<{ atMs: number; stored: Stored }> {
    spawnSync("pkill", ["-9", "-f", this.folder]);
    const atMs = Date.now();
    await context.close().catch(() => undefined);
    const again = await this.open();
    const page = await again.newPage();
    await page.goto("/icon.svg");
    const stored = await page.evaluate<Stored>(STORED);
    await again.close();
    return { atMs, stored };
  }

  private tell(n: number, what: string, done: readonly Done[], keptMark: number, killedMs: number): void {
    const before = done.filter(({ atMs }) => atMs <= killedMs);
    const kept = before.findLast(({ mark }) => mark === keptMark);
    const firstLost = before.find(({ atMs }) => atMs > (kept?.atMs ?? 0));
    const lostMs = firstLost ? killedMs - firstLost.atMs : 0;
    this.worstMs = Math.max(this.worstMs, lostMs);
    console.log(`kill ${n}, ${what}: ${before.length} done, the last ${lostMs} ms of it lost`);
  }

  async whileTyping(n: number, chance: () => number): Promise<void> {
    const context = await this.open();
    const page = await context.newPage();
    await page.goto("/h/kills/strata");
    await pebbles(page).waitFor();
    const killAt = Date.now() + 1500 + chance() * 2500;
    const typing = typeDepths(page, killAt + 500, 4 + chance() * 3);
    await wait(killAt - Date.now());
    const { atMs, stored } = await this.killed(context);
    this.look(stored);
    this.tell(n, "typing", await typing, stored.depthCm, atMs);
  }

  async afterADeath(n: number, chance: () => number): Promise<void> {
    const context = await this.open();
    const page = await context.newPage();
    await page.goto("/h/kills/planting");
    await page.getByRole("radio", { name: "In the box", exact: true }).click();
    const done = await tellDeath(page, this.acts);
    await wait(chance() * 1600);
    const { atMs, stored } = await this.killed(context);
    this.look(stored);
    this.tell(n, "a plant died", done, stored.lost, atMs);
    this.acts = stored.lost;
  }

  private look({ plants, lost }: Stored): void {
    if (plants + lost !== PLANTS) this.halves += 1;
  }
}

async function main(): Promise<void> {
  const executablePath = chromiumForBench();
  const port = await freePort();
  const server = await startServer(port);
  const folder = mkdtempSync(join(tmpdir(), "rincon-kills-"));
  const options = { executablePath, args: CHROMIUM_FLAGS, baseURL: `http://localhost:${port}`, locale: "en-GB" };
  const killing = new Killing(folder, () => chromium.launchPersistentContext(folder, options));
  const chance = seeded(11);
  try {
    await killing.begin();
    for (let n = 1; n <= KILLS; n += 1)
      await (n % 2 === 0 ? killing.afterADeath(n, chance) : killing.whileTyping(n, chance));
  } finally {
    server.kill();
    rmSync(folder, { recursive: true, force: true });
  }
  const { worstMs, halves, acts } = killing;
  console.log(
    `${KILLS} kills: at worst the last ${worstMs} ms of work were lost; of ${acts} acts kept, ${halves} by half`,
  );
  if (worstMs > ALLOWED_MS || halves > 0) process.exitCode = 1;
}

await main();
