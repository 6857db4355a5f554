import type { Range } from "../catalog";
import { airChangesPerH, humidityRatio, openingsOf, STILL, ventPairs, virtualC } from "../climate";
import type { Shell } from "../habitat";
import { seriesOf, type Sample, type SamplePlace } from "../log";
import type { Outlook } from "../outlook";
import type { Scene } from "../scene";
import { rootOf } from "../solve";
import { bandFor, isDay } from "./bands";
import type { TimeZone } from "../units";
import { byDay } from "./byDay";
import type { BySeries } from "./settled";

/**
 * What logged days say of the vents: leave them; let so much of the air through that goes through now, by another cover
 * of the lid or by more vents; or that no vent can, as the room's own air is as damp.
 */
export type VentDecision = { days: number; place: SamplePlace; readRh: number; band: Range } & (
  | { kind: "leave" }
  | { kind: "room" }
  | { kind: "change"; flowShare: Range; nowPct: number; coveredPct: Range | undefined; pairs: number | undefined }
);

/** Fewer days decide nothing; older ones are of another season. Common practice: some days to a week. */
const LEAST_DAYS = 5;
const MOST_DAYS = 14;
const DAY_HOUR = 13;
/** A mean is known to about two of its standard errors either way. */
const ERRORS = 2;
const LEAST_SHARE = 0.05;
const MOST_SHARE = 20;

type Scope = Pick<Scene, "animal" | "ground" | "habitat" | "library">;
type Day = { airC: number; rh: number };

const mean = (values: readonly number[]): number => values.reduce((sum, one) => sum + one, 0) / values.length;

/** The mean by day of each of the last days. */
function daysOf(samples: readonly Sample[], zone: TimeZone): ReadonlyMap<string, number> {
  return new Map([...byDay(samples, zone, isDay)].map(([on, values]) => [on, mean(values)]));
}

/** Warmth and damp at an end, on the days that both were read by day. */
function readAt(all: BySeries, place: SamplePlace, zone: TimeZone): Day[] {
  const warmth = daysOf(all[seriesOf(place, "temperatureC")] ?? [], zone);
  return [...daysOf(all[seriesOf(place, "humidityRh")] ?? [], zone)]
    .toSorted(([a], [b]) => a.localeCompare(b))
    .flatMap(([on, rh]) => {
      const airC = warmth.get(on);
      return airC === undefined ? [] : [{ airC, rh }];
    })
    .slice(-MOST_DAYS);
}

/**
 * By how much the air that goes through must change on a day, for the damp to come to what is wanted, at the same
 * warmth. Water that comes in at a steady pace (mist) leaves with the air in proportion to how much damper the box is
 * than its room; water that wet ground gives off comes the faster the drier the air. Between the two lies the truth.
 *
 * @returns undefined where the room's air is as damp as what is wanted
 */
export function flowShares({ airC, rh }: Day, wantedRh: number, room: { temperatureC: number; humidityRh: number }) {
  const [now, then, full] = [rh, wantedRh, 100].map((one) => humidityRatio(airC, one)) as [number, number, number];
  const roomRatio = humidityRatio(room.temperatureC, room.humidityRh);
  if (then <= roomRatio || now <= roomRatio || now >= full) return undefined;
  const steady = (now - roomRatio) / (then - roomRatio);
  const wetGround = (steady * (full - then)) / (full - now);
  return { steady, wetGround };
}

/** The mean of some shares, give or take what it may be off by. */
function about(values: readonly number[]): Range {
  const middle = mean(values);
  const deviation = Math.sqrt(
    values.reduce((sum, one) => sum + (one - middle) ** 2, 0) / Math.max(1, values.length - 1),
  );
  const error = (ERRORS * deviation) / Math.sqrt(values.length);
  return [middle - error, middle + error];
}

const hull = (ranges: readonly Range[]): Range => [
  Math.min(...ranges.map(([low]) => low)),
  Math.max(...ranges.map(([, high]) => high)),
];
const clamped = ([low, high]: Range): Range => [
  Math.max(LEAST_SHARE, Math.min(MOST_SHARE, low)),
  Math.max(LEAST_SHARE, Math.min(MOST_SHARE, high)),
];

type Aired = { shell: Shell; fillCm: number; warmerK: number };

/** The cover of the lid under which so much of today's air goes through, in a quiet corner or a draughty one. */
function coverFor({ shell, fillCm, warmerK }: Aired, share: number, library: Scene["library"]): Range {
  const covers = STILL.map((still) => {
    const changesAt = (coveredPct: number) =>
      airChangesPerH(openingsOf({ ...shell, top: { ...shell.top, coveredPct } }, fillCm, library), warmerK, still);
    const wanted = share * changesAt(shell.top.coveredPct);
    if (changesAt(0) <= wanted) return 0;
    if (changesAt(100) >= wanted) return 100;
    return rootOf((coveredPct) => wanted - changesAt(coveredPct), 0, 100, 0.1);
  });
  return [Math.min(...covers), Math.max(...covers)];
}

/** Where the lid is glass, or open already and more air is wanted: pairs of round vents for what is lacking. */
function pairsFor(
  { shell, fillCm, warmerK }: Aired,
  [low, high]: Range,
  library: Scene["library"],
): number | undefined {
  const openings = openingsOf(shell, fillCm, library);
  const nowPerH = mean(STILL.map((still) => airChangesPerH(openings, warmerK, still)));
  const lacking = ((low + high) / 2 - 1) * nowPerH;
  return lacking > 0 ? ventPairs(openings, warmerK, lacking) : undefined;
}

/** The end that was read on more days. */
function endRead(all: BySeries, zone: TimeZone): { place: SamplePlace; days: Day[] } {
  const ends = (["coolEnd", "warmEnd"] as const).map((place) => ({ place, days: readAt(all, place, zone) }));
  return ends.reduce((a, b) => (b.days.length > a.days.length ? b : a));
}

/**
 * What the logged days say of the vents, with its doubt: how much of a mesh lid to cover, or how many vents to add, for
 * the damp by day to come to the middle of its band. The room is taken as the brief has it, the warmth as it was read.
 *
 * @returns undefined for fewer than five days on which warmth and damp were read by day
 * @example ventDecision(scene, outlook, samples) // { kind: "change", coveredPct: [55, 72], … }
 */
export function ventDecision(
  scene: Scope,
  { fillCm }: Pick<Outlook, "fillCm">,
  all: BySeries,
): VentDecision | undefined {
  const { place, days } = endRead(all, scene.habitat.timeZone);
  const band = bandFor(scene, "humidityRh", place, DAY_HOUR);
  if (!band || days.length < LEAST_DAYS) return undefined;
  const { shell, brief } = scene.habitat;
  const told = { days: days.length, place, readRh: mean(days.map(({ rh }) => rh)), band };
  if (told.readRh >= band[0] && told.readRh <= band[1]) return { ...told, kind: "leave" };
  const wantedRh = (band[0] + band[1]) / 2;
  const shares = days.flatMap((day) => flowShares(day, wantedRh, brief.room) ?? []);
  if (shares.length < LEAST_DAYS) return { ...told, kind: "room" };
  const flowShare = clamped(
    hull([about(shares.map(({ steady }) => steady)), about(shares.map(({ wetGround }) => wetGround))]),
  );
  const airC = mean(days.map((day) => day.airC));
  const lighterK =
    virtualC(airC, humidityRatio(airC, told.readRh)) -
    virtualC(brief.room.temperatureC, humidityRatio(brief.room.temperatureC, brief.room.humidityRh));
  const aired = { shell, fillCm, warmerK: Math.max(1, lighterK) };
  const isMesh = shell.top.lid !== "glass";
  const covers = isMesh ? hull(flowShare.map((share) => coverFor(aired, share, scene.library))) : undefined;
  const isSpent = !covers || (flowShare[0] > 1 && covers[1] <= 0);
  return {
    ...told,
    kind: "change",
    flowShare,
    nowPct: isMesh ? shell.top.coveredPct : 100,
    coveredPct: isSpent ? undefined : covers,
    pairs: isSpent ? pairsFor(aired, flowShare, scene.library) : undefined,
  };
}
