import type { Page } from "@playwright/test";
import { demo, expect, ledger, moveIn, start, step, test } from "./support";

const device = (page: Page) => ledger(page).getByRole("group").filter({ hasText: "A simulated hub comes with Rincon" });
const says = (page: Page) =>
  ledger(page)
    .locator("section")
    .filter({ has: page.getByRole("heading", { name: "What it says" }) });

test("the hub runs a simulated week, the gauge that sticks is caught, and all of it can be taken out again", async ({
  page,
}) => {
  test.setTimeout(120_000);
  await demo(page);
  await page.goto("/h/demo-kiln-end/keeping");
  await ledger(page).getByText("From a device").click();
  await ledger(page).getByLabel("A gauge that sticks").selectOption("coolEnd.temperatureC");
  await ledger(page).getByRole("button", { name: "Listen" }).click();
  await expect(device(page)).toContainText(/\d{4,} readings kept, .* It has told all\./, { timeout: 60_000 });
  await expect(says(page)).toContainText("Temperature, cool end: the gauge has shown just");
  await expect(says(page)).not.toContainText("warm end: the gauge has shown");
  await expect(says(page)).toContainText("basking place in its band");

  await page.reload();
  await expect(says(page)).toContainText("Temperature, cool end: the gauge has shown just");
});

test("readings of the hub are taken out again, down to the last one", async ({ page }) => {
  await start(page);
  await step(page, "Keeping");
  await moveIn(page);
  await ledger(page).getByText("From a device").click();
  await ledger(page).getByRole("button", { name: "Listen" }).click();
  await expect(device(page)).toContainText(/readings kept/);
  await ledger(page).getByRole("button", { name: "Stop" }).click();
  await expect(ledger(page).getByRole("button", { name: "Listen" })).toBeVisible();
  await ledger(page).getByRole("button", { name: "Take them all out again" }).click();
  await expect(device(page)).not.toContainText("readings kept");
  await page.reload();
  await expect(page.getByText(/No readings yet|readings show/i).first()).toBeVisible();
});

test("a device's SenML comes in, each channel as it is told or corrected, and is remembered", async ({ page }) => {
  await start(page);
  await step(page, "Keeping");
  await moveIn(page);
  const pack = (v: number) =>
    JSON.stringify([
      { bn: "urn:dev:ow:10e2073a01080063:", bt: 1.7e9, n: "left", u: "Cel", v },
      { n: "left", t: 300, u: "Cel", v: v + 0.5 },
      { n: "damp", u: "%RH", v: 71 },
      { n: "label", vs: "Machine room" },
    ]);
  const take = async (text: string) => {
    await ledger(page)
      .getByLabel("From a logger’s file")
      .setInputFiles({ name: "hub.senml", mimeType: "application/senml+json", buffer: Buffer.from(text) });
    return page.getByRole("dialog", { name: "Readings from hub.senml" });
  };
  const left = "What “urn:dev:ow:10e2073a01080063:left” tells";
  let asking = await take(pack(24));
  await expect(asking.getByLabel(left)).toHaveValue("warmEnd.temperatureC");
  await asking.getByLabel(left).selectOption("coolEnd.temperatureC");
  await asking.getByRole("button", { name: "Take them in" }).click();
  await expect(ledger(page)).toContainText("3 new readings. 1 record was left out as no reading of ours.");
  asking = await take(pack(25));
  await expect(asking.getByLabel(left)).toHaveValue("coolEnd.temperatureC");
  await asking.getByRole("button", { name: "Take them in" }).click();
  await expect(ledger(page)).toContainText("2 new readings.");
  await take('[{"n":"a","v":"warm"}]');
  await expect(ledger(page)).toContainText("hub.senml: Record 1: “v” does not read as what belongs there.");
});
