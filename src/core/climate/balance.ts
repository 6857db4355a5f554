import { rootOf } from "../solve";
import { airChangesPerH, type Openings, type Still } from "./airChange";
import { AIR_J_PER_KGK, AIR_KG_PER_M3, withAirWPerK, type Panes } from "./heat";
import { humidityRatio, relativeHumidity, virtualC } from "./psychrometrics";

/** FAO-56: heat it takes to evaporate water. */
const LATENT_J_PER_KG = 2.45e6;
/** Lewis relation: heat and vapour cross a still layer of air alike. */
const LEWIS = 0.9;
/** Vapour that crosses to a surface, kg/m²s for each kg/kg, where heat crosses at so many W/m²K. */
export const vapourConductance = (wPerM2K: number): number => wPerM2K / (AIR_J_PER_KGK * LEWIS);
const GLASS_KG_PER_M2S = vapourConductance(3);
/** Of the heat that dew gives to the glass, so much goes out through it. */
const LOST_THROUGH_GLASS = 0.7;

/** A box with its room, as the air in it sees them. */
export type Shut = { openings: Openings; panes: Panes; roomC: number; roomRatio: number };

/** What works in a box: heat, water that comes in as mist or steam, wet surfaces, and a fan. */
export type Drive = {
  heatW: number;
  /** Mist and fog: it evaporates and cools. */
  mistKgPerS: number;
  /** Steam: it is vapour already. */
  steamKgPerS: number;
  /** All wet surfaces: their areas times how easily they give water off, kg/s for each kg/kg. */
  wetKgPerS: number;
  fanM3PerH: number;
};

/** How the air of a box settles. */
export type Settled = {
  temperatureC: number;
  ratio: number;
  humidityRh: number;
  changesPerH: number;
  /** Water that leaves with the air and on the glass, kg/s. */
  outKgPerS: number;
  /** What was sprayed and found no room in the air: it runs into the ground, kg/s. */
  surplusKgPerS: number;
};

/** Air that goes through a box at a warmth and a dampness, changes an hour. */
function changes({ openings, roomC, roomRatio }: Shut, atC: number, ratio: number, drive: Drive, still: Still): number {
  const lighterK = virtualC(atC, ratio) - virtualC(roomC, roomRatio);
  return airChangesPerH(openings, lighterK, still, drive.fanM3PerH);
}

/** Water that leaves at a warmth and a dampness, kg/s: with the air, and as dew on glass colder than its dew point. */
function leaves(box: Shut, atC: number, ratio: number, drive: Drive, still: Still): { airKg: number; dewKg: number } {
  const perH = changes(box, atC, ratio, drive, still);
  const faceC = box.roomC + (atC - box.roomC) * box.panes.faceShare;
  const overDew = Math.max(0, ratio - humidityRatio(faceC, 100));
  return {
    airKg: (AIR_KG_PER_M3 * box.openings.roomM3 * perH * (ratio - box.roomRatio)) / 3600,
    dewKg: GLASS_KG_PER_M2S * (box.panes.wallsM2 + box.panes.closedM2) * overDew,
  };
}

const NEAR_RATIO = 1e-6;

/** Water in the air of a box held at a warmth, kg/kg: what comes in is what leaves. */
function ratioAt(box: Shut, atC: number, drive: Drive, still: Still): number {
  const full = humidityRatio(atC, 100);
  const comes = (ratio: number) => drive.mistKgPerS + drive.steamKgPerS + drive.wetKgPerS * (full - ratio);
  const gap = (ratio: number) => {
    const { airKg, dewKg } = leaves(box, atC, ratio, drive, still);
    return airKg + dewKg - comes(ratio);
  };
  return rootOf(gap, Math.min(box.roomRatio, full) * 0.5, full, NEAR_RATIO);
}

const WITHOUT: Drive = { heatW: 0, mistKgPerS: 0, steamKgPerS: 0, wetKgPerS: 0, fanM3PerH: 0 };

/**
 * What a box loses that is held at a warmth and a dampness: heat through its panes, with its air and in what evaporates,
 * and water with its air and on its glass.
 *
 * @example lossesAt(box, 24, humidityRatio(24, 70), still) // { heatW: 21, waterKgPerS: 8e-7 }
 */
export function lossesAt(box: Shut, atC: number, ratio: number, still: Still, drive: Drive = WITHOUT) {
  const perH = changes(box, atC, ratio, drive, still);
  const { airKg, dewKg } = leaves(box, atC, ratio, drive, still);
  const evaporatesKg = Math.max(0, airKg + dewKg * LOST_THROUGH_GLASS - drive.steamKgPerS);
  const dryW = (box.panes.wPerK + withAirWPerK(perH, box.openings.roomM3)) * (atC - box.roomC);
  return { heatW: dryW + LATENT_J_PER_KG * evaporatesKg, waterKgPerS: airKg + dewKg, changesPerH: perH };
}

/** What a box held at a warmth loses under all else that works in it: see {@link lossesAt}. */
export const lossesHeld = (box: Shut, atC: number, drive: Drive, still: Still) =>
  lossesAt(box, atC, ratioAt(box, atC, drive, still), still, drive);

/**
 * Heat it takes to hold a box at a warmth under all else that works in it. Below nothing, it is too warm already.
 *
 * @example heatToHoldW(box, 24, drive, still) // 18.2
 */
export const heatToHoldW = (box: Shut, atC: number, drive: Drive, still: Still): number =>
  lossesHeld(box, atC, drive, still).heatW;

/** A box is looked for between so far under its room and so far over it. */
const LOOKED_FOR_K = { under: 15, over: 90 };
const NEAR_K = 0.02;

/**
 * How the air of a box settles under what works in it: heat and water in balance, both worked out together.
 *
 * @example settle(box, { heatW: 20, … }, still).temperatureC // 27.1
 */
export function settle(box: Shut, drive: Drive, still: Still): Settled {
  const short = (atC: number) => heatToHoldW(box, atC, drive, still) - drive.heatW;
  const temperatureC = rootOf(short, box.roomC - LOOKED_FOR_K.under, box.roomC + LOOKED_FOR_K.over, NEAR_K);
  const ratio = ratioAt(box, temperatureC, drive, still);
  const { airKg, dewKg } = leaves(box, temperatureC, ratio, drive, still);
  const evaporates = drive.wetKgPerS * Math.max(0, humidityRatio(temperatureC, 100) - ratio);
  return {
    temperatureC,
    ratio,
    humidityRh: relativeHumidity(temperatureC, ratio),
    changesPerH: changes(box, temperatureC, ratio, drive, still),
    outKgPerS: airKg + dewKg,
    surplusKgPerS: Math.max(0, drive.mistKgPerS + drive.steamKgPerS + evaporates - airKg - dewKg),
  };
}
