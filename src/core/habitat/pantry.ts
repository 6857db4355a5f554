import { entry, findEntry, type Animal, type Crew, type Ingredient, type Plant } from "../catalog";
import type { Habitat } from "./schema";

type Own = Pick<Habitat, "own">;
type Carried = {
  ingredients: ReadonlyMap<string, Ingredient>;
  animals: ReadonlyMap<string, Animal>;
  plants: ReadonlyMap<string, Plant>;
  crew: ReadonlyMap<string, Crew>;
};

const byId = <T extends { id: string }>(entries: readonly T[]): ReadonlyMap<string, T> =>
  new Map(entries.map((item) => [item.id, item]));
const looked = new WeakMap<Habitat["own"], Carried>();

function carriedBy({ own }: Own): Carried {
  const before = looked.get(own);
  if (before) return before;
  const carried: Carried = {
    ingredients: byId(own.ingredients),
    animals: byId(own.animals),
    plants: byId(own.plants),
    crew: byId(own.crew),
  };
  looked.set(own, carried);
  return carried;
}

/**
 * Where a habitat's ingredients are looked up: those it carries itself, then the catalogue.
 *
 * @returns a lookup that throws a RangeError for what is in neither
 * @example ingredientsOf(habitat)("coir").matter // "coir"
 */
export const ingredientsOf =
  (habitat: Own) =>
  (id: string): Ingredient =>
    carriedBy(habitat).ingredients.get(id) ?? entry("ingredients", id);

/** Looks an animal up, the habitat's own first. @throws RangeError for what is in neither @example animalNamed(habitat, "rosyBoa").climate // "arid" */
export const animalNamed = (habitat: Own, id: string): Animal =>
  carriedBy(habitat).animals.get(id) ?? entry("animals", id);

/** The animal a habitat is for. @throws RangeError when it is nowhere @example animalOf(habitat).humidityRh // [75, 90] */
export const animalOf = (habitat: Own & Pick<Habitat, "brief">): Animal => animalNamed(habitat, habitat.brief.animalId);

/** Looks a plant up, the habitat's own first. @throws RangeError for what is in neither @example plantOf(habitat, "nervePlant").light // "low" */
export const plantOf = (habitat: Own, id: string): Plant => carriedBy(habitat).plants.get(id) ?? entry("plants", id);

/** Looks a crew species up, the habitat's own first. @throws RangeError for what is in neither @example crewOf(habitat, "powderIsopod").lengthMm // 10 */
export const crewOf = (habitat: Own, id: string): Crew => carriedBy(habitat).crew.get(id) ?? entry("crew", id);

/** Whether a habitat can look something up. @example isKnown(habitat, "plants", "nervePlant") // true */
export const isKnown = (habitat: Own, kind: keyof Carried, id: string): boolean =>
  carriedBy(habitat)[kind].has(id) || findEntry(kind, id) !== undefined;
