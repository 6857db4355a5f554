import * as z from "zod";
import { cautions, entryShape, notNegative, positive, AmountsSchema } from "./fields";

export const GEAR_PURPOSES = [
  "dayHeat",
  "nightHeat",
  "uv",
  "plantLight",
  "water",
  "air",
  "waterPart",
  "control",
  "measuring",
  "guard",
] as const;

/** What gives light, whatever else it gives. */
export const GEAR_LIGHTS: readonly (typeof GEAR_PURPOSES)[number][] = ["dayHeat", "uv", "plantLight"];

/** What may run a thing: nothing, a timer, a thermostat by its kind, a humidistat, a speed setting, a float. */
export const GEAR_CONTROLS = [
  "none",
  "timer",
  "secondsTimer",
  "byHand",
  "onOff",
  "pulse",
  "dimming",
  "humidistat",
  "speed",
  "floatSwitch",
] as const;

/** Where a thing may go. */
export const GEAR_PLACES = [
  "aboveMesh",
  "insideGuarded",
  "insideTop",
  "insideWall",
  "sideOfBox",
  "underBox",
  "underSlab",
  "outside",
  "room",
  "inWater",
  "lidOpening",
  "wall",
  "floor",
  "inSoil",
] as const;

const range = AmountsSchema.optional();

/** A size it is sold in; only what applies is told. */
const GearSizeSchema = z.strictObject({
  watts: positive.optional(),
  maxWatts: positive.optional(),
  lampWatts: positive.optional(),
  coolsWatts: positive.optional(),
  wattHours: positive.optional(),
  tripsMilliAmp: positive.optional(),
  widthCm: positive.optional(),
  depthCm: positive.optional(),
  heightCm: positive.optional(),
  lengthCm: positive.optional(),
  diameterCm: positive.optional(),
  mm: positive.optional(),
  boreMm: positive.optional(),
  hoseMm: positive.optional(),
  holeMm: positive.optional(),
  litres: positive.optional(),
  forLitres: positive.optional(),
  litresADay: positive.optional(),
  nozzles: positive.optional(),
  mLPerH: positive.optional(),
  flowLPerH: positive.optional(),
  flowM3PerH: range,
  headCm: positive.optional(),
  gramsPer100L: positive.optional(),
  maxG: positive.optional(),
  stepG: positive.optional(),
});

/** Reference figures a computation starts from; only what applies is told. */
const GearReferenceSchema = z.strictObject({
  lumensPerWatt: range,
  umolPerJ: range,
  radiantShare: range,
  convectiveTopShare: notNegative.optional(),
  beamDeg: range,
  intoSoilShare: range,
  wattsPerM: range,
  wattsPerLitre: range,
  minWatts: positive.optional(),
  ownLossShare: range,
  uvIndexAt: z.strictObject({ distanceCm: positive, index: AmountsSchema }).optional(),
  throughMeshShare: range,
  holdsWithinC: range,
  holdsWithinRh: range,
  tripsAboveSetC: range,
  tripsMilliAmp: range,
  shortestStepS: range,
  hoursAt20W: range,
  coolsPerWatt: range,
  accuracyC: range,
  accuracyRh: range,
  accuracyPct: range,
  emissivity: positive.optional(),
  spotRatio: range,
  tests: z.array(z.string()).optional(),
  mLPerStroke: range,
  mLPerH: range,
  mLPerMinPerNozzle: range,
  flowMLPerMin: range,
  mostNozzles: range,
  dropletUm: range,
  pressureBar: range,
  opensAtBar: range,
  pressurePa: range,
  freeFlow: z.boolean().optional(),
  flowLPerH: range,
  flowM3PerH: range,
  flowAtHalfHeadShare: range,
  realFlowShare: range,
  headCm: range,
  boreMm: range,
  lPerHPerCmOfLip: range,
  wastePerLitre: range,
  rejectsShare: range,
});

/** A kind of gear: what it is for, how strong it is sold, what may run it, where it may hang, and when it is renewed. */
export const GearSchema = z.strictObject({
  ...entryShape,
  purpose: z.enum(GEAR_PURPOSES),
  watts: AmountsSchema.nullable(),
  sizes: z.array(GearSizeSchema),
  reference: GearReferenceSchema,
  lifeHours: positive.nullable(),
  renewInMonths: positive.nullable(),
  /** How often it wants testing or cleaning. */
  checkInMonths: positive.nullable(),
  control: z.array(z.enum(GEAR_CONTROLS)).min(1),
  /** What it must never meet: a control, another kind of gear by id, or a circumstance. */
  neverWith: z.array(z.string().regex(/^[a-z][A-Za-z0-9]*$/)),
  places: z.array(z.enum(GEAR_PLACES)).min(1),
  cautions,
});
export type Gear = z.infer<typeof GearSchema>;
