import type { Animal, Range } from "../catalog";
import type { Outlook } from "./outlook";

/** What an animal meets, in the order it is told. */
export const MEETS = ["basking", "warm", "cool", "night", "humidity", "nightHumidity", "uv"] as const;
export type MeetsId = (typeof MEETS)[number];

/** How what comes stands to what is wanted: `low` and `high` where it is worth saying, `partly` where it only may be out. */
export type Stand = "in" | "low" | "high" | "partly";

/** What comes of all that is set up, beside the band the animal wants: °C, % RH, UV index. */
export type Meets = { id: MeetsId; got: Range; wanted: Range; stand: Stand };

/** Where its back is told the UV of: where it basks, else on its perch, else on the ground. */
export const backAt = ({ basking, perch }: Outlook): "basking" | "perch" | "floor" =>
  basking ? "basking" : perch ? "perch" : "floor";

/**
 * So far out of its band a figure is not worth saying: what a first sizing is good to, and what a gauge is read to. °C,
 * % RH; ours.
 */
const WORTH: Record<MeetsId, number> = {
  basking: 0,
  warm: 1,
  cool: 1,
  night: 1,
  humidity: 3,
  nightHumidity: 3,
  uv: 0,
};

/** How what comes stands to what is wanted. @example standsTo([24, 26], [22, 25]) // "partly" */
export function standsTo([low, high]: Range, [wantLow, wantHigh]: Range, worth = 0): Stand {
  if (high + worth < wantLow) return "low";
  if (low - worth > wantHigh) return "high";
  return low >= wantLow && high <= wantHigh ? "in" : "partly";
}

type Wishes = Pick<Animal, "temperatureC" | "humidityRh" | "uv">;

/** An animal that lives without a heater is as warm as its room; where UV is only good for it, none is no fault. */
function isJudged(id: MeetsId, stand: Stand, { temperatureC, uv }: Wishes, { lamps }: Outlook): boolean {
  if (id === "uv") return uv.need !== "none" && (uv.need === "needed" || lamps.length > 0);
  const isWarmth = id !== "humidity" && id !== "nightHumidity";
  return !(isWarmth && stand === "low" && temperatureC.heating === "never");
}

/**
 * All an animal meets, each judged once for whoever shows or tells it; without those it has no band for.
 *
 * @example meetsOf(outlook, gecko)[0] // { id: "warm", got: [22, 24], wanted: [24, 27], stand: "partly" }
 */
export function meetsOf(outlook: Outlook, animal: Wishes): Meets[] {
  const { sizing, basking, perch, floor } = outlook;
  const { temperatureC, humidityRh, uv } = animal;
  const all: { id: MeetsId; got: Range; wanted: Range | null }[] = [
    { id: "basking", got: basking?.surfaceC ?? sizing.warmEndC, wanted: temperatureC.baskingSurface },
    { id: "warm", got: sizing.warmEndC, wanted: temperatureC.warm },
    { id: "cool", got: sizing.coolEndC, wanted: temperatureC.cool },
    { id: "night", got: sizing.night.temperatureC, wanted: temperatureC.night },
    { id: "humidity", got: sizing.day.humidityRh, wanted: humidityRh.day.preferred },
    { id: "nightHumidity", got: sizing.night.humidityRh, wanted: humidityRh.night.preferred },
    { id: "uv", got: (basking ?? perch ?? floor).uvIndex, wanted: uv.indexAtBack },
  ];
  return all.flatMap(({ id, got, wanted }): Meets[] => {
    if (!wanted) return [];
    const stand = standsTo(got, wanted, WORTH[id]);
    const told = isJudged(id, stand, animal, outlook) ? stand : "partly";
    return [{ id, got, wanted, stand: told }];
  });
}
