import { animalOf, plantOf, type Command } from "../../habitat";
import { calmSpot, lossesOf, MONTHS_AHEAD, spotOf, type FitCode, type FitReason } from "../../living";
import type { Assessed, Finding, FindingCode, Mend, Rule } from "../types";

const PLANT_FINDINGS: Partial<Record<FitCode, FindingCode>> = {
  "height.outgrows": "plantOutgrows",
  "humidity.tooDry": "plantWantsWetter",
  "feet.tooDry": "plantWantsWetter",
  "humidity.tooWet": "plantWantsDrier",
  "feet.tooWet": "plantWantsDrier",
  "roots.tooShallow": "plantRootsShallow",
  "treading.trampled": "plantTrampled",
  "grazing.harmful": "plantHarmful",
  "light.tooDim": "plantTooDim",
  "place.wrong": "plantMisplaced",
  "place.noWater": "plantMisplaced",
};

const quantitiesOf = ({ code: _code, score: _score, verdict: _verdict, ...quantities }: FitReason) => quantities;

/** What is fair only is told of these when it is a clear misfit: a plant with care is a plant. */
const ONLY_MISFITS: readonly FindingCode[] = ["plantTrampled", "plantMisplaced"];

/** Plants that do not suit the place they stand in, or the animal. One finding for each plant and cause. */
export const plantRules: Rule = ({ habitat, animal, plantFits }) =>
  habitat.plants.flatMap((stand) => {
    const found = new Map<FindingCode, Finding>();
    const plant = plantOf(habitat, stand.plantId);
    for (const reason of plantFits.get(stand.id)?.reasons ?? []) {
      const code = PLANT_FINDINGS[reason.code];
      if (!code || found.has(code) || (ONLY_MISFITS.includes(code) && reason.verdict !== "misfit")) continue;
      const band = {
        wantLowRh: plant.humidityRh.preferred[0],
        wantHighRh: plant.humidityRh.preferred[1],
        lowRh: animal.humidityRh[0],
        highRh: animal.humidityRh[1],
      };
      const usually =
        reason.code === "place.wrong" && stand.spot !== null && spotOf(plant, { spot: null }) !== stand.spot;
      found.set(code, {
        code,
        about: stand.id,
        severity: reason.verdict === "misfit" ? "harm" : "look",
        step: "planting",
        quantities: { ...band, animalId: animal.id, ...quantitiesOf(reason), plantId: stand.plantId },
        mend: usually
          ? {
              commands: [{ name: "movePlant", args: { id: stand.id, spot: null, upCm: null } }],
              quantities: { plantId: stand.plantId, edit: "move" },
            }
          : {
              commands: [{ name: "removePlants", args: { ids: [stand.id] } }],
              quantities: { plantId: stand.plantId, edit: "remove" },
            },
      });
    }
    return [...found.values()];
  });

/** Moves a plant to where it makes no trouble, or takes it out where there is no such place. */
function outOfTheWay({ habitat, ground }: Assessed, standId: string, plantId: string): Mend {
  const spot = calmSpot(habitat, ground, standId, MONTHS_AHEAD);
  const commands: Command[] = [
    spot ? { name: "movePlant", args: { id: standId, ...spot } } : { name: "removePlants", args: { ids: [standId] } },
  ];
  return { commands, quantities: { plantId, edit: spot ? "move" : "remove" } };
}

/** What a year of growing brings: plants in one place, light lovers in the shade, a front one cannot see over. One finding a plant. */
export const growthRules: Rule = (assessed) => {
  const { habitat, troubles } = assessed;
  const nameOf = (standId: string) => habitat.plants.find((stand) => stand.id === standId)?.plantId ?? "";
  const first = troubles.filter(
    (trouble, at) =>
      troubles.findIndex((other) => other.standId === trouble.standId && other.code === trouble.code) === at,
  );
  return first.map((trouble): Finding => {
    const plantId = nameOf(trouble.standId);
    const shared = {
      about: trouble.standId,
      severity: "look",
      step: "planting",
      mend: outOfTheWay(assessed, trouble.standId, plantId),
    } as const;
    switch (trouble.code) {
      case "crowds":
        return {
          ...shared,
          code: "plantsCrowd",
          quantities: { plantId, otherId: nameOf(trouble.otherId), sharePct: trouble.share * 100 },
        };
      case "shades":
        return { ...shared, code: "plantShaded", quantities: { plantId, otherId: nameOf(trouble.otherId) } };
      case "blocksView":
        return { ...shared, code: "viewBlocked", quantities: { plantId, grownCm: trouble.heightCm } };
    }
  });
};

const TAUGHT = 2;

/** A plant that died here twice is said so, before a third goes the same way. */
export const lossRules: Rule = ({ habitat }) =>
  [...new Set(habitat.plants.map((stand) => stand.plantId))].flatMap((plantId): Finding[] => {
    const count = lossesOf(habitat, plantId);
    return count < TAUGHT
      ? []
      : [
          {
            code: "plantDiesHere",
            about: plantId,
            severity: "look",
            step: "planting",
            quantities: { plantId, count, animalId: animalOf(habitat).id },
            mend: {
              commands: [
                {
                  name: "removePlants",
                  args: { ids: habitat.plants.filter((stand) => stand.plantId === plantId).map((stand) => stand.id) },
                },
              ],
              quantities: { plantId },
            },
          },
        ];
  });
