import * as z from "zod";
import { OWN_KINDS, OWN_SCHEMAS, OwnRecipeSchema, type OwnEntry, type OwnKind, type OwnRecipe } from "../catalog";
import { libraryOf, STOCK } from "../library";
import { ownEntriesNow } from "./older";

export const OWN_FORMAT = "rincon-own";
export const OWN_VERSION = 4;
const MOST_OF_A_KIND = 500;

/** What a builder added to the catalogue on this device. */
const OwnShelfSchema = z.strictObject({
  format: z.literal(OWN_FORMAT),
  formatVersion: z.literal(OWN_VERSION),
  recipes: z.array(OwnRecipeSchema).max(MOST_OF_A_KIND),
  ingredients: z.array(OWN_SCHEMAS.ingredients).max(MOST_OF_A_KIND),
  animals: z.array(OWN_SCHEMAS.animals).max(MOST_OF_A_KIND),
  plants: z.array(OWN_SCHEMAS.plants).max(MOST_OF_A_KIND),
  crew: z.array(OWN_SCHEMAS.crew).max(MOST_OF_A_KIND),
  dressings: z.array(OWN_SCHEMAS.dressings).max(MOST_OF_A_KIND),
  drainageMedia: z.array(OWN_SCHEMAS.drainageMedia).max(MOST_OF_A_KIND),
  gear: z.array(OWN_SCHEMAS.gear).max(MOST_OF_A_KIND),
});
export type OwnShelf = z.infer<typeof OwnShelfSchema>;

const NO_ENTRIES = Object.fromEntries(OWN_KINDS.map((kind) => [kind, []])) as unknown as Pick<OwnShelf, OwnKind>;
export const EMPTY_SHELF: OwnShelf = { format: OWN_FORMAT, formatVersion: OWN_VERSION, recipes: [], ...NO_ENTRIES };

/** Why something was not taken onto the shelf. */
export type OwnProblem =
  | { code: "own.nameTaken"; name: string }
  | { code: "own.badField"; path: string }
  | { code: "own.unknownIngredient"; id: string }
  | { code: "own.emptyRecipe" }
  | { code: "own.full"; most: number };
/** The shelf with what was put on it, or why it was not. */
export type Shelved = { ok: true; shelf: OwnShelf } | { ok: false; problem: OwnProblem };

/** Two names are the same whatever their case and the spaces in them. */
export const sameName = (a: string, b: string): boolean => fold(a) === fold(b);
const fold = (name: string): string => name.normalize("NFKC").trim().replace(/\s+/g, " ").toLowerCase();

const badField = (error: z.ZodError): OwnProblem => ({
  code: "own.badField",
  path: error.issues[0]?.path.join(".") || "name",
});

/**
 * Puts an entry on the shelf, or newer figures in the place of the one with its id.
 *
 * @param namesTaken names of the catalogue's own entries of that kind, as they are shown
 * @returns the shelf, or why not: a name that is taken, or the first field that is not sane
 * @example keepEntry(EMPTY_SHELF, "ingredients", { ...copied, id: "ownA1", name: "Clay from the brook" }, [])
 */
export function keepEntry<K extends OwnKind>(
  shelf: OwnShelf,
  kind: K,
  entry: OwnEntry<K>,
  namesTaken: readonly string[],
): Shelved {
  const full = shelf[kind].length >= MOST_OF_A_KIND && shelf[kind].every((other) => other.id !== entry.id);
  if (full) return { ok: false, problem: { code: "own.full", most: MOST_OF_A_KIND } };
  const read = OWN_SCHEMAS[kind].safeParse(entry);
  if (!read.success) return { ok: false, problem: badField(read.error) };
  const { name, id } = read.data;
  const before: readonly OwnEntry[] = shelf[kind];
  const others = before.filter((other) => other.id !== id);
  if ([...namesTaken, ...others.map((other) => other.name)].some((taken) => sameName(taken, name)))
    return { ok: false, problem: { code: "own.nameTaken", name } };
  const entries =
    others.length < before.length
      ? before.map((other) => (other.id === id ? read.data : other))
      : [...before, read.data];
  return { ok: true, shelf: { ...shelf, [kind]: entries } };
}

/** Keeps a recipe. @returns as {@link keepEntry}; a recipe that names what is nowhere is refused */
export function keepRecipe(shelf: OwnShelf, recipe: OwnRecipe, namesTaken: readonly string[]): Shelved {
  if (recipe.parts.length === 0) return { ok: false, problem: { code: "own.emptyRecipe" } };
  const read = OwnRecipeSchema.safeParse(recipe);
  if (!read.success) return { ok: false, problem: badField(read.error) };
  const library = libraryOf(shelf);
  const unknown = read.data.parts.find(({ ingredientId }) => !library.find("ingredients", ingredientId));
  if (unknown) return { ok: false, problem: { code: "own.unknownIngredient", id: unknown.ingredientId } };
  const others = shelf.recipes.filter((other) => other.id !== read.data.id);
  if ([...namesTaken, ...others.map((other) => other.name)].some((taken) => sameName(taken, read.data.name)))
    return { ok: false, problem: { code: "own.nameTaken", name: read.data.name } };
  return { ok: true, shelf: { ...shelf, recipes: [...others, read.data] } };
}

/**
 * Takes an entry off the shelf. Habitats that use it carry it themselves, so theirs stays; recipes on the shelf that
 * need it keep it from going.
 *
 * @returns recipes that still need it, when it stays
 */
export function dropEntry(shelf: OwnShelf, kind: OwnKind, id: string): { shelf: OwnShelf; neededBy: string[] } {
  const neededBy =
    kind === "ingredients"
      ? shelf.recipes
          .filter((recipe) => recipe.parts.some((part) => part.ingredientId === id))
          .map((recipe) => recipe.name)
      : [];
  const entries: readonly OwnEntry[] = shelf[kind];
  return {
    shelf: neededBy.length > 0 ? shelf : { ...shelf, [kind]: entries.filter((item) => item.id !== id) },
    neededBy,
  };
}

export const dropRecipe = (shelf: OwnShelf, id: string): OwnShelf => ({
  ...shelf,
  recipes: shelf.recipes.filter((recipe) => recipe.id !== id),
});

/**
 * Two shelves as one: what the first lacks comes from the second.
 *
 * @example shelvesJoined(mine, EMPTY_SHELF) // as mine
 */
export function shelvesJoined(mine: OwnShelf, theirs: OwnShelf): OwnShelf {
  const joined = <T extends { id: string }>(own: readonly T[], others: readonly T[]): T[] => {
    const known = new Set(own.map(({ id }) => id));
    return [...own, ...others.filter(({ id }) => !known.has(id))].slice(0, MOST_OF_A_KIND);
  };
  const entries = Object.fromEntries(OWN_KINDS.map((kind) => [kind, joined<OwnEntry>(mine[kind], theirs[kind])]));
  return { ...mine, ...entries, recipes: joined(mine.recipes, theirs.recipes) };
}

/**
 * An entry as the library has it, under one's own id and name: what a changed copy goes back to.
 *
 * @returns undefined when it was not copied from an entry the library still has
 * @example restored("plants", changed)?.grownHeightCm // as the library says
 */
export function restored<K extends OwnKind>(kind: K, entry: OwnEntry<K>): OwnEntry<K> | undefined {
  const { id, name, basedOn } = entry;
  const stock = basedOn === undefined ? undefined : STOCK.find(kind, basedOn);
  return stock && ({ ...stock, id, name, basedOn } as unknown as OwnEntry<K>);
}

/** The shape of entries changed with the fourth version; those before knew fewer kinds, one after the other. */
const OLDER: readonly unknown[] = [1, 2, 3];

/** Reads a shelf of any version. */
export const AnyShelfSchema = z.preprocess((raw) => {
  if (typeof raw !== "object" || raw === null) return raw;
  const { formatVersion } = raw as { formatVersion?: unknown };
  return OLDER.includes(formatVersion) ? { ...raw, ...ownEntriesNow(raw), formatVersion: OWN_VERSION } : raw;
}, OwnShelfSchema);
