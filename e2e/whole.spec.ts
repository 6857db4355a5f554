import AxeBuilder from "@axe-core/playwright";
import { demo, expect, test } from "./support";

const STEPS = ["brief", "shell", "strata", "mix", "planting", "crew", "climate", "build", "keeping"];
const PATHS = [
  "/",
  "/start",
  "/bins",
  "/library",
  "/backup",
  "/compare?a=demo-twin-thin&b=demo-twin-deep",
  "/h/demo-lantern-gully/sheets",
  ...STEPS.map((name) => `/h/demo-lantern-gully/${name}`),
];

test("the demo shelf stands, and a duty ticked there comes back with undo", async ({ page }) => {
  await demo(page);
  const today = page.getByRole("complementary", { name: "Today" });
  const late = today
    .getByRole("listitem")
    .filter({ hasText: "Check the water line" })
    .filter({ hasText: "Lantern Gully" });
  await expect(late).toContainText("1 day late");
  await late.getByRole("checkbox").click();
  await expect(late).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(late).toContainText("1 day late");
});

test("switching units changes every figure, sentence and input at once, and nothing stored", async ({ page }) => {
  await demo(page);
  for (const name of STEPS) {
    await page.goto(`/h/demo-lantern-gully/${name}`);
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    const toUs = page.getByRole("button", { name: "Units: metric. Switch to US units" });
    if (await toUs.isVisible()) await toUs.click();
    await expect(page.getByRole("button", { name: "Units: US. Switch to metric" })).toBeVisible();
    const text = await page.locator("body").innerText();
    expect(text.match(/.*\d\s?(cm|°C|kg|L)\b.*/g) ?? []).toEqual([]);
    const typed = await page
      .getByRole("textbox")
      .evaluateAll((inputs) => inputs.map((input) => (input as HTMLInputElement).value));
    expect(typed.filter((value) => /cm|°C/.test(value))).toEqual([]);
  }
  await page.goto("/h/demo-twin-deep/strata");
  const pebbles = page.getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox");
  await expect(pebbles).toHaveValue("2 3/8");
  await page.getByRole("button", { name: "Units: US. Switch to metric" }).click();
  await expect(pebbles).toHaveValue("6.0");
  await expect(page.getByRole("button", { name: "Undo" })).toBeDisabled();
});

test("keys: digits go to the steps, brackets turn the section, ? lists the keys", async ({ page }) => {
  await demo(page);
  await page.goto("/h/demo-dry-wash/strata");
  await expect(page.getByRole("heading", { level: 1, name: "Strata" })).toBeVisible();
  await page.keyboard.press("]");
  await expect(page.getByRole("radio", { name: "Side" })).toBeChecked();
  await page.keyboard.press("4");
  await expect(page.getByRole("heading", { level: 1, name: "Mix" })).toBeVisible();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toContainText("go to a step");
});

test("nothing comes from outside: the policy forbids it and no page asks for it", async ({ page, baseURL }) => {
  const foreign: string[] = [];
  page.on("request", (request) => {
    if (!request.url().startsWith(baseURL ?? "") && !/^(data|blob):/.test(request.url())) foreign.push(request.url());
  });
  const answer = await page.goto("/");
  const policy = (await answer?.allHeaders())?.["content-security-policy"] ?? "";
  expect(policy).toContain("default-src 'self'");
  expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic' 'wasm-unsafe-eval'(;|$)/);
  await demo(page);
  await page.goto("/h/demo-undercut/keeping");
  await expect(page.getByRole("heading", { level: 1, name: "Keeping" })).toBeVisible();
  expect(foreign).toEqual([]);
});

/** In two halves, so that they run side by side. */
for (const [half, paths] of [PATHS.slice(0, 7), PATHS.slice(7)].entries()) {
  test(`no serious barrier on any screen by day or night (axe), and none scrolls sideways on a phone, ${half + 1} of 2`, async ({
    page,
  }) => {
    const told = (path: string, { violations }: Awaited<ReturnType<AxeBuilder["analyze"]>>) =>
      violations.map(({ id, nodes }) => `${path} ${id}: ${nodes[0]?.html} ${nodes[0]?.failureSummary}`);
    // Without a pointer over it: no tooltip fades in while the colours are looked at.
    const turn = async (name: string) => {
      await page.getByRole("button", { name }).dispatchEvent("click");
      // The colours have arrived once nothing fades any more.
      await page.evaluate(async () => {
        await new Promise(requestAnimationFrame);
        await Promise.allSettled(document.getAnimations().map(({ finished }) => finished));
      });
    };
    await demo(page);
    for (const path of paths) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 1 }).first()).toBeAttached();
      const byDay = await new AxeBuilder({ page }).withTags(["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"]).analyze();
      expect(told(path, byDay)).toEqual([]);
      // By night only the colours are others.
      await turn("Switch to night colours");
      const byNight = await new AxeBuilder({ page }).withRules(["color-contrast"]).analyze();
      expect(told(path, byNight)).toEqual([]);
      await page.setViewportSize({ width: 390, height: 844 });
      const wide = () =>
        page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      await expect.poll(wide, { message: path }).toBeLessThanOrEqual(0);
      await turn("Switch to day colours");
    }
  });
}
