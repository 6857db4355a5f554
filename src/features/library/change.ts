import {
  ANIMAL_KINDS,
  CLIMATE_CLASSES,
  CONDUCTIVITIES,
  CREW_GROUPS,
  CREW_LEVELS,
  GEAR_CONTROLS,
  GEAR_PURPOSES,
  MATTERS,
  MOISTURES,
  PEAT_ANSWERS,
  PLANT_KINDS,
  PLANT_SITES,
  REGIONS,
  ROOTS,
  SKIN_ANSWERS,
  SOIL_TYPES,
  SWELLINGS,
  WETTINGS,
} from "@/core/catalog";
import type { Caution, OwnEntry, OwnKind } from "@/core/catalog";
import { valueAt, withValueAt } from "./path";

/** A field of an entry that is chosen among words. */
type Choice = { path: string; values: readonly string[] };

const choice = (path: string, values: readonly string[]): Choice => ({ path, values });
const YES_NO = ["true", "false"];
const EASE = ["easy", "fair", "hard"];

/** What of each kind is chosen among words. */
export const CHOICES: Record<OwnKind, readonly Choice[]> = {
  ingredients: [
    choice("matter", MATTERS),
    choice("laid.conductivity", CONDUCTIVITIES),
    choice("peat", PEAT_ANSWERS),
    choice("swells", SWELLINGS),
    choice("wets", WETTINGS),
    choice("soldAs", ["bag", "bale", "gathered"]),
    choice("amphibianSkin", SKIN_ANSWERS),
    choice("safeToDig", YES_NO),
  ],
  animals: [
    choice("kind", ANIMAL_KINDS),
    choice("regions", REGIONS),
    choice("climate", CLIMATE_CLASSES),
    choice("lives", ["ground", "burrowing", "sandSwimming", "climbing", "rockCrevice", "semiAquatic", "aquatic"]),
    choice("active", ["day", "night", "dusk"]),
    choice("temperatureC.heating", ["always", "inCoolRooms", "never"]),
    choice("soil.type", SOIL_TYPES),
    choice("soil.surface", MOISTURES),
    choice("soil.deep", MOISTURES),
    choice("drainage", ["wanted", "optional", "avoided"]),
    choice("uv.need", ["needed", "beneficial", "none"]),
    choice("box.company", ["alone", "pair", "group", "colony"]),
    choice("water.kind", ["none", "drops", "bowl", "bathBowl", "pool", "twoPools", "partLand", "aquatic"]),
    choice("plants.roughness", ["gentle", "moderate", "rough", "uproots"]),
    choice("plants.eatsLiving", YES_NO),
    choice("eatsCrew", ["none", "some", "most"]),
    choice("difficulty", EASE),
  ],
  plants: [
    choice("kind", PLANT_KINDS),
    choice("form", ["rosette", "fern", "bushy", "trailing", "grass", "succulent", "moss", "palm"]),
    choice("places", PLANT_SITES),
    choice("regions", REGIONS),
    choice("light", ["low", "medium", "bright", "sun"]),
    choice("roots", ROOTS),
    choice("leaf", ["fine", "medium", "bold"]),
    choice("sturdy", ["tender", "fair", "tough"]),
    choice("toxicity.mammals", ["safe", "irritant", "toxic", "unknown"]),
    choice("toxicity.leafEatingReptiles", ["eaten", "nibbledUnharmed", "avoid", "unknown"]),
    choice("method", ["potOut", "divide", "cutting", "glue", "tie", "lay", "float", "sow"]),
    choice("pruning", ["seldom", "sometimes", "often"]),
    choice("ease", EASE),
  ],
  crew: [
    choice("group", CREW_GROUPS),
    choice("livesAt", CREW_LEVELS),
    choice("survivesHunting", ["hidden", "some", "cropped"]),
    choice("proposed", YES_NO),
  ],
  dressings: [],
  drainageMedia: [choice("wicksInto", ["none", "slightly", "readily"])],
  gear: [choice("purpose", GEAR_PURPOSES), choice("control", GEAR_CONTROLS)],
};

/** Sets one figure by its path. What was changed by hand is no longer vouched for by where the copy came from. */
export function withFigure(entry: OwnEntry, path: string, value: number): OwnEntry {
  const changed = withValueAt(entry, path, value) as OwnEntry;
  const figure = path.replace(/\.[01]$/, "");
  const unsure = entry.unsure?.filter((one) => one !== figure && !figure.startsWith(`${one}.`));
  return {
    ...changed,
    ...(unsure ? { unsure } : {}),
    fieldFrom: { ...entry.fieldFrom, [figure]: { kind: "memory" } },
  };
}

/** The choice an entry has made at a path; of several the first. */
export const chosenAt = (entry: OwnEntry, path: string): string => {
  const value = valueAt(entry, path);
  return String(Array.isArray(value) ? value[0] : value);
};

/** Makes another choice, and what must follow from it: what is not safe to dig in says so. */
export function withChoice(entry: OwnEntry, path: string, value: string): OwnEntry {
  const told = value === "true" || value === "false" ? value === "true" : value;
  const several = Array.isArray(valueAt(entry, path));
  const next = withValueAt(entry, path, several ? [told] : told) as OwnEntry;
  if (!("matter" in next)) return next;
  const cautions: Caution[] = [
    ...next.cautions.filter((code) => code !== "notToDigIn"),
    ...(next.safeToDig ? [] : (["notToDigIn"] as const)),
  ];
  return { ...next, peat: path === "matter" && value === "peat" ? "yes" : next.peat, cautions };
}

const ordered = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(ordered)
    : typeof value === "object" && value !== null
      ? Object.fromEntries(
          Object.entries(value)
            .toSorted(([a], [b]) => a.localeCompare(b))
            .map(([key, inner]) => [key, ordered(inner)]),
        )
      : value;

/** Whether two entries say the same, in whatever order. */
export const alike = (a: OwnEntry, b: OwnEntry): boolean => JSON.stringify(ordered(a)) === JSON.stringify(ordered(b));
