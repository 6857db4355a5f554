import {
  SAMPLE_LIMITS,
  seriesOf,
  WHERE,
  measurableOf,
  type Measurable,
  type SamplePlace,
  type SeriesId,
  type SeriesSample,
} from "../../log";
import { isInstant } from "../../habitat";
import { under } from "../../under";
import type { Resolved } from "./senml";

/** Units of SenML (RFC 8428, section 12.1; RFC 8798 for those that end the list) and what their figures are here. */
const UNITS: Readonly<Record<string, { what: readonly Measurable[]; here: (value: number) => number }>> = {
  Cel: { what: ["temperatureC"], here: (celsius) => celsius },
  K: { what: ["temperatureC"], here: (kelvin) => kelvin - 273.15 },
  "%RH": { what: ["humidityRh"], here: (percent) => percent },
  "/": { what: ["moisturePct"], here: (share) => share * 100 },
  "%": { what: ["moisturePct"], here: (percent) => percent },
  m: { what: ["waterLineCm"], here: (metres) => metres * 100 },
  pH: { what: ["waterPh"], here: (ph) => ph },
  cm: { what: ["waterLineCm"], here: (cm) => cm },
  mm: { what: ["waterLineCm"], here: (mm) => mm / 10 },
  far: { what: ["temperatureC"], here: (fahrenheit) => ((fahrenheit - 32) * 5) / 9 },
  "mg/l": { what: ["ammoniaMgPerL", "nitriteMgPerL", "nitrateMgPerL"], here: (mg) => mg },
};

/** Things no unit of SenML says: their records name them. */
const NAMED: readonly Measurable[] = ["uvIndex", "lightPpfd", "ammoniaMgPerL", "nitriteMgPerL", "nitrateMgPerL"];
const plain = (text: string): string => text.toLowerCase().replace(/[^a-z0-9]/g, "");

/** What a record measures, by its unit and, where that leaves it open, by its name. */
function whatOf(name: string, unit: string | undefined): Measurable | undefined {
  const named = NAMED.find((what) => plain(name).includes(plain(what)));
  if (named) return named;
  return under(UNITS, unit)?.what[0];
}

const DEFAULT_PLACE: Partial<Record<Measurable, SamplePlace>> = {
  temperatureC: "warmEnd",
  humidityRh: "warmEnd",
  waterLineCm: "water",
  moisturePct: "surface",
};

/** One thing a device tells: its name and unit, and the series it is taken for; null to leave it out. */
export type Channel = { name: string; unit: string | undefined; series: SeriesId | null; count: number };

/**
 * What a pack tells, channel by channel, each with the series its unit and name speak for.
 *
 * @example channelsIn(records)[0] // { name: "hub/basking/temperature", unit: "Cel", series: "basking.temperatureC", count: 1 }
 */
export function channelsIn(records: readonly Resolved[]): Channel[] {
  const channels = new Map<string, Channel>();
  for (const { name, unit, value } of records) {
    if (value === undefined) continue;
    const key = keyOf({ name, unit });
    const before = channels.get(key);
    channels.set(key, { name, unit, series: seriesFor(name, unit), count: (before?.count ?? 0) + 1 });
  }
  return [...channels.values()];
}

const keyOf = ({ name, unit }: Pick<Channel, "name" | "unit">): string => `${name} ${unit ?? ""}`;

function seriesFor(name: string, unit: string | undefined): SeriesId | null {
  const what = whatOf(name, unit);
  if (!what) return null;
  const places = WHERE[what];
  const place = places.find((one) => plain(name).includes(plain(one))) ?? DEFAULT_PLACE[what] ?? places[0];
  return place ? seriesOf(place, what) : null;
}

/** A value of a channel as it is kept; a channel with no unit, or one that is not known, tells it as it is. */
const inOurUnits = (value: number, unit: string | undefined, what: Measurable): number => {
  const known = under(UNITS, unit);
  return known?.what.includes(what) ? known.here(value) : value;
};

/**
 * Samples, how many records were left out as no channel of ours, how many as beyond what a gauge can tell, and how many as
 * told for a time at which nothing can have been measured.
 */
export type Taken = { samples: SeriesSample[]; left: number; beyond: number; untimely: number };

/** The samples of a pack, by what each channel is taken for. */
export function samplesIn(records: readonly Resolved[], channels: readonly Channel[]): Taken {
  const seriesBy = new Map(channels.map((channel) => [keyOf(channel), channel.series]));
  const samples: SeriesSample[] = [];
  let [left, beyond, untimely] = [0, 0, 0];
  for (const { name, unit, atMs, value } of records) {
    const series = seriesBy.get(keyOf({ name, unit })) ?? null;
    if (series === null || value === undefined) {
      left += 1;
      continue;
    }
    const what = measurableOf(series);
    const kept = Math.round(inOurUnits(value, unit, what) * 1000) / 1000;
    const { min, max } = SAMPLE_LIMITS[what];
    if (!isInstant(atMs)) untimely += 1;
    else if (!(kept >= min && kept <= max)) beyond += 1;
    else samples.push({ series, atMs, value: kept });
  }
  return { samples, left, beyond, untimely };
}

const UNIT_OF: Partial<Record<Measurable, string>> = {
  temperatureC: "Cel",
  humidityRh: "%RH",
  waterLineCm: "cm",
  moisturePct: "%",
  waterPh: "pH",
};

/** The name and unit a series of ours goes by in a pack of ours. @example channelOf("warmEnd.temperatureC").unit // "Cel" */
export const channelOf = (series: SeriesId): { n: string; u?: string } => {
  const unit = UNIT_OF[measurableOf(series)];
  return { n: series.replace(".", "/"), ...(unit === undefined ? {} : { u: unit }) };
};
