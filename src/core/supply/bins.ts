import * as z from "zod";
import type { CatalogKind } from "../catalog";
import { NameSchema } from "../habitat";
import type { Library } from "../library";
import { gearIdNow } from "../own";

/** The shelves of the catalogue whose things are bought and kept. */
export const BUYABLE = [
  "supplies",
  "falseBottoms",
  "drainageMedia",
  "barriers",
  "ingredients",
  "dressings",
  "pieceKinds",
  "plants",
  "crew",
  "gear",
] as const satisfies readonly CatalogKind[];
export type Buyable = (typeof BUYABLE)[number];

const amount = (most: number) => z.number().min(0).max(most);
const size = z.number().min(0.1).max(10_000);

/** How much of a thing: loose litres, a sheet, a length, or a number of pieces. */
const AmountSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("loose"), looseL: amount(100_000) }),
  z.strictObject({ kind: z.literal("sheet"), widthCm: size, depthCm: size }),
  z.strictObject({ kind: z.literal("length"), lengthCm: amount(1_000_000) }),
  z.strictObject({ kind: z.literal("pieces"), count: amount(1_000_000) }),
]);
export type Amount = z.infer<typeof AmountSchema>;

export const PACK_FORMS = ["bag", "brick", "bale", "can", "roll", "sheet", "piece"] as const;

/** Kinds of things under the ids of today: some went by others before. */
const itemId = z.string().transform((told) => String(gearIdNow(told)));
const thing = { shelf: z.enum(BUYABLE), itemId };
const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);

/** A pack as a shop sells it. A brick holds what it swells to. The price is the buyer's own. */
const PackSchema = z.strictObject({
  id,
  ...thing,
  form: z.enum(PACK_FORMS),
  holds: AmountSchema,
  price: z.number().min(0).max(1_000_000).nullable(),
});
export type Pack = z.infer<typeof PackSchema>;

const StockSchema = z.strictObject({ id, ...thing, amount: AmountSchema });
export type Stock = z.infer<typeof StockSchema>;

/** What is on the builder's own shelves, and what the shops have. */
export const BinsSchema = z.strictObject({
  format: z.literal("rincon-bins"),
  formatVersion: z.literal(1),
  /** ISO 4217, three letters. */
  currency: z.string().regex(/^[A-Z]{3}$/),
  note: NameSchema.optional(),
  stock: z.array(StockSchema).max(2000),
  packs: z.array(PackSchema).max(2000),
  /** Things that are listed though there is none of them and no pack. */
  listed: z.array(z.strictObject(thing)).max(2000).optional(),
});
export type Bins = z.infer<typeof BinsSchema>;

export const EMPTY_BINS: Bins = { format: "rincon-bins", formatVersion: 1, currency: "EUR", stock: [], packs: [] };

/** What unit a thing is counted in. @example unitOf("ingredients", "coir", library) // "loose" */
export function unitOf(shelf: Buyable, itemId: string, library: Library): Amount["kind"] {
  switch (shelf) {
    case "barriers":
    case "falseBottoms":
      return "sheet";
    case "plants":
    case "crew":
    case "pieceKinds":
    case "gear":
      return "pieces";
    case "supplies":
      return ({ pieces: "pieces", litres: "loose", length: "length", sheet: "sheet" } as const)[
        library.find("supplies", itemId)?.unit ?? "pieces"
      ];
    default:
      return "loose";
  }
}

/** Every thing that can be bought. */
export const buyables = (library: Library): { shelf: Buyable; itemId: string }[] =>
  BUYABLE.flatMap((shelf) => library.all(shelf).map((item) => ({ shelf, itemId: item.id })));

type Thing = { shelf: Buyable; itemId: string };

/** @throws RangeError naming the field when the thing is not in the library or is counted in another unit */
function checkThing({ shelf, itemId }: Thing, counted: Amount, field: string, library: Library): void {
  if (!library.find(shelf, itemId)) throw new RangeError(`itemId: "${itemId}" is not in the library`);
  if (counted.kind !== unitOf(shelf, itemId, library))
    throw new RangeError(`${field}: counted in another unit than the thing`);
}

/** A list with an item added, or in the place of the one with its id. */
const put = <T extends { id: string }>(items: readonly T[], item: T): T[] =>
  items.some((other) => other.id === item.id)
    ? items.map((other) => (other.id === item.id ? item : other))
    : [...items, item];

/**
 * Puts a pack in, or in the place of the one with its id.
 *
 * @throws RangeError naming the field when the thing is not in the library or is counted in another unit
 * @example withPack(bins, { id: "p", shelf: "ingredients", itemId: "coir", form: "brick", holds: { kind: "loose", looseL: 8 }, price: 4 }, library)
 */
export function withPack(bins: Bins, pack: Pack, library: Library): Bins {
  const checked = PackSchema.parse(pack);
  checkThing(checked, checked.holds, "holds", library);
  return { ...bins, packs: put(bins.packs, checked) };
}

const isThing =
  (one: Thing) =>
  ({ shelf, itemId }: Thing): boolean =>
    one.shelf === shelf && one.itemId === itemId;

/** Lists a thing, so that it stays though there is none of it yet. @example withListed(bins, thing).listed */
export function withListed(bins: Bins, one: Thing): Bins {
  const listed = bins.listed ?? [];
  return listed.some(isThing(one)) ? bins : { ...bins, listed: [...listed, one] };
}

/** Takes a thing out of the bins with its stock and its packs. */
export function withoutThing(bins: Bins, one: Thing): Bins {
  const others = <T extends Thing>(items: readonly T[]): T[] => items.filter((item) => !isThing(one)(item));
  return { ...bins, stock: others(bins.stock), packs: others(bins.packs), listed: others(bins.listed ?? []) };
}

/** Sets what is in stock of a thing. @throws RangeError as {@link withPack} */
export function withStock(bins: Bins, line: Stock, library: Library): Bins {
  const checked = StockSchema.parse(line);
  checkThing(checked, checked.amount, "amount", library);
  return { ...bins, stock: put(bins.stock, checked) };
}
