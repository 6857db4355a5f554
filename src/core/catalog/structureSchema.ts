import * as z from "zod";
import { CAUTIONS, entryShape, look, percent, positive } from "./fields";

const cautions = z.array(z.enum(CAUTIONS));

/** A plate or grid that carries the soil on legs over open water. */
export const FalseBottomSchema = z.strictObject({
  ...entryShape,
  look,
  thicknessCm: positive,
  /** Share of the plate that is hole, seen from above. */
  openPct: percent,
  kgPerM2: positive,
  /** Bending stiffness of its stuff, and the stress it may carry for years. */
  elasticGPa: positive,
  lastingMPa: positive,
  /** Share of its thickness and width that carries, for a grid of ribs. */
  solidPct: percent,
  /** Outer width and wall of the pipe its legs are cut from. */
  legMm: positive,
  legWallMm: positive,
  cautions,
});
export type FalseBottom = z.infer<typeof FalseBottomSchema>;

/** What is built on a wall of the box, inside or out. */
export const WallTreatmentSchema = z.strictObject({
  ...entryShape,
  look,
  usualCm: z.number().min(0),
  kgPerM2PerCm: z.number().min(0),
  /** Heat conduction of its stuff: what it keeps in. */
  conductsWPerMK: positive,
  /** Whether it stands inside and takes room from the floor. */
  inside: z.boolean(),
  takesFinish: z.boolean(),
  /** Foam: litres a can gives. 0 where there is no foam. */
  foamLPerCan: z.number().min(0),
  /** What of it is carved and torn off again, as a share of all that rose or was put on. */
  wastePct: percent,
  /** Silicone bead that holds it, along its edges and in rows this far apart; 0 where it is held by itself. */
  beadEveryCm: z.number().min(0),
  /** Paint it needs itself, coats and what a litre covers; 0 where none. */
  coats: z.number().int().min(0),
  m2PerL: z.number().min(0),
  /** Whole days before the next work may begin, and days of airing before anything lives with it. */
  setDays: z.number().int().min(0),
  airDays: z.number().int().min(0),
  cautions,
});
export type WallTreatment = z.infer<typeof WallTreatmentSchema>;

/** How a foam wall is finished: the schools differ. */
export const WallFinishSchema = z.strictObject({
  ...entryShape,
  look,
  cartridgesPerM2: z.number().min(0),
  fibreLPerM2: z.number().min(0),
  coats: z.number().int().min(0),
  m2PerL: z.number().min(0),
  kgPerM2: z.number().min(0),
  /** Days one coat dries. */
  coatDays: z.number().min(0),
  cureDays: z.number().int().min(0),
  airDays: z.number().int().min(0),
  cautions,
});
export type WallFinish = z.infer<typeof WallFinishSchema>;

/** Things bought to build with that are no material of the ground. */
export const SupplySchema = z.strictObject({
  ...entryShape,
  unit: z.enum(["pieces", "litres", "length", "sheet"]),
  /** Of what gives a soil its life a start: how much for a square metre of floor, in its unit. */
  startsPerM2: positive.optional(),
  /** Whether that goes into the soil, or on damp walls, wood and ground. */
  startsOn: z.enum(["soil", "surfaces"]).optional(),
  cautions,
});
export type Supply = z.infer<typeof SupplySchema>;

const PIECE_ROLES = [
  "hide",
  "humidHide",
  "climb",
  "basking",
  "bowl",
  "column",
  "heavy",
  "retaining",
  "deepTube",
  "planter",
  "leaves",
] as const;
export type PieceRole = (typeof PIECE_ROLES)[number];

/** A kind of thing that stands in the box. */
export const PieceKindSchema = z.strictObject({
  ...entryShape,
  look,
  /** Seen from above. */
  plan: z.enum(["block", "round"]),
  /** How it is drawn from the side. */
  form: z.enum(["log", "flat", "tube", "stone", "slabs", "pot", "cave", "bowl", "ledge", "column"]),
  widthCm: positive,
  depthCm: positive,
  heightCm: positive,
  /** What it is made of, solid. */
  kgPerL: positive,
  /** Share of its outline that is really there: a branch fills little of the block around it. */
  solidPct: percent,
  /** Hollow ones: thickness of the wall, and whether soil and water get in. */
  hollow: z.strictObject({ wallCm: positive, opensTo: z.enum(["nothing", "water", "soil"]) }).optional(),
  /** Whether it goes down to the glass by nature, is held by a wall, or stands on the ground. */
  rests: z.enum(["glass", "ground", "wall"]),
  roles: z.array(z.enum(PIECE_ROLES)),
  /** Made in the box from what is bought by the litre, not bought as a thing. */
  mouldedOf: z.literal("sculptingClay").optional(),
  cautions,
});
export type PieceKind = z.infer<typeof PieceKindSchema>;
