import { rootOf, rootOfPair, type Pair } from "../solve";
import { airChangesPerH, type Openings, type Still } from "./airChange";
import { facesIn, LATENT_J_PER_KG, type Face, type Given } from "./faces";
import { AIR_J_PER_KGK, AIR_KG_PER_M3, withAirWPerK } from "./heat";
import { fullAir, humidityRatio, relativeHumidity, virtualC } from "./psychrometrics";

/** A surface of a box, and how much it takes of the heat that shines in and of what a mat puts into the ground. */
export type BoxFace = Face & { is: FaceOf; takesShone: number; takesMat: number };
type FaceOf = "walls" | "built" | "lid" | "ground" | "leaves" | "water";

/** A box with its room, as the air in it sees them. */
export type Shut = {
  openings: Openings;
  faces: readonly BoxFace[];
  /** What shines out through the open top, W/K. */
  openWPerK: number;
  /** How easily a film of spray dries off leaves and glass, kg/s for each kg/kg at its own warmth. */
  filmKgPerS: number;
  roomC: number;
  roomRatio: number;
};

/** Heat by where it goes: straight to the air, shone on what is there, or into the ground. */
export type Heat = { airW: number; shoneW: number; matW: number };
export const NO_HEAT: Heat = { airW: 0, shoneW: 0, matW: 0 };
export const heatOf = ({ airW, shoneW, matW }: Heat): number => airW + shoneW + matW;
export const times = ({ airW, shoneW, matW }: Heat, by: number): Heat => ({
  airW: airW * by,
  shoneW: shoneW * by,
  matW: matW * by,
});
export const plus = (a: Heat, b: Heat): Heat => ({
  airW: a.airW + b.airW,
  shoneW: a.shoneW + b.shoneW,
  matW: a.matW + b.matW,
});

/** What works in a box: heat, water that comes in, and a fan. What its surfaces give off comes of itself. */
export type Drive = {
  heat: Heat;
  /** Fog hangs in the air: it evaporates there, and cools it. */
  fogKgPerS: number;
  /** Spray lands: some dries off leaves and glass, the rest runs into the ground. */
  sprayKgPerS: number;
  /** Steam is vapour already. */
  steamKgPerS: number;
  fanM3PerH: number;
};

/** How the air of a box settles. */
export type Settled = {
  temperatureC: number;
  ratio: number;
  humidityRh: number;
  /** Of the ground's surface. */
  groundC: number;
  changesPerH: number;
  /** Water that leaves with the air, kg/s. */
  outKgPerS: number;
  /** Water that comes down to the ground, kg/s: spray that did not dry off, fog that found no room, and dew. */
  downKgPerS: number;
  /** Water that ground and leaves give off, kg/s. */
  givenOffKgPerS: number;
};

/** Of spray, so much stays on leaves and glass; the rest falls on the ground: a tuned model's. */
const STAYS_UP = 0.55;

/** Spray that dries off where it landed: all of it where air is dry enough, and never more than dries off a whole film. */
function driesOff({ filmKgPerS }: Shut, { sprayKgPerS }: Drive, over: number): number {
  const lands = sprayKgPerS * STAYS_UP;
  const could = filmKgPerS * Math.max(0, over);
  return lands > 0 && could > 0 ? lands * -Math.expm1(-could / lands) : 0;
}

/** All that goes on in a box whose air is held at a warmth and a dampness. */
type Held = Given & {
  changesPerH: number;
  outKgPerS: number;
  filmKgPerS: number;
  /** What comes into the air over what leaves it. */
  gainsKgPerS: number;
  /** Heat the air gains over what it loses. */
  gainsW: number;
};

function heldAt(box: Shut, atC: number, ratio: number, drive: Drive, still: Still): Held {
  const { openings, roomC, roomRatio } = box;
  const lighterK = virtualC(atC, ratio) - virtualC(roomC, roomRatio);
  const changesPerH = airChangesPerH(openings, lighterK, still, drive.fanM3PerH);
  const around = { airC: atC, ratio, roomC, openWPerK: box.openWPerK };
  const { shoneW, matW } = drive.heat;
  const heatW = box.faces.map(({ takesShone, takesMat }) => takesShone * shoneW + takesMat * matW);
  const told = facesIn(box.faces, heatW, around);
  const filmKgPerS = driesOff(box, drive, humidityRatio(atC, 100) - ratio);
  const outKgPerS = (AIR_KG_PER_M3 * openings.roomM3 * changesPerH * (ratio - roomRatio)) / 3600;
  const given = told.vapourKgPerS.reduce((sum, kg) => sum + kg, 0);
  const sprayedKg = drive.fogKgPerS + filmKgPerS;
  return {
    ...told,
    changesPerH,
    outKgPerS,
    filmKgPerS,
    gainsKgPerS: given + sprayedKg + drive.steamKgPerS - outKgPerS,
    gainsW:
      told.toAirW +
      drive.heat.airW -
      withAirWPerK(changesPerH, openings.roomM3) * (atC - roomC) -
      LATENT_J_PER_KG * sprayedKg,
  };
}

const NEAR = { small: [0.02, 1e-5], close: [0.005, 1e-6], most: [8, 0.008] } as const;
const NEAR_K = 0.005;
const NEAR_RATIO = 1e-6;

type At = { atC: number; ratio: number };
/** Air no fuller than it can be, and what falls out of it where it is full. */
type Damp = Held & At & { fallsKgPerS: number };

/** Full air: what comes in over what leaves falls out of it, and gives its heat back. */
function fullAt(box: Shut, atC: number, drive: Drive, still: Still): Damp {
  const ratio = humidityRatio(atC, 100);
  const held = heldAt(box, atC, ratio, drive, still);
  const fallsKgPerS = Math.max(0, held.gainsKgPerS);
  return { ...held, atC, ratio, fallsKgPerS, gainsW: held.gainsW + LATENT_J_PER_KG * fallsKgPerS };
}

/** A box is looked for between so far under its room and so far over it. */
const LOOKED_FOR_K = { under: 15, over: 60 };
/** Water weighs as much as heat in the balance when it is told by the heat it takes. */
const gainsOf = ({ gainsW, gainsKgPerS }: Held): Pair => [gainsW, gainsKgPerS * LATENT_J_PER_KG];

/** The slow and sure way, for the few boxes the quick one does not come to rest in. */
function nested(box: Shut, drive: Drive, still: Still): At {
  const ratioAt = (atC: number): number => {
    const full = humidityRatio(atC, 100);
    const loses = (ratio: number) => -heldAt(box, atC, ratio, drive, still).gainsKgPerS;
    return rootOf(loses, Math.min(box.roomRatio, full) * 0.5, full, NEAR_RATIO);
  };
  const loses = (atC: number) => -heldAt(box, atC, ratioAt(atC), drive, still).gainsW;
  const atC = rootOf(loses, box.roomC - LOOKED_FOR_K.under, box.roomC + LOOKED_FOR_K.over, NEAR_K);
  return { atC, ratio: ratioAt(atC) };
}

const SCANNED_BY_K = 5;

/**
 * The coolest air in which a box that is full of damp comes to rest. Far over its room it seems to rest once more, as
 * what dries off and falls again as fog keeps itself warm: that is none, and so it is looked for from below.
 */
function coolestRest(loses: (atC: number) => number, roomC: number): number {
  const mostC = roomC + LOOKED_FOR_K.over;
  let fromC = roomC - LOOKED_FOR_K.under;
  while (fromC + SCANNED_BY_K < mostC && loses(fromC + SCANNED_BY_K) < 0) fromC += SCANNED_BY_K;
  return rootOf(loses, fromC, Math.min(mostC, fromC + SCANNED_BY_K), NEAR_K);
}

/** Air in balance of heat and of water; where that would be more than it holds, full. */
function balanced(box: Shut, drive: Drive, still: Still): Damp {
  const gains = ([atC, ratio]: Pair) => gainsOf(heldAt(box, atC, ratio, drive, still));
  const found = rootOfPair(gains, [box.roomC + 2, box.roomRatio], NEAR);
  const { atC, ratio } = found ? { atC: found[0], ratio: found[1] } : nested(box, drive, still);
  if (ratio < humidityRatio(atC, 100)) return { ...heldAt(box, atC, ratio, drive, still), atC, ratio, fallsKgPerS: 0 };
  const loses = (celsius: number) => -fullAt(box, celsius, drive, still).gainsW;
  return fullAt(box, coolestRest(loses, box.roomC), drive, still);
}

/**
 * How a box settles under what works in it: its air and each of its surfaces in balance of heat, and all of them of
 * water.
 *
 * @example settle(box, { heat: { airW: 6, shoneW: 14, matW: 0 }, … }, still).temperatureC // 25.1
 */
export function settle(box: Shut, drive: Drive, still: Still): Settled {
  const held = balanced(box, drive, still);
  const { atC } = held;
  const at = (is: FaceOf) => box.faces.findIndex((face) => face.is === is);
  const given = (is: FaceOf) => Math.max(0, held.vapourKgPerS[at(is)] ?? 0);
  const dewKg = held.vapourKgPerS.reduce((sum, kg) => sum + Math.max(0, -kg), 0);
  return {
    temperatureC: atC,
    ratio: held.ratio,
    humidityRh: relativeHumidity(atC, held.ratio),
    groundC: held.facesC[at("ground")] ?? atC,
    changesPerH: held.changesPerH,
    outKgPerS: held.outKgPerS,
    downKgPerS: drive.sprayKgPerS - held.filmKgPerS + held.fallsKgPerS + dewKg,
    givenOffKgPerS: given("ground") + given("leaves"),
  };
}

const MOST_W = 4000;
const NEAR_W = 0.05;
const NEAR_WATTS = { small: [0.2, 1e-5], close: [NEAR_W, NEAR_RATIO], most: [MOST_W, 0.008] } as const;

/**
 * Heat of a kind that holds the air of a box at a warmth under all else that works in it; nothing where it is as warm
 * already.
 *
 * @param kind what one watt of it does
 * @example wattsToHold(box, 24, drive, { airW: 0.3, shoneW: 0.7, matW: 0 }, still) // 18.2
 */
export function wattsToHold(box: Shut, atC: number, drive: Drive, kind: Heat, still: Still): number {
  const heated = (watts: number): Drive => ({ ...drive, heat: plus(drive.heat, times(kind, watts)) });
  const gains = ([watts, ratio]: Pair) => gainsOf(heldAt(box, atC, ratio, heated(watts), still));
  const found = rootOfPair(gains, [0, box.roomRatio], NEAR_WATTS);
  if (found && found[1] < humidityRatio(atC, 100)) return Math.min(MOST_W, Math.max(0, found[0]));
  return rootOf((watts) => fullAt(box, atC, heated(watts), still).gainsW, 0, MOST_W, NEAR_W);
}

/** Water that leaves with the air of a box held at a warmth and a dampness, kg/s. */
export const waterOut = (box: Shut, atC: number, ratio: number, still: Still): number =>
  heldAt(box, atC, ratio, STILLNESS, still).outKgPerS;

const STILLNESS: Drive = { heat: NO_HEAT, fogKgPerS: 0, sprayKgPerS: 0, steamKgPerS: 0, fanM3PerH: 0 };

/** How easily a film dries off surfaces that trade so much heat, at a warmth: slowed by its own cold. */
export const filmDries = (kgPerS: number, heatWPerK: number, atC: number): number =>
  kgPerS === 0 ? 0 : kgPerS / (1 + (LATENT_J_PER_KG * kgPerS * fullAir(atC).perK) / heatWPerK);

/** Lewis relation: heat and vapour cross a still layer of air alike. */
const LEWIS = 0.9;
/** Vapour that crosses to a surface, kg/m²s for each kg/kg, where heat crosses at so many W/m²K. */
export const vapourConductance = (wPerM2K: number): number => wPerM2K / (AIR_J_PER_KGK * LEWIS);
