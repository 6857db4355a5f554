import * as z from "zod";
import { GEAR_PLACES } from "../catalog";
import { CatalogIdSchema, IdSchema, planCm, WALLS, within } from "./fields";
import { LIMITS } from "./limits";

const minuteOfDay = z
  .number()
  .int()
  .min(0)
  .max(24 * 60);
/** From when until when, minutes after midnight; over midnight where it ends before it begins. */
const hours = { fromMin: minuteOfDay, untilMin: minuteOfDay };

export const RUNS = ["always", "hours", "sun", "bursts", "cycle", "warmth", "damp"] as const;

/** What switches a piece of gear: nothing, a clock, or a controller that holds a value at its probe. */
const RunSchema = z.discriminatedUnion("by", [
  z.strictObject({ by: z.literal("always") }),
  /** Brightening and dimming so many minutes within its hours. */
  z.strictObject({ by: z.literal("hours"), ...hours, rampMin: within("rampMin").int() }),
  /** As long as the day is at a latitude, about the middle of the day. */
  z.strictObject({ by: z.literal("sun"), latitudeDeg: within("latitudeDeg"), rampMin: within("rampMin").int() }),
  /** For so many seconds at each of these times: what mists. */
  z.strictObject({
    by: z.literal("bursts"),
    atMin: z.array(minuteOfDay).min(1).max(48),
    forS: within("burstS").int(),
  }),
  /** So many minutes of every so many, between its hours. */
  z.strictObject({
    by: z.literal("cycle"),
    ...hours,
    onMin: within("cycleMin").int(),
    everyMin: within("cycleMin").int(),
  }),
  /** Holds this warmth by day, within its hours, and that by night; null: off by night. Outside the alarm it calls. */
  z.strictObject({
    by: z.literal("warmth"),
    ...hours,
    dayC: within("readingC"),
    nightC: within("readingC").nullable(),
    alarmLowC: within("readingC").nullable(),
    alarmHighC: within("readingC").nullable(),
  }),
  /** Wets the air up to this, or dries it down to it, by day and by night. */
  z.strictObject({
    by: z.literal("damp"),
    ...hours,
    dayRh: within("humidityRh"),
    nightRh: within("humidityRh").nullable(),
  }),
]);
export type Run = z.infer<typeof RunSchema>;

/** The size of a piece of gear as far as it was told; the rest goes by its kind. */
const GearSizeSchema = z
  .strictObject({
    lengthCm: within("gearCm"),
    widthCm: within("gearCm"),
    depthCm: within("gearCm"),
    beamDeg: within("beamDeg"),
    nozzles: within("nozzles").int(),
    /** Of one nozzle. */
    mLPerMin: within("mLPerMin"),
    mLPerH: within("mLPerH"),
    /** What its vessel holds. */
    litres: within("vesselL"),
    flowLPerH: within("flowLPerH"),
    headCm: within("headCm"),
    flowM3PerH: within("flowM3PerH"),
    /** What a controller or a strip may switch. */
    maxW: within("maxW"),
    /** UV index at the distance its kind is told for. */
    uvIndex: within("uvIndex"),
  })
  .partial();
export type GearSize = z.infer<typeof GearSizeSchema>;

/** A lamp may hang this far over the top of its box. */
const overBoxCm = z
  .number()
  .min(0)
  .max(LIMITS.boxCm.max + 200);

/** A piece of gear: where it is, how strong it is, what it is plugged into, and what switches it when. */
export const GearPieceSchema = z.strictObject({
  id: IdSchema,
  kindId: CatalogIdSchema,
  /** Null: where its kind usually goes. */
  place: z.enum(GEAR_PLACES).nullable(),
  /** The wall it is on, where it is on one. */
  wall: z.enum(WALLS).nullable(),
  xCm: planCm,
  yCm: planCm,
  /** Height over the glass; null: as high as its place has it. */
  upCm: overBoxCm.nullable(),
  /** What it draws, and of lamps over plants the light it gives; null while it is not known. */
  powerW: within("powerW").nullable(),
  lumens: within("lampLumens").nullable(),
  size: GearSizeSchema,
  run: RunSchema,
  /** The months of the year it is in use, 1 to 12; null: all. */
  months: z.array(z.number().int().min(1).max(12)).min(1).max(12).nullable(),
  /** The piece of gear it is plugged into: a controller, a timer, a strip; null: the wall. */
  feedId: IdSchema.nullable(),
  /** Where the probe of a controller or a gauge sits. */
  probe: z.strictObject({ xCm: planCm, yCm: planCm, upCm: planCm }).nullable(),
});
export type GearPiece = z.infer<typeof GearPieceSchema>;

/** The electricity: what a kilowatt-hour costs its builder, and how the sockets are guarded. */
export const PowerSchema = z.strictObject({
  pricePerKWh: within("pricePerKWh").nullable(),
  /** Whether the house's own board guards the socket with a residual-current device. */
  guarded: z.boolean(),
  /** Whether each cable hangs lower than its socket before it comes up to it, so that water drips off. */
  dripLoops: z.boolean(),
});
