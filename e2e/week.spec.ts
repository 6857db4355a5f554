import ICAL from "ical.js";
import { demo, expect, savedText, start, test } from "./support";

test("the week ahead has what comes on each day, goes into a calendar, and tells once a day where it may", async ({
  page,
  context,
}) => {
  await context.grantPermissions(["notifications"]);
  await page.addInitScript(() => {
    const told: string[] = [];
    class Told {
      static permission = "granted";
      static requestPermission = () => Promise.resolve("granted");
      constructor(title: string) {
        told.push(title);
      }
    }
    Object.assign(window, { Notification: Told, told });
  });
  await demo(page);
  const aside = page.getByRole("complementary", { name: "Today" });
  await expect(aside.getByRole("listitem").first()).toContainText("Check the water line");
  await aside.getByRole("button", { name: "The week ahead" }).click();
  await expect(aside.getByRole("heading", { name: "Every day" })).toBeVisible();
  await expect(aside.getByRole("heading", { level: 3 })).toHaveCount(8);

  const file = await savedText(page, () =>
    aside.getByRole("button", { name: "All duties as a calendar file" }).click(),
  );
  const events = new ICAL.Component(ICAL.parse(file) as unknown[])
    .getAllSubcomponents("vevent")
    .map((one) => new ICAL.Event(one));
  expect(events.length).toBeGreaterThan(40);
  expect(events.some(({ summary }) => summary === "Feed: Dry Wash")).toBe(true);
  expect(events.every((event) => event.isRecurring())).toBe(true);

  await aside.getByRole("button", { name: "Tell me once a day what is due" }).click();
  await expect(aside).toContainText("You are told once a day what is due");
  const told = () => page.evaluate(() => (window as unknown as { told: string[] }).told);
  await expect.poll(told).toEqual([expect.stringMatching(/^\d+ duties are due$/)]);
  await page.reload();
  await expect(aside.getByRole("listitem").first()).toBeVisible();
  expect(await told()).toEqual([]);

  // Steps of a build fall on their days too.
  await start(page, { name: "Mosspool" });
  await page.goto("/");
  await aside.getByRole("button", { name: "The week ahead" }).click();
  await expect(aside.getByRole("link", { name: "Mosspool" }).first()).toHaveAttribute("href", /\/bench$/);
});
