import { rootOf } from "../solve";
import type { Still } from "./airChange";
import { heatOf, NO_HEAT, plus, settle, times, wattsToHold, type Drive, type Heat, type Shut } from "./balance";
import type { Corner } from "./box";
import type { Holds, Working } from "./working";

export const CORNERS: readonly Corner[] = [
  // Warmest, coldest, dampest, driest.
  { still: 0, heat: 1, wet: 0, films: 0 },
  { still: 1, heat: 0, wet: 1, films: 1 },
  { still: 0, heat: 0, wet: 1, films: 1 },
  { still: 1, heat: 1, wet: 0, films: 0 },
];

const sumOf = (works: readonly Working[], pick: (work: Working) => number): number =>
  works.reduce((sum, work) => sum + pick(work) * work.share, 0);

/** What is on whatever the air is like. */
export function free(works: readonly Working[], corner: Corner): Drive {
  const always = works.filter(({ holds }) => holds === null);
  return {
    heat: always.reduce<Heat>((sum, { gives, share }) => plus(sum, times(gives.heat[corner.heat], share)), NO_HEAT),
    fogKgPerS: sumOf(always, ({ gives }) => gives.fogKgPerS[corner.wet]),
    sprayKgPerS: sumOf(always, ({ gives }) => gives.sprayKgPerS[corner.wet]),
    steamKgPerS: sumOf(always, ({ gives }) => gives.steamKgPerS[corner.wet]),
    fanM3PerH: sumOf(always, ({ gives }) => gives.fanM3PerH[corner.still]),
  };
}

const most = (value: number, limit: number): number => Math.min(Math.max(0, value), limit);
const NEAR_KG_PER_S = 1e-8;
const NEAR_M3_PER_H = 0.05;

/** Adds what each controller calls for, heaters from the warmest set point down, then what wets, then what dries. */
export function held(box: Shut, works: readonly Working[], start: Drive, corner: Corner, still: Still): Drive {
  const drive = { ...start };
  const heaters = works.flatMap(({ holds, gives }) => (holds && "heatC" in holds ? [{ holds, gives }] : []));
  for (const { holds, gives } of heaters.toSorted((a, b) => b.holds.heatC - a.holds.heatC))
    drive.heat = plus(drive.heat, heats(box, drive, holds, gives.heat[corner.heat], still));
  for (const { holds, gives } of works) {
    if (holds && "wetsRh" in holds) wets(box, drive, holds.wetsRh, gives, corner, still);
    if (holds && "driesRh" in holds) dries(box, drive, holds.driesRh, gives.fanM3PerH[corner.still], still);
  }
  return drive;
}

const NEAR_SHARE = 0.01;

/** Heat a thermostat calls for: what holds the air where its probe feels nothing else, less where the lamp shines on it. */
function heats(box: Shut, drive: Drive, holds: HeldWarmth, most: Heat, still: Still): Heat {
  const limitW = heatOf(most);
  if (limitW <= 0) return NO_HEAT;
  if (holds.shineK < 1) {
    const watts = wattsToHold(box, holds.heatC, drive, times(most, 1 / limitW), still);
    return times(most, Math.min(1, watts / limitW));
  }
  const over = (share: number) => {
    const heated = settle(box, { ...drive, heat: plus(drive.heat, times(most, share)) }, still);
    return heated.temperatureC + share * holds.shineK - holds.heatC;
  };
  return times(most, rootOf(over, 0, 1, NEAR_SHARE));
}

type HeldWarmth = Extract<Holds, { heatC: number }>;

const rhWith = (box: Shut, drive: Drive, still: Still): number => settle(box, drive, still).humidityRh;

const KINDS_OF_WATER = ["steamKgPerS", "fogKgPerS", "sprayKgPerS"] as const;

function wets(box: Shut, drive: Drive, toRh: number, gives: Working["gives"], corner: Corner, still: Still): void {
  const key = KINDS_OF_WATER.find((kind) => gives[kind][1] > 0) ?? "fogKgPerS";
  const [before, limit] = [drive[key], gives[key][corner.wet]];
  const over = (more: number) => rhWith(box, { ...drive, [key]: before + more }, still) - toRh;
  drive[key] = before + most(rootOf(over, 0, limit, NEAR_KG_PER_S), limit);
}

function dries(box: Shut, drive: Drive, toRh: number, limit: number, still: Still): void {
  const before = drive.fanM3PerH;
  if (limit <= 0 || rhWith(box, drive, still) <= toRh) return;
  const under = (more: number) => toRh - rhWith(box, { ...drive, fanM3PerH: before + more }, still);
  drive.fanM3PerH = before + rootOf(under, 0, limit, NEAR_M3_PER_H);
}
