/** Makes the pictures of docs/screenshots from the demo shelf, on a fixed day. Needs a build. */
import { existsSync, mkdirSync } from "node:fs";
import { chromium, type Page } from "@playwright/test";
import { CHROMIUM_FLAGS, chromiumPath } from "./chromium";
import { freePort, startServer } from "./prepare.mjs";

const DAY = "2026-03-02T10:00:00";
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const FOLDER = process.env.SHOTS_DIR ?? "docs/screenshots";

type Shot = { name: string; path: string; size?: typeof DESK; before?: (page: Page) => Promise<void> };

const gully = "/h/demo-lantern-gully";
const SHOTS: readonly Shot[] = [
  { name: "shelf", path: "/" },
  { name: "brief", path: `${gully}/brief` },
  { name: "shell", path: `${gully}/shell` },
  {
    name: "model",
    path: `${gully}/shell`,
    before: async (page) => {
      await page.getByRole("button", { name: "Turn it" }).click();
      await page.waitForTimeout(3000);
    },
  },
  { name: "bins", path: "/bins" },
  {
    name: "sheets",
    path: `${gully}/sheets`,
    before: async (page) => {
      await page.getByRole("radio", { name: "Cut sheets" }).click();
    },
  },
  { name: "strata", path: `${gully}/strata` },
  { name: "mix", path: `${gully}/mix` },
  { name: "planting", path: `${gully}/planting` },
  { name: "crew", path: `${gully}/crew` },
  { name: "climate", path: `${gully}/climate` },
  { name: "build", path: "/h/demo-dry-wash/build" },
  {
    name: "at-the-bench",
    path: `${gully}/bench`,
    before: async (page) => {
      const heading = page.getByRole("dialog").getByRole("heading", { level: 1 });
      await heading.waitFor();
      // The demo's build is over: back to the lift that was laid last.
      for (let n = 0; n < 40 && !/^Lay the soil/.test((await heading.textContent()) ?? ""); n++)
        await page.keyboard.press("PageUp");
    },
  },
  { name: "keeping", path: `${gully}/keeping` },
  { name: "library", path: "/library" },
  {
    name: "compare",
    path: "/compare?a=demo-twin-thin&b=demo-twin-deep",
    before: async (page) => {
      await page.getByRole("heading", { name: "What follows" }).waitFor();
    },
  },
  { name: "phone-shelf", path: "/", size: PHONE },
  {
    name: "phone-findings",
    path: `${gully}/strata`,
    size: PHONE,
    before: async (page) => {
      await page.getByRole("button", { name: /^All \d+ findings$/ }).click();
      await page.getByRole("dialog", { name: "All findings" }).waitFor();
      await page.waitForTimeout(600);
    },
  },
  {
    name: "night",
    path: "/h/demo-undercut/strata",
    before: async (page) => {
      await page.getByRole("button", { name: "Switch to night colours" }).click();
      await page.mouse.move(640, 400);
    },
  },
];

async function main(): Promise<void> {
  const executablePath = chromiumPath();
  if (!executablePath)
    throw new Error("Chromium is not here. Install Debian's package chromium, or set CHROMIUM to its path.");
  if (!existsSync(".next/BUILD_ID")) throw new Error("There is no build yet. Run: npm run build");
  const only = process.argv.slice(2);
  const port = await freePort();
  const server = await startServer(port);
  const browser = await chromium.launch({ executablePath, args: CHROMIUM_FLAGS });
  try {
    mkdirSync(FOLDER, { recursive: true });
    const context = await browser.newContext({
      viewport: DESK,
      baseURL: `http://localhost:${port}`,
      locale: "en-GB",
      timezoneId: "UTC",
    });
    const page = await context.newPage();
    page.on("pageerror", (error) => console.error(`page error: ${error.message}`));
    page.on("console", (message) => message.type() === "error" && console.error(`console: ${message.text()}`));
    await page.clock.setFixedTime(new Date(DAY));
    await page.goto("/demo");
    await page.waitForURL((url) => url.pathname === "/");
    for (const shot of SHOTS.filter(({ name }) => only.length === 0 || only.includes(name))) {
      await page.setViewportSize(shot.size ?? DESK);
      await page.goto(shot.path);
      await page.waitForLoadState("networkidle");
      await page.locator("svg").first().waitFor();
      await shot.before?.(page);
      await page.waitForTimeout(500);
      await page.screenshot({ path: `${FOLDER}/${shot.name}.png` });
      console.log(`${FOLDER}/${shot.name}.png`);
    }
  } finally {
    await browser.close();
    server.kill();
  }
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
});
