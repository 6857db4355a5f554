import type { Stand } from "../../habitat";
import { lossesOf, spotOf, type FitCode, type FitReason, type Trouble } from "../../living";
import type { Assessed, Check, Found } from "../types";
import { humidityOf, warmthOf } from "./living";

/** What is fair only is not told: a plant with care is a plant. */
const isMisfit = (reason: FitReason): boolean => reason.verdict === "misfit";
const numberOf = (reason: FitReason, name: string): number => Number(reason[name]);

type Teller = (reason: FitReason, stand: Stand, assessed: Assessed) => Found | undefined;
const weightOf = (reason: FitReason): Found["weight"] => (isMisfit(reason) ? "harm" : "look");
const shared = (reason: FitReason, stand: Stand) =>
  ({ about: stand.id, weight: weightOf(reason), step: "planting" }) as const;

/** Too wet or too dry, in the air or at its feet: both are told by the humidity it thrives at. */
const wanting =
  (code: "plantWantsWetter" | "plantWantsDrier"): Teller =>
  (reason, stand, { animal, library }) => {
    const [wantLowRh, wantHighRh] = library.get("plants", stand.plantId).humidityRh.preferred;
    const [lowRh, highRh] = animal.humidityRh.day.preferred;
    const inAir = reason.code.startsWith("humidity.");
    // The air is told as a range: what may be a little off in part of it is no word.
    if (inAir && !isMisfit(reason)) return undefined;
    const found = inAir ? humidityOf(reason) : { lowRh, highRh, wantLowRh, wantHighRh };
    const quantities = {
      ...found,
      animalId: animal.id,
      plantId: stand.plantId,
      variant: inAir ? "air" : "roots",
    } as const;
    return { ...shared(reason, stand), code, quantities };
  };

const misplaced: Teller = (reason, stand, { library }) => {
  if (!isMisfit(reason)) return undefined;
  const { plantId } = stand;
  const spot = spotOf(library.get("plants", plantId), stand);
  return { ...shared(reason, stand), code: "plantMisplaced", quantities: { plantId, spot } };
};

const lookAt = (stand: Stand) => ({ about: stand.id, weight: "look", step: "planting" }) as const;

const wrongWarmth =
  (variant: "tooWarm" | "tooCool"): Teller =>
  (reason, stand) =>
    isMisfit(reason)
      ? {
          ...lookAt(stand),
          code: "plantWrongWarmth",
          quantities: { plantId: stand.plantId, ...warmthOf(reason), variant },
        }
      : undefined;

/** How each side of a fit that is not good is told. */
const TELLERS: Partial<Record<FitCode, Teller>> = {
  "height.outgrows": (reason, stand, { habitat }) => ({
    ...shared(reason, stand),
    code: "plantOutgrows",
    quantities: {
      plantId: stand.plantId,
      grownCm: numberOf(reason, "grownCm"),
      roomCm: numberOf(reason, "roomCm"),
      footCm: habitat.shell.heightCm - numberOf(reason, "roomCm"),
    },
  }),
  "humidity.tooDry": wanting("plantWantsWetter"),
  "feet.tooDry": wanting("plantWantsWetter"),
  "humidity.tooWet": wanting("plantWantsDrier"),
  "feet.tooWet": wanting("plantWantsDrier"),
  "roots.tooShallow": (reason, stand) => ({
    ...shared(reason, stand),
    code: "plantRootsShallow",
    quantities: { plantId: stand.plantId, rootCm: numberOf(reason, "rootCm"), soilCm: numberOf(reason, "soilCm") },
  }),
  "treading.trampled": (reason, stand, { animal }) =>
    isMisfit(reason)
      ? {
          ...shared(reason, stand),
          code: "plantTrampled",
          quantities: { plantId: stand.plantId, animalId: animal.id },
        }
      : undefined,
  "grazing.harmful": (reason, stand, { animal }) => ({
    ...shared(reason, stand),
    code: "plantHarmful",
    quantities: { plantId: stand.plantId, animalId: animal.id, variant: reason.eater as "grazed" | "nibbled" },
  }),
  // What is told of leaves as food is told of reptiles: of others nobody has looked, and that is no finding.
  "grazing.unknown": (_reason, stand, { animal }) =>
    animal.group === "reptile"
      ? {
          ...{ about: stand.id, weight: "opinion", step: "planting", code: "plantHarmful" },
          quantities: { plantId: stand.plantId, animalId: animal.id, variant: "unknown" },
        }
      : undefined,
  "light.tooDim": (reason, stand) => ({
    ...shared(reason, stand),
    code: "plantTooDim",
    quantities: {
      plantId: stand.plantId,
      ppfd: numberOf(reason, "ppfd"),
      wantLow: numberOf(reason, "wantLow"),
      wantHigh: numberOf(reason, "wantHigh"),
    },
  }),
  "temperature.tooWarm": wrongWarmth("tooWarm"),
  "temperature.tooCool": wrongWarmth("tooCool"),
  "light.tooBright": (reason, stand) =>
    isMisfit(reason)
      ? {
          ...lookAt(stand),
          code: "plantTooBright",
          quantities: {
            plantId: stand.plantId,
            ppfd: numberOf(reason, "ppfd"),
            wantLow: numberOf(reason, "wantLow"),
            wantHigh: numberOf(reason, "wantHigh"),
          },
        }
      : undefined,
  "hazard.pricks": (reason, stand, { animal }) =>
    isMisfit(reason)
      ? { ...lookAt(stand), code: "plantPricks", quantities: { plantId: stand.plantId, animalId: animal.id } }
      : undefined,
  "place.wrong": misplaced,
  "place.noWater": misplaced,
};

/** Plants that do not suit the place they stand in, or the animal. One finding for each plant and cause. */
export const checkPlants: Check = (assessed) =>
  assessed.habitat.plants.flatMap((stand) => {
    const reasons = assessed.plantFits.get(stand.id)?.reasons ?? [];
    const told = reasons.flatMap((reason) => TELLERS[reason.code]?.(reason, stand, assessed) ?? []);
    return told.filter(({ code }, at) => told.findIndex((other) => other.code === code) === at);
  });

/**
 * What a year of growing brings: plants in one place, light lovers in the shade, a front one cannot see over. One
 * finding a plant.
 */
export const checkGrowth: Check = ({ habitat, troubles }) => {
  const plantIds = new Map(habitat.plants.map((stand) => [stand.id, stand.plantId]));
  const nameOf = (standId: string) => plantIds.get(standId) ?? "";
  const seen = new Set<string>();
  const first = troubles.filter(({ code, standId }) => seen.size < seen.add(`${code} ${standId}`).size);
  return first.map((trouble): Found => grown(trouble, nameOf));
};

function grown(trouble: Trouble, nameOf: (standId: string) => string): Found {
  const told = { about: trouble.standId, weight: "opinion", step: "planting" } as const;
  const plantId = nameOf(trouble.standId);
  switch (trouble.code) {
    case "crowds": {
      const quantities = { plantId, otherId: nameOf(trouble.otherId), sharePct: trouble.share * 100 };
      return { ...told, code: "plantsCrowd", quantities };
    }
    case "shades":
      return { ...told, code: "plantShaded", quantities: { plantId, otherId: nameOf(trouble.otherId) } };
    case "blocksView":
      return { ...told, code: "viewBlocked", quantities: { plantId, grownCm: trouble.heightCm } };
  }
}

const TAUGHT = 2;

/** A plant that died here twice is said so, before a third goes the same way. */
export const checkLosses: Check = ({ habitat, animal, log }) =>
  [...new Set(habitat.plants.map((stand) => stand.plantId))].flatMap((plantId): Found[] => {
    const count = lossesOf(log.state, plantId);
    if (count < TAUGHT) return [];
    const quantities = { plantId, count, animalId: animal.id };
    return [{ code: "plantDiesHere", about: plantId, weight: "look", step: "planting", quantities }];
  });

/** A box that is to be planted, and has no plant. */
export const checkPlanted: Check = ({ habitat, animal }) =>
  habitat.plants.length > 0 || habitat.brief.living === "plain"
    ? []
    : [
        {
          code: "plantsMissing",
          about: "plants",
          weight: "opinion",
          step: "planting",
          quantities: { animalId: animal.id },
        },
      ];
