import * as z from "zod";
import { entryShape, RangeSchema } from "./fields";

const range = RangeSchema.readonly();

/** Ranges a soil should lie in, by the meters of the mix. */
export const MixTargetSchema = z.strictObject({
  ...entryShape,
  water: range,
  easyWater: range,
  air: range,
  drains: range,
  acid: range,
  nutrients: range,
  crewFood: range,
  lasts: range,
  dust: range,
});
export type MixTarget = Readonly<z.infer<typeof MixTargetSchema>>;
