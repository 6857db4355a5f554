import * as z from "zod";
import { entryShape, percent } from "./fields";

/** A kind of room over the year: July is its hottest and dampest month, January the other end. */
export const RoomKindSchema = z.strictObject({
  ...entryShape,
  meanC: z.number(),
  swingC: z.number(),
  meanRh: percent,
  swingRh: z.number(),
});
export type RoomKind = z.infer<typeof RoomKindSchema>;

const JULY = 7;
const MONTHS = 12;

/**
 * A kind of room in a month.
 *
 * @param month 1 to 12
 * @returns °C and % RH, to whole numbers
 * @throws RangeError when there is no such month
 * @example roomIn(dryHeatedHouse, 1) // { temperatureC: 20, humidityRh: 33 }
 */
export function roomIn(
  { meanC, swingC, meanRh, swingRh }: RoomKind,
  month: number,
): { temperatureC: number; humidityRh: number } {
  if (!Number.isInteger(month) || month < 1 || month > MONTHS) throw new RangeError("month: not 1 to 12");
  const summer = Math.cos((2 * Math.PI * (month - JULY)) / MONTHS);
  return { temperatureC: Math.round(meanC + swingC * summer), humidityRh: Math.round(meanRh + swingRh * summer) };
}
