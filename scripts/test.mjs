/**
 * `npm test`: what the code says of itself, unit tests, build, end-to-end tests. Two lanes side by side, as two cores
 * allow: reading the code in one, running it in the other. Tells how long each part took; the last line is
 * `N passed, N failed`.
 */
import { spawn } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensureChromium, ensurePackages, freePort, main } from "./prepare.mjs";

const bin = (path) => `node_modules/${path}`;
/** What was read before and did not change since is not read again. */
const CACHE = "node_modules/.cache";
/** How long each part took, seconds, in the order they ended. */
const took = [];

/** Runs a command; its output is shown when it is done, so that the lanes do not talk across one another. */
function told(name, args, env = {}) {
  return new Promise((resolve) => {
    const from = Date.now();
    const job = spawn(process.execPath, args, { env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env } });
    const output = [];
    job.stdout.on("data", (piece) => output.push(piece));
    job.stderr.on("data", (piece) => output.push(piece));
    job.on("close", (code) => {
      const seconds = Math.round((Date.now() - from) / 1000);
      took.push([name, seconds]);
      console.log(
        `\n── ${name}, ${seconds} s${code === 0 ? "" : ": FAILED"}\n${Buffer.concat(output).toString("utf8").trimEnd()}`,
      );
      resolve(code === 0);
    });
  });
}

await main(async () => {
  ensurePackages();
  const chromium = ensureChromium();
  const port = await freePort();
  const scratch = mkdtempSync(join(tmpdir(), "rincon-test-"));
  const counts = { passed: 0, failed: 0 };

  const check = async (name, args, env) => {
    const good = await told(name, args, env);
    counts[good ? "passed" : "failed"] += 1;
    return good;
  };
  /** Runs a test runner that writes a JSON report, and counts what it says. */
  const suite = async (name, args, report, read, env) => {
    const good = await told(name, args, env);
    try {
      const { passed, failed } = read(JSON.parse(readFileSync(report, "utf8")));
      counts.passed += passed;
      counts.failed += failed + (!good && failed === 0 ? 1 : 0);
    } catch {
      counts.failed += 1;
    }
  };

  const readTheCode = async () => {
    await check("types", [bin("typescript/bin/tsc"), "--noEmit"]);
    await check("types of the core, without a browser", [bin("typescript/bin/tsc"), "-p", "src/core/tsconfig.json"]);
    await check("layout", [bin("prettier/bin/prettier.cjs"), ...["--check", "--log-level", "warn", "--cache", "."]]);
    await check("import rules", [
      bin("dependency-cruiser/bin/dependency-cruise.mjs"),
      "src",
      "--config",
      ".dependency-cruiser.cjs",
    ]);
    await check("unused exports", [bin("knip/bin/knip.js")]);
    await check("unused words", ["scripts/words.mjs"]);
    await check("lint", [
      bin("eslint/bin/eslint.js"),
      ...[".", "--max-warnings", "0", "--cache", "--cache-location", `${CACHE}/eslint/`, "--cache-strategy", "content"],
    ]);
  };

  const unit = join(scratch, "unit.json");
  const unitTests = () =>
    suite(
      "unit tests",
      [bin("vitest/vitest.mjs"), "run", "--reporter=default", "--reporter=json", `--outputFile.json=${unit}`],
      unit,
      (report) => ({
        passed: report.numPassedTests,
        failed:
          report.numFailedTests +
          report.testResults.filter((file) => file.status === "failed" && file.assertionResults.length === 0).length,
      }),
    );

  const endToEnd = async () => {
    await check("assets", ["scripts/assets.mjs"]);
    // The types are read in the other lane.
    if (!(await check("build", [bin("next/dist/bin/next"), "build"], { TYPES_CHECKED: "1" }))) {
      counts.failed += 1;
      console.log("The end-to-end tests need a build; they did not run.");
      return;
    }
    await check(
      "weight of pages",
      [bin("tsx/dist/cli.mjs"), "scripts/weight.ts", "/", "/h/demo-lantern-gully/strata"],
      {
        CHROMIUM: chromium,
      },
    );
    const e2e = join(scratch, "e2e.json");
    await suite(
      "end-to-end tests",
      [bin("@playwright/test/cli.js"), "test"],
      e2e,
      ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
      { CHROMIUM: chromium, PORT: String(port), E2E_REPORT: e2e },
    );
  };

  await check("route types", [bin("next/dist/bin/next"), "typegen"]);
  await Promise.all([readTheCode().then(unitTests), endToEnd()]);

  rmSync(scratch, { recursive: true, force: true });
  console.log(`\n── took: ${took.map(([name, seconds]) => `${name} ${seconds} s`).join(", ")}`);
  console.log(`\n${counts.passed} passed, ${counts.failed} failed`);
  return counts.failed === 0 ? 0 : 1;
});
