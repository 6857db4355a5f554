import type { Range } from "../catalog";
import type { Shell } from "../habitat";
import {
  beamDegOf,
  fixtureOf,
  flatCmOf,
  inUse,
  lengthCmOf,
  MESH_PASSES,
  wattsOf,
  type Between,
  type Fitted,
} from "../gear";
import { floorOutline } from "../habitat";
import { areaCm2 } from "../shape";
import { UMOL_PER_LUMEN } from "./light";
import { areaShine, type Lit, type Point } from "./shine";

const CM2_PER_M2 = 10_000;

/** Share of a lamp's light that enters the box: glass and a lamp's own cover from memory. */
const THROUGH: Record<Between, Range> = { mesh: MESH_PASSES, glass: [0.85, 0.85], nothing: [0.95, 0.95] };

/** Glass, leaves and ground throw so much of the light back, spread over the floor: from memory. */
const THROWN_BACK = 0.25;

/** Photons a lamp sends out, µmol a second: by its lumens where they are told, else by its watts. */
function photons(one: Fitted): Range {
  const { lumens } = one.piece;
  if (lumens !== null) return [lumens * UMOL_PER_LUMEN, lumens * UMOL_PER_LUMEN];
  const { umolPerJ, lumensPerWatt } = one.kind.reference;
  const watts = wattsOf(one);
  if (umolPerJ) return [umolPerJ[0] * watts, umolPerJ[1] * watts];
  if (!lumensPerWatt) return [0, 0];
  return [lumensPerWatt[0] * watts * UMOL_PER_LUMEN, lumensPerWatt[1] * watts * UMOL_PER_LUMEN];
}

const CM_PER_M = 100;

/** How large what shines is: a bar is long, a panel flat, a bulb neither. */
function litOf(one: Fitted): Lit {
  const long = lengthCmOf(one);
  const { widthCm, depthCm } = long > 0 ? { widthCm: long, depthCm: 0 } : flatCmOf(one);
  return { widthM: widthCm / CM_PER_M, depthM: depthCm / CM_PER_M };
}

/** A lamp plants can use: where its middle is, how large it is, what of its light comes in, how wide it shines. */
export type PlantLamp = Point & {
  lit: Lit;
  beamDeg: number;
  photons: Range;
  /** Thrown back and spread over the floor, µmol/m²/s. */
  spread: Range;
};

/**
 * Every lamp that gives light plants can use, with where it hangs.
 *
 * @param on calendar day, ISO 8601; left out: whatever the month
 */
export function plantLamps(
  all: readonly Fitted[],
  shell: Shell,
  surfaceAt: (xCm: number, yCm: number) => number,
  on?: string,
): PlantLamp[] {
  const floorM2 = areaCm2(floorOutline(shell)) / CM2_PER_M2;
  return all.flatMap((one): PlantLamp[] => {
    const sent = photons(one);
    if (sent[1] <= 0 || (on !== undefined && !inUse(one.piece, on))) return [];
    const { xCm, yCm, zCm, through } = fixtureOf(one, shell, surfaceAt);
    const [least, most] = THROUGH[through];
    const comes: Range = [sent[0] * least, sent[1] * most];
    return [
      {
        ...{ xCm, yCm, zCm },
        lit: litOf(one),
        beamDeg: beamDegOf(one),
        photons: comes,
        spread: [(comes[0] * THROWN_BACK) / floorM2, (comes[1] * THROWN_BACK) / floorM2],
      },
    ];
  });
}

function shineAt({ lit, beamDeg, ...lamp }: PlantLamp, at: Point): number {
  const aside = { xM: (at.xCm - lamp.xCm) / CM_PER_M, yM: (at.yCm - lamp.yCm) / CM_PER_M };
  return areaShine(lit, (lamp.zCm - at.zCm) / CM_PER_M, aside, beamDeg);
}

/**
 * Photons plants can use that fall on level leaves at a place with every lamp on, µmol/m²/s: straight from the lamps,
 * by distance, beam and slant, and what glass and leaves throw back.
 *
 * @example ppfdAtPlace(lamps, { xCm: 5, yCm: 40, zCm: 12 }) // [11, 18] in a dark corner
 */
export const ppfdAtPlace = (lamps: readonly PlantLamp[], at: Point): Range =>
  lamps.reduce<Range>(
    (sum, lamp) => {
      const shine = shineAt(lamp, at);
      return [sum[0] + lamp.photons[0] * shine + lamp.spread[0], sum[1] + lamp.photons[1] * shine + lamp.spread[1]];
    },
    [0, 0],
  );
