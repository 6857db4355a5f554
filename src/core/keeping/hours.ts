import type { Range } from "../catalog";
import { dewPointC, panesOf } from "../climate";
import { seriesOf, type Sample, type SamplePlace } from "../log";
import type { Outlook } from "../outlook";
import type { Scene } from "../scene";
import { localTime, type TimeZone } from "../units";
import { bandFor, sideOf } from "./bands";
import type { BySeries } from "./settled";

/** Hours a day, over the days that were read closely enough. */
export type HoursADay = {
  days: number;
  /** Dew on the inside of the glass: its face is colder than the dew point of the air. */
  dewH: number | undefined;
  /** Damp under its band. */
  dryH: number | undefined;
  /** The basking place within its band. */
  baskingH: number | undefined;
};

const HOUR_MS = 3_600_000;
/** A reading stands for the time to the next one, but for no longer than that. */
const MOST_H = 1;
/** A day counts where its readings stand for most of it. */
const LEAST_H = 18;
/** Two gauges are read together within so long. */
const TOGETHER_MS = 15 * 60_000;

type Stood = { on: string; hours: number; isSo: boolean };

/** Each sample with how long it stood, and whether something was so. */
const stood = (samples: readonly Sample[], zone: TimeZone, isSo: (sample: Sample, hour: number) => boolean): Stood[] =>
  samples.flatMap((sample, n): Stood[] => {
    const next = samples[n + 1];
    if (!next) return [];
    const { on, hour } = localTime(sample.atMs, zone);
    return [{ on, hours: Math.min(MOST_H, (next.atMs - sample.atMs) / HOUR_MS), isSo: isSo(sample, hour) }];
  });

/** Hours a day in which it was so, over the days that were read for most of them. */
function aDay(all: readonly Stood[]): { days: number; hours: number } | undefined {
  const days = new Map<string, { read: number; so: number }>();
  for (const { on, hours, isSo } of all) {
    const day = days.get(on) ?? { read: 0, so: 0 };
    days.set(on, { read: day.read + hours, so: day.so + (isSo ? hours : 0) });
  }
  const close = [...days.values()].filter(({ read }) => read >= LEAST_H);
  if (close.length === 0) return undefined;
  return { days: close.length, hours: close.reduce((sum, { so }) => sum + so, 0) / close.length };
}

/** What was read nearest to an instant, within a quarter of an hour; asked in order of time. */
function nearest(samples: readonly Sample[]): (atMs: number) => number | undefined {
  let n = 0;
  return (atMs) => {
    while (
      n + 1 < samples.length &&
      Math.abs((samples[n + 1]?.atMs ?? 0) - atMs) <= Math.abs((samples[n]?.atMs ?? 0) - atMs)
    )
      n += 1;
    const sample = samples[n];
    return sample && Math.abs(sample.atMs - atMs) <= TOGETHER_MS ? sample.value : undefined;
  };
}

const ENDS: readonly SamplePlace[] = ["warmEnd", "coolEnd"];
/** The end that was read more. */
const endRead = (all: BySeries): SamplePlace =>
  ENDS.toSorted(
    (a, b) => (all[seriesOf(b, "humidityRh")]?.length ?? 0) - (all[seriesOf(a, "humidityRh")]?.length ?? 0),
  )[0] ?? "warmEnd";

type Asking = Pick<Scene, "animal" | "ground" | "habitat" | "library">;

/** Whether the glass is wet: the room's cold comes through it by the share its panes let. */
function isDewy(scene: Asking, fillCm: number, warmth: readonly Sample[]): (sample: Sample) => boolean {
  const { shell, brief } = scene.habitat;
  const { faceShare } = panesOf(shell, fillCm, scene.library);
  const roomC = brief.room.temperatureC;
  const airAt = nearest(warmth);
  return ({ atMs, value }) => {
    const airC = airAt(atMs);
    if (airC === undefined || value <= 0) return false;
    return dewPointC(airC, value) > roomC + (airC - roomC) * faceShare;
  };
}

/**
 * How many hours a day the glass was wet, the air too dry, and the basking place as warm as it should be, from what a
 * logger told. The room's warmth is taken as the brief has it.
 *
 * @returns undefined where no day was read closely enough
 */
export function hoursADay(scene: Asking, { fillCm }: Pick<Outlook, "fillCm">, all: BySeries): HoursADay | undefined {
  const zone = scene.habitat.timeZone;
  const end = endRead(all);
  const damp = all[seriesOf(end, "humidityRh")] ?? [];
  const warmth = all[seriesOf(end, "temperatureC")] ?? [];
  const bandAt = (what: "humidityRh" | "temperatureC", place: SamplePlace, hour: number) =>
    bandFor(scene, what, place, hour);
  const isBelow = (value: number, band: Range | undefined): boolean =>
    band !== undefined && sideOf("humidityRh", value, band) === "below";
  const dry = aDay(stood(damp, zone, ({ value }, hour) => isBelow(value, bandAt("humidityRh", end, hour))));
  const dew = warmth.length > 0 ? aDay(stood(damp, zone, isDewy(scene, fillCm, warmth))) : undefined;
  const basks = aDay(
    stood(all["basking.temperatureC"] ?? [], zone, ({ value }, hour) => {
      const band = bandAt("temperatureC", "basking", hour);
      return band !== undefined && sideOf("temperatureC", value, band) === "in";
    }),
  );
  if (!dry && !basks) return undefined;
  return {
    days: Math.max(dry?.days ?? 0, basks?.days ?? 0),
    ...{ dewH: dew?.hours, dryH: dry?.hours, baskingH: basks?.hours },
  };
}
