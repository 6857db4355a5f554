/** The import rules: the core computes, everything else shows, keeps or carries. */
const coreMayUse = "^(src/core/|node_modules/(zod|date-fns|papaparse|@types/papaparse|pdf-lib)/)";
const below = (name, folder, ...forbidden) => ({
  name,
  severity: "error",
  from: { path: `^src/core/${folder}/`, pathNot: "\\.test\\.ts$" },
  to: { path: `^src/core/(${forbidden.join("|")})/` },
});

module.exports = {
  forbidden: [
    { name: "no-circles", severity: "error", from: {}, to: { circular: true } },
    { name: "no-orphan-targets", severity: "error", from: {}, to: { couldNotResolve: true } },
    {
      name: "core-imports-only-core-and-computation",
      severity: "error",
      from: { path: "^src/core/", pathNot: "\\.test\\.ts$" },
      to: { pathNot: coreMayUse },
    },
    below("shape-knows-nobody", "shape", "units", "catalog", "habitat", "strata", "mix", "shell", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("shell-knows-habitat-and-below", "shell", "strata", "mix", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("units-know-nobody", "units", "catalog", "habitat", "strata", "mix", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("catalog-knows-only-units", "catalog", "habitat", "strata", "mix", "match", "own", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("habitat-knows-catalog-and-units", "habitat", "strata", "mix", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("strata-knows-mix-and-below", "strata", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("mix-knows-no-strata", "mix", "strata", "match", "own", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("solve-knows-nobody", "solve", "units", "catalog", "habitat", "shell", "strata", "mix", "load", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("match-knows-mix-and-solve", "match", "strata", "load", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("own-knows-the-catalogue", "own", "habitat", "strata", "mix", "match", "load", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("load-knows-strata-and-below", "load", "supply", "living", "climate", "build", "keeping", "findings", "files"),
    below("climate-knows-no-mix", "climate", "mix", "supply", "build", "keeping", "findings", "files"),
    below("living-stands-under-findings", "living", "supply", "build", "keeping", "findings", "files"),
    {
      name: "store-workers-and-words-use-core",
      severity: "error",
      from: { path: "^src/(store|workers|words)/" },
      to: { path: "^src/(ui|features|app|demo)/" },
    },
    { name: "ui-uses-core-and-words", severity: "error", from: { path: "^src/ui/" }, to: { path: "^src/(features|app|store|workers|demo)/" } },
    { name: "demo-uses-core-and-words", severity: "error", from: { path: "^src/demo/" }, to: { path: "^src/(features|app|ui|store|workers)/" } },
    {
      name: "no-feature-imports-another",
      severity: "error",
      from: { path: "^src/features/([^/]+)/" },
      to: { path: "^src/features/", pathNot: "^src/features/$1/" },
    },
    { name: "features-do-not-import-app", severity: "error", from: { path: "^src/features/" }, to: { path: "^src/app/" } },
    { name: "app-mounts-features", severity: "error", from: { path: "^src/app/" }, to: { path: "^src/(core|store|workers|demo)/" } },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: { exportsFields: ["exports"], conditionNames: ["import", "require", "node", "default", "types"] },
  },
};
