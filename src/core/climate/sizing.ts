import type { Animal, Range } from "../catalog";
import { MINUTES_A_DAY, type Fitted } from "../gear";
import type { Design, Shell } from "../habitat";
import type { Library } from "../library";
import { rootOf } from "../solve";
import { openingsOf } from "./airChange";
import {
  heatToHoldW,
  lossesAt,
  lossesHeld,
  settle,
  vapourConductance,
  type Drive,
  type Settled,
  type Shut,
} from "./balance";
import { CORNERS, free, held } from "./drives";
import { SOIL_MOISTURE } from "./field";
import { AIR_J_PER_KGK, AIR_KG_PER_M3, panesOf, STILL, withAirWPerK } from "./heat";
import { humidityRatio, relativeHumidity } from "./psychrometrics";
import { daylightOf, workingIn, type Working } from "./working";

/** Wet leaves and ground as far as the air sees them, m². */
export type WetSurfaces = { leavesM2: number; waterM2: number };

/** What a first sizing starts from. */
export type Situation = {
  animal: Pick<Animal, "temperatureC" | "humidityRh" | "soil">;
  room: Design["brief"]["room"];
  shell: Shell;
  /** Mean height of the ground, cm. */
  fillCm: number;
  surfaceAt: (xCm: number, yCm: number) => number;
  gear: readonly Fitted[];
  wet: WetSurfaces;
  /** Calendar day, ISO 8601: its month decides what is in use, its sun how long. */
  on: string;
  library: Library;
};

/** One half of the day as it settles, each as a range. */
type HalfDay = {
  temperatureC: Range;
  humidityRh: Range;
  changesPerH: Range;
  /** Heat that goes into the box. */
  heatW: Range;
  /** Water that leaves it with the air and on the glass. */
  outGPerH: Range;
  /** Sprayed water that runs into the ground. */
  surplusGPerH: Range;
};

export type Sizing = {
  day: HalfDay;
  night: HalfDay;
  /** Air by day at the end that is warmed, and at the other. */
  warmEndC: Range;
  coolEndC: Range;
  /** How damp the same air is at both ends: the warmer, the drier. */
  warmEndRh: Range;
  coolEndRh: Range;
  /** Heat, put in at one end, that holds the middle of the day's warm band there; and the least of the night's. */
  neededDayW: Range;
  neededNightW: Range;
  /** Water that holds the middle of the band, litres a day. */
  neededWaterL: Range;
};

const LITTER_S_PER_M = 400;
const GROUND = vapourConductance(3);
const LEAF = vapourConductance(4);
/** Resistance of leaves to giving water off, s/m, by day and by night: a tuned model's. */
const LEAF_S_PER_M = { day: 1000, night: 3000 };
type Half = "day" | "night";

/** How freely ground gives off water by how damp it is: Lee and Pielke 1992, recalled. */
const groundShare = (moisture: number): number => Math.sin((Math.PI / 2) * Math.min(1, moisture)) ** 4;
const inSeries = (conductance: number, sPerM: number): number => 1 / (1 / conductance + sPerM / AIR_KG_PER_M3);

/** All wet surfaces of a box, kg/s for each kg/kg, at the dry and at the damp end of its band. */
function wetKgPerS({ animal, wet }: Situation, floorM2: number, half: Half): Range {
  const ground = floorM2 * inSeries(GROUND, LITTER_S_PER_M);
  const leaves = 2 * wet.leavesM2 * inSeries(LEAF, LEAF_S_PER_M[half]);
  const water = wet.waterM2 * GROUND;
  const [dry, damp] = SOIL_MOISTURE[animal.soil.surface];
  return [ground * groundShare(dry) + leaves + water, ground * groundShare(damp) + leaves + water];
}

const rangeOf = (values: readonly number[]): Range => [Math.min(...values), Math.max(...values)];
const G_AN_HOUR = 3600 * 1000;

type Corner = Settled & { drive: Drive };

function halfDay(situation: Situation, box: Shut, half: Half): { half: HalfDay; ends: Ends[] } {
  const { gear, shell, surfaceAt, on } = situation;
  const works = workingIn(gear, shell, surfaceAt, half, on);
  const wetKg = wetKgPerS(situation, box.panes.floorM2, half);
  const all = CORNERS.map((corner): Corner => {
    const still = STILL[corner.still];
    const drive = held(box, works, free(works, corner, wetKg), corner, still);
    return { drive, ...settle(box, drive, still) };
  });
  const over = (pick: (one: Corner) => number) => rangeOf(all.map(pick));
  const unevenShare = uneven(situation, works);
  return {
    half: {
      temperatureC: over((one) => one.temperatureC),
      humidityRh: over((one) => one.humidityRh),
      changesPerH: over((one) => one.changesPerH),
      heatW: over((one) => one.drive.heatW),
      outGPerH: over((one) => one.outKgPerS * G_AN_HOUR),
      surplusGPerH: over((one) => one.surplusKgPerS * G_AN_HOUR),
    },
    ends: all.map((one) => endsOf(situation, box, unevenShare, one)),
  };
}

/** Flow through a doorway by its warmth: Brown and Solvason 1962, recalled; pieces and plants leave half of it. */
const DOORWAY = 0.45 / 3;
const LEFT_OPEN = 0.5;
const G_M_PER_S2 = 9.81;
const MEAN_K = 294;
const MOST_APART_K = 40;

/** Heat that is put in at one end more than at the other, as a share of all. */
function uneven({ shell }: Situation, works: readonly Working[]): number {
  const warmed = (some: readonly Working[]) => some.reduce((sum, { gives, share }) => sum + gives.heatW[1] * share, 0);
  const all = warmed(works);
  return all > 0 ? Math.abs((2 * warmed(works.filter(({ fixture }) => fixture.xCm < shell.widthCm / 2))) / all - 1) : 0;
}

/**
 * How far the warm end stands over the cool one: what is put in at one of them more than at the other goes out through
 * its own panes, and over to the other through the air between.
 */
function apartK({ shell, fillCm }: Situation, box: Shut, unevenW: number, changesPerH: number): number {
  const highM = Math.max(0.05, (shell.heightCm - fillCm) / 100);
  const areaM2 = (shell.depthCm / 100) * highM;
  const doorway = AIR_KG_PER_M3 * DOORWAY * LEFT_OPEN * areaM2 * Math.sqrt((G_M_PER_S2 * highM) / MEAN_K);
  const outWPerK = box.panes.wPerK + withAirWPerK(changesPerH, box.openings.roomM3);
  const surplus = (k: number) => (outWPerK / 2) * k + 2 * doorway * AIR_J_PER_KGK * Math.sqrt(k) * k - unevenW;
  return rootOf(surplus, 0, MOST_APART_K, 0.01);
}

/** Air at the cool and at the warm end: as much water in it at both, and so drier where it is warmer. */
type Ends = { coolC: number; warmC: number; coolRh: number; warmRh: number };

function endsOf(situation: Situation, box: Shut, unevenShare: number, settled: Corner): Ends {
  const apart = apartK(situation, box, settled.drive.heatW * unevenShare, settled.changesPerH);
  const [coolC, warmC] = [settled.temperatureC - apart / 2, settled.temperatureC + apart / 2];
  return {
    coolC,
    warmC,
    coolRh: relativeHumidity(coolC, settled.ratio),
    warmRh: relativeHumidity(warmC, settled.ratio),
  };
}

const middle = ([low, high]: Range): number => (low + high) / 2;

/** Water that holds a dampness at a warmth, from a quiet corner to a draughty one, grams an hour. */
const waterToHold = (box: Shut, atC: number, rh: number): Range =>
  rangeOf(STILL.map((still) => Math.max(0, lossesAt(box, atC, humidityRatio(atC, rh), still).waterKgPerS) * G_AN_HOUR));

/** All that works in a box but what heats it, at each corner. */
function unheated(situation: Situation, box: Shut, half: Half) {
  const { gear, shell, surfaceAt, on } = situation;
  const works = workingIn(gear, shell, surfaceAt, half, on).filter(({ holds }) => holds === null);
  const wetKg = wetKgPerS(situation, box.panes.floorM2, half);
  return CORNERS.map((corner) => ({
    still: STILL[corner.still],
    drive: { ...free(works, corner, wetKg), heatW: 0 },
  }));
}

/** Heat that holds the whole box at a warmth. */
const toHold = (situation: Situation, box: Shut, atC: number, half: Half): Range =>
  rangeOf(unheated(situation, box, half).map(({ still, drive }) => Math.max(0, heatToHoldW(box, atC, drive, still))));

/** Heat that holds one end at a warmth when all of it is put in there. */
function toHoldEnd(situation: Situation, box: Shut, endC: number): Range {
  const each = unheated(situation, box, "day").map(({ still, drive }) => {
    const short = (meanC: number) => {
      const { heatW, changesPerH } = lossesHeld(box, meanC, drive, still);
      return meanC + apartK(situation, box, Math.max(0, heatW), changesPerH) / 2 - endC;
    };
    return Math.max(0, heatToHoldW(box, rootOf(short, box.roomC - 5, endC, 0.01), drive, still));
  });
  return rangeOf(each);
}

/** A box with its room, over its fill. */
function shut({ shell, fillCm, room, library }: Situation): Shut {
  return {
    openings: openingsOf(shell, fillCm, library),
    panes: panesOf(shell, fillCm, library),
    roomC: room.temperatureC,
    roomRatio: humidityRatio(room.temperatureC, room.humidityRh),
  };
}

const HOURS_A_DAY = 24;
const G_PER_L = 1000;

/**
 * First sizing of a box in closed form, at once with every edit: how its air settles by day and by night under what is
 * set up, and what it takes to hold the animal's band. Each a range, because it is one: from a quiet corner to a
 * draughty one, from the weakest of a kind to the strongest, from the dry to the damp end of the ground's band.
 *
 * @example sizingOf(situation).night.temperatureC // [16.2, 17.8] in a room of 16 °C
 */
export function sizingOf(situation: Situation): Sizing {
  const { temperatureC, humidityRh } = situation.animal;
  const box = shut(situation);
  const [day, night] = [halfDay(situation, box, "day"), halfDay(situation, box, "night")];
  const dayC = Math.max(situation.room.temperatureC, (middle(temperatureC.warm) + middle(temperatureC.cool)) / 2);
  const nightC = Math.max(situation.room.temperatureC, temperatureC.night[0]);
  const byDay = waterToHold(box, dayC, middle(humidityRh.day.preferred));
  const byNight = waterToHold(box, nightC, middle(humidityRh.night.preferred));
  const share = daylightShare(situation);
  const litres = (at: 0 | 1) => ((byDay[at] * share + byNight[at] * (1 - share)) * HOURS_A_DAY) / G_PER_L;
  return {
    day: day.half,
    night: night.half,
    coolEndC: rangeOf(day.ends.map(({ coolC }) => coolC)),
    warmEndC: rangeOf(day.ends.map(({ warmC }) => warmC)),
    coolEndRh: rangeOf(day.ends.map(({ coolRh }) => coolRh)),
    warmEndRh: rangeOf(day.ends.map(({ warmRh }) => warmRh)),
    neededDayW: toHoldEnd(situation, box, middle(temperatureC.warm)),
    neededNightW: nightC > situation.room.temperatureC ? toHold(situation, box, nightC, "night") : [0, 0],
    neededWaterL: [litres(0), litres(1)],
  };
}

function daylightShare({ gear, on }: Situation): number {
  const { fromMin, untilMin } = daylightOf(gear, on);
  return (untilMin - fromMin) / MINUTES_A_DAY;
}
