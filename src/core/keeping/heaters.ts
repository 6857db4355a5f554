import { chainOf, fitted, inUse, type Fitted } from "../gear";
import type { Sample, SeriesId } from "../log";
import type { Outlook } from "../outlook";
import type { Scene } from "../scene";
import { daysAfter, localTime, type TimeZone } from "../units";
import type { BySeries } from "./settled";
import { median } from "./trend";

/** A heater that its thermostat does not hold: on when it should rest, or cold when it should work. */
export type HeaterFault = {
  kind: "staysOn" | "staysOff";
  gearId: string;
  series: SeriesId;
  /** What it should hold, and what was read, °C. */
  setC: number;
  readC: number;
  sinceOn: string;
};

/** A thermostat holds to a degree or so; so far from its set point on so many days running is no thermostat. From memory. */
const OFF_BY_K = 3;
const DAYS = 2;
/** Hours at which the lamps' warmth has come, and at which the day's is gone. */
const MIDDAY = [12, 17] as const;
const DEEP_NIGHT = [2, 6] as const;
const LEAST_READINGS = 2;
/** A probe so near to where the animal basks feels that place. */
const NEAR_CM = 8;

type Held = { one: Fitted; dayC: number; nightC: number | null };

const HEATS: readonly Fitted["kind"]["purpose"][] = ["dayHeat", "nightHeat"];

/** Heaters a thermostat holds, of those in use in this month. */
function heldHeaters({ habitat, library }: Pick<Scene, "habitat" | "library">, today: string): Held[] {
  return fitted(habitat.gear, library).flatMap((one) => {
    const { run } = one.piece;
    if (run.by !== "warmth" || !HEATS.includes(one.kind.purpose) || !inUse(one.piece, today)) return [];
    return [{ one, dayC: run.dayC, nightC: run.nightC }];
  });
}

/** The series whose gauge feels what the thermostat feels. */
function feltBy({ one }: Held, scene: Pick<Scene, "habitat">, { basking }: Pick<Outlook, "basking">): SeriesId {
  const isUnderLamp = chainOf(one.piece, scene.habitat.gear).some(
    ({ probe }) =>
      probe &&
      basking &&
      Math.hypot(probe.xCm - basking.at.xCm, probe.yCm - basking.at.yCm, probe.upCm - basking.at.zCm) < NEAR_CM,
  );
  return isUnderLamp ? "basking.temperatureC" : "warmEnd.temperatureC";
}

/** The median of what was read between two hours of a day; undefined where too little was. */
function readOn(
  samples: readonly Sample[],
  on: string,
  [from, until]: readonly [number, number],
  zone: TimeZone,
): number | undefined {
  const told = samples.flatMap(({ atMs, value }) => {
    const local = localTime(atMs, zone);
    return local.on === on && local.hour >= from && local.hour < until ? [value] : [];
  });
  return told.length < LEAST_READINGS ? undefined : median(told);
}

/** The last days that were read at those hours, if every one of them is off. */
function offFor(
  samples: readonly Sample[],
  today: string,
  hours: readonly [number, number],
  isOff: (readC: number) => boolean,
  zone: TimeZone,
): { readC: number; sinceOn: string } | undefined {
  const days = [0, 1, 2, 3].map((ago) => daysAfter(today, -ago));
  const read = days
    .flatMap((on) => {
      const readC = readOn(samples, on, hours, zone);
      return readC === undefined ? [] : [{ on, readC }];
    })
    .slice(0, DAYS);
  const [first] = read;
  if (!first || read.length < DAYS || !read.every(({ readC }) => isOff(readC))) return undefined;
  return { readC: first.readC, sinceOn: read.at(-1)?.on ?? first.on };
}

/**
 * Heaters on a thermostat that were some degrees off their set point on the last days: warm at night when they should
 * rest (they stay on, or the room is that warm), cold at midday when they should work (they stay off, or are too weak).
 *
 * @param today calendar day, ISO 8601
 */
export function heaterFaults(
  scene: Pick<Scene, "habitat" | "library">,
  outlook: Pick<Outlook, "basking">,
  all: BySeries,
  today: string,
): HeaterFault[] {
  const { timeZone: zone, brief } = scene.habitat;
  const roomC = brief.room.temperatureC;
  return heldHeaters(scene, today).flatMap((held): HeaterFault[] => {
    const series = feltBy(held, scene, outlook);
    const samples = all[series] ?? [];
    const restC = held.nightC ?? roomC;
    const gearId = held.one.piece.id;
    const hot = offFor(samples, today, DEEP_NIGHT, (readC) => readC > Math.max(restC, roomC) + OFF_BY_K, zone);
    if (hot) return [{ kind: "staysOn", gearId, series, setC: restC, ...hot }];
    const cold = offFor(samples, today, MIDDAY, (readC) => readC < held.dayC - OFF_BY_K, zone);
    return cold ? [{ kind: "staysOff", gearId, series, setC: held.dayC, ...cold }] : [];
  });
}
