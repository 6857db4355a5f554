import type { Page } from "@playwright/test";
import { demo, expect, test } from "./support";

const STEPS = ["brief", "shell", "strata", "mix", "planting", "crew", "climate", "build", "keeping", "sheets"];
const HABITATS = ["demo-lantern-gully", "demo-dry-wash", "demo-undercut"];
const PATHS = [
  "/",
  "/start",
  "/bins",
  "/library",
  "/backup",
  "/compare?a=demo-twin-thin&b=demo-twin-deep",
  ...HABITATS.flatMap((id) => STEPS.map((name) => `/h/${id}/${name}`)),
];

/** Figures with a unit of one system, and its units spelt out. */
const OF_METRIC =
  /\d\s?(cm|mm|°C|kg|mL|L|g)(?![\p{L}])|\b(centimetres?|millimetres?|litres?|metres?|kilograms?)\b|m²|m³/u;
const OF_US =
  /\d\s?(in(?!\s(?:one|the|all)\b)|ft|ft³|lb|oz|gal|qt|dry qt|°F|cups|fl oz)(?![\p{L}])|\b(inch|inches|gallons?|quarts?|pounds?|ounces?)\b|ft²/u;

/** Boxes and tubes are sold under nominal sizes, and a plant is called so: names, not measures. */
const NAMES = /front opening|Aquarium, \d+ gallons|inch plant|UV tube, \d+ mm/i;
/** What a source says is told in its own units; light and chemistry have one unit everywhere. */
const SOURCES = /^(published|common practice|Where not said otherwise|from memory)|a common size, in inches/;
const OF_SCIENCE = /µmol\/m²|mmol a litre|a cubic metre/;
const isExempt = (line: string): boolean => [NAMES, SOURCES, OF_SCIENCE].some((one) => one.test(line.trim()));

/** Everything a page says or reads out: text, labels, values, titles. The choice of units itself names both. */
async function said(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const lines = new Set<string>();
    const isExempt = (element: Element): boolean => element.closest("[data-units='both'], script, style") !== null;
    for (const element of document.body.querySelectorAll("*")) {
      if (isExempt(element)) continue;
      for (const name of ["aria-label", "aria-valuetext", "title", "placeholder"])
        lines.add(element.getAttribute(name) ?? "");
      if (element instanceof HTMLInputElement) lines.add(element.value);
      const own = [...element.childNodes].some((node) => node.nodeType === Node.TEXT_NODE && node.textContent?.trim());
      if (own) lines.add(element.textContent ?? "");
    }
    return [...lines];
  });
}

/** Goes through the panels of a page, as far as pills lead to them. */
async function everyPanel(page: Page, visit: () => Promise<void>): Promise<void> {
  await visit();
  const pills = page.getByRole("main").getByRole("radio");
  for (let at = 0; at < (await pills.count()); at += 1) {
    const pill = pills.nth(at);
    if (!(await pill.isVisible()) || (await pill.isChecked())) continue;
    if (await pill.evaluate((element) => element.closest("[data-units='both'], fieldset") !== null)) continue;
    await pill.click();
    await visit();
  }
}

/** Goes to a page: from step to step of a habitat as people do, which loads no page anew. */
async function go(page: Page, path: string): Promise<void> {
  const link = page.getByRole("navigation", { name: "Steps of the work" }).locator(`a[href="${path}"]`);
  if (await link.isVisible()) {
    await link.click();
    await page.waitForURL((url) => url.pathname === path);
  } else await page.goto(path);
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
}

for (const [system, others] of [
  ["US", OF_METRIC],
  ["metric", OF_US],
] as const) {
  test(`every page and panel in ${system} units says nothing in the other system`, async ({ page }) => {
    test.setTimeout(400_000);
    await demo(page);
    if (system === "US") await page.getByRole("button", { name: "Units: metric. Switch to US units" }).click();
    const leaks: string[] = [];
    for (const path of PATHS) {
      await go(page, path);
      await everyPanel(page, async () => {
        const strange = (await said(page)).filter((line) => line.length < 400 && others.test(line) && !isExempt(line));
        leaks.push(...strange.map((line) => `${path}: ${line.trim()}`));
      });
    }
    expect([...new Set(leaks)]).toEqual([]);
  });
}
