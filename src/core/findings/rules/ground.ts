import { rule } from "../../catalog";
import { ingredientsOf, OVER_ALL, type Command, type Layer, type SoilLayer } from "../../habitat";
import { unsuited } from "../../mix";
import type { Ground } from "../../strata";
import type { Finding, Rule } from "../types";

const LEAST_LIFT_CM = 0.5;

const isSoil = (layer: Layer): layer is SoilLayer => layer.kind === "soil";
const soils = (layers: readonly Layer[]): SoilLayer[] => layers.filter(isSoil);

/** Takes a depth off the soil at the front, from the top lift down, leaving at least a thin layer of each. */
function lowerFront(layers: readonly Layer[], byCm: number): Command[] {
  let left = byCm;
  return soils(layers)
    .toReversed()
    .flatMap((layer): Command[] => {
      const { frontLeftCm, frontRightCm } = layer.corners;
      const take = Math.min(left, Math.min(frontLeftCm, frontRightCm) - LEAST_LIFT_CM);
      if (take <= 0) return [];
      left -= take;
      return [
        {
          name: "setCorners",
          args: { layerId: layer.id, frontLeftCm: frontLeftCm - take, frontRightCm: frontRightCm - take },
        },
      ];
    });
}

const EASE_CM = 0.5;

/** Fill over the sill, ground above the rim. */
export const fillRules: Rule = ({ habitat, ground }) => {
  const { layers } = habitat.strata;
  const found: Finding[] = [];
  if (ground.underRimCm < 0) {
    found.push({
      code: "aboveRim",
      about: "ground",
      severity: "harm",
      step: "strata",
      quantities: {
        overCm: -ground.underRimCm,
        topCm: habitat.shell.heightCm - ground.underRimCm,
        heightCm: habitat.shell.heightCm,
      },
    });
  }
  if (ground.underSillCm !== undefined && ground.underSillCm < 0) {
    const byCm = -ground.underSillCm + EASE_CM;
    const mendable =
      soils(layers).reduce(
        (sum, layer) =>
          sum + Math.max(0, Math.min(layer.corners.frontLeftCm, layer.corners.frontRightCm) - LEAST_LIFT_CM),
        0,
      ) >= byCm && soils(layers).every((layer) => layer.over === OVER_ALL);
    found.push({
      code: "overSill",
      about: "ground",
      severity: "harm",
      step: "strata",
      quantities: { overCm: -ground.underSillCm, fillCm: ground.highestFrontCm, sillCm: habitat.shell.sillCm },
      ...(mendable ? { mend: { commands: lowerFront(layers, byCm), quantities: { byCm } } } : {}),
    });
  }
  return found;
};

/** The lift that lies over most of the floor: the one to deepen. */
const widest = (lifts: readonly SoilLayer[], ground: Ground): SoilLayer | undefined => {
  const areaOf = (lift: SoilLayer) => ground.levels.find((level) => level.layerId === lift.id)?.areaCm2 ?? 0;
  return lifts.toSorted((a, b) => areaOf(b) - areaOf(a))[0];
};

/** Soil missing, too shallow for the animal, made of nothing, or of something that hurts it. */
export const soilRules: Rule = ({ habitat, ground, animal }) => {
  const { layers } = habitat.strata;
  const lifts = soils(layers);
  const first = widest(lifts, ground);
  if (!first) {
    const needCm = Math.max(animal.soilDepthCm, rule("soilDepthCm"));
    return [
      {
        code: "soilMissing",
        about: "soil",
        severity: "harm",
        step: "strata",
        quantities: { needCm },
        mend: {
          commands: [
            {
              name: "addLayer",
              args: {
                layer: {
                  id: "soil-1",
                  kind: "soil",
                  mixId: habitat.mixes[0]?.id ?? "mix-1",
                  frontCm: needCm,
                  backCm: needCm,
                },
              },
            },
          ],
          quantities: { needCm },
        },
      },
    ];
  }
  const found: Finding[] = [];
  const deepestCm = ground.deepestSoilCm;
  if (deepestCm < animal.soilDepthCm - 0.05) {
    const raised = (cm: number) => Math.max(cm, animal.soilDepthCm);
    const { frontLeftCm, frontRightCm, backLeftCm, backRightCm } = first.corners;
    found.push({
      code: "soilTooShallow",
      about: "soil",
      severity: "harm",
      step: "strata",
      quantities: { needCm: animal.soilDepthCm, haveCm: deepestCm, animalId: animal.id },
      mend: {
        commands: [
          {
            name: "setCorners",
            args: {
              layerId: first.id,
              frontLeftCm: raised(frontLeftCm),
              frontRightCm: raised(frontRightCm),
              backLeftCm: raised(backLeftCm),
              backRightCm: raised(backRightCm),
            },
          },
        ],
        quantities: { needCm: animal.soilDepthCm },
      },
    });
  }
  for (const mix of habitat.mixes) {
    if (mix.parts.length === 0)
      found.push({ code: "emptyMix", about: mix.id, severity: "harm", step: "mix", quantities: {} });
    if (!lifts.some((lift) => lift.mixId === mix.id)) continue;
    for (const { ingredientId } of mix.parts) {
      const cause = unsuited(ingredientsOf(habitat)(ingredientId), animal);
      if (!cause) continue;
      found.push({
        code: "mixHurts",
        about: `${mix.id}-${ingredientId}`,
        severity: "harm",
        step: "mix",
        quantities: { ingredientId, animalId: animal.id, cause },
        mend: {
          commands: [{ name: "removePart", args: { mixId: mix.id, ingredientId } }],
          quantities: { ingredientId },
        },
      });
    }
  }
  return found;
};
