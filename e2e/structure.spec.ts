import type { Page } from "@playwright/test";
import { advice, closeAdvice, demo, expect, finding, kept, ledger, savedText, start, step, test } from "./support";

const part = (page: Page, name: string) => ledger(page).getByRole("radio", { name, exact: true }).click();
const tile = (page: Page, label: string) => page.getByRole("main").locator("dl > div").filter({ hasText: label });
const layer = (page: Page, text: string) => ledger(page).getByRole("listitem").filter({ hasText: text });

async function addLayer(page: Page, kind: string): Promise<void> {
  await page.getByRole("button", { name: "Add a layer" }).click();
  await page.getByRole("menuitem", { name: new RegExp(`^${kind}`) }).click();
}

async function addPiece(page: Page, kind: string): Promise<void> {
  await ledger(page).getByRole("combobox", { name: "Add a piece" }).fill(kind);
  await page.getByRole("option", { name: kind, exact: true }).click();
}

async function sheets(page: Page, kind: string): Promise<void> {
  await page.getByRole("link", { name: "Sheets to print" }).click();
  await page.getByRole("radio", { name: kind }).click();
}

test("a cloud-forest box: foam back, false bottom, pump column, two sloped lifts, and what is cut and filled for it", async ({
  page,
}) => {
  await start(page, { size: "70 x 45 x 50", sill: "19" });
  await step(page, "Shell");
  await part(page, "Walls");
  await ledger(page).getByLabel("Built on the back wall").selectOption({ label: "Foam" });
  // 0.35 m² of silicone and fibre at one and a half cartridges for 76 x 30 cm (common practice), and a scribble under
  // the foam.
  await expect(ledger(page)).toContainText("2 cans of foam · 3 cartridges of silicone · 2.8 L of fibre");
  await expect(ledger(page)).toContainText("takes 17.5 L of room");
  await expect(ledger(page)).toContainText("nothing lives in it until no smell is left");

  await step(page, "Strata");
  await page.getByRole("button", { name: "Remove Clay pebbles" }).click();
  await addLayer(page, "False bottom");
  const grid = layer(page, "Light-diffuser grid on legs");
  await grid.getByRole("textbox").fill("6");
  await expect(grid).toContainText(/\d+ legs of 4\.8\scm/);
  // 70 x 40 cm of floor before the foam, 6 cm high, less the legs' own walls: 16.6 L and more, no more than 16.8.
  await expect(tile(page, "Drainage holds")).toContainText("16.7 L");
  await addLayer(page, "Soil");
  const lift = layer(page, "lift 1");
  await lift.getByRole("textbox", { name: /in front/ }).fill("4.5");
  await lift.getByRole("textbox", { name: /at the back/ }).fill("6.5");
  await expect(lift).toContainText("15.4 L in place");

  await step(page, "Shell");
  await part(page, "Hardscape");
  await addPiece(page, "Pump column");
  await ledger(page)
    .getByRole("textbox", { name: /^pump column, from the left/ })
    .fill("62");
  await ledger(page)
    .getByRole("textbox", { name: /^pump column, from the front/ })
    .fill("32");
  await step(page, "Strata");
  // The column takes 9 x 9 cm out of a lift 5.9 cm deep there.
  await expect(lift).toContainText("14.9 L in place");

  await step(page, "Build");
  await expect(layer(page, "Air it out")).toContainText("waits 21 days");
  await expect(layer(page, "Build the false bottom")).toContainText("of 4.8 cm, a plate of 70 × 40 cm");

  await sheets(page, "Cut sheets");
  await expect(page.getByRole("article")).toContainText("Fibreglass insect screen: 75 × 45 cm");
  await expect(page.getByRole("article")).toContainText(
    "Hole for the pump column: 9 × 9 cm, 60 cm from the left edge, 30 cm from the front edge",
  );
  await page.getByRole("radio", { name: "Fill strips" }).click();
  await expect(page.getByRole("figure")).toHaveCount(4);
  const svg = await savedText(page, () => page.getByRole("button", { name: "SVG, true size: Front left" }).click());
  expect(svg).toContain('width="56mm"');
  expect(svg).toMatch(/6\scm · 2 3\/8\sin/);
  const pdf = await savedText(page, () => page.getByRole("button", { name: "PDF, true size" }).click());
  expect(pdf.startsWith("%PDF-")).toBe(true);
});

test("a dry box: a stone stack belongs on the glass, and a filled tube makes a deep place", async ({ page }) => {
  await start(page, { animal: "Rosy boa", count: "1", size: "130 x 60 x 60", sill: "22" });
  await step(page, "Strata");
  const soil = layer(page, "mix").first();
  await soil.getByRole("textbox", { name: /in front/ }).fill("18");
  await soil.getByRole("textbox", { name: /at the back/ }).fill("18");
  await step(page, "Shell");
  await part(page, "Hardscape");
  await addPiece(page, "Stack of slabs");
  await ledger(page).getByRole("radio", { name: "on the soil" }).click();
  const undermined = finding(page, "A heavy stone rests on soil.");
  await expect(undermined).toContainText("rosy boa digs");
  await undermined.getByRole("button", { name: "Rest it on the glass" }).click();
  await expect(undermined).toHaveCount(0);
  await expect(ledger(page).getByRole("radio", { name: "on the glass" })).toBeChecked();

  await addPiece(page, "Cork tube");
  await ledger(page).getByRole("radio", { name: "on the glass" }).click();
  await ledger(page).getByLabel("Filled with").selectOption({ label: "a mix of its own" });
  // A hole of 11 cm across and 32 cm deep: 3 L.
  await expect(ledger(page)).toContainText("Stands from 0 cm to 32 cm · takes 3 L of soil");
  const tube = page.getByRole("button", { name: /^Cork tube: .* from the left/ });
  const xCm = async () =>
    Number(/: ([\d.]+)\scm from the left/.exec((await tube.getAttribute("aria-label")) ?? "")?.[1]);
  const beforeCm = await xCm();
  // It landed clear of the stack.
  await expect(finding(page, "Two pieces stand through one another.")).toHaveCount(0);
  await tube.focus();
  await page.keyboard.press("ArrowRight");
  await expect.poll(xCm).toBeCloseTo(beforeCm + 1, 1);

  await (await advice(page, "No humid hide.")).getByRole("button", { name: "Set up humid hide" }).click();
  await closeAdvice(page);
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "humid hide" }).first()).toContainText(
    "1, wants 1",
  );

  await part(page, "Load");
  await ledger(page).getByLabel("Rated for").fill("100");
  await expect(finding(page, "Too heavy for the stand.")).toContainText("Rated for 100 kg");
  await expect(ledger(page)).toContainText("Wants two people");
  await ledger(page).getByRole("radio", { name: "its rim only" }).click();
  await expect(finding(page, "The floor pane carries too much.")).toBeVisible();
  await finding(page, "The floor pane carries too much.")
    .getByRole("button", { name: "Carry the whole floor" })
    .click();
  await expect(ledger(page)).toContainText("the pane does not bend");
});

test("a flat box: a warm shallow zone held back from a deep cool one, drawn or split, and refused where it cannot be", async ({
  page,
}) => {
  await start(page, { animal: "Leopard gecko", count: "1", size: "120 x 50 x 40", sill: "18" });
  await step(page, "Strata");
  const soil = layer(page, "sand").first();
  await soil.getByRole("textbox", { name: /in front/ }).fill("13");
  await soil.getByRole("textbox", { name: /at the back/ }).fill("15");
  await page.getByRole("button", { name: "Split off the left" }).click();
  await expect(page.getByRole("radio", { name: "Plan" })).toBeChecked();
  await ledger(page)
    .getByRole("textbox", { name: /^Zone 1: where it ends/ })
    .fill("42");
  await expect(layer(page, "lift 1")).toContainText("rest");
  // 78 x 50 cm at 14 cm is 54.6 L, less half of the edging, 1.5 x 50 cm as high as 14 cm: 53.6 L.
  await expect(layer(page, "lift 1")).toContainText("53.6 L in place");
  await expect(layer(page, "lift 2")).toContainText("Zone 1");
  await ledger(page).getByLabel("Zone 1: held back by").selectOption("");
  const spills = finding(page, "A step in the ground that nothing holds back.");
  await expect(spills).toContainText("Along “Zone 1”");
  await spills.getByRole("button", { name: /^Hold it with cork edging/ }).click();
  await expect(spills).toHaveCount(0);

  // A zone drawn over the other one is refused, and nothing changes.
  await ledger(page).getByRole("button", { name: "Draw one" }).click();
  const plan = page.locator("[data-drawing]");
  const box = (await plan.boundingBox())!;
  const corner = (x: number, y: number) => plan.click({ position: { x: box.width * x, y: box.height * y } });
  for (const [x, y] of [
    [0.1, 0.2],
    [0.5, 0.2],
    [0.5, 0.8],
  ] as const)
    await corner(x, y);
  await page.getByRole("button", { name: "Close it" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "It would lie over another zone" })).toBeVisible();
  for (const [x, y] of [
    [0.7, 0.2],
    [0.9, 0.2],
    [0.9, 0.7],
  ] as const)
    await corner(x, y);
  await corner(0.7, 0.2);
  await expect(plan).toHaveCount(0);
  await expect(ledger(page).getByRole("button", { name: "Remove Zone 2" })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(ledger(page).getByRole("button", { name: "Remove Zone 2" })).toHaveCount(0);
  await page.getByRole("radio", { name: "Front" }).click();
  await page
    .getByRole("button", { name: "More on Red desert mix, lift 1" })
    .or(page.getByRole("button", { name: /^More on .* lift 1/ }))
    .first()
    .click();
  await ledger(page).getByRole("button", { name: "Add a mound" }).click();
  await ledger(page)
    .getByRole("textbox", { name: /^Mound 1, height/ })
    .fill("30");
  await expect(
    page.getByRole("alert").filter({ hasText: "a dome is at most as high as half its width" }),
  ).toBeVisible();
  await kept(page);
});

test("a tall narrow box with no drainage: cork on the walls, a panel measured before it is cut, ledges at two heights", async ({
  page,
}) => {
  await start(page, { animal: "Crested gecko", count: "1", size: "45 x 50 x 90", sill: "16" });
  await step(page, "Strata");
  await expect(ledger(page)).not.toContainText("Clay pebbles");
  await expect(finding(page, "No drainage in a wet build.")).toHaveCount(0);
  await step(page, "Shell");
  await part(page, "Walls");
  await ledger(page).getByLabel("Built on the back wall").selectOption({ label: "Cork panel" });
  await expect(ledger(page)).toContainText("sheet 44.7 × 89.7 cm");
  const reasons = ledger(page).getByRole("list", { name: "Will it fit?" });
  // What the list says to cut is what the check takes; a panel as long as the wall is not.
  await expect(reasons).toContainText("Goes in: 45 cm inside");
  await ledger(page).getByRole("textbox", { name: "Panel, length, cm" }).fill("45");
  await expect(reasons).toContainText("Too long by 0.3 cm; 45 cm inside");
  await part(page, "Hardscape");
  await expect(finding(page, "Too little to climb.")).toContainText("0 here, 2 wanted");
  await finding(page, "Too little to climb.").getByRole("button", { name: "Set up branch" }).click();
  await expect(finding(page, "Too little to climb.")).toHaveCount(0);
  await page.getByRole("button", { name: "Turn it" }).click();
  await expect(page.getByRole("img", { name: /as a body to turn/ }).locator("canvas")).toBeVisible();
  await page.getByRole("radio", { name: "Plan" }).click();
  await expect(page.locator("canvas")).toHaveCount(0);
  await sheets(page, "Cut sheets");
  await expect(page.getByRole("article")).toContainText("nothing to cut");
});

test("the bins and the packs: stock goes first, whole packs are chosen in a worker, CSV is clean, bad prices are refused", async ({
  page,
}) => {
  await demo(page);
  await page.goto("/bins");
  const coir = page.getByRole("listitem").filter({ has: page.getByRole("list", { name: "Packs of Coir, loosened" }) });
  await expect(coir).toContainText("brick 8 L");
  await coir.getByRole("button", { name: "Add a pack" }).click();
  await coir.getByLabel("Price, EUR").fill("cheap");
  await expect(coir).toContainText("Price: a figure from 0, such as 7.50.");
  await expect(coir.getByRole("button", { name: "Keep it" })).toBeDisabled();
  await coir.getByLabel("Price, EUR").fill("1,50");
  await coir.getByRole("button", { name: "Keep it" }).click();
  await expect(coir).toContainText("bag 10 L€1.50");
  await page.getByLabel("Currency").fill("E1");
  await expect(page.getByText("Currency: three letters, such as EUR or USD.")).toBeVisible();

  await page.goto("/h/demo-kiln-end/sheets");
  const article = page.getByRole("article");
  await expect(article.getByRole("row", { name: /^Oak litter/ })).toContainText("5 L");
  await page.getByRole("button", { name: "Choose packs" }).click();
  await expect(article.getByRole("row", { name: /^Together/ })).toContainText("€");
  await expect(article).toContainText("No pack with a price in the bins for: ");
  const cheapest = await article.getByRole("row", { name: /^Together/ }).innerText();
  await page.getByRole("radio", { name: "least left over" }).click();
  await page.getByRole("button", { name: "Choose packs" }).click();
  await expect(article.getByRole("row", { name: /^Together/ })).toBeVisible();
  const money = (text: string) => Number(/€([\d.]+)/.exec(text)?.[1]);
  expect(money(await article.getByRole("row", { name: /^Together/ }).innerText())).toBeGreaterThanOrEqual(
    money(cheapest),
  );
  const csv = await savedText(page, () => page.getByRole("button", { name: "CSV" }).click());
  expect(csv.split("\r\n")[0]).toBe("\ufeffTo have at hand,Thing,Needed,In the bins,To buy");
});
