import { rule, type Range, type TradeRuleId, type WaterKind } from "../catalog";
import type { Design } from "../habitat";
import { MEASURABLES, measurableOf, PLACES, placeOf, seriesOf } from "../log";
import type { LogNow, Measurable, Sample, SamplePlace, SeriesId } from "../log";
import type { Scene } from "../scene";
import { lineAtL } from "../strata";
import { localTime, printsOver } from "../units";

/** The newest reading of one thing at one place, against the band it should keep. */
export type BandCheck = {
  what: Measurable;
  place: SamplePlace;
  value: number;
  band: Range;
  atMs: number;
  side: "in" | "below" | "above";
};

/** Hours at which every lamp is on and the box has warmed up, whenever its day begins. From memory. */
const MIDDAY = [11, 17] as const;
const isMidday = (hour: number): boolean => hour >= MIDDAY[0] && hour < MIDDAY[1];
/** Hours that are day to the air, lamps on or going on. From memory. */
const DAY = [8, 20] as const;
export const isDay = (hour: number): boolean => hour >= DAY[0] && hour < DAY[1];

type Wanted = Pick<Scene, "animal" | "ground">;
type At = { place: SamplePlace; hour: number | undefined };

const hull = ([a, b]: Range, [c, d]: Range): Range => [Math.min(a, c), Math.max(b, d)];
/** By day, by night, or either where no one hour is meant. */
const byHour = (day: Range, night: Range, hour: number | undefined): Range =>
  hour === undefined ? hull(day, night) : isDay(hour) ? day : night;

const LIVED_IN: readonly WaterKind[] = ["partLand", "aquatic"];

/** Air, ground and water by their place; the basking place only while the lamps have been on. */
function warmthBand({ animal: { temperatureC, water } }: Wanted, { place, hour }: At): Range | undefined {
  const { warm, cool, night, baskingSurface } = temperatureC;
  const atEnd = (day: Range): Range => (hour !== undefined && isMidday(hour) ? day : hull(day, [night[0], day[0]]));
  switch (place) {
    case "basking":
      return hour === undefined || isMidday(hour) ? (baskingSurface ?? undefined) : undefined;
    case "warmEnd":
      return atEnd(warm);
    case "coolEnd":
      return atEnd(cool);
    case "nightLow":
      return night;
    case "retreat":
      return [night[0], warm[1]];
    case "water":
      return LIVED_IN.includes(water.kind) ? hull(cool, warm) : undefined;
    default:
      return undefined;
  }
}

function dampBand({ animal: { humidityRh } }: Wanted, { place, hour }: At): Range | undefined {
  if (place === "retreat") return humidityRh.retreat ?? undefined;
  if (place === "basking") return undefined;
  if (place === "nightLow") return humidityRh.night.preferred;
  return byHour(humidityRh.day.preferred, humidityRh.night.preferred, hour);
}

/** Only what lives in the water wants it clean; nothing bears ammonia and nitrite. */
const tested = ({ animal }: Wanted, mostId: TradeRuleId): Range | undefined =>
  LIVED_IN.includes(animal.water.kind) ? [0, rule(mostId)] : undefined;

const BANDS: Partial<Record<Measurable, (wanted: Wanted, at: At) => Range | undefined>> = {
  temperatureC: warmthBand,
  humidityRh: dampBand,
  waterLineCm: ({ ground }) => ground.water && [0, ground.water.safeLineCm],
  uvIndex: ({ animal }, { place, hour }) =>
    place === "basking" && (hour === undefined || isMidday(hour)) ? (animal.uv.indexAtBack ?? undefined) : undefined,
  ammoniaMgPerL: (wanted) => tested(wanted, "mostAmmoniaMgPerL"),
  nitriteMgPerL: (wanted) => tested(wanted, "mostNitriteMgPerL"),
  nitrateMgPerL: (wanted) => tested(wanted, "mostNitrateMgPerL"),
};

/**
 * The band a reading is held against, by its place and the hour it was read at: at the ends the day's in the middle of
 * the day, from the night's low to the day's high at any other hour; under the lamp only while it has been on; humidity
 * by day or by night, and the damp retreat's own; dry glass to the safe line for standing water.
 *
 * @param hour hour of the day it was read at, 0 to 23; left out where no one hour is meant
 * @returns undefined where there is nothing to hold it against (no drainage, so no water line)
 */
export const bandFor = (wanted: Wanted, what: Measurable, place: SamplePlace, hour?: number): Range | undefined =>
  BANDS[what]?.(wanted, { place, hour });

/** What is printed to the nearest step, and so judged by it; the rest as it was read. */
const PRINTED_AS: Partial<Record<Measurable, "temperature" | "humidity" | "length">> = {
  temperatureC: "temperature",
  humidityRh: "humidity",
  waterLineCm: "length",
};

/**
 * How a reading stands to its band, for whoever shows or tells it: what prints as an end of the band is in it.
 *
 * @example sideOf("temperatureC", 26.1, [22, 26]) // "in": 79 °F where 79 °F is the most
 */
export function sideOf(what: Measurable, value: number, [low, high]: Range): BandCheck["side"] {
  const kind = PRINTED_AS[what];
  const isOver = (one: number, other: number): boolean =>
    kind === undefined ? one > other : printsOver(kind, one, other);
  if (isOver(low, value)) return "below";
  return isOver(value, high) ? "above" : "in";
}

type Seen = { series: SeriesId; sample: Sample };

/**
 * The newest sample of a thing at each place; the water line is the same at both ends, so there it is the newest of
 * all.
 */
function newestOf(newest: LogNow["newest"], what: Measurable): Seen[] {
  const told = PLACES.flatMap((place): Seen[] => {
    const series = seriesOf(place, what);
    const sample = newest[series];
    return sample ? [{ series, sample }] : [];
  });
  if (what !== "waterLineCm") return told;
  return told.toSorted((a, b) => b.sample.atMs - a.sample.atMs).slice(0, 1);
}

/** How the standing water is now: as last read, less what was drawn off since. */
function lineNow({ ground }: Wanted, { sample }: Seen, { state }: LogNow): number {
  const since = state.drawnOff.filter((event) => Date.parse(event.at) > sample.atMs);
  const drawnL = since.reduce((sum, event) => sum + event.waterL, 0);
  if (!ground.water || drawnL === 0) return sample.value;
  return lineAtL(ground.water, Math.max(0, ground.water.atL(sample.value) - drawnL));
}

/**
 * The newest reading of each thing at each place, and whether it is in band.
 *
 * @example bandChecks(scene, log).filter((check) => check.side !== "in")
 */
export const bandChecks = (scene: Wanted & { habitat: Pick<Design, "timeZone"> }, log: LogNow): BandCheck[] =>
  MEASURABLES.flatMap((what) =>
    newestOf(log.newest, what).flatMap((told): BandCheck[] => {
      const place = placeOf(told.series);
      const band = bandFor(
        scene,
        measurableOf(told.series),
        place,
        localTime(told.sample.atMs, scene.habitat.timeZone).hour,
      );
      if (!band) return [];
      const value = what === "waterLineCm" ? lineNow(scene, told, log) : told.sample.value;
      return [{ what, place, value, band, atMs: told.sample.atMs, side: sideOf(what, value, band) }];
    }),
  );
