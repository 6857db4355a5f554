import { rule } from "../../catalog";
import { unsuited } from "../../mix";
import type { Assessed, Check, Found } from "../types";

/** Fill over the sill, ground above the rim. */
export const checkFill: Check = ({ habitat, ground }) => {
  const { heightCm, sillCm } = habitat.shell;
  const { underRimCm, underSillCm, highestFrontCm } = ground;
  const above: Found = {
    code: "aboveRim",
    about: "ground",
    severity: "harm",
    step: "strata",
    quantities: { overCm: -underRimCm, topCm: heightCm - underRimCm, heightCm },
  };
  const over = (byCm: number): Found => ({
    code: "overSill",
    about: "ground",
    severity: "harm",
    step: "strata",
    quantities: { overCm: byCm, fillCm: highestFrontCm, sillCm },
  });
  return [
    ...(underRimCm < 0 ? [above] : []),
    ...(underSillCm !== undefined && underSillCm < 0 ? [over(-underSillCm)] : []),
  ];
};

const HAIR_CM = 0.05;

/** Soil missing, too shallow for the animal, made of nothing, or of something that hurts it. */
export const checkSoil: Check = (assessed) => {
  const { habitat, ground, animal } = assessed;
  if (!habitat.strata.layers.some((layer) => layer.kind === "soil")) {
    const needCm = Math.max(animal.soilDepthCm, rule("soilDepthCm"));
    return [{ code: "soilMissing", about: "soil", severity: "harm", step: "strata", quantities: { needCm } }];
  }
  const quantities = { needCm: animal.soilDepthCm, haveCm: ground.deepestSoilCm, animalId: animal.id };
  const shallow: Found = { code: "soilTooShallow", about: "soil", severity: "harm", step: "strata", quantities };
  return [...(quantities.haveCm < quantities.needCm - HAIR_CM ? [shallow] : []), ...checkMixes(assessed)];
};

function checkMixes({ habitat, animal, library }: Assessed): Found[] {
  const lifts = habitat.strata.layers.filter((layer) => layer.kind === "soil");
  return habitat.mixes.flatMap((mix): Found[] => {
    if (mix.parts.length === 0)
      return [{ code: "emptyMix", about: mix.id, severity: "harm", step: "mix", quantities: {} }];
    if (!lifts.some((lift) => lift.mixId === mix.id)) return [];
    return mix.parts.flatMap(({ ingredientId }): Found[] => {
      const variant = unsuited(library.get("ingredients", ingredientId), animal);
      if (!variant) return [];
      const quantities = { ingredientId, animalId: animal.id, variant };
      return [{ code: "mixHurts", about: `${mix.id}-${ingredientId}`, severity: "harm", step: "mix", quantities }];
    });
  });
}
