import { z } from "zod";
import { CAUTIONS, entryShape, positive, RangeSchema } from "./fields";

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

/** A kind of gear: what it is for, how strong it is sold, what runs it, and when it is renewed. */
export const GearSchema = z.strictObject({
  ...entryShape,
  purpose: z.enum(GEAR_PURPOSES),
  watts: RangeSchema.optional(),
  renewInMonths: positive.nullable(),
  /** What it should hang on: every heater on a thermostat. */
  control: z.enum(["onOff", "pulse", "dimming", "timer", "humidistat", "speed", "none"]),
  cautions: z.array(z.enum(CAUTIONS)),
});
export type Gear = z.infer<typeof GearSchema>;
