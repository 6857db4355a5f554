import { fullAir } from "./psychrometrics";

/** FAO-56: heat it takes to evaporate water. */
export const LATENT_J_PER_KG = 2.45e6;

/**
 * A surface inside a box as heat and water see it: it trades heat with the air, shines on all other surfaces, lets some
 * through to the room, is shone on, and gives off water or takes dew.
 */
export type Face = {
  /** Radiates with so much to the others, W/K. */
  shinesWPerK: number;
  /** To the air over it, W/K. */
  airWPerK: number;
  /** Through it to the room, W/K. */
  outWPerK: number;
  /** How easily it gives water off, kg/s for each kg/kg; nothing on what is dry. */
  wetKgPerS: number;
  /** How easily dew settles on it, kg/s for each kg/kg. */
  dewKgPerS: number;
};

/** The air a box's surfaces stand in, and the room they see. */
export type Around = {
  airC: number;
  /** Water in the air, kg/kg. */
  ratio: number;
  roomC: number;
  /** What its surfaces shine straight into the room, as through an open top, W/K. */
  openWPerK: number;
};

export type Given = {
  /** Warmth of each face, °C. */
  facesC: number[];
  /** What each gives off, kg/s; dew is below nothing. */
  vapourKgPerS: number[];
  /** Heat that all of them together give to the air, W. */
  toAirW: number;
};

/** The balance is straight but for the water, which is told anew about the warmth found: two rounds come to 0.05 K. */
const ROUNDS = 2;

/**
 * How warm the surfaces of a box are in air of a warmth and a dampness, each in balance: with the air, with one another
 * through one place all of them see (a star network of long waves), with the room, and with what evaporates from it. A
 * wet face gives off water to drier air; any face colder than the air's dew point takes some.
 *
 * Plain loops over arrays of numbers: every answer of the first sizing asks this some hundred times.
 *
 * @param heatW heat that falls on each face or comes up in it, W
 * @example facesIn([ground], [5], { airC: 24, ratio: 0.012, roomC: 21, openWPerK: 0 }).facesC // [22.8]
 */
export function facesIn(faces: readonly Face[], heatW: readonly number[], around: Around): Given {
  const { airC, ratio, roomC, openWPerK } = around;
  const facesC = faces.map(() => airC);
  const vapourKgPerS = faces.map(() => 0);
  const [ownC, slopeKg] = [faces.map(() => 0), faces.map(() => 0)];
  for (let round = 0; round < ROUNDS; round++) {
    let [shinesW, shinesWPerK] = [openWPerK * roomC, openWPerK];
    for (const [n, face] of faces.entries()) {
      const atC = facesC[n]!;
      const full = fullAir(atC);
      const over = full.ratio - ratio;
      const freely = over > 0 ? face.wetKgPerS : Math.max(face.wetKgPerS, face.dewKgPerS);
      const slope = freely * full.perK;
      const perK = face.airWPerK + face.shinesWPerK + face.outWPerK + LATENT_J_PER_KG * slope;
      const latentW = LATENT_J_PER_KG * (freely * over - slope * atC);
      const ownW = face.airWPerK * airC + face.outWPerK * roomC + heatW[n]! - latentW;
      // So warm without what the others shine; the rest comes when all of them are known.
      ownC[n] = ownW / perK;
      shinesW += face.shinesWPerK * ownC[n];
      shinesWPerK += face.shinesWPerK * (1 - face.shinesWPerK / perK);
      slopeKg[n] = slope;
      vapourKgPerS[n] = freely * over - slope * atC;
      facesC[n] = face.shinesWPerK / perK;
    }
    const starC = shinesWPerK > 0 ? shinesW / shinesWPerK : roomC;
    for (let n = 0; n < faces.length; n++) facesC[n] = ownC[n]! + facesC[n]! * starC;
  }
  let toAirW = 0;
  for (const [n, face] of faces.entries()) {
    vapourKgPerS[n]! += slopeKg[n]! * facesC[n]!;
    toAirW += face.airWPerK * (facesC[n]! - airC);
  }
  return { facesC, vapourKgPerS, toAirW };
}
