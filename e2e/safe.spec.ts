import { test as anyTest, type Page } from "@playwright/test";
import { printHabitat } from "../src/core/files";
import { blocksOf } from "../src/core/log";
import "../src/core/library/whole";
import { happened, started } from "../src/core/testing";
import { demo, expect, kept, ledger, moveIn, start, step, test } from "./support";

const PAGES = [
  "/",
  "/start",
  "/bins",
  "/library",
  "/backup",
  "/h/demo-lantern-gully/strata",
  "/h/demo-lantern-gully/keeping",
];
const HEADERS = {
  "x-content-type-options": "nosniff",
  "cross-origin-opener-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "referrer-policy": "no-referrer",
};

test("every answer has its headers, nothing tries to run text as script, and what is not there is told as that", async ({
  page,
  request,
}) => {
  const missing: string[] = [];
  page.on("response", async (response) => {
    const told = await response.allHeaders().catch(() => undefined);
    if (!told || !response.url().startsWith("http")) return;
    const lacks = Object.entries(HEADERS).filter(([name, value]) => told[name] !== value);
    if (lacks.length > 0 || !told["permissions-policy"]?.includes("camera=()")) missing.push(response.url());
  });
  await page.addInitScript(() => {
    document.addEventListener("securitypolicyviolation", ({ violatedDirective, blockedURI }) =>
      console.error(`policy: ${violatedDirective} ${blockedURI}`),
    );
  });
  await demo(page);
  for (const path of PAGES) {
    await page.goto(path);
    await expect(page.getByRole("heading", { level: 1 }).first()).toBeAttached();
  }
  expect(missing).toEqual([]);
  for (const path of ["/h/demo-lantern-gully/soil", "/nowhere"])
    expect((await request.get(path)).status(), path).toBe(404);
  expect((await request.fetch("/", { method: "TRACE" })).status()).toBe(405);
});

/** A JPEG whose camera had no clock: EXIF 2.32, tag 0x9003 all noughts. */
async function clockless(page: Page): Promise<Buffer> {
  const base64 = await page.evaluate(() => {
    const canvas = document.createElement("canvas");
    [canvas.width, canvas.height] = [40, 30];
    canvas.getContext("2d")?.fillRect(0, 0, 40, 30);
    return canvas.toDataURL("image/jpeg").split(",")[1] ?? "";
  });
  const jpeg = Buffer.from(base64, "base64");
  const date = Buffer.from("0000:00:00 00:00:00\0", "latin1");
  const tiff = Buffer.alloc(44);
  tiff.write("II*\0", 0, "latin1");
  tiff.writeUInt32LE(8, 4);
  const entry = (at: number, tag: number, type: number, count: number, value: number) => {
    tiff.writeUInt16LE(tag, at);
    tiff.writeUInt16LE(type, at + 2);
    tiff.writeUInt32LE(count, at + 4);
    tiff.writeUInt32LE(value, at + 8);
  };
  tiff.writeUInt16LE(1, 8);
  entry(10, 0x8769, 4, 1, 26);
  tiff.writeUInt16LE(1, 26);
  entry(28, 0x9003, 2, date.length, 44);
  const body = Buffer.concat([Buffer.from("Exif\0\0", "latin1"), tiff, date]);
  const head = Buffer.from([0xff, 0xe1, 0, 0]);
  head.writeUInt16BE(body.length + 2, 2);
  return Buffer.concat([jpeg.subarray(0, 2), head, body, jpeg.subarray(2)]);
}

test("a photograph of a camera without a clock is kept with its note, and backups can be read", async ({ page }) => {
  await start(page);
  await step(page, "Keeping");
  await moveIn(page);
  const photo = { name: "box.jpg", mimeType: "image/jpeg", buffer: await clockless(page) };
  await ledger(page).getByRole("button", { name: "Note", exact: true }).click();
  await ledger(page).getByLabel("Add photos").setInputFiles(photo);
  await expect(page.locator("form img")).toHaveCount(1);
  await page
    .locator("form")
    .filter({ has: page.locator("img") })
    .getByRole("button", { name: "Write it down" })
    .click();
  await expect(page.locator("form img")).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole("heading", { level: 1, name: "Keeping" })).toBeVisible();
  await page.goto("/backup");
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save everything as one file" }).click(),
  ]);
  const zip = await download.path();
  await page.getByLabel("Open a backup").setInputFiles(zip);
  const taking = page.getByRole("region", { name: "Restore" });
  await expect(taking).toContainText("1 photograph");
  await taking.getByRole("radio", { name: "Replace all" }).click();
  await taking.getByRole("button", { name: "Replace all with the backup" }).click();
  await expect(taking).toContainText("Restored, all of it.");
});

test("a full storage is tried again by itself: what was ticked meanwhile is kept, and the bar goes", async ({
  page,
}) => {
  await start(page);
  await step(page, "Keeping");
  await moveIn(page);
  await kept(page);
  await page.evaluate(() => {
    const before = Object.getOwnPropertyDescriptors(IDBObjectStore.prototype);
    const refuse = function (): never {
      throw new DOMException("no room", "QuotaExceededError");
    };
    Object.assign(IDBObjectStore.prototype, { put: refuse, add: refuse });
    Object.assign(window, {
      makeRoom: () => Object.defineProperties(IDBObjectStore.prototype, { put: before.put, add: before.add }),
    });
  });
  await page.getByRole("checkbox", { name: "Done: Mist" }).click();
  const bar = page.getByRole("alert").filter({ hasText: "The storage of this device is full" });
  await expect(bar).toBeVisible();
  await page.evaluate("window.makeRoom()");
  await expect(bar).toHaveCount(0);
  await kept(page);
  await page.reload();
  await expect(ledger(page).getByRole("listitem").filter({ hasText: "Mist" }).first()).toContainText("in 1 day");
});

test("with nothing on the shelf copies set aside are still offered, one with no time too", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "Nothing on the shelf yet" })).toBeVisible();
  await page.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const asked = indexedDB.open("rincon");
        asked.onerror = failed;
        asked.onsuccess = () => {
          const write = asked.result.transaction("aside", "readwrite");
          write
            .objectStore("aside")
            .put({ id: "a", habitatId: null, name: "Fern", why: "older", at: "noon", raw: "as it lay" });
          write.oncomplete = () => done();
        };
      }),
  );
  await page.reload();
  await expect(page.getByRole("region", { name: "Set aside, not lost" })).toContainText("Fern: an older copy");
});

test("a solver that is killed in the middle is told, and the next question starts another", async ({ page }) => {
  await demo(page);
  let hold = true;
  await page.route("**/highs.wasm", async (route) => {
    while (hold) await new Promise((resolve) => setTimeout(resolve, 100));
    await route.continue();
  });
  await page.goto("/h/demo-lantern-gully/mix");
  await page.getByRole("radio", { name: "Match", exact: true }).click();
  const match = page.getByRole("main").getByRole("button", { name: "Match", exact: true });
  const [solver] = await Promise.all([page.waitForEvent("worker"), match.click()]);
  const locks = () => solver.evaluate(async () => (await navigator.locks.query()).held?.map(({ name }) => name) ?? []);
  await expect.poll(locks).toContainEqual(expect.stringMatching(/^rincon.worker/));
  // Ended as a browser does that runs short of memory: without a word.
  await solver.evaluate(() => self.close());
  await expect(page.getByText("The solver could not be started. Nothing has changed.")).toBeVisible();
  hold = false;
  await match.click();
  await expect(page.getByRole("list", { name: "Ways to mix it" }).getByRole("listitem").first()).toBeVisible();
});

test("days and hours are those of the keeper's clock on any device", async ({ browser, baseURL }) => {
  const design = { ...started({ id: "far", name: "Far away" }), timeZone: "America/New_York" };
  const samples = blocksOf(
    "coolEnd.temperatureC",
    Array.from({ length: 24 * 40 }, (_, n) => ({
      atMs: Date.UTC(2026, 9, 1) + n * 3_600_000,
      value: n % 24 === 3 ? 31 : 23,
    })),
  );
  const text = printHabitat({ design, events: happened({ kind: "movedIn", on: "2026-09-01" }), samples });
  const told: string[] = [];
  for (const timezoneId of ["Asia/Tokyo", "America/Los_Angeles"]) {
    const context = await browser.newContext({ timezoneId, ...(baseURL === undefined ? {} : { baseURL }) });
    const page = await context.newPage();
    await page.clock.setFixedTime(new Date("2026-11-09T18:00:00Z"));
    await page.goto("/");
    await page
      .getByLabel("Import a file")
      .setInputFiles({ name: "far.rincon.json", mimeType: "application/json", buffer: Buffer.from(text) });
    await page.getByRole("link", { name: "Open Far away" }).click();
    await step(page, "Keeping");
    await expect(page.getByText("Days and hours are those of America/New York")).toBeVisible();
    await page.getByText("One by one").click();
    // The last reading is of 23:00 in Greenwich, which is 18:00 there.
    await expect(page.getByRole("main")).toContainText("18:00");
    const said = await page.getByRole("main").innerText();
    told.push(said.replaceAll(timezoneId.replaceAll("_", " "), "here"));
    await context.close();
  }
  expect(told[0]).toBe(told[1]);
});

test("without a database every place says that nothing is kept", async ({ browser, baseURL }) => {
  const context = await browser.newContext(baseURL === undefined ? {} : { baseURL });
  await context.addInitScript(() => Object.defineProperty(window, "indexedDB", { value: undefined }));
  const page = await context.newPage();
  for (const path of ["/", "/start", "/bins", "/library", "/backup", "/h/nowhere/strata"]) {
    await page.goto(path);
    await expect(page.getByRole("alert").filter({ hasText: "keeps nothing here" }), path).toBeVisible();
  }
  await context.close();
});

// What is refused is told in the console, as it should be.
anyTest("a step that could not be read says so, keeps the work and opens when it can be", async ({ page }) => {
  await start(page);
  let isRefused = true;
  await page.route("**/_next/static/chunks/**", (route) => (isRefused ? route.abort() : route.continue()));
  await page.getByRole("navigation", { name: "Steps of the work" }).getByRole("link", { name: "Keeping" }).click();
  const broken = page.getByRole("alert").filter({ hasText: "Something broke while drawing this." });
  await expect(broken.getByRole("button", { name: "Save this habitat as a file" })).toBeVisible();
  isRefused = false;
  await broken.getByRole("button", { name: "Try again" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Keeping", exact: true })).toBeVisible();
});
