import { GEAR_LIGHTS, type Animal, type Range } from "../catalog";
import {
  airM3PerH,
  chainOf,
  fixtureOf,
  inUse,
  isBeside,
  isHeld,
  MESH_PASSES,
  MINUTES_A_DAY,
  onSpans,
  shareOn,
  waterMLPerH,
  wattsOf,
  type Daylight,
  type Fitted,
  type Fixture,
  type Place,
} from "../gear";
import type { Shell } from "../habitat";
import { NO_HEAT, type Heat } from "./balance";
import { shineK } from "./basking";
import type { Half } from "./field";

/** From 8 to 20: common practice, where no lamp tells. */
const USUAL_DAY: Daylight = { fromMin: 8 * 60, untilMin: 20 * 60 };

/** The day of a box: as long as the longest of its lights is on. @example daylightOf(all, "2026-06-01").fromMin // 480 */
export function daylightOf(all: readonly Fitted[], on: string): Daylight {
  const spans = all
    .filter(({ piece, kind }) => GEAR_LIGHTS.includes(kind.purpose) && inUse(piece, on) && piece.run.by !== "always")
    .flatMap(({ piece }) => onSpans(piece.run, on))
    .filter(({ fromMin, untilMin }) => untilMin - fromMin > 60 && untilMin - fromMin < MINUTES_A_DAY);
  if (spans.length === 0) return USUAL_DAY;
  return spans.reduce((longest, span) =>
    span.untilMin - span.fromMin > longest.untilMin - longest.fromMin ? span : longest,
  );
}

/** Of the light and the warmth a lamp over the top sends down, so much comes through: from memory. */
const THROUGH: Record<Fixture["through"], Range> = { mesh: MESH_PASSES, glass: [0.5, 0.7], nothing: [0.9, 1] };
const ALL: Range = [1, 1];
const NONE: Range = [0, 0];
/** Of what does not say: half goes down. */
const RADIANT: Range = [0.4, 0.6];
const MAT: Range = [0.6, 0.85];
const OVER_TOP: readonly Place[] = ["aboveMesh", "lidOpening"];
const MATS: readonly Place[] = ["underBox", "sideOfBox"];

/** Share of what it draws that warms the box: all of it under the lid, what shines down from above, half of a mat. */
export function warmsShare({ kind, place, through }: Fixture): Range {
  if (MATS.includes(place)) return kind.reference.intoSoilShare ?? MAT;
  if (isBeside(place) || place === "wall") return NONE;
  if (!OVER_TOP.includes(place) && through === "nothing") return ALL;
  const radiant = kind.reference.radiantShare ?? RADIANT;
  return [radiant[0] * THROUGH[through][0], radiant[1] * THROUGH[through][1]];
}

/** What a piece gives while it is on, low and high: heat into the box, water to its air and its ground, air through it. */
type Gives = {
  heat: readonly [least: Heat, most: Heat];
  fogKgPerS: Range;
  sprayKgPerS: Range;
  steamKgPerS: Range;
  fanM3PerH: Range;
};

/** What works in a box in one half of the day: always, and what a controller adds or takes up to a set point. */
export type Working = { fixture: Fixture; gives: Gives; share: number; holds: Holds | null };
/** `shineK`: how much warmer than the air its probe gets under it at full power. */
export type Holds = { heatC: number; shineK: number } | { wetsRh: number } | { driesRh: number };

/** Of what shines from a lamp, so much is light that goes out through glass or comes back from what it falls on: from memory. */
const LOST_AS_LIGHT: Partial<Record<Fitted["kind"]["purpose"], number>> = {
  dayHeat: 0.15,
  uv: 0.2,
  plantLight: 0.2,
};

/** Heat a piece gives at one end of its range: a mat to the ground, a lamp by what it shines and what rises from it. */
function heatFrom(fixture: Fixture, at: 0 | 1): Heat {
  const watts = wattsOf(fixture) * warmsShare(fixture)[at];
  if (MATS.includes(fixture.place) || fixture.place === "inSoil") return { ...NO_HEAT, matW: watts };
  const { kind, place, through } = fixture;
  const radiant = (kind.reference.radiantShare ?? RADIANT)[at];
  // Over the top only what shines comes in at all.
  const shines = !OVER_TOP.includes(place) && through === "nothing" ? radiant : 1;
  const kept = 1 - (LOST_AS_LIGHT[kind.purpose] ?? 0);
  return { airW: watts * (1 - shines), shoneW: watts * shines * kept, matW: 0 };
}

/** A hand sprayer is worked by hand: what it gives is part of its run. */
const STEAMS = "steamHumidifier";
const FOGS = "ultrasonicFogger";
const KG_PER_ML = 1 / 1e6;

const STIRS: readonly Place[] = ["insideGuarded", "insideTop"];

function givesOf(fixture: Fixture): Gives {
  const { id, purpose } = fixture.kind;
  const water = waterMLPerH(fixture).map((mL) => (mL * 1000 * KG_PER_ML) / 3600) as unknown as Range;
  const wets = purpose === "water" && id !== "drippingWall";
  const [steams, fogs] = [id === STEAMS, id === FOGS];
  return {
    heat: [heatFrom(fixture, 0), heatFrom(fixture, 1)],
    steamKgPerS: wets && steams ? water : NONE,
    fogKgPerS: wets && fogs ? water : NONE,
    sprayKgPerS: wets && !steams && !fogs ? water : NONE,
    fanM3PerH: airM3PerH(fixture, !STIRS.includes(fixture.place)),
  };
}

/** What the probe of the thermostat a lamp hangs on feels of it, over the air. */
export function feltK(fixture: Fixture, all: readonly Fitted[]): number {
  const gear = all.map(({ piece }) => piece);
  const probe = chainOf(fixture.piece, gear).find((one) => one.probe !== null)?.probe;
  return probe ? shineK(fixture, { xCm: probe.xCm, yCm: probe.yCm, zCm: probe.upCm }) : 0;
}

function holdsOf(fixture: Fixture, all: readonly Fitted[], half: Half): Holds | null | "off" {
  const { piece, kind } = fixture;
  const { run } = piece;
  if (run.by === "warmth") {
    const heatC = half === "day" ? run.dayC : run.nightC;
    return heatC === null ? "off" : { heatC, shineK: feltK(fixture, all) };
  }
  if (run.by !== "damp") return null;
  const rh = half === "day" ? run.dayRh : run.nightRh;
  if (rh === null) return "off";
  return kind.purpose === "air" ? { driesRh: rh } : { wetsRh: rh };
}

const WORKS: readonly Fitted["kind"]["purpose"][] = ["dayHeat", "nightHeat", "uv", "plantLight", "water", "air"];

/** What works in a box by day or by night, on a day of the year. */
export function workingIn(
  all: readonly Fitted[],
  shell: Shell,
  surfaceAt: (xCm: number, yCm: number) => number,
  half: Half,
  on: string,
): Working[] {
  const light = daylightOf(all, on);
  return all.flatMap((one): Working[] => {
    if (!WORKS.includes(one.kind.purpose) || !inUse(one.piece, on)) return [];
    const share = isHeld(one.piece.run) ? 1 : shareOn(one.piece.run, light, on)[half];
    if (share <= 0) return [];
    const fixture = fixtureOf(one, shell, surfaceAt);
    const holds = holdsOf(fixture, all, half);
    if (holds === "off") return [];
    return [{ fixture, gives: givesOf(fixture), share, holds }];
  });
}

/**
 * The least changes of air an hour its keepers give a box, by how the animal's air moves: from memory. There is no most:
 * an open mesh is aired a hundred times an hour by the flow model, as Epstein's measurements have it, and what too much
 * air does is told by the dampness it takes away.
 */
export const LEAST_CHANGES: Record<Animal["air"]["movement"], number> = { still: 0.5, gentle: 2, brisk: 6 };
