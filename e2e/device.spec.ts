import { readFileSync } from "node:fs";
import { printHabitat, printOwn } from "../src/core/files";
import { applyAll, startHabitat, type Command } from "../src/core/habitat";
import { STOCK } from "../src/core/library";
import "../src/core/library/whole";
import { blocksOf, type Habitat, type SeriesId } from "../src/core/log";
import { EMPTY_SHELF, type OwnShelf } from "../src/core/own";
import { seeded } from "../src/core/random";
import { demo, expect, kept, ledger, savedText, start, step, test } from "./support";
import type { Page } from "@playwright/test";

const STEPS = ["Brief", "Shell", "Strata", "Mix", "Planting", "Crew", "Climate", "Build", "Keeping"];

const takeIn = (page: Page, name: string, text: string) =>
  page
    .getByLabel("Import a file")
    .setInputFiles({ name, mimeType: "application/json", buffer: Buffer.from(text, "utf8") });
const exported = (page: Page) => savedText(page, () => page.getByRole("button", { name: "Export to a file" }).click());

const pebbles = (page: Page) =>
  ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox");

test("two tabs of one habitat follow each other, and work done in both at once is all kept", async ({
  page,
  context,
}) => {
  await start(page);
  await step(page, "Strata");
  await kept(page);
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(pebbles(other)).toHaveValue("6.0");

  await pebbles(page).fill("7");
  await expect(pebbles(other)).toHaveValue("7.0");

  await other.getByRole("navigation", { name: "Steps of the work" }).getByRole("link", { name: "Brief" }).click();
  await other.getByLabel("How many").fill("3");
  await pebbles(page).fill("6");
  await kept(page);
  await kept(other);
  await expect(pebbles(page)).toHaveValue(/^6/);
  await expect(page.getByRole("banner")).toContainText("3 ×");
  await other.reload();
  await expect(other.getByLabel("How many")).toHaveValue("3");
  await other.goto(page.url());
  await expect(pebbles(other)).toHaveValue("6.0");
});

test("an older copy that was not saved in time never overwrites what is newer: it is set aside and saved as a file", async ({
  page,
}) => {
  await start(page);
  await kept(page);
  const id = new URL(page.url()).pathname.split("/")[2]!;
  const old = JSON.parse(await exported(page)) as { design: { name: string } };
  await step(page, "Strata");
  await pebbles(page).fill("8");
  await kept(page);
  await page.goto("/bins");
  await page.evaluate(
    ([key, text]) => localStorage.setItem(key!, text!),
    [
      `rincon.unsaved.${id}`,
      JSON.stringify({
        formatVersion: 7,
        baseRev: 1,
        at: "2026-01-05T08:00:00Z",
        design: { ...old.design, name: "Older" },
      }),
    ],
  );
  await page.goto(`/h/${id}/strata`);
  await expect(pebbles(page)).toHaveValue("8.0");
  await page.goto("/");
  const aside = page.getByRole("region", { name: "Set aside, not lost" });
  await expect(aside).toContainText("Older: an older copy that was not saved in time");
  const saved = await savedText(page, () => aside.getByRole("button", { name: "Save as a file" }).click());
  expect(JSON.parse(saved)).toMatchObject({ baseRev: 1, design: { name: "Older" } });
  await aside.getByRole("button", { name: "Forget it" }).click();
  await expect(aside).toHaveCount(0);
});

const { brick: _brick, ...coir } = STOCK.get("ingredients", "coir");
const OWN: OwnShelf = {
  ...EMPTY_SHELF,
  ingredients: [{ ...coir, id: "ownClay", name: "Brook clay", soldAs: "gathered" }],
  animals: [{ ...STOCK.get("animals", "crocodileSkink"), id: "ownSkink", name: "Hill skink" }],
  plants: [{ ...STOCK.get("plants", "nervePlant"), id: "ownFern", name: "Sill fern" }],
  crew: [{ ...STOCK.get("crew", "temperateSpringtail"), id: "ownTail", name: "Cellar springtail" }],
  dressings: [{ ...STOCK.get("dressings", "oakLitter"), id: "ownLeaf", name: "Hedge leaves" }],
  drainageMedia: [{ ...STOCK.get("drainageMedia", "clayPebbles"), id: "ownGrit", name: "Quarry grit" }],
  gear: [{ ...STOCK.all("gear")[0]!, id: "ownLamp", name: "Shed lamp" }],
};
const { recipes: _recipes, format: _format, formatVersion: _version, ...ENTRIES } = OWN;

/** A habitat of nothing but its builder's own things. */
function allOwn(): Habitat {
  const design = startHabitat(
    {
      id: "all-own",
      name: "All my own",
      createdAt: "2026-01-05T08:00:00Z",
      startOn: "2026-01-05",
      animalId: "crocodileSkink",
      count: 2,
      room: { temperatureC: 21, humidityRh: 45 },
      shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" },
    },
    STOCK,
  );
  const { animals, ...others } = ENTRIES;
  const edits: Command[] = [
    { name: "carryOwn", args: { ...others, animals } },
    { name: "setAnimal", args: { animalId: "ownSkink" } },
    { name: "setPart", args: { mixId: "mix-1", ingredientId: "ownClay", parts: 3 } },
    { name: "setMaterial", args: { layerId: "drainage-1", materialId: "ownGrit" } },
    { name: "setMaterial", args: { layerId: "dressing-1", materialId: "ownLeaf" } },
    { name: "addPlant", args: { id: "p1", plantId: "ownFern", xCm: 20, yCm: 20 } },
    { name: "setCrew", args: { crewId: "ownTail", count: 40 } },
    {
      name: "addGear",
      args: {
        id: "g1",
        kindId: "ownLamp",
        xCm: 30,
        yCm: 20,
        upCm: null,
        powerW: 12,
        lumens: null,
        run: { by: "hours", fromMin: 480, untilMin: 1200, rampMin: 0 },
      },
    },
  ];
  return { design: applyAll(design, edits, STOCK), events: [], samples: [] };
}

test("entries of one's own of every kind stand on every page: steps, sheets, bins, shelf; whether the device has them or only the file", async ({
  page,
}) => {
  await page.goto("/");
  await takeIn(page, "own.rincon.json", printHabitat(allOwn()));
  await page.getByRole("link", { name: "Open All my own" }).click();
  const told: Record<string, string> = {
    Strata: "Quarry grit",
    Mix: "Brook clay",
    Planting: "Sill fern",
    Crew: "Cellar springtail",
    Climate: "Shed lamp",
  };
  await expect(page.getByRole("banner")).toContainText("Hill skink");
  for (const name of STEPS) {
    await step(page, name);
    await expect(page.locator("body")).toContainText(told[name] ?? name);
    await expect(page.getByText("Something broke")).toHaveCount(0);
  }
  await step(page, "Build");
  await page.getByRole("radio", { name: "To have at hand" }).click();
  await expect(page.locator("body")).toContainText("Brook clay");
  await page.goto("/h/all-own/sheets");
  const list = page.getByRole("article");
  for (const name of ["Brook clay", "Quarry grit", "Hedge leaves", "Sill fern", "Cellar springtail"])
    await expect(list.getByRole("row", { name: new RegExp(`^${name}`) })).toBeVisible();

  // The bins know what the device has, not what one file brought along.
  await page.goto("/bins");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await expect(page.getByText("Quarry grit")).toHaveCount(0);
  await page.goto("/library");
  await page
    .getByLabel("Open a file of entries")
    .setInputFiles({ name: "own.json", mimeType: "application/json", buffer: Buffer.from(printOwn(OWN)) });
  await expect(page.getByText("7 entries were taken in.")).toBeVisible();
  await page.goto("/bins");
  for (const name of ["Brook clay", "Quarry grit", "Hedge leaves", "Sill fern", "Cellar springtail", "Shed lamp"]) {
    await page.getByLabel("Add a thing").fill(name);
    await page.getByRole("option", { name }).click();
    const thing = page.getByRole("listitem").filter({ has: page.getByRole("list", { name: `Packs of ${name}` }) });
    await thing.getByRole("button", { name: "Add a pack" }).click();
    await thing.getByLabel("Price, EUR").fill("2.5");
    await thing.getByRole("button", { name: "Keep it" }).click();
    await expect(thing).toContainText("€2.50");
  }
});

/** Two years of a probe that tells two things every fourteen minutes or so, and some by hand. */
function longKept(): Habitat {
  const chance = seeded(7);
  const from = Date.UTC(2024, 0, 1);
  const series = (id: SeriesId, count: number, value: (day: number) => number) =>
    blocksOf(
      id,
      Array.from({ length: count }, (_, at) => {
        const atMs = from + Math.round((at * 2 * 365 * 86_400_000) / count);
        return { atMs, value: Math.round(100 * value((atMs - from) / 86_400_000)) / 100 };
      }),
    );
  const wave = (day: number) => Math.sin(2 * Math.PI * day) + 3 * Math.sin((2 * Math.PI * day) / 365) + chance();
  return {
    design: { ...allOwn().design, id: "long-kept", name: "Long kept", timeZone: "UTC" },
    events: [{ id: "e0", at: "2024-01-01T08:00:00.000Z", on: "2024-01-01", kind: "movedIn" }],
    samples: [
      ...series("warmEnd.temperatureC", 75_000, (day) => 24 + wave(day)),
      ...series("warmEnd.humidityRh", 74_900, (day) => 78 + 2 * wave(day)),
      ...series("coolEnd.temperatureC", 100, (day) => 21 + wave(day)),
    ],
  };
}

test("a habitat with 150,000 samples is taken in, charted, and comes out again as the same file", async ({ page }) => {
  const text = printHabitat(longKept());
  await page.goto("/");
  await takeIn(page, "long.rincon.json", text);
  await page.getByRole("link", { name: "Open Long kept" }).click();
  await step(page, "Keeping");
  await expect(
    page.getByRole("img", { name: /Temperature over time against the band.*75,?100 readings/ }),
  ).toBeVisible();
  // An edit is written without the samples: it is kept as soon as in any other habitat.
  await step(page, "Strata");
  await ledger(page).getByRole("listitem").filter({ hasText: "Quarry grit" }).getByRole("textbox").fill("5.0");
  await kept(page);
  const out = await exported(page);
  expect(out === text).toBe(true);
});

test("files of every earlier version open on every page", async ({ page }) => {
  await page.goto("/");
  for (const version of [1, 2, 3, 4, 5]) {
    const text = readFileSync(new URL(`../src/core/files/fixtures/habitat-v${version}.json`, import.meta.url), "utf8");
    const document = {
      ...(JSON.parse(text) as { name: string }),
      id: `old-${version}`,
      name: `From version ${version}`,
    };
    await takeIn(page, "old.rincon.json", JSON.stringify(document));
    await expect(page.getByRole("link", { name: `Open From version ${version}` })).toBeVisible();
  }
  for (const version of [1, 2, 3, 4, 5]) {
    await page.goto(`/h/old-${version}/brief`);
    for (const name of STEPS) await step(page, name);
    await expect(page.getByRole("img", { name: /Temperature over time.*readings/ })).toBeVisible();
    await page.goto(`/h/old-${version}/sheets`);
    await expect(page.getByRole("article")).toBeVisible();
  }
});

test("what is written into the log has an undo of its own: Ctrl+Z leaves it, and it is taken back where it was written", async ({
  page,
}) => {
  await demo(page);
  await page.goto("/h/demo-lantern-gully/keeping");
  const chart = page.getByRole("img", { name: /Temperature over time/ });
  const readings = async () => Number(/([\d,]+) readings/.exec((await chart.getAttribute("aria-label")) ?? "")?.[1]);
  await expect(chart).toBeVisible();
  const before = await readings();
  await page.getByRole("textbox", { name: "Temperature" }).fill("12");
  await page.getByRole("button", { name: "Write it down" }).click();
  await expect.poll(readings).toBe(before + 1);
  await page.keyboard.press("Control+z");
  await page.keyboard.press("Control+z");
  expect(await readings()).toBe(before + 1);
  await page.getByRole("button", { name: "Take it back" }).click();
  await expect.poll(readings).toBe(before);
});
