import { readFile } from "node:fs/promises";
import type { Page } from "@playwright/test";
import { BlobReader, TextWriter, ZipReader, type FileEntry } from "@zip.js/zip.js";
import { demo, expect, kept, ledger, start, step, test } from "./support";

/** All that is kept in the browser: every row of every table but for counters of revisions. */
const keptIn = (page: Page): Promise<Record<string, unknown[]>> =>
  page.evaluate(async () => {
    const database = await new Promise<IDBDatabase>((resolve, reject) => {
      const asked = indexedDB.open("rincon");
      asked.onsuccess = () => resolve(asked.result);
      asked.onerror = () => reject(new Error("no database"));
    });
    const rowsOf = (table: string) =>
      new Promise<unknown[]>((resolve, reject) => {
        const asked = database.transaction(table).objectStore(table).getAll();
        asked.onsuccess = () => resolve(asked.result as unknown[]);
        asked.onerror = () => reject(new Error(table));
      });
    const counters = ["rev", "logRev", "updatedAt"];
    const plain = (row: unknown): unknown =>
      JSON.parse(
        JSON.stringify(row, (key, value: unknown) =>
          counters.includes(key) ? undefined : ArrayBuffer.isView(value) ? Array.from(value as Uint8Array) : value,
        ),
      );
    const tables = [...database.objectStoreNames].filter((table) => table !== "results");
    const all = await Promise.all(tables.map(async (table) => [table, (await rowsOf(table)).map(plain)] as const));
    database.close();
    return Object.fromEntries(all);
  });

async function wipe(page: Page): Promise<void> {
  const { origin } = new URL(page.url());
  await page.goto("about:blank");
  const browser = await page.context().newCDPSession(page);
  await browser.send("Storage.clearDataForOrigin", { origin, storageTypes: "all" });
}

/** Opens the page and waits until it has counted what is kept, and so listens. */
async function opened(page: Page): Promise<void> {
  await page.goto("/backup");
  await expect(page.getByRole("region", { name: "Make a backup" })).toContainText(/\d habitats? with/);
}

async function backUp(page: Page): Promise<Buffer> {
  await opened(page);
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save everything as one file" }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/^rincon-\d{4}-\d\d-\d\d\.zip$/);
  await expect(page.getByRole("region", { name: "Make a backup" })).toContainText("Nothing was written since.");
  return readFile(await download.path());
}

const open = async (page: Page, buffer: Buffer) => {
  await opened(page);
  await page.getByLabel("Open a backup").setInputFiles({ name: "all.zip", mimeType: "application/zip", buffer });
  return page.getByRole("region", { name: "Restore" });
};

const pebbles = (page: Page) =>
  page.getByRole("listitem").filter({ hasText: "Clay pebbles" }).getByRole("textbox").first();

/** Deepens the drainage by typing. */
async function deepen(page: Page): Promise<void> {
  await step(page, "Strata");
  await pebbles(page).fill("9");
  await pebbles(page).press("Enter");
}

test("backup, wipe, restore: every row is back as it was, photographs, bins and choices with them", async ({
  page,
}) => {
  await demo(page);
  await page.goto("/h/demo-lantern-gully/keeping");
  await ledger(page).getByRole("button", { name: "Note", exact: true }).click();
  await ledger(page).getByLabel("A note; #words become tags").fill("Moss over the whole bank");
  await ledger(page).getByLabel("Add photos").setInputFiles("docs/screenshots/shelf.png");
  await expect(ledger(page).getByRole("img", { name: /^Photo of/ })).toBeVisible();
  await ledger(page).getByRole("button", { name: "Write it down" }).click();
  await expect(page.getByText("Moss over the whole bank").first()).toBeVisible();
  await page.getByRole("button", { name: /^Units: metric/ }).click();
  const before = await keptIn(page);
  expect(before.photos).toHaveLength(1);
  const zip = await backUp(page);

  // Another reader of archives finds the same in it.
  const entries = (await new ZipReader(new BlobReader(new Blob([new Uint8Array(zip)]))).getEntries()) as FileEntry[];
  const names = entries.map(({ filename }) => filename);
  expect(names.filter((name) => name.startsWith("habitats/"))).toHaveLength(7);
  expect(names.filter((name) => name.startsWith("photos/"))).toHaveLength(1);
  const gully = entries.find(({ filename }) => filename.endsWith("lantern-gully.rincon.json"));
  const text = (await gully?.getData(new TextWriter(), { checkSignature: true })) ?? "";
  expect((JSON.parse(text) as { design: { name: string } }).design.name).toBe("Lantern Gully");

  await wipe(page);
  await page.goto("/");
  await page.getByRole("link", { name: "Restore a backup" }).click();
  const taking = await open(page, zip);
  await expect(taking.getByRole("listitem")).toHaveCount(8);
  await expect(taking.getByRole("listitem").filter({ hasText: "Lantern Gully" })).toContainText("not here now");
  await taking.getByRole("radio", { name: "Replace all" }).click();
  await taking.getByRole("button", { name: "Replace all with the backup" }).click();
  await expect(taking).toContainText("Restored, all of it.");
  await taking.getByRole("link", { name: "To the Shelf" }).click();
  await expect(page.getByRole("article")).toHaveCount(7);
  await expect(page.getByRole("button", { name: /^Units: US/ })).toBeVisible();
  expect(await keptIn(page)).toEqual(before);
});

test("adding what is missing leaves what stands here; a broken archive and a stranger's are refused by name", async ({
  page,
}) => {
  await start(page, { name: "Fernwall" });
  await kept(page);
  const address = page.url();
  const zip = await backUp(page);
  await page.goto(address);
  await deepen(page);
  await kept(page);
  await start(page, { name: "Mosspool" });
  await kept(page);

  let taking = await open(page, zip);
  await expect(taking.getByRole("listitem").filter({ hasText: "Fernwall" })).toContainText("here, not the same");
  await taking.getByRole("button", { name: "Add it" }).click();
  await taking.getByRole("link", { name: "To the Shelf" }).click();
  await expect(page.getByRole("article")).toHaveCount(2);
  await page.goto(address);
  await step(page, "Strata");
  await expect(pebbles(page)).toHaveValue(/^9/);

  taking = await open(page, zip);
  await taking.getByRole("radio", { name: "Replace all" }).click();
  await expect(taking).toContainText("1 habitat that is here only goes away.");
  await taking.getByRole("button", { name: "Replace all with the backup" }).click();
  await taking.getByRole("link", { name: "To the Shelf" }).click();
  await expect(page.getByRole("article")).toHaveCount(1);
  await page.goto(address);
  await step(page, "Strata");
  await expect(pebbles(page)).not.toHaveValue(/^9/);

  const broken = Buffer.from(zip);
  // Into the first file, past its header.
  broken.writeUInt32LE(0xdeadbeef, 400);
  taking = await open(page, broken);
  // What is damaged is named, and stays out; the rest could come in.
  await expect(taking).toContainText("“habitats/1-fernwall.rincon.json” does not agree with its checksum.");
  await taking.getByRole("button", { name: "Leave it" }).click();
  taking = await open(page, Buffer.from("PK no such thing"));
  await expect(taking.getByRole("alert")).toContainText("does not read as a ZIP archive");
});

test("a storage that is full is said where one works, and the work is still there", async ({ page }) => {
  await start(page, { name: "Fernwall" });
  await kept(page);
  await page.evaluate(() => {
    const refuse = function (): never {
      throw new DOMException("no room", "QuotaExceededError");
    };
    Object.assign(IDBObjectStore.prototype, { put: refuse, add: refuse });
  });
  await deepen(page);
  await expect(page.getByRole("alert").filter({ hasText: "The storage of this device is full" })).toBeVisible();
  await expect(page.getByRole("status").filter({ hasText: "Not kept on this device" })).toBeVisible();
  await page.reload();
  await expect(pebbles(page)).toHaveValue(/^9/);
});
