import type { Range } from "../catalog";
import { beamDegOf, MESH_PASSES, wattsOf, type Fixture } from "../gear";
import { pointShine, type Point } from "../light";

/** Of the heat that falls on bark, stone or scales, so much is taken up: from memory. */
const TAKEN_UP = 0.85;
/** What a warmed surface gives off again, W/m²K: to the air and the walls, and into what it lies on; from memory. */
const GIVES_OFF: Range = [10.4, 15.4];
const THROUGH: Record<Fixture["through"], Range> = { mesh: MESH_PASSES, glass: [0.5, 0.7], nothing: [1, 1] };
/** Of what a lamp sends out, so much passes by its beam: from memory. */
const IN_BEAM = 0.75;

/** Whether some of what a piece draws shines down as warmth. */
const warmsBelow = ({ kind }: Pick<Fixture, "kind">): boolean =>
  (kind.purpose === "dayHeat" || kind.purpose === "nightHeat" || kind.purpose === "uv") &&
  kind.reference.radiantShare !== undefined &&
  kind.reference.beamDeg !== undefined;

/**
 * Heat that lamps shine on level ground at a place, W/m²: by power, beam, distance and slant.
 *
 * @example shoneW([lamp], { xCm: 20, yCm: 20, zCm: 22 }) // [110, 140] under 50 W at 30 cm through mesh
 */
function shoneW(lamps: readonly Fixture[], at: Point): Range {
  return lamps.filter(warmsBelow).reduce<Range>(
    (sum, lamp) => {
      const asideM = Math.hypot(lamp.xCm - at.xCm, lamp.yCm - at.yCm) / 100;
      const shine = pointShine((lamp.zCm - at.zCm) / 100, asideM, beamDegOf(lamp));
      const radiant = lamp.kind.reference.radiantShare ?? [0, 0];
      const [least, most] = THROUGH[lamp.through];
      const sent = wattsOf(lamp) * IN_BEAM * shine;
      return [sum[0] + sent * least * radiant[0], sum[1] + sent * most * radiant[1]];
    },
    [0, 0],
  );
}

/**
 * How warm a surface gets under lamps, °C: as much over its air as it gives off again what it takes up.
 *
 * @param airC of the air at that end of the box
 * @example surfaceC([lamp], at, [23, 25]) // [30, 35]
 */
export function surfaceC(lamps: readonly Fixture[], at: Point, airC: Range): Range {
  const [low, high] = shoneW(lamps, at);
  return [airC[0] + (low * TAKEN_UP) / GIVES_OFF[1], airC[1] + (high * TAKEN_UP) / GIVES_OFF[0]];
}

/** How much warmer than its air a place under one lamp gets at full power, K, in the middle of its range. */
export function shineK(lamp: Fixture, at: Point): number {
  const [low, high] = shoneW([lamp], at);
  return (((low + high) / 2) * TAKEN_UP) / ((GIVES_OFF[0] + GIVES_OFF[1]) / 2);
}
