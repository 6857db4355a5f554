import { capital, isWord, type Say } from "@/words";
import { valueAt } from "./path";

/**
 * The words an entry holds besides its figures, in the order they are told: where they stand, what they are called, and
 * what their values are called by. Which of them an entry has depends on its kind.
 */
const TRAITS = [
  ["kind", "kind", "kind"],
  ["group", "group", "group"],
  ["family", "family", "family"],
  ["purpose", "purpose", "purpose"],
  ["control", "control", "control"],
  ["regions", "region", "region"],
  ["climate", "climate", "climate"],
  ["climates", "climates", "climate"],
  ["soils", "soils", "soilType"],
  ["lives", "lives", "lives"],
  ["active", "active", "active"],
  ["length.measure", "measure", "measure"],
  ["temperatureC.heating", "heating", "heating"],
  ["air.movement", "air", "air"],
  ["soil.type", "soilType", "soilType"],
  ["soil.surface", "soilSurface", "moisture"],
  ["soil.deep", "soilDeep", "moisture"],
  ["drainage", "drainage", "drainage"],
  ["uv.need", "uvNeed", "uvNeed"],
  ["box.company", "company", "company"],
  ["water.kind", "water", "water"],
  ["water.salinity", "salinity", "salinity"],
  ["plants.roughness", "roughness", "roughness"],
  ["eatsCrew", "eatsCrew", "eatsCrew"],
  ["food.foods", "foods", "foods"],
  ["season.kind", "season", "season"],
  ["laying.needs", "laying", "laying"],
  ["tests", "tests", "tests"],
  ["difficulty", "difficulty", "difficulty"],
  ["places", "place", "place"],
  ["light", "light", "light"],
  ["roots", "roots", "roots"],
  ["leaf", "leaf", "leaf"],
  ["sturdy", "sturdy", "sturdy"],
  ["toxicity.mammals", "forMammals", "forMammals"],
  ["toxicity.leafEatingReptiles", "forReptiles", "forReptiles"],
  ["hazards", "hazards", "hazards"],
  ["law.cites", "cites", "cites"],
  ["law.invasiveIn", "invasiveIn", "region"],
  ["method", "method", "method"],
  ["pruning", "pruning", "pruning"],
  ["ease", "ease", "ease"],
  ["livesAt", "livesAt", "livesAt"],
  ["eats", "eats", "eats"],
  ["wants", "wants", "wants"],
  ["survivesHunting", "survivesHunting", "survivesHunting"],
  ["matter", "matter", "matter"],
  ["laid.conductivity", "conductivity", "conductivity"],
  ["swells", "swells", "swells"],
  ["peat", "peat", "peat"],
  ["wets", "wets", "wets"],
  ["wicksInto", "wicks", "wicks"],
  ["wicks", "wicks", "wicks"],
  ["soldAs", "soldAs", "soldAs"],
  ["amphibianSkin", "amphibianSkin", "amphibianSkin"],
] as const;

const YES_OR_NO = [
  ["plants.eatsLiving", "eatsLiving"],
  ["water.canDrown", "canDrown"],
  ["winterRest", "winterRest"],
  ["wantsMovingAir", "wantsMovingAir"],
  ["toxicity.skin", "skin"],
  ["proposed", "proposed"],
  ["safeToDig", "safeToDig"],
] as const;

type TraitKey = (typeof TRAITS)[number][1] | (typeof YES_OR_NO)[number][1];
export type Trait = { key: string; label: string; text: string };

/** A value of a trait in words. @example valueWord("moisture", "slightlyMoist", say) // "slightly moist" */
export const valueWord = (key: string, value: string, say: Say): string => {
  const word = key === "matter" ? `mix:matters.${value}` : `library:values.${key}.${value}`;
  return isWord(word) ? say(word) : value;
};

const YES_NO: readonly string[] = YES_OR_NO.map(([path]) => path);

/** What a field of an entry is called, and a value of it. @example wordsAt("soil.deep")?.label // "soilDeep" */
export function wordsAt(path: string): { label: TraitKey; values: string } | undefined {
  const trait = TRAITS.find(([at]) => at === path);
  if (trait) return { label: trait[1], values: trait[2] };
  const answer = YES_OR_NO.find(([at]) => at === path);
  return answer && { label: answer[1], values: "yesNo" };
}

/** A choice in words, also of yes and no. */
export const choiceWord = (path: string, value: string, say: Say): string => {
  if (YES_NO.includes(path)) return say(value === "true" ? "library:choices.yes" : "library:choices.no");
  return valueWord(wordsAt(path)?.values ?? path, value, say);
};

const labelOf = (key: TraitKey, say: Say): string => say(`library:traits.${key}`);

/** Refuges by kind, how many and where. */
function refugesOf(entry: object, say: Say): Trait[] {
  const refuges = valueAt(entry, "refuges");
  if (!Array.isArray(refuges) || refuges.length === 0) return [];
  const told = (refuges as { kind: string; count: number; where: string }[]).map(
    ({ kind, count, where }) =>
      `${count} × ${valueWord("refuge", kind, say)}${where === "anywhere" ? "" : ` ${valueWord("where", where, say)}`}`,
  );
  return [{ key: "refuges", label: say("library:traits.refuges"), text: told.join(", ") }];
}

/**
 * What an entry is, in words.
 *
 * @example traitsOf(library.get("plants", "nervePlant"), say)[0] // { key: "kind", label: "Kind", text: "leaf plant" }
 */
export function traitsOf(entry: object, say: Say): Trait[] {
  const words = TRAITS.flatMap(([path, key, values]): Trait[] => {
    const value = valueAt(entry, path);
    const all = Array.isArray(value) ? value.map(String) : typeof value === "string" ? [value] : [];
    if (all.length === 0) return [];
    return [{ key: path, label: labelOf(key, say), text: all.map((one) => valueWord(values, one, say)).join(", ") }];
  });
  const answers = YES_OR_NO.flatMap(([path, key]): Trait[] => {
    const value = valueAt(entry, path);
    return typeof value === "boolean"
      ? [{ key: path, label: labelOf(key, say), text: choiceWord(path, String(value), say) }]
      : [];
  });
  return [...words, ...refugesOf(entry, say), ...answers];
}

/** What a figure or a choice at a path is called. @example figureName("box.widthCm", say) // "Least box, width" */
export function figureName(path: string, say: Say): string {
  const trait = wordsAt(path)?.label;
  if (trait) return labelOf(trait, say);
  if (path === "refuges") return say("library:traits.refuges");
  if (path === "cautions") return say("cautions:label");
  const words = path.split(".").map((key) => `figures:${key}`);
  const [first = path, ...rest] = words.filter(isWord).map((word) => say(word));
  return [capital(first), ...rest.map((word) => word.toLocaleLowerCase())].join(", ");
}
