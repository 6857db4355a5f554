/** `npm test`: types, lint, import rules, unit tests, build, end-to-end tests. The last line is `N passed, N failed`. */
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensureChromium, ensurePackages, freePort, main, run } from "./prepare.mjs";

const node = process.execPath;
const bin = (path) => `node_modules/${path}`;

await main(async () => {
  ensurePackages();
  const chromium = ensureChromium();
  const port = await freePort();
  const scratch = mkdtempSync(join(tmpdir(), "rincon-test-"));
  const counts = { passed: 0, failed: 0 };

  const check = (name, args, env) => {
    console.log(`\n── ${name}`);
    const good = run(node, args, env);
    counts[good ? "passed" : "failed"] += 1;
    return good;
  };
  /** Runs a test runner that writes a JSON report, and counts what it says. */
  const suite = (name, args, report, read, env) => {
    console.log(`\n── ${name}`);
    const good = run(node, args, env);
    try {
      const { passed, failed } = read(JSON.parse(readFileSync(report, "utf8")));
      counts.passed += passed;
      counts.failed += failed + (!good && failed === 0 ? 1 : 0);
    } catch {
      counts.failed += 1;
    }
  };

  check("route types", [bin("next/dist/bin/next"), "typegen"]);
  check("types", [bin("typescript/bin/tsc"), "--noEmit"]);
  check("types of the core, without a browser", [bin("typescript/bin/tsc"), "-p", "src/core/tsconfig.json"]);
  check("lint", [bin("eslint/bin/eslint.js"), ".", "--max-warnings", "0"]);
  check("import rules", [
    bin("dependency-cruiser/bin/dependency-cruise.mjs"),
    "src",
    "--config",
    ".dependency-cruiser.cjs",
  ]);

  const unit = join(scratch, "unit.json");
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

  check("assets", ["scripts/assets.mjs"]);
  if (check("build", [bin("next/dist/bin/next"), "build"])) {
    const e2e = join(scratch, "e2e.json");
    suite(
      "end-to-end tests",
      [bin("@playwright/test/cli.js"), "test"],
      e2e,
      ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
      {
        CHROMIUM: chromium,
        PORT: String(port),
        E2E_REPORT: e2e,
      },
    );
  } else {
    counts.failed += 1;
    console.log("The end-to-end tests need a build; they did not run.");
  }

  rmSync(scratch, { recursive: true, force: true });
  console.log(`\n${counts.passed} passed, ${counts.failed} failed`);
  return counts.failed === 0 ? 0 : 1;
});
