import type { Page } from "@playwright/test";
import { PDFDocument } from "@cantoo/pdf-lib";
import ICAL from "ical.js";
import { demo, expect, kept, ledger, moveIn, savedText, start, step, test } from "./support";

const stepRow = (page: Page, title: RegExp | string) => ledger(page).getByRole("listitem").filter({ hasText: title });
const open = (page: Page, tab: string) => ledger(page).getByRole("radio", { name: tab, exact: true }).click();

/** A box whose back wall is foamed and finished in silicone, on its Build step. */
async function foamed(page: Page): Promise<void> {
  await page.clock.setFixedTime("2026-03-02T10:00:00");
  await start(page, { name: "Mossgate" });
  await step(page, "Shell");
  await ledger(page).getByRole("radio", { name: "Walls", exact: true }).click();
  await ledger(page).getByLabel("Built on the back wall").selectOption({ label: "Foam" });
  await step(page, "Build");
  await expect(stepRow(page, "Air it out")).toContainText("waits 21 days");
}

type Entry = { uid: string; summary: string; start: string };
const entries = (text: string): Entry[] =>
  new ICAL.Component(ICAL.parse(text) as unknown[])
    .getAllSubcomponents("vevent")
    .map((one) => new ICAL.Event(one))
    .map(({ uid, summary, startDate }) => ({ uid, summary, start: startDate.toString() }));

test("a wished day that fails is mended by another school; how sure the day is stands beside it", async ({ page }) => {
  await foamed(page);
  await expect(ledger(page)).toContainText(/half the time by\s*\w{3} \d+ \w{3}/);
  await page.getByLabel("Wished by").fill("2026-03-25");
  await expect(ledger(page)).toContainText(/fails by \d+ days/);
  const way = ledger(page).getByRole("button", { name: /^Cork panel instead of foam/ });
  const saves = Number(/saves (\d+) days/.exec((await way.textContent()) ?? "")?.[1]);
  expect(saves).toBeGreaterThanOrEqual(17);
  await way.click();
  await expect(ledger(page)).toContainText(/In time, with \d+ days to spare/);
  await expect(stepRow(page, "Carve and finish a wall")).toHaveCount(0);
  await page.keyboard.press("Control+z");
  await expect(ledger(page)).toContainText(/fails by \d+ days/);
});

test("a plan is changed with reasons, taken to a calendar, changed again and taken there anew", async ({ page }) => {
  await foamed(page);
  const airing = stepRow(page, "Air it out");
  await airing.getByRole("button", { name: "Change: Air it out" }).click();
  await airing.getByLabel("Why").fill("A heated loft");
  await airing.getByLabel("Waits, days").fill("15");
  await airing.getByLabel("Waits, days").blur();
  await expect(airing).toContainText("waits 15 days");
  const ics = () => savedText(page, () => page.getByRole("button", { name: "Add to a calendar" }).click());
  const first = entries(await ics());
  expect(first.some(({ summary }) => summary === "Mossgate: Air it out")).toBe(true);

  await airing.getByLabel("Waits, days").fill("18");
  await airing.getByLabel("Waits, days").blur();
  await expect(airing).toContainText("waits 18 days");
  const second = entries(await ics());
  expect(second.map(({ uid }) => uid).toSorted()).toEqual(first.map(({ uid }) => uid).toSorted());
  const comes = (all: Entry[]) => all.find(({ uid }) => uid.includes("moveIn"))?.start ?? "";
  expect(comes(second) > comes(first)).toBe(true);

  await ledger(page).getByLabel("What is to be done").fill("Bake the leaves");
  await ledger(page).getByRole("button", { name: "Add it" }).click();
  await expect(stepRow(page, "Bake the leaves").first()).toContainText("30 min");
  const test = stepRow(page, "Leak test");
  await test.getByRole("button", { name: "Change: Leak test" }).click();
  await test.getByLabel("On this day").fill("2026-03-01");
  await expect(ledger(page)).toContainText("What does not add up");
  await ledger(page).getByRole("button", { name: "Let it go" }).click();
  await expect(ledger(page)).not.toContainText("What does not add up");
  await test.getByLabel("Why").fill("Tested by its maker");
  await test.getByRole("button", { name: "Leave out, with that reason" }).click();
  await expect(ledger(page)).toContainText("Tested by its maker");
  await kept(page);
  await page.reload();
  await ledger(page).getByRole("button", { name: "Put back" }).click();
  await expect(stepRow(page, "Leak test").first()).toContainText("waits 1 day");

  await open(page, "Time");
  await ledger(page).getByRole("spinbutton", { name: "Mon" }).fill("0");
  await ledger(page).getByRole("spinbutton", { name: "Mon" }).blur();
  await open(page, "Steps");
  await expect(stepRow(page, "Leak test").first()).toContainText("Tue 3 Mar");
});

test("at the bench: steps one by one, a timer over a reload, an amount used otherwise and taken over", async ({
  page,
}) => {
  await start(page, { name: "Mossgate" });
  await step(page, "Build");
  await page.getByRole("link", { name: "At the bench" }).click();
  const bench = page.getByRole("dialog", { name: "Mossgate, at the bench" });
  await expect(bench.getByRole("heading", { level: 1 })).toHaveText("Leak test");
  await bench.getByRole("button", { name: "10 min" }).click();
  await expect(bench).toContainText(/Leak test: (10:00|9:\d\d) left/);
  await page.reload();
  await expect(bench).toContainText(/Leak test: 9:\d\d left/);
  await bench.getByText("Note or photo").click();
  await bench.getByLabel("A note; #words become tags").fill("A drop at the left #seam");
  await bench.getByLabel("Add photos").setInputFiles("docs/screenshots/shelf.png");
  await expect(bench.getByRole("img", { name: /^Photo of/ })).toBeVisible();
  await bench.getByRole("button", { name: "Write it down" }).click();
  await expect(bench).toContainText("Written into the journal.");
  await bench.getByRole("button", { name: /^Done, it waits/ }).click();
  await expect(bench.getByRole("heading", { level: 1 })).not.toHaveText("Leak test");

  for (let n = 0; n < 12; n++) {
    if (/Lay the drainage/.test((await bench.getByRole("heading", { level: 1 }).textContent()) ?? "")) break;
    await page.keyboard.press("PageDown");
  }
  await expect(bench.getByRole("heading", { level: 1 })).toContainText("Lay the drainage");
  const planned = Number(/([\d.]+)/.exec((await bench.getByRole("status").first().textContent()) ?? "")?.[1]);
  await bench.getByRole("button", { name: "A little more" }).click();
  await bench.getByRole("button", { name: "A little more" }).click();
  await expect(bench.getByRole("status").first()).toContainText((planned + 2).toFixed(1));
  await bench.getByRole("button", { name: /^Take it over/ }).click();
  await expect(bench.getByRole("region").first()).toContainText((planned + 2).toFixed(1));
  await bench.getByRole("button", { name: /^Done\./ }).click();
  await bench.getByRole("button", { name: /^Done/ }).click();
  await bench.getByRole("button", { name: "Leave the bench" }).click();
  await expect(stepRow(page, "Lay the drainage").getByRole("checkbox")).toBeChecked();
  await expect(stepRow(page, "Lay the drainage").first()).toContainText(`${(planned + 2).toFixed(1)} L used`);
  await expect(stepRow(page, "Leak test").first()).toContainText("waits since");
  await step(page, "Strata");
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" })).toContainText(
    (planned + 2).toFixed(1),
  );
});

test("an arrival is held up by what is still open, let through with a reason, and taken back", async ({ page }) => {
  await start(page, { name: "Mossgate" });
  await step(page, "Build");
  await open(page, "Ready?");
  await ledger(page)
    .getByRole("checkbox", { name: /The mould bloom is past/ })
    .click();
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "The mould bloom is past" })).toContainText(
    "looked at",
  );
  await ledger(page).getByRole("button", { name: "The animal moves in…" }).click();
  const asking = page.getByRole("dialog", { name: "The animal moves in" });
  await expect(asking).toContainText("Every step is done");
  await expect(asking).not.toContainText("The mould bloom is past");
  await expect(asking.getByRole("button", { name: "It has moved in" })).toBeDisabled();
  await asking.getByRole("button", { name: "Not yet" }).click();
  await moveIn(page, "It comes from the same box");
  await step(page, "Keeping");
  await expect(ledger(page)).toContainText("Kept since");
  await ledger(page).getByRole("button", { name: "Take it back" }).click();
  await expect(ledger(page)).not.toContainText("Kept since");
  await kept(page);
  await page.reload();
  await expect(ledger(page)).not.toContainText("Kept since");
});

test("a rework: a running box opened for deeper drainage, with what is saved and how long the animal waits", async ({
  page,
}) => {
  await demo(page);
  await page.getByRole("button", { name: "Twin, deep litter: more" }).click();
  await page.getByRole("menuitem", { name: "Make a variant" }).click();
  await page.getByRole("region", { name: "Against" }).getByRole("link").click();
  await step(page, "Strata");
  await ledger(page).getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox").first().fill("9");
  await kept(page);
  await page.goto("/");
  await page.getByRole("button", { name: "Twin, deep litter: more" }).click();
  await page.getByRole("menuitem", { name: "Compare with another" }).click();
  const rework = page.getByRole("region", { name: "To make the first into the second" });
  await expect(rework).toContainText(/The animals wait \d+ days?/);
  await expect(rework).toContainText("is used again");
  await rework.getByText("Show the steps").click();
  const rows = rework.getByRole("row");
  await expect(rows.first()).toContainText("Move the animals out");
  await expect(rows.filter({ hasText: "Take it out: clay pebbles" })).toContainText("kept damp for later");
  await expect(rows.last()).toContainText("The animals go back");
});

test("a rework is kept: opened toward a variant, its steps ticked, taken back, and at the last the box is what was drawn", async ({
  page,
}) => {
  await demo(page);
  await page.getByRole("button", { name: "Twin, deep litter: more" }).click();
  await page.getByRole("menuitem", { name: "Make a variant" }).click();
  await page.getByRole("region", { name: "Against" }).getByRole("link").click();
  await step(page, "Strata");
  const topLayer = ledger(page)
    .getByRole("listitem")
    .filter({ hasText: /litter|leaves/i });
  await topLayer.getByRole("textbox").first().fill("6");
  await topLayer.getByRole("textbox").first().press("Enter");
  await kept(page);
  await page.goto("/");
  await page
    .getByRole("link", { name: /^Twin, deep litter$/ })
    .first()
    .click();
  await step(page, "Build");
  await ledger(page).getByText("Open again").click();
  await expect(ledger(page).getByLabel("It shall become")).toHaveValue(/./);
  await expect(ledger(page)).toContainText("is used again");
  await ledger(page).getByRole("button", { name: "The box is opened today" }).click();
  await expect(ledger(page).getByRole("heading", { name: /^Open since/ })).toBeVisible();
  const boxes = ledger(page).getByRole("list").getByRole("checkbox");
  await ledger(page).getByRole("checkbox", { name: "Done: Move the animals out" }).check();
  await page.reload();
  await expect(ledger(page).getByRole("checkbox", { name: "Done: Move the animals out" })).toBeChecked();
  await expect(boxes).not.toHaveCount(0);
  for (const box of await boxes.all()) {
    // A step that waits is ticked once for its work and once when its wait is over.
    for (let times = 0; times < 2 && (await box.count()) > 0 && !(await box.isChecked()); times++) await box.click();
  }
  await expect(ledger(page).getByRole("heading", { name: "Open the box again" })).toBeVisible();
  await step(page, "Strata");
  await expect(topLayer.getByRole("textbox").first()).toHaveValue("6.0");
});

test("a bar of the plan is drawn to another day, and stays fixed there", async ({ page }) => {
  await start(page);
  await step(page, "Build");
  const bar = page.locator('i[data-draws="true"]').last();
  const place = (await bar.boundingBox())!;
  await page.mouse.move(place.x + 4, place.y + 6);
  await page.mouse.down();
  await page.mouse.move(place.x + 64, place.y + 6, { steps: 4 });
  await page.mouse.up();
  await expect(page.locator('i[data-pinned="true"]')).toHaveCount(1);
  await kept(page);
  await page.reload();
  await expect(page.locator('i[data-pinned="true"]')).toHaveCount(1);
});

test("the build is printed, hangs on the box as a card, and its steps stand in the Shelf's day", async ({ page }) => {
  await start(page, { name: "Łąka" });
  await page.getByRole("link", { name: "Sheets to print" }).click();
  await page.getByRole("radio", { name: "Build sheet" }).click();
  await expect(page.getByRole("article")).toContainText("17.1 L");
  await expect(page.getByRole("article")).toContainText("Mix and wet the soil");
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save as PDF" }).click(),
  ]);
  const chunks: Buffer[] = [];
  for await (const chunk of await download.createReadStream()) chunks.push(chunk as Buffer);
  const pdf = await PDFDocument.load(Buffer.concat(chunks));
  expect(pdf.getTitle()).toContain("Łąka");
  expect(pdf.getPageCount()).toBeGreaterThanOrEqual(2);
  await page.getByRole("radio", { name: "Care card" }).click();
  await expect(page.getByRole("article")).toContainText("If something goes wrong");
  await expect(page.getByRole("img", { name: /Łąka/ })).toBeVisible();
  await kept(page);
  await page.goto("/");
  const today = page.getByRole("complementary", { name: "Today" });
  await today.getByRole("link", { name: "Leak test" }).click();
  await expect(page.getByRole("dialog", { name: "Łąka, at the bench" })).toContainText("Leak test");
});
