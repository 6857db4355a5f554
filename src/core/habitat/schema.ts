import * as z from "zod";
import { OWN_SCHEMAS, SCHOOL_QUESTIONS } from "../catalog";
import {
  CatalogIdSchema,
  DateSchema,
  IdSchema,
  InstantSchema,
  NameSchema,
  ReasonSchema,
  TimeZoneSchema,
  WALLS,
  within,
} from "./fields";
import { BuildSchema } from "./buildPlan";
import { CareSchema, IndividualSchema } from "./care";
import { GearPieceSchema, PowerSchema } from "./gearPiece";
import { LIMITS } from "./limits";

export { DateSchema, IdSchema, InstantSchema, NameSchema, ReasonSchema, WALLS } from "./fields";
export type { Wall } from "./fields";
export { TaskIdSchema, WAITING_SCHOOLS } from "./buildPlan";
export type { Build, OwnTask, TaskChange, Waiting } from "./buildPlan";
export { GearPieceSchema, PowerSchema, RUNS } from "./gearPiece";
export type { GearPiece, GearSize, Run } from "./gearPiece";

export const RoomSchema = z.strictObject({ temperatureC: within("roomC"), humidityRh: within("humidityRh") });
const planPoint = z.tuple([z.number().min(0).max(LIMITS.boxCm.max), z.number().min(0).max(LIMITS.boxCm.max)]);
/** The floor in plan, within the width and depth. Corner shapes have their right angle at the back left. */
export const FloorSchema = z.discriminatedUnion("shape", [
  z.strictObject({ shape: z.enum(["rectangle", "cornerTriangle", "quarterRound", "hexagon"]) }),
  z.strictObject({ shape: z.literal("polygon"), points: z.array(planPoint).min(3).max(40) }),
]);
export type Floor = z.infer<typeof FloorSchema>;

export const LIDS = ["mesh", "glass", "open"] as const;
/** What closes the box above, and how much of it is covered against losing damp. */
export const TopSchema = z.strictObject({ lid: z.enum(LIDS), coveredPct: z.number().min(0).max(100) });

/** A vent or a cable port in a wall: its lower left corner as seen from outside, and its size. */
export const OpeningSchema = z.strictObject({
  id: IdSchema,
  kind: z.enum(["vent", "port"]),
  wall: z.enum(WALLS),
  acrossCm: z.number().min(0).max(LIMITS.boxCm.max),
  upCm: z.number().min(0).max(LIMITS.boxCm.max),
  widthCm: within("openingCm"),
  heightCm: within("openingCm"),
});
export type Opening = z.infer<typeof OpeningSchema>;

/** What is built on a wall: from its lower edge to the rim, so thick. */
export const TreatmentSchema = z.strictObject({
  wall: z.enum(WALLS),
  treatmentId: CatalogIdSchema,
  finishId: CatalogIdSchema.nullable(),
  thicknessCm: within("treatmentCm"),
  /** Height of its lower edge over the glass: what lies below runs on under it. */
  fromCm: z.number().min(0).max(LIMITS.boxCm.max),
});
export type Treatment = z.infer<typeof TreatmentSchema>;

export const UNDERS = ["whole", "rim"] as const;
/** What the box stands on: its rating, when it has one, and whether it carries the whole floor or only its rim. */
export const StandOnSchema = z.strictObject({ ratingKg: within("ratingKg").nullable(), under: z.enum(UNDERS) });

/**
 * Inner size of the box; the sill is the height of the front edge the fill may not pass, 0 when it opens at the top.
 */
export const ShellSchema = z.strictObject({
  widthCm: within("boxCm"),
  depthCm: within("boxCm"),
  heightCm: within("boxCm"),
  sillCm: within("sillCm"),
  buildId: CatalogIdSchema,
  wallMm: within("wallMm"),
  floor: FloorSchema,
  top: TopSchema,
  openings: z.array(OpeningSchema).max(40),
  treatments: z.array(TreatmentSchema).max(4),
  standsOn: StandOnSchema,
  /** Bought as it is: its size and its sill are not to be changed. */
  bought: z.boolean(),
});

/** A part of the floor with layers of its own. What holds its ground back from the rest runs along its inner edge. */
export const ZoneSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  points: z.array(planPoint).min(3).max(24),
  retaining: z
    .strictObject({ kindId: CatalogIdSchema, thicknessCm: within("pieceCm"), heightCm: within("pieceCm") })
    .nullable(),
});
export type Zone = z.infer<typeof ZoneSchema>;

/** Where a layer lies: over the whole floor, over what no zone takes, or over one zone. */
export const OverSchema = z.discriminatedUnion("on", [
  z.strictObject({ on: z.literal("floor") }),
  z.strictObject({ on: z.literal("rest") }),
  z.strictObject({ on: z.literal("zone"), zoneId: IdSchema }),
]);
export type Over = z.infer<typeof OverSchema>;

const depthCm = within("layerCm");
/** Depths of a soil lift at the four corners of where it lies; straight in between. */
export const CornersSchema = z.strictObject({
  frontLeftCm: depthCm,
  frontRightCm: depthCm,
  backLeftCm: depthCm,
  backRightCm: depthCm,
});
export type Corners = z.infer<typeof CornersSchema>;

/** A heap on a soil lift: a dome, or a cone with a flat top, which may have no width. */
export const MoundSchema = z.strictObject({
  id: IdSchema,
  form: z.enum(["dome", "flat"]),
  xCm: z.number().min(0).max(LIMITS.boxCm.max),
  yCm: z.number().min(0).max(LIMITS.boxCm.max),
  radiusCm: within("moundCm"),
  topRadiusCm: within("mostMoundTopCm"),
  heightCm: within("moundCm"),
});
export type Mound = z.infer<typeof MoundSchema>;

/** How a lift is laid: wetted to a crumb, or bone dry, as the upper lift of a semi-arid build. */
export const LAID = ["moist", "dry"] as const;

const over = OverSchema;
export const LayerSchema = z.discriminatedUnion("kind", [
  z.strictObject({ id: IdSchema, over, kind: z.literal("drainage"), materialId: CatalogIdSchema, depthCm }),
  /** A plate on legs: its depth is the height of its upper side. */
  z.strictObject({ id: IdSchema, over, kind: z.literal("falseBottom"), materialId: CatalogIdSchema, depthCm }),
  z.strictObject({ id: IdSchema, over, kind: z.literal("barrier"), materialId: CatalogIdSchema }),
  z.strictObject({
    id: IdSchema,
    over,
    kind: z.literal("soil"),
    mixId: IdSchema,
    laid: z.enum(LAID),
    corners: CornersSchema,
    mounds: z.array(MoundSchema).max(12),
  }),
  z.strictObject({ id: IdSchema, over, kind: z.literal("dressing"), materialId: CatalogIdSchema, depthCm }),
]);
export type Layer = z.infer<typeof LayerSchema>;
export type LayerKind = Layer["kind"];
export type SoilLayer = Extract<Layer, { kind: "soil" }>;

export const PartSchema = z.strictObject({ ingredientId: CatalogIdSchema, parts: within("parts") });
export const MixSchema = z.strictObject({
  id: IdSchema,
  /** The starting recipe it grew from, if any. */
  recipeId: CatalogIdSchema.nullable(),
  /** What its builder calls it. */
  title: NameSchema.nullable(),
  parts: z.array(PartSchema).max(60),
});
export type Mix = z.infer<typeof MixSchema>;

/**
 * Where a plant can stand: in the ground, in a pot sunk into it, on a wall, on wood, hanging, at the water's edge, in
 * the water.
 */
export const SPOTS = ["ground", "pot", "wall", "wood", "hanging", "waterEdge", "water"] as const;
export type Spot = (typeof SPOTS)[number];

export const StandSchema = z.strictObject({
  id: IdSchema,
  plantId: CatalogIdSchema,
  /** From the left glass, and from the front glass. */
  xCm: z.number().min(0).max(LIMITS.boxCm.max),
  yCm: z.number().min(0).max(LIMITS.boxCm.max),
  /** Null: where its kind usually stands. */
  spot: z.enum(SPOTS).nullable(),
  /** Height of its foot over the glass where it does not stand on the ground; null: where it has room. */
  upCm: z.number().min(0).max(LIMITS.boxCm.max).nullable(),
  plantedOn: DateSchema.nullable(),
  /** The planter or filled tube it stands in; null: none. */
  inId: IdSchema.nullable(),
  /** Kept this high and this wide with scissors; null: it may grow as it will. */
  keptCm: within("keptCm").nullable(),
});
export type Stand = z.infer<typeof StandSchema>;

/** What gives the soil its life a start, and how much of it, in its own unit. */
export const StarterSchema = z.strictObject({ supplyId: CatalogIdSchema, amount: within("starter") });

export const SeedingSchema = z.strictObject({ crewId: CatalogIdSchema, count: within("crewCount").int() });

/**
 * How something leans or lies: so far out of upright, towards one of its own sides as it stands unturned. 90 degrees
 * lie flat on that side.
 */
export const TiltSchema = z.strictObject({ deg: within("tiltDeg"), to: z.enum(["left", "right", "front", "back"]) });
export type Tilt = z.infer<typeof TiltSchema>;

/** A pile of flat stones: how many, and how far they are kept apart by what lies between them. */
export const SlabsSchema = z.strictObject({ count: within("slabCount").int(), gapCm: within("slabGapCm") });

/**
 * Something that stands in the box: its middle in plan, its turn, its outline, what it rests on, and what a hollow one
 * is filled with.
 */
export const PieceSchema = z.strictObject({
  id: IdSchema,
  kindId: CatalogIdSchema,
  xCm: z.number().min(0).max(LIMITS.boxCm.max),
  yCm: z.number().min(0).max(LIMITS.boxCm.max),
  turnDeg: within("turnDeg"),
  widthCm: within("pieceCm"),
  depthCm: within("pieceCm"),
  heightCm: within("pieceCm"),
  rest: z.discriminatedUnion("on", [
    z.strictObject({ on: z.literal("glass") }),
    z.strictObject({ on: z.literal("ground"), sunkCm: within("sunkCm") }),
    z.strictObject({ on: z.literal("wall"), upCm: z.number().min(0).max(LIMITS.boxCm.max) }),
    /** Set into what is built on a wall, its back to the glass. */
    z.strictObject({
      on: z.literal("inWall"),
      wall: z.enum(WALLS),
      upCm: z.number().min(0).max(LIMITS.boxCm.max),
    }),
    /** Glued or wired to another piece, so high over that one's foot. */
    z.strictObject({
      on: z.literal("piece"),
      pieceId: IdSchema,
      upCm: z.number().min(0).max(LIMITS.boxCm.max),
    }),
  ]),
  /** Null: upright. */
  tilt: TiltSchema.nullable(),
  /** Of what is piled up of slabs; null: of one block. */
  slabs: SlabsSchema.nullable(),
  fillMixId: IdSchema.nullable(),
});
export type Piece = z.infer<typeof PieceSchema>;

/**
 * What somebody answered to a finding: accepted with a reason, or to be told again on a day. It holds as long as what
 * caused the finding is what it was.
 */
export const AnswerSchema = z.strictObject({
  code: CatalogIdSchema,
  about: z.string().max(200),
  /** What the finding was told with when it was answered. */
  cause: z.string().max(2000),
  on: DateSchema,
  answer: z.discriminatedUnion("kind", [
    z.strictObject({ kind: z.literal("accepted"), reason: ReasonSchema }),
    z.strictObject({ kind: z.literal("later"), untilOn: DateSchema }),
  ]),
});
export type Answer = z.infer<typeof AnswerSchema>;

/** How much of the box lives: plants and crew in living soil; plants, in pots or not, without crew; neither. */
export const LIVING = ["bioactive", "planted", "plain"] as const;

/** Another species that shares the box. */
export const MateSchema = z.strictObject({ animalId: CatalogIdSchema, count: within("count").int() });

const carried = <K extends keyof typeof OWN_SCHEMAS>(kind: K, most: number) => z.array(OWN_SCHEMAS[kind]).max(most);

/** The design of a habitat: everything a person decided, nothing that happened and nothing that can be computed. */
export const DesignSchema = z.strictObject({
  id: IdSchema,
  name: NameSchema,
  createdAt: InstantSchema,
  /** The zone of its keeper's clock, by its name in the IANA's list; null: not told, that of whatever device. */
  timeZone: TimeZoneSchema.nullable(),
  brief: z.strictObject({
    animalId: CatalogIdSchema,
    count: within("count").int(),
    room: RoomSchema,
    mates: z.array(MateSchema).max(8),
    living: z.enum(LIVING),
    /** Young ones move in, and are kept as such until they are grown; without it they are grown. */
    stage: z.literal("young").optional(),
    /** Where keepers differ about the animal: which of two answers is followed; what is not told follows the entry. */
    schools: z.partialRecord(z.enum(SCHOOL_QUESTIONS), z.union([z.literal(0), z.literal(1)])),
  }),
  shell: ShellSchema,
  strata: z.strictObject({
    zones: z.array(ZoneSchema).max(8),
    /** From the glass up. */
    layers: z.array(LayerSchema).max(40),
    /** The standing water meant to be kept at the very bottom. */
    waterLineCm: within("waterLineCm"),
  }),
  /** What its builder added to the library, as far as this habitat uses it: the document stands alone. */
  own: z.strictObject({
    ingredients: carried("ingredients", 120),
    animals: carried("animals", 20),
    plants: carried("plants", 200),
    crew: carried("crew", 40),
    dressings: carried("dressings", 40),
    drainageMedia: carried("drainageMedia", 40),
    gear: carried("gear", 60),
  }),
  mixes: z.array(MixSchema).min(1).max(20),
  pieces: z.array(PieceSchema).max(60),
  plants: z.array(StandSchema).max(200),
  /** The crew wished for; what was seeded stands in the log. */
  crew: z.array(SeedingSchema).max(40),
  starters: z.array(StarterSchema).max(20),
  gear: z.array(GearPieceSchema).max(60),
  power: PowerSchema,
  build: BuildSchema,
  care: CareSchema,
  /** Each animal by itself, where they are told apart. */
  individuals: z.array(IndividualSchema).max(200),
  /** One for each finding that was answered. */
  answers: z.array(AnswerSchema).max(200),
  shelf: z.strictObject({
    /** Since when it is out of the way; null: it stands on the shelf. */
    archivedOn: DateSchema.nullable(),
    /** The habitat it was made from to be held against it; null: it is none's variant. */
    variantOf: IdSchema.nullable(),
    /** The box its animals move to next, such as the grown ones' box, and when. */
    next: z.strictObject({ habitatId: IdSchema, on: DateSchema }).nullable(),
  }),
});
export type Design = z.infer<typeof DesignSchema>;
export type Shell = Design["shell"];
