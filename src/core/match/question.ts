import * as z from "zod";
import type { Ingredient, Matter } from "../catalog";
import type { Aims } from "../mix";
import type { Model, Solution } from "../solve";

const id = z.string().regex(/^[a-z][A-Za-z0-9]{0,63}$/);
const sharePct = z.number().min(0).max(100);

/** Matters that rules speak of together. */
const MATTER_GROUPS = {
  sand: ["sand"],
  leafOrWood: ["leaf", "wood", "bark"],
  char: ["char"],
  clay: ["clay"],
  compost: ["compost"],
  ready: ["ready"],
} as const satisfies Record<string, readonly Matter[]>;
export type MatterGroup = keyof typeof MATTER_GROUPS;
export const groupNames = Object.keys(MATTER_GROUPS) as MatterGroup[];

/** One rule a match must keep. Shares are of what is measured out, per cent. */
export const MatchRuleSchema = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("noPeat") }),
  z.strictObject({ kind: z.literal("without"), ingredientId: id }),
  z
    .strictObject({ kind: z.literal("group"), of: z.enum(groupNames), leastPct: sharePct, mostPct: sharePct })
    .refine((r) => r.leastPct <= r.mostPct, { message: "least above most", path: ["leastPct"] }),
  /** A part that is locked, or that is to make up this much. */
  z.strictObject({ kind: z.literal("hold"), ingredientId: id, pct: sharePct }),
  /** So many litres of it, no more and no less: a bag to be stretched. */
  z.strictObject({ kind: z.literal("use"), ingredientId: id, litres: z.number().min(0).max(100_000) }),
  /** Only what lies in the bins, and no more of it than there is. */
  z.strictObject({ kind: z.literal("ownOnly") }),
  /** What is not in the bins is bought, by its litre price. */
  z.strictObject({ kind: z.literal("budget"), most: z.number().min(0).max(1_000_000) }),
  z.strictObject({ kind: z.literal("kinds"), most: z.number().int().min(1).max(60) }),
  /** Whole scoops, at most so many in all. */
  z.strictObject({ kind: z.literal("scoops"), upTo: z.number().int().min(2).max(60) }),
]);
export type MatchRule = z.infer<typeof MatchRuleSchema>;

/** What is asked: as near as can be to where the meters should stand, from these ingredients, under these rules. */
export type MatchQuestion = {
  candidates: readonly Ingredient[];
  aims: Aims;
  rules: readonly MatchRule[];
  /** Litres of mix wanted, poured, and the depth it is to lie at. */
  looseL: number;
  depthCm: number;
  /** Litres in the bins by ingredient, and the price of a litre where it is known. */
  stockL: Readonly<Record<string, number>>;
  pricePerL: Readonly<Record<string, number>>;
};

/**
 * What is taken as given while the rest is linear: the share of volume lost in mixing and until it lies, what the whole
 * mix holds against a change of pH, the surface of its pieces, and the depth it lies at. They are taken from a mix like
 * the one sought, then from the one found.
 */
export type Given = { lost: number; sunk: number; bufferMmolPerL: number; surface: number; depthCm: number };

/** Litres to measure out for what is wanted. */
export const measuredL = ({ looseL }: MatchQuestion, { lost }: Given): number => looseL / (1 - lost);

export const isOf = (group: MatterGroup, matter: Matter): boolean =>
  (MATTER_GROUPS[group] as readonly Matter[]).includes(matter);

/** Whoever solves a model: the worker in the browser, the library itself in a test. */
export type Solve = (model: Model) => Promise<Solution>;
