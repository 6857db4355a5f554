/** The import rules: the core computes, everything else shows, keeps or carries. */

/** The core from the ground up: each part may use those before it, and none after it. A new part is put in where it stands. */
const CORE = [
  "random",
  "grouped",
  "range",
  "under",
  "printable",
  "search",
  "shape",
  "units",
  "solve",
  "catalog",
  "library",
  "own",
  "habitat",
  "shell",
  "log",
  "gear",
  "light",
  "climate",
  "grown",
  "mix",
  "match",
  "strata",
  "files",
  "load",
  "scene",
  "hardscape",
  "placing",
  "living",
  "palette",
  "outlook",
  "hub",
  "supply",
  "build",
  "keeping",
  "findings",
  "derive",
  "mending",
  "compare",
  "trial",
  "restoring",
  "testing",
];
/** Libraries the core may compute with. */
const CORE_MAY_USE = [
  "minisearch",
  "zod",
  "date-fns",
  "@date-fns/tz",
  "papaparse",
  "@types/papaparse",
  "@cantoo/pdf-lib",
  "@cantoo/fontkit",
  "reselect",
  "mutative",
  "d3-random",
  "@types/d3-random",
  "ical-generator",
  "rrule",
  "jstat",
  "fflate",
  "@noble/hashes",
];

/** The rest of the application: what each part may not use. */
const OUTSIDE = {
  words: ["store", "workers", "ui", "features", "app", "demo"],
  workers: ["words", "store", "ui", "features", "app", "demo"],
  store: ["words", "ui", "features", "app", "demo"],
  ui: ["store", "workers", "features", "app", "demo"],
  demo: ["words", "store", "workers", "ui", "features", "app"],
  features: ["app"],
  app: ["core", "store", "workers", "demo"],
};

const TESTS = "\\.test\\.tsx?$";
const partsOf = (names) => `^src/core/(${names.join("|")})(/|\\.ts$)`;

const coreLayers = CORE.slice(0, -1).map((name, at) => ({
  name: `core-${name}-uses-nothing-above-it`,
  severity: "error",
  from: { path: partsOf([name]), pathNot: TESTS },
  to: { path: partsOf(CORE.slice(at + 1)) },
}));

const outside = Object.entries(OUTSIDE).map(([name, forbidden]) => ({
  name: `${name}-stays-in-its-place`,
  severity: "error",
  from: { path: `^src/${name}/`, pathNot: TESTS },
  to: { path: `^src/(${forbidden.join("|")})/` },
}));

module.exports = {
  forbidden: [
    { name: "no-circles", severity: "error", from: {}, to: { circular: true } },
    { name: "no-orphan-targets", severity: "error", from: {}, to: { couldNotResolve: true } },
    {
      name: "every-part-of-the-core-has-its-place-in-the-list",
      severity: "error",
      from: {},
      to: { path: "^src/core/", pathNot: partsOf(CORE) },
    },
    {
      name: "core-imports-only-core-and-computation",
      severity: "error",
      from: { path: "^src/core/", pathNot: `^src/core/testing/|${TESTS}` },
      to: { pathNot: `^(src/core/|node_modules/(${CORE_MAY_USE.join("|")})/)` },
    },
    ...coreLayers,
    {
      name: "only-the-library-leads-to-entries",
      severity: "error",
      from: { pathNot: `^src/core/(catalog|library)/|${TESTS}` },
      to: { path: "^src/core/catalog/(whole\\.ts|small\\.ts|chunks/|data/)" },
    },
    {
      name: "only-tests-import-what-tests-start-from",
      severity: "error",
      from: { pathNot: `^src/core/testing/|${TESTS}` },
      to: { path: partsOf(["testing"]) },
    },
    ...outside,
    {
      name: "no-feature-imports-another",
      severity: "error",
      from: { path: "^src/features/([^/]+)/" },
      to: { path: "^src/features/", pathNot: "^src/features/$1/" },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "require", "node", "default", "types"],
    },
  },
};
