import { fixtureOf, inUse, wattsOf, type Fitted, type Fixture } from "../gear";
import type { Point } from "../light";
import type { Scene } from "../scene";
import { clearanceCm } from "../shape";
import { bodiesAt, type Ground } from "../strata";

/** What an animal can stand on at a place in plan, cm from the floor's glass: the top of a piece, or the ground. */
export function standCm({ solids, surfaceAt }: Ground, xCm: number, yCm: number, underCm = Infinity): number {
  const tops = solids.flatMap((solid) =>
    solid.piece ? bodiesAt(solid, xCm, yCm).map(({ toCm }) => solid.baseCm + toCm) : [],
  );
  return Math.max(surfaceAt(xCm, yCm), ...tops.filter((cm) => cm < underCm - 1));
}

/** Nearer than this beside a hot lamp, guarded or not, wood and plastic get hot: from memory. */
export const BESIDE_LAMP_CM = 10;
/** What hangs so far under or over a lamp stands beside it: its heat goes down and to all sides. */
const BESIDE_CM = 8;

/**
 * How far the nearest piece stands beside a place, cm; nothing in the way is Infinity, in a piece is 0.
 *
 * @example besideCm(ground, { xCm: 9, yCm: 20, zCm: 67 }) // 0: within a cork tube
 */
export function besideCm({ solids }: Ground, { xCm, yCm, zCm }: Point): number {
  const beside = solids.filter(
    ({ piece, baseCm, topCm }) => piece && baseCm < zCm + BESIDE_CM && topCm > zCm - BESIDE_CM,
  );
  const at = [xCm, yCm] as const;
  return Math.min(Infinity, ...beside.map(({ outline }) => Math.max(0, -clearanceCm(outline, at))));
}

/** The strongest lamp that warms by day, in use on a day. */
const warmest = (all: readonly Fitted[], on: string): Fitted | undefined =>
  all
    .filter(({ piece, kind }) => kind.purpose === "dayHeat" && inUse(piece, on))
    .toSorted((a, b) => wattsOf(b) - wattsOf(a))[0];

const underLamp = (ground: Ground, { xCm, yCm, zCm }: Fixture): Point => ({
  xCm,
  yCm,
  zCm: standCm(ground, xCm, yCm, zCm),
});

/** Where it basks: on what stands under the strongest lamp that warms by day; undefined where none hangs. */
export function baskingAt({ habitat, ground }: Scene, all: readonly Fitted[], on: string): Point | undefined {
  const lamp = warmest(all, on);
  return lamp && underLamp(ground, fixtureOf(lamp, habitat.shell, ground.surfaceAt));
}

/** The highest place one can stand on: the top of the tallest piece that is no hide of the ground. */
export function perchAt({ habitat, ground }: Scene): Point | undefined {
  const { heightCm } = habitat.shell;
  const tall = ground.solids
    .filter(({ piece, topCm }) => piece !== undefined && topCm < heightCm)
    .toSorted((a, b) => b.topCm - a.topCm)[0];
  if (!tall?.piece) return undefined;
  const { xCm, yCm } = tall.piece;
  const over = standCm(ground, xCm, yCm);
  return over > ground.surfaceAt(xCm, yCm) + 3 ? { xCm, yCm, zCm: over } : undefined;
}

/** Places over the ground, from the left glass to the right and from the front to the back. */
export function groundPoints({ habitat, ground }: Scene): Point[] {
  const { widthCm, depthCm } = habitat.shell;
  return [0.05, 0.25, 0.5, 0.75, 0.95].flatMap((x) =>
    [0.15, 0.5, 0.85].map((y) => ({
      xCm: x * widthCm,
      yCm: y * depthCm,
      zCm: ground.surfaceAt(x * widthCm, y * depthCm),
    })),
  );
}
