import { defineConfig } from "@playwright/test";
import { CHROMIUM_FLAGS, chromiumPath } from "./scripts/chromium";

const port = Number(process.env.PORT ?? 4173);

export default defineConfig({
  testDir: "e2e",
  timeout: 180_000,
  expect: { timeout: 20_000 },
  workers: 2,
  fullyParallel: true,
  retries: process.env.CI ? 1 : 0,
  reporter: process.env.E2E_REPORT ? [["list"], ["json", { outputFile: process.env.E2E_REPORT }]] : [["list"]],
  use: {
    baseURL: `http://localhost:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: "en-GB",
    timezoneId: "UTC",
    launchOptions: { executablePath: chromiumPath() ?? "/usr/bin/chromium", args: CHROMIUM_FLAGS },
  },
  webServer: {
    command: `${process.execPath} node_modules/next/dist/bin/next start -p ${port}`,
    port,
    timeout: 60_000,
    stdout: "ignore",
  },
});
