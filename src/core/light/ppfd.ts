import type { Range } from "../catalog";
import type { Shell } from "../habitat";
import { beamDegOf, fixtureOf, flatCmOf, inUse, lengthCmOf, wattsOf, type Between, type Fitted } from "../gear";
import { floorOutline } from "../habitat";
import { areaCm2 } from "../shape";
import { UMOL_PER_LUMEN } from "./light";
import { pointShine, type Point } from "./shine";

const CM2_PER_M2 = 10_000;

/** Share of a lamp's light that enters the box; mesh takes a third or more away (common practice). */
const THROUGH: Record<Between, number> = { mesh: 0.6, glass: 0.85, nothing: 0.95 };

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

/** A long or flat lamp as small ones along it, from the middle: offsets in cm. */
const PARTS = 5;
function partsOf(one: Fitted): { xCm: number; yCm: number }[] {
  const long = lengthCmOf(one);
  const { widthCm, depthCm } = long > 0 ? { widthCm: long, depthCm: 0 } : flatCmOf(one);
  const along = (cm: number) =>
    cm > 0 ? Array.from({ length: PARTS }, (_, n) => ((n + 0.5) / PARTS - 0.5) * cm) : [0];
  return along(widthCm).flatMap((xCm) => along(depthCm).map((yCm) => ({ xCm, yCm })));
}

/** A lamp plants can use: where its parts are, what of its light comes in, how wide it shines. */
export type PlantLamp = {
  parts: readonly Point[];
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
    const comes: Range = [sent[0] * THROUGH[through], sent[1] * THROUGH[through]];
    return [
      {
        parts: partsOf(one).map((part) => ({ xCm: xCm + part.xCm, yCm: yCm + part.yCm, zCm })),
        beamDeg: beamDegOf(one),
        photons: comes,
        spread: [(comes[0] * THROWN_BACK) / floorM2, (comes[1] * THROWN_BACK) / floorM2],
      },
    ];
  });
}

const CM_PER_M = 100;

function shineAt({ parts, beamDeg }: PlantLamp, at: Point): number {
  const each = parts.map((part) => {
    const asideM = Math.hypot(part.xCm - at.xCm, part.yCm - at.yCm) / CM_PER_M;
    return pointShine((part.zCm - at.zCm) / CM_PER_M, asideM, beamDeg);
  });
  return each.reduce((sum, share) => sum + share, 0) / parts.length;
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
