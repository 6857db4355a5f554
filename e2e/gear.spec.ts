import type { Page } from "@playwright/test";
import { advice, closeAdvice, expect, finding, kept, ledger, moveIn, start, step, test } from "./support";

/** Adds a piece of gear by the name people use. */
async function addGear(page: Page, name: string): Promise<void> {
  const field = ledger(page).getByRole("combobox", { name: "Add gear" });
  await field.fill(name);
  await page.getByRole("option", { name, exact: true }).first().click();
  await expect(
    ledger(page)
      .getByRole("button", { name: `Change ${name}` })
      .last(),
  ).toBeVisible();
}

/** The fields of a piece of gear, opened under its name. */
async function opened(page: Page, name: string) {
  const head = page.getByRole("button", { name: `Change ${name}` });
  if ((await head.getAttribute("aria-expanded")) === "false") await head.click();
  return ledger(page).getByRole("listitem").filter({ has: head });
}

const row = (page: Page, label: string) => ledger(page).getByRole("listitem", { name: new RegExp(`^${label}: `) });

/** The figures of a row, low and high. */
async function figures(page: Page, label: string): Promise<[number, number]> {
  const said = (await row(page, label).getAttribute("aria-label")) ?? "";
  const got = said.slice(label.length + 2, said.indexOf(", wanted"));
  const all = [...got.matchAll(/[\d.]+/g)].map(([one]) => Number(one));
  return [all[0] ?? NaN, all.at(-1) ?? NaN];
}
const middle = ([low, high]: [number, number]): number => (low + high) / 2;
const fact = (page: Page, label: string) => ledger(page).locator("dl > div").filter({ hasText: label });
async function number(page: Page, label: string): Promise<number> {
  const said = await fact(page, label).locator("dd").textContent();
  return Number(/[\d.]+/.exec(said ?? "")?.[0]);
}

async function cover(page: Page, pct: string): Promise<void> {
  await step(page, "Shell");
  const field = page.getByLabel("Covered, %");
  await field.fill(pct);
  await field.blur();
  await step(page, "Climate");
}

test("a dry room's tall box: cover, mist and a fan move what comes of it, and so do vents", async ({ page }) => {
  await start(page, { animal: "Crested gecko", size: "45 x 45 x 90", sill: "15" });
  await step(page, "Climate");
  const dry = middle(await figures(page, "Humidity"));
  await addGear(page, "Misting pump");
  const mist = await opened(page, "Misting pump");
  const times = mist.getByLabel("Times of Misting pump, such as 8:30, 19:00");
  await times.fill("9:00, 25:00");
  await expect(mist.getByRole("alert")).toHaveText("Times as 8:30, 19:00.");
  await times.fill("8:30, 13:00, 18:30");
  await mist.getByLabel("For seconds each").fill("6");
  await mist.getByLabel("Vessel").fill("4");
  await mist.getByLabel("Vessel").blur();
  await expect(mist).toContainText("vessel lasts");
  await expect.poll(async () => middle(await figures(page, "Humidity"))).toBeGreaterThan(dry);

  await cover(page, "0");
  const mesh = { rh: middle(await figures(page, "Humidity")), air: await number(page, "Changes of air by day") };
  await cover(page, "50");
  const half = { rh: middle(await figures(page, "Humidity")), air: await number(page, "Changes of air by day") };
  expect(half.rh).toBeGreaterThan(mesh.rh + 2);
  expect(half.air).toBeLessThan(mesh.air);
  await expect(fact(page, "The whole top open")).toContainText("%");

  await addGear(page, "Condensation fan");
  const fan = await opened(page, "Condensation fan");
  await fan.getByRole("combobox", { name: "Place", exact: true }).selectOption({ label: "in the lid" });
  await expect(fan).toContainText("30 of every 90 min");
  await expect.poll(() => number(page, "Changes of air by day")).toBeGreaterThan(half.air);
  expect(middle(await figures(page, "Humidity"))).toBeLessThan(half.rh);
  await expect(page.getByRole("region", { name: "When each piece of gear runs" }).getByRole("listitem")).toHaveCount(2);

  const fanned = await number(page, "Changes of air by day");
  await step(page, "Shell");
  await ledger(page).getByRole("button", { name: "Add a vent" }).click();
  await step(page, "Climate");
  await expect.poll(() => number(page, "Changes of air by day")).toBeGreaterThan(fanned);

  // The same in mesh, beside it.
  await kept(page);
  await page.goto("/");
  await page.getByRole("button", { name: "Fernwall: more" }).click();
  await page.getByRole("menuitem", { name: "Make a variant" }).click();
  await expect(page.getByText("Nothing: they are built alike.")).toBeVisible();
  await page.getByRole("region", { name: "Against" }).getByRole("link").click();
  await cover(page, "0");
  await kept(page);
  await page.goto("/");
  await page.getByRole("button", { name: "Fernwall: more" }).click();
  await page.getByRole("menuitem", { name: "Compare with another" }).click();
  const comes = page.getByRole("region", { name: "What comes of it" });
  await expect(
    comes
      .getByRole("row", { name: /^Humidity by day/ })
      .getByRole("cell")
      .last(),
  ).toHaveText(/^−\d+ points$/);
  await expect(
    comes
      .getByRole("row", { name: /^Changes of air by day/ })
      .getByRole("cell")
      .last(),
  ).toHaveText(/^\+/);
  await expect(
    comes
      .getByRole("row", { name: /^Water sprayed/ })
      .getByRole("cell")
      .last(),
  ).toHaveText("about the same");
});

test("a cold room's night: a heater is asked for, sized, wired and set, its probe where the animal is", async ({
  page,
}) => {
  await start(page, { animal: "Crested gecko", size: "45 x 45 x 60", sill: "15" });
  await page.getByLabel("Room").fill("15");
  await page.getByLabel("Room").blur();
  await step(page, "Climate");
  await expect(row(page, "Night")).toHaveAccessibleName(/below the band/);
  const cold = (await advice(page, "Too cold.")).filter({ hasText: "By night the box comes to" });
  await expect(cold).toContainText("W in the box would hold it");
  await cold
    .getByRole("button", { name: /radiant heat panel/i })
    .first()
    .click();
  await expect((await advice(page, "Too cold.")).filter({ hasText: "By night" })).toHaveCount(0);
  await closeAdvice(page);
  await expect(row(page, "Night")).toHaveAccessibleName(/in the band/);

  const heater = await opened(page, "Radiant heat panel");
  await expect(heater.getByLabel("Plugged into, Radiant heat panel")).toHaveValue(/thermostat/);
  const [before] = await figures(page, "Night");
  await heater.getByLabel("Held by night").fill("16");
  await heater.getByLabel("Held by night").blur();
  await expect.poll(async () => (await figures(page, "Night"))[1]).toBeLessThanOrEqual(before);
  const thermostat = await opened(page, "Pulse thermostat");
  await thermostat.getByLabel("Probe: height").fill("200");
  await thermostat.getByLabel("Probe: height").blur();
  await expect(await advice(page, "A probe is not where the animal is.")).toContainText("feels outside the box");
  await (await advice(page, "A probe is not")).getByRole("button", { name: "Put it where the animal is" }).click();
  await expect(await advice(page, "A probe is not")).toHaveCount(0);
});

test("a UV tube too weak through mesh is mended by distance; what a meter reads corrects it", async ({ page }) => {
  await start(page, { animal: "Central bearded dragon", size: "120 x 60 x 60", sill: "15" });
  await step(page, "Climate");
  await addGear(page, "Linear UV tube");
  const tube = await opened(page, "Linear UV tube");
  await tube.getByRole("combobox", { name: "Place", exact: true }).selectOption({ label: "over the top" });
  await expect(tube).toContainText("over mesh: a third or more lost");
  await page.getByRole("radio", { name: "UV", exact: true }).click();
  const off = await advice(page, "UV is off.");
  await expect(off).toContainText("Mesh takes a third or more away");
  await expect(off).toContainText(/with it: .*for shade/);
  await off
    .getByRole("button", { name: /^Hang it inside at/ })
    .first()
    .click();
  await expect(await advice(page, "UV is off.")).toHaveCount(0);
  await closeAdvice(page);
  await expect(row(page, "UV, its back")).not.toHaveAccessibleName(/below the band/);
  await expect(finding(page, "UV is off.")).toHaveCount(0);
  const told = await figures(page, "UV, its back");

  await tube.getByLabel("UV index read, Linear UV tube").fill("1.1");
  await tube.getByLabel("at, below the lamp").fill("30");
  await tube.getByRole("button", { name: "Take the reading" }).click();
  await expect(tube).toContainText("by your meter");
  expect((await figures(page, "UV, its back"))[1]).toBeLessThan(told[1]);
  await expect(row(page, "UV, its back")).toHaveAccessibleName(/below the band/);
  await page.reload();
  await expect(ledger(page)).toContainText("by your meter");
});

test("a snake room: a humidistat runs a duct fan, an exhaust in the lid runs on, and what is sprayed goes out again", async ({
  page,
}) => {
  await start(page, { animal: "Corn snake", size: "120 x 60 x 60", sill: "15" });
  await cover(page, "75");
  await addGear(page, "Misting pump");
  const mist = await opened(page, "Misting pump");
  await mist.getByLabel("Times of Misting pump, such as 8:30, 19:00").fill("8:00, 12:00, 16:00");
  await mist.getByLabel("For seconds each").fill("40");
  const wet = middle(await figures(page, "Humidity"));
  await addGear(page, "Humidistat");
  await addGear(page, "Ducted fan");
  const fan = await opened(page, "Ducted fan");
  await fan.getByLabel("Plugged into, Ducted fan").selectOption({ label: "Humidistat" });
  await fan.getByLabel("Held by day").fill("60");
  await fan.getByLabel("Held by day").blur();
  await expect.poll(async () => middle(await figures(page, "Humidity"))).toBeLessThan(wet);
  await expect(await advice(page, "A probe is not where the animal is.")).toContainText("no probe placed");
  await closeAdvice(page);
  const dried = { rh: middle(await figures(page, "Humidity")), air: await number(page, "Changes of air by day") };
  await addGear(page, "Condensation fan");
  const exhaust = await opened(page, "Condensation fan");
  await exhaust.getByRole("combobox", { name: "Place", exact: true }).selectOption({ label: "in the lid" });
  await exhaust.getByRole("combobox", { name: "What switches Condensation fan" }).selectOption({ label: "always on" });
  // The ducted fan is held to a dampness: what the other takes on, it leaves off.
  await expect.poll(() => number(page, "Changes of air by day")).toBeGreaterThanOrEqual(dried.air);
  expect(middle(await figures(page, "Humidity"))).toBeLessThanOrEqual(dried.rh);
  const stat = await opened(page, "Humidistat");
  await stat.getByRole("button", { name: "Put the probe where the animal is" }).click();
  await expect(stat.getByLabel("Probe: height")).toBeVisible();
});

test("heaters change with the season, and gear is bought, mounted and renewed", async ({ page }) => {
  await start(page, { size: "60 x 45 x 60" });
  await step(page, "Climate");
  await addGear(page, "Ceramic heat emitter");
  const winter = await opened(page, "Ceramic heat emitter");
  const months = winter.getByRole("group", { name: "Months in use, Ceramic heat emitter" });
  for (const month of ["Apr", "May", "Jun", "Jul", "Aug", "Sep"])
    await months.getByRole("button", { name: month }).click();
  await addGear(page, "Halogen lamp");
  const shown = page.getByRole("group", { name: "Month shown" });
  const strip = page.getByRole("region", { name: "When each piece of gear runs" });
  await shown.getByRole("button", { name: "Jul" }).click();
  await expect(strip.getByRole("listitem", { name: "Ceramic heat emitter: not in Jul" })).toBeVisible();
  await expect(fact(page, "Heat it gets by night")).toContainText("none");
  await shown.getByRole("button", { name: "Dec" }).click();
  await expect(strip.getByRole("listitem", { name: /^Ceramic heat emitter: holds/ })).toBeVisible();
  await expect(fact(page, "Heat it gets by night")).toContainText("W");

  await step(page, "Build");
  await expect(page.getByText("Mount the gear").first()).toBeVisible();
  await expect(page.getByText("Wire it, place the probes").first()).toBeVisible();
  await page.getByRole("link", { name: "Sheets to print" }).click();
  await expect(page.getByRole("row", { name: /^Halogen lamp/ })).toContainText("W");
  await expect(page.getByRole("row", { name: /^Lamp holder/ })).toContainText("2");
  await page.goBack();
  await step(page, "Keeping");
  await moveIn(page);
  await ledger(page)
    .getByRole("button", { name: /^All duties/ })
    .click();
  const renew = ledger(page).getByRole("listitem").filter({ hasText: "Renew: Halogen lamp" });
  await expect(renew).toContainText("not yet done");
  await renew.getByRole("checkbox").click();
  await expect(renew).not.toContainText("not yet done");
});
