import * as z from "zod";
import { InstantSchema } from "../habitat";
import { MEASURABLES, PLACES, SAMPLE_LIMITS, seriesOf, type Measurable } from "./series";
import type { SeriesSample } from "./samples";

const told = (what: Measurable) => z.number().min(SAMPLE_LIMITS[what].min).max(SAMPLE_LIMITS[what].max).optional();

/** A reading as a person takes it: one place, any of the gauges, one instant. */
export const ReadingSchema = z
  .strictObject({
    at: InstantSchema,
    place: z.enum(PLACES),
    temperatureC: told("temperatureC"),
    humidityRh: told("humidityRh"),
    waterLineCm: told("waterLineCm"),
    moisturePct: told("moisturePct"),
    uvIndex: told("uvIndex"),
    lightPpfd: told("lightPpfd"),
    waterPh: told("waterPh"),
    ammoniaMgPerL: told("ammoniaMgPerL"),
    nitriteMgPerL: told("nitriteMgPerL"),
    nitrateMgPerL: told("nitrateMgPerL"),
  })
  .refine((reading) => MEASURABLES.some((what) => reading[what] !== undefined), { message: "empty reading" });
export type Reading = z.infer<typeof ReadingSchema>;

/** A reading as samples. @example samplesOfReading({ at, place: "warmEnd", temperatureC: 26 }).length // 1 */
export const samplesOfReading = (reading: Reading): SeriesSample[] =>
  MEASURABLES.flatMap((what) => {
    const value = reading[what];
    return value === undefined ? [] : [{ series: seriesOf(reading.place, what), atMs: Date.parse(reading.at), value }];
  });
