import type { Animal, Range } from "../catalog";
import type { Outlook } from "./outlook";

/** What an animal meets, in the order it is told. */
export const MEETS = ["basking", "warm", "cool", "night", "humidity", "nightHumidity", "uv"] as const;
export type MeetsId = (typeof MEETS)[number];

/** What comes of all that is set up, beside the band the animal wants: °C, % RH, UV index. */
export type Meets = { id: MeetsId; got: Range; wanted: Range };

/** Where its back is told the UV of: where it basks, else on its perch, else on the ground. */
export const backAt = ({ basking, perch }: Outlook): "basking" | "perch" | "floor" =>
  basking ? "basking" : perch ? "perch" : "floor";

/** All an animal meets; without those it has no band for. @example meetsOf(outlook, gecko)[0].got // [22, 24] */
export function meetsOf(outlook: Outlook, { temperatureC, humidityRh, uv }: Animal): Meets[] {
  const { sizing, basking, perch, floor } = outlook;
  const all: { id: MeetsId; got: Range; wanted: Range | null }[] = [
    { id: "basking", got: basking?.surfaceC ?? sizing.warmEndC, wanted: temperatureC.baskingSurface },
    { id: "warm", got: sizing.warmEndC, wanted: temperatureC.warm },
    { id: "cool", got: sizing.coolEndC, wanted: temperatureC.cool },
    { id: "night", got: sizing.night.temperatureC, wanted: temperatureC.night },
    { id: "humidity", got: sizing.day.humidityRh, wanted: humidityRh.day.preferred },
    { id: "nightHumidity", got: sizing.night.humidityRh, wanted: humidityRh.night.preferred },
    { id: "uv", got: (basking ?? perch ?? floor).uvIndex, wanted: uv.indexAtBack },
  ];
  return all.flatMap(({ wanted, ...one }) => (wanted ? [{ ...one, wanted }] : []));
}

export type Stand = "in" | "low" | "high" | "partly";

/** How what comes stands to what is wanted. @example standsTo([24, 26], [22, 25]) // "partly" */
export function standsTo([low, high]: Range, [wantLow, wantHigh]: Range): Stand {
  if (high < wantLow) return "low";
  if (low > wantHigh) return "high";
  return low >= wantLow && high <= wantHigh ? "in" : "partly";
}
