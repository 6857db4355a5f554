import { AnimalSchema, CrewSchema, GearSchema, MATTERS, PERCOLATIONS, PlantSchema } from "@/core/catalog";
import type { Caution, OwnEntry, OwnKind } from "@/core/catalog";

type Choice = {
  key:
    | "kind"
    | "group"
    | "region"
    | "climate"
    | "habit"
    | "activity"
    | "company"
    | "difficulty"
    | "water"
    | "eatsCrew"
    | "roughOnPlants"
    | "drainage"
    | "place"
    | "form"
    | "light"
    | "feet"
    | "leaf"
    | "sturdy"
    | "eaten"
    | "method"
    | "pruning"
    | "ease"
    | "survivesHunting"
    | "matter"
    | "percolation"
    | "soldAs"
    | "amphibianSkin"
    | "safeToDig"
    | "roomTemperature"
    | "purpose"
    | "control";
  values: readonly string[];
};

const yesNo = ["true", "false"];
const [animal, plant, crew] = [AnimalSchema.shape, PlantSchema.shape, CrewSchema.shape];

/** What of each kind is chosen among words. */
export const CHOICES: Record<OwnKind, readonly Choice[]> = {
  ingredients: [
    { key: "matter", values: MATTERS },
    { key: "percolation", values: PERCOLATIONS },
    { key: "soldAs", values: ["bag", "bale", "gathered"] },
    { key: "amphibianSkin", values: ["fine", "little", "never"] },
    { key: "safeToDig", values: yesNo },
  ],
  animals: [
    ...(
      [
        "kind",
        "region",
        "climate",
        "habit",
        "activity",
        "company",
        "difficulty",
        "water",
        "eatsCrew",
        "roughOnPlants",
        "drainage",
      ] as const
    ).map((key) => ({ key, values: animal[key].options })),
    { key: "roomTemperature", values: yesNo },
  ],
  plants: (
    [
      "kind",
      "form",
      "place",
      "region",
      "light",
      "feet",
      "leaf",
      "sturdy",
      "eaten",
      "method",
      "pruning",
      "ease",
    ] as const
  ).map((key) => ({ key, values: plant[key].options })),
  crew: (["group", "survivesHunting"] as const).map((key) => ({ key, values: crew[key].options })),
  dressings: [],
  drainageMedia: [],
  gear: (["purpose", "control"] as const).map((key) => ({ key, values: GearSchema.shape[key].options })),
};

function replaced(item: unknown, [first = "", ...rest]: readonly string[], value: number): unknown {
  const next = (inner: unknown): unknown => (rest.length === 0 ? value : replaced(inner, rest, value));
  if (Array.isArray(item)) return item.map((one: unknown, at) => (String(at) === first ? next(one) : one));
  const plain = item as Record<string, unknown>;
  return { ...plain, [first]: next(plain[first]) };
}

/** Sets one figure by its path. What was changed by hand is no longer vouched for by where the copy came from. */
export function withFigure(entry: OwnEntry, path: string, value: number): OwnEntry {
  const changed = replaced(entry, path.split("."), value) as OwnEntry;
  return { ...changed, fieldFrom: { ...entry.fieldFrom, [path.split(".")[0] ?? path]: { kind: "memory" } } };
}

/** Makes another choice, and what must follow from it: peat is a matter, and what is not safe to dig in says so. */
export function withChoice(entry: OwnEntry, key: Choice["key"], value: string): OwnEntry {
  const told = value === "true" || value === "false" ? value === "true" : value;
  const next = { ...entry, [key]: told };
  if (!("matter" in next)) return next;
  const cautions: Caution[] = [
    ...next.cautions.filter((code) => code !== "notToDigIn"),
    ...(next.safeToDig ? [] : (["notToDigIn"] as const)),
  ];
  return { ...next, peat: next.matter === "peat", cautions };
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
