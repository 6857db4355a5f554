import type { Assessed, Found } from "../types";

/** Standing water in a box that leaks or swells with it. */
export function leaks({ habitat, library }: Assessed): Found[] {
  const { shell, strata } = habitat;
  const vessel = strata.layers.some((layer) => layer.kind === "drainage" || layer.kind === "falseBottom");
  if (strata.waterLineCm <= 0 || !vessel || library.get("boxBuilds", shell.buildId).holdsWater) return [];
  const quantities = { buildId: shell.buildId, lineCm: strata.waterLineCm };
  return [{ code: "boxLeaks", about: "water", weight: "harm", step: "shell", quantities }];
}
