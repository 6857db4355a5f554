import type { Page } from "@playwright/test";
import { demo, expect, kept, ledger, start, step, test } from "./support";

const DAYS = Array.from({ length: 12 }, (_, n) => `2026-02-${String(18 + n).padStart(2, "0")}`).filter(
  (day) => day <= "2026-02-28",
);

/** Takes a logger's file in: so damp each noon. */
async function readDamp(page: Page, damp: (n: number) => number): Promise<void> {
  const rows = DAYS.map((day, n) => `${day} 13:00,${damp(n)}`);
  await ledger(page)
    .getByLabel("From a logger’s file")
    .setInputFiles({
      name: "log.csv",
      mimeType: "text/csv",
      buffer: Buffer.from(["time,humidity %", ...rows].join("\n")),
    });
  const asking = page.getByRole("dialog");
  await asking.getByLabel("What is in “humidity %”").selectOption("coolEnd.humidityRh");
  await asking.getByRole("button", { name: "Take them in" }).click();
  await expect(ledger(page)).toContainText(`${DAYS.length} new readings`);
}

test("twins in one press, one thing changed, and their verdict: nothing yet, then which is damper, and by how much", async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.clock.setFixedTime(new Date("2026-03-02T10:00:00"));
  await start(page, { name: "Fernwall" });
  await kept(page);
  const first = page.url().replace(/brief$/, "");
  await page.goto("/");
  await page.getByRole("button", { name: "Fernwall: more" }).click();
  await page.getByRole("menuitem", { name: "Make a twin for a trial" }).click();
  await expect(page.getByText("Nothing: they are built alike.")).toBeVisible();
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByText("Write down the question.")).toBeVisible();
  await page.getByLabel("Question").fill("Does deeper drainage hold the damp?");
  await page.getByLabel("From").fill("2026-02-15");
  await page.getByRole("button", { name: "Begin" }).click();
  const trial = page.getByRole("region", { name: "Does deeper drainage hold the damp?" });
  await expect(trial).toContainText("Nothing can be said yet: 0 days were read in both, 7 are needed.");
  await expect(trial).toContainText("They are built alike: what differs is what you do with them.");
  const side = page.url();
  const second = await page.getByRole("region", { name: "Against" }).getByRole("link").getAttribute("href");

  await page.goto(second ?? "");
  await page.getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox").first().fill("9");
  await page.keyboard.press("Enter");
  await kept(page);
  await step(page, "Keeping");
  await readDamp(page, (n) => 84 + (n % 3));
  await page.goto(`${first}keeping`);
  await readDamp(page, (n) => 72 + (n % 2));

  await page.goto(side);
  await expect(trial).toContainText(/Fernwall, twin reads higher, by 1[23]\s%/);
  await expect(trial).toContainText(/Between 1[0-3]\s% and 1[2-5]\s% with 95 % confidence\./);
  await expect(trial).toContainText("They differ in one part (layers); the rest is held equal.");
  await expect(trial.getByRole("img", { name: /^Difference day by day, Fernwall less Fernwall, twin/ })).toBeVisible();

  await trial.getByRole("button", { name: "End it today" }).click();
  await expect(trial).toContainText("to Mon 2 Mar: 15 days.");
  await page.reload();
  await expect(trial).toContainText("reads higher");
  await trial.getByRole("button", { name: "Take the trial away" }).click();
  await expect(page.getByText("Hold a trial of the two")).toBeVisible();
});

test("the demo's twins have their verdict, and boxes that differ in much are told so", async ({ page }) => {
  await demo(page);
  await page.goto("/compare?a=demo-twin-deep&b=demo-twin-thin");
  const trial = page.getByRole("region", { name: "Does deeper litter hold the damp better?" });
  await expect(trial).toContainText("Twin, deep litter reads higher, by");
  await expect(trial.getByRole("listitem").filter({ hasText: "Temperature, warm end" })).toContainText(
    "They are alike",
  );
  await page.goto("/compare?a=demo-dry-wash&b=demo-kiln-end&trial=new");
  await page.getByLabel("Question").fill("Which is drier?");
  await page.getByLabel("From").fill("2026-01-01");
  await page.getByRole("button", { name: "Begin" }).click();
  await expect(page.getByRole("region", { name: "Which is drier?" })).toContainText(
    /They differ in .*: which of it makes the difference cannot be told\./,
  );
});
