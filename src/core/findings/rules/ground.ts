import { rule } from "../../catalog";
import type { Command, Layer, SoilLayer } from "../../habitat";
import type { Finding, Rule } from "../types";

const LEAST_LIFT_CM = 0.5;

const isSoil = (layer: Layer): layer is SoilLayer => layer.kind === "soil";
const soils = (layers: readonly Layer[]): SoilLayer[] => layers.filter(isSoil);

/** Takes a depth off the soil at the front, from the top lift down, leaving at least a thin layer of each. */
function lowerFront(layers: readonly Layer[], byCm: number): Command[] {
  let left = byCm;
  return soils(layers).toReversed().flatMap((layer): Command[] => {
    const take = Math.min(left, layer.frontCm - LEAST_LIFT_CM);
    if (take <= 0) return [];
    left -= take;
    return [{ name: "setSoil", args: { layerId: layer.id, frontCm: layer.frontCm - take } }];
  });
}

const EASE_CM = 0.5;

/** Fill over the sill, ground above the rim. */
export const fillRules: Rule = ({ habitat, ground }) => {
  const { layers } = habitat.strata;
  const found: Finding[] = [];
  if (ground.underRimCm < 0) {
    found.push({
      code: "aboveRim", about: "ground", severity: "harm", step: "strata",
      quantities: { overCm: -ground.underRimCm, topCm: habitat.shell.heightCm - ground.underRimCm, heightCm: habitat.shell.heightCm },
    });
  }
  if (ground.underSillCm !== undefined && ground.underSillCm < 0) {
    const byCm = -ground.underSillCm + EASE_CM;
    const mendable = soils(layers).reduce((sum, layer) => sum + Math.max(0, layer.frontCm - LEAST_LIFT_CM), 0) >= byCm;
    found.push({
      code: "overSill", about: "ground", severity: "harm", step: "strata",
      quantities: { overCm: -ground.underSillCm, fillCm: ground.surface.frontCm, sillCm: habitat.shell.sillCm },
      ...(mendable ? { mend: { commands: lowerFront(layers, byCm), quantities: { byCm } } } : {}),
    });
  }
  return found;
};

/** Soil missing, too shallow for the animal, or made of nothing. */
export const soilRules: Rule = ({ habitat, ground, animal }) => {
  const { layers } = habitat.strata;
  const lifts = soils(layers);
  const first = lifts[0];
  if (!first) {
    const needCm = Math.max(animal.soilDepthCm, rule("soilDepthCm"));
    return [{
      code: "soilMissing", about: "soil", severity: "harm", step: "strata", quantities: { needCm },
      mend: {
        commands: [{ name: "addLayer", args: { layer: { id: "soil-1", kind: "soil", mixId: habitat.mixes[0]?.id ?? "mix-1", frontCm: needCm, backCm: needCm } } }],
        quantities: { needCm },
      },
    }];
  }
  const found: Finding[] = [];
  const deepestCm = Math.max(ground.soil.frontCm, ground.soil.backCm);
  if (deepestCm < animal.soilDepthCm - 0.05) {
    const addCm = animal.soilDepthCm - Math.min(ground.soil.frontCm, ground.soil.backCm);
    found.push({
      code: "soilTooShallow", about: "soil", severity: "harm", step: "strata",
      quantities: { needCm: animal.soilDepthCm, haveCm: deepestCm, animalId: animal.id },
      mend: {
        commands: [{
          name: "setSoil",
          args: { layerId: first.id, frontCm: first.frontCm + animal.soilDepthCm - ground.soil.frontCm, backCm: first.backCm + animal.soilDepthCm - ground.soil.backCm },
        }],
        quantities: { needCm: animal.soilDepthCm, addCm },
      },
    });
  }
  for (const mix of habitat.mixes) {
    if (mix.parts.length === 0) found.push({ code: "emptyMix", about: mix.id, severity: "harm", step: "mix", quantities: {} });
  }
  return found;
};
