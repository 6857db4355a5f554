import type { Animal, Range } from "../catalog";
import { MINUTES_A_DAY, type Fitted } from "../gear";
import type { Design, Shell } from "../habitat";
import type { Library } from "../library";
import { rootOf } from "../solve";
import { heatOf, plus, settle, times, waterOut, wattsToHold, type Drive, type Heat, type Settled } from "./balance";
import { shutOf, type Corner, type WetSurfaces } from "./box";
import { CORNERS, free, held } from "./drives";
import type { Half } from "./field";
import { apartK, endsOf, leanOf, type Ends } from "./ends";
import { STILL } from "./heat";
import { humidityRatio } from "./psychrometrics";
import { lingerShare } from "./stored";
import { daylightOf, workingIn } from "./working";
import { middle } from "../range";

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
  /** Of the ground's surface. */
  groundC: Range;
  changesPerH: Range;
  /** Heat that goes into the box. */
  heatW: Range;
  /** Water that leaves it with the air. */
  outGPerH: Range;
  /** Water that comes down to the ground: sprayed, and as dew. */
  downGPerH: Range;
  /** Water that ground and leaves give off. */
  givenOffGPerH: Range;
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
  /** Which end is the warm one. */
  warmSide: "left" | "right";
  /** Heat, shone in at one end, that holds the middle of the day's warm band there; and the least of the night's. */
  neededDayW: Range;
  neededNightW: Range;
  /** Water that holds the middle of the band, litres a day. */
  neededWaterL: Range;
};

const rangeOf = (values: readonly number[]): Range => [Math.min(...values), Math.max(...values)];
const G_AN_HOUR = 3600 * 1000;

type AtCorner = Settled & { drive: Drive; ends: Ends };

/** How a box settles in one half of the day, at each corner of its range. */
function corners(situation: Situation, half: Half): AtCorner[] {
  const { gear, shell, surfaceAt, fillCm, on } = situation;
  const works = workingIn(gear, shell, surfaceAt, half, on);
  const lean = Math.abs(leanOf(works, shell.widthCm));
  return CORNERS.map((corner): AtCorner => {
    const box = shutOf(situation, half, corner);
    const still = STILL[corner.still];
    const drive = held(box, works, free(works, corner), corner, still);
    const settled = settle(box, drive, still);
    const apart = apartK({ ...shell, fillCm }, box, heatOf(drive.heat) * lean, settled.changesPerH);
    return { ...settled, drive, ends: endsOf(settled, apart) };
  });
}

function halfDay(all: readonly AtCorner[]): HalfDay {
  const over = (pick: (one: AtCorner) => number) => rangeOf(all.map(pick));
  return {
    temperatureC: over((one) => one.temperatureC),
    humidityRh: over((one) => one.humidityRh),
    groundC: over((one) => one.groundC),
    changesPerH: over((one) => one.changesPerH),
    heatW: over(({ drive }) => heatOf(drive.heat)),
    outGPerH: over((one) => one.outKgPerS * G_AN_HOUR),
    downGPerH: over((one) => one.downKgPerS * G_AN_HOUR),
    givenOffGPerH: over((one) => one.givenOffKgPerS * G_AN_HOUR),
  };
}

/** What a watt of a usual lamp does in a box: most of it shines, the rest rises. */
const USUAL_LAMP: Heat = { airW: 0.3, shoneW: 0.7, matW: 0 };
/** Heat is looked for at the corner that keeps it best and at the one that loses it most. */
const KEEPS_AND_LOSES: readonly Corner[] = [CORNERS[0]!, CORNERS[1]!];

/** All that works in a box but what heats it. */
function unheated({ gear, shell, surfaceAt, on }: Situation, half: Half, corner: Corner): Drive {
  const works = workingIn(gear, shell, surfaceAt, half, on).filter(({ holds }) => holds === null);
  return { ...free(works, corner), heat: times(USUAL_LAMP, 0) };
}

/** Heat that holds the whole box at a warmth. */
const toHold = (situation: Situation, atC: number, half: Half): Range =>
  rangeOf(
    KEEPS_AND_LOSES.map((corner) =>
      wattsToHold(
        shutOf(situation, half, corner),
        atC,
        unheated(situation, half, corner),
        USUAL_LAMP,
        STILL[corner.still],
      ),
    ),
  );

const NEAR_W = 0.5;
/** An end is warmed by so much at the most. */
const MOST_W = 600;

/** Heat that holds one end at a warmth when all of it is put in there. */
function toHoldEnd(situation: Situation, endC: number): Range {
  const { shell, fillCm } = situation;
  const each = KEEPS_AND_LOSES.map((corner) => {
    const [box, still] = [shutOf(situation, "day", corner), STILL[corner.still]];
    const drive = unheated(situation, "day", corner);
    const over = (watts: number) => {
      const heat = plus(drive.heat, times(USUAL_LAMP, watts));
      const settled = settle(box, { ...drive, heat }, still);
      return settled.temperatureC + apartK({ ...shell, fillCm }, box, watts, settled.changesPerH) / 2 - endC;
    };
    return rootOf(over, 0, MOST_W, NEAR_W);
  });
  return rangeOf(each);
}

/** Water that holds a dampness at a warmth, from a quiet corner to a draughty one, grams an hour. */
const waterToHold = (situation: Situation, atC: number, rh: number): Range =>
  rangeOf(
    STILL.map((still) => {
      const kgPerS = waterOut(shutOf(situation, "day", CORNERS[0]!), atC, humidityRatio(atC, rh), still);
      return Math.max(0, kgPerS) * G_AN_HOUR;
    }),
  );

const HOURS_A_DAY = 24;
const G_PER_L = 1000;

/** What the ground has stored by day lingers into the night: so the night is told up to that much warmer. */
function withLinger(situation: Situation, night: HalfDay, day: HalfDay): HalfDay {
  const hours = HOURS_A_DAY * (1 - daylightShare(situation));
  const share = lingerShare(shutOf(situation, "night", CORNERS[0]!), situation, middle(night.changesPerH), hours);
  const over = Math.max(0, day.temperatureC[1] - night.temperatureC[1]) * share;
  return { ...night, temperatureC: [night.temperatureC[0], night.temperatureC[1] + over] };
}

/**
 * First sizing of a box in closed form, at once with every edit: how its air and its surfaces settle by day and by night
 * under what is set up, and what it takes to hold the animal's band. Each a range, because it is one: from a quiet
 * corner to a draughty one, from the weakest of a kind to the strongest, from the dry to the damp end of the ground's
 * band, from slow films of air to quick ones; by night up to what lingers of the day.
 *
 * @example sizingOf(situation).night.temperatureC // [16.2, 17.8] in a room of 16 °C
 */
export function sizingOf(situation: Situation): Sizing {
  const { temperatureC, humidityRh } = situation.animal;
  const { room, gear, shell, surfaceAt, on } = situation;
  const byDay = corners(situation, "day");
  const day = halfDay(byDay);
  const night = withLinger(situation, halfDay(corners(situation, "night")), day);
  const dayC = Math.max(room.temperatureC, (middle(temperatureC.warm) + middle(temperatureC.cool)) / 2);
  const nightC = Math.max(room.temperatureC, temperatureC.night[0]);
  const wetsByDay = waterToHold(situation, dayC, middle(humidityRh.day.preferred));
  const wetsByNight = waterToHold(situation, nightC, middle(humidityRh.night.preferred));
  const share = daylightShare(situation);
  const litres = (at: 0 | 1) => ((wetsByDay[at] * share + wetsByNight[at] * (1 - share)) * HOURS_A_DAY) / G_PER_L;
  return {
    day,
    night,
    coolEndC: rangeOf(byDay.map(({ ends }) => ends.coolC)),
    warmEndC: rangeOf(byDay.map(({ ends }) => ends.warmC)),
    coolEndRh: rangeOf(byDay.map(({ ends }) => ends.coolRh)),
    warmEndRh: rangeOf(byDay.map(({ ends }) => ends.warmRh)),
    warmSide: leanOf(workingIn(gear, shell, surfaceAt, "day", on), shell.widthCm) < 0 ? "right" : "left",
    neededDayW: toHoldEnd(situation, middle(temperatureC.warm)),
    neededNightW: nightC > room.temperatureC ? toHold(situation, nightC, "night") : [0, 0],
    neededWaterL: [litres(0), litres(1)],
  };
}

function daylightShare({ gear, on }: Situation): number {
  const { fromMin, untilMin } = daylightOf(gear, on);
  return (untilMin - fromMin) / MINUTES_A_DAY;
}
