import { rule, type Animal, type Ingredient } from "../../catalog";
import type { LayerKind, Mix } from "../../habitat";
import type { Library } from "../../library";
import { HEADS_FOR_LIME_PCT, mixTarget, SEALS_FROM_PCT, unsuited, type Blend } from "../../mix";
import { bounds } from "../../shape";
import { mixtureOf, soilReachedCm, type Ground } from "../../strata";
import { printsOver } from "../../units";
import type { Assessed, Check, Found } from "../types";

/** How high each kind of layer stands at the front glass, in its middle, cm. */
function atFront({ terrain }: Ground): Record<"drainageCm" | "soilCm" | "dressCm", number> {
  const { left, right, front } = bounds(terrain.outline);
  const column = terrain.columnAt((left + right) / 2, front);
  const high = (...kinds: readonly LayerKind[]): number =>
    column.reduce(
      (sum, { patch, topCm, bottomCm }) => sum + (kinds.includes(patch.layer.kind) ? topCm - bottomCm : 0),
      0,
    );
  return { drainageCm: high("drainage", "falseBottom"), soilCm: high("soil"), dressCm: high("dressing") };
}

/** Fill over the sill, ground above the rim. */
export const checkFill: Check = ({ habitat, ground }) => {
  const { heightCm, sillCm } = habitat.shell;
  const { underRimCm, underSillCm, highestFrontCm } = ground;
  const above: Found = {
    code: "aboveRim",
    about: "ground",
    weight: "harm",
    step: "strata",
    quantities: { overCm: -underRimCm, topCm: heightCm - underRimCm, heightCm, soilCm: ground.deepestSoilCm },
  };
  const over = (byCm: number): Found => ({
    code: "overSill",
    about: "ground",
    weight: "harm",
    step: "strata",
    quantities: { overCm: byCm, fillCm: highestFrontCm, sillCm, ...atFront(ground) },
  });
  return [
    ...(printsOver("length", heightCm - underRimCm, heightCm) ? [above] : []),
    ...(underSillCm !== undefined && printsOver("length", highestFrontCm, sillCm) ? [over(-underSillCm)] : []),
  ];
};

const HAIR_CM = 0.05;
/** Deep enough over so much of the floor is deep enough: it digs where it is deep. Rincon's own. */
export const DEEP_SHARE = 1 / 3;

/** A tube or a column filled with soil is dug in too. */
const deepestFilledCm = ({ ground }: Assessed): number =>
  Math.max(0, ...ground.solids.filter(({ fillL }) => fillL > 0).map(({ topCm, baseCm }) => topCm - baseCm));

/** Soil missing, too shallow for the animal, made of nothing, or of something that hurts it. */
export const checkSoil: Check = (assessed) => {
  const { habitat, ground, animal } = assessed;
  const { type, leastDepthCm } = animal.soil;
  if (type === "none") return checkMixes(assessed);
  if (!habitat.strata.layers.some((layer) => layer.kind === "soil")) {
    const needCm = Math.max(leastDepthCm, rule("soilDepthCm"));
    return [{ code: "soilMissing", about: "soil", weight: "look", step: "strata", quantities: { needCm } }];
  }
  const haveCm = Math.max(soilReachedCm(ground, DEEP_SHARE), deepestFilledCm(assessed));
  const quantities = { needCm: leastDepthCm, haveCm, animalId: animal.id };
  const shallow: Found = { code: "soilTooShallow", about: "soil", weight: "harm", step: "strata", quantities };
  return [...(quantities.haveCm < quantities.needCm - HAIR_CM ? [shallow] : []), ...checkMixes(assessed)];
};

function checkMixes({ habitat, animal, library }: Assessed): Found[] {
  const lifts = habitat.strata.layers.filter((layer) => layer.kind === "soil");
  return habitat.mixes.flatMap((mix, at): Found[] => {
    if (mix.parts.length === 0)
      return [{ code: "emptyMix", about: mix.id, weight: "look", step: "mix", quantities: { nth: at + 1 } }];
    if (!lifts.some((lift) => lift.mixId === mix.id)) return [];
    const mixture = mixtureOf({ mixes: [mix] }, mix.id, library);
    return [...(mixture ? checkChemistry(mix, mixture, animal, library) : []), ...checkParts(mix, animal, library)];
  });
}

/** Lime that brings a mix to its own pH where the animal's ground is to be sour, and clay that seals it. */
export function checkChemistry({ id: mixId, parts }: Mix, mixture: Blend, animal: Animal, library: Library): Found[] {
  const { freeLimePct, swellingPct, pH } = mixture;
  /** The part that brings most of something. */
  const most = (bringsPct: (one: Ingredient) => number): string =>
    parts.reduce<{ id: string; brings: number }>(
      (worst, part) => {
        const one = library.get("ingredients", part.ingredientId);
        const brings = part.parts * one.pouredKgPerL * bringsPct(one);
        return brings > worst.brings ? { id: one.id, brings } : worst;
      },
      { id: parts[0]?.ingredientId ?? "", brings: 0 },
    ).id;
  const mostPh = mixTarget(animal, false).acid?.[1] ?? Infinity;
  const limed: Found = {
    code: "mixLimed",
    about: mixId,
    weight: "look",
    step: "mix",
    quantities: {
      ingredientId: most((one) => one.freeLimePct),
      freeLimePct,
      pH: pH.toFixed(1),
      mostPh: mostPh.toFixed(1),
      animalId: animal.id,
    },
  };
  const sealing = { ingredientId: most((one) => (one.swells === "strongly" ? 1 : 0)), swellingPct };
  const sealed: Found = { code: "mixSeals", about: mixId, weight: "look", step: "mix", quantities: sealing };
  return [
    ...(freeLimePct >= HEADS_FOR_LIME_PCT && pH > mostPh ? [limed] : []),
    ...(swellingPct >= SEALS_FROM_PCT ? [sealed] : []),
  ];
}

/** Parts that hurt the animal that lives on them. */
function checkParts(mix: Mix, animal: Animal, library: Library): Found[] {
  return mix.parts.flatMap(({ ingredientId }): Found[] => {
    const variant = unsuited(library.get("ingredients", ingredientId), animal);
    if (!variant) return [];
    const quantities = { ingredientId, animalId: animal.id, variant };
    return [{ code: "mixHurts", about: `${mix.id}-${ingredientId}`, weight: "harm", step: "mix", quantities }];
  });
}
