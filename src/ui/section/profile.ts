import type { Ground, Slab } from "@/core/strata";
import { bounds, contains } from "@/core/shape";
import type { Frame } from "./frame";

/** A layer in the cut: its underside and its top at each place, cm from the glass; the same where it does not lie. */
type Band = { layerId: string; belowCm: readonly number[]; aboveCm: readonly number[] };

/** The ground cut along a line through the box, as it shows in a view. */
export type Profile = {
  /** Places along the view, cm from its left. */
  acrossCm: readonly number[];
  /** Each layer as the cut shows it, from the lowest up. */
  bands: readonly Band[];
  /** Top of everything at each place. */
  surfaceCm: readonly number[];
  /** Where the cut runs at each place: from the left and from the front glass. */
  places: readonly (readonly [number, number])[];
};

const STEP_CM = 1.5;
const DEPTH_PROBES = 30;
const HAIR_CM = 0.02;

/** How far along a view the ground reaches, and the places where a zone's edge makes it step. */
function stations(ground: Ground, frame: Frame, edges: readonly number[]): number[] {
  const { left, right, front, back } = bounds(ground.terrain.floor);
  const [from, to] = frame.view === "side" ? [front, back] : [left, right];
  const plain = ground.terrain.patches.every(
    ({ mounds, region }) => mounds.length === 0 && region.inside.length === 1 && region.outside.length === 0,
  );
  const count =
    plain && ground.terrain.floor.length === 4 && ground.terrain.floor === ground.terrain.outline
      ? 2
      : Math.max(2, Math.ceil((to - from) / STEP_CM));
  const even = Array.from({ length: count + 1 }, (_, at) => from + ((to - from) * at) / count);
  const steps = edges.flatMap((edge) => [edge - HAIR_CM, edge + HAIR_CM]).filter((cm) => cm > from && cm < to);
  return [...even, ...steps].sort((a, b) => a - b);
}

/** The first place inside the floor along a line of sight, a hair in; undefined where the line misses it. */
function firstInside(
  ground: Ground,
  at: (share: number) => readonly [number, number],
): readonly [number, number] | undefined {
  for (let step = 0; step <= DEPTH_PROBES; step += 1) {
    const point = at((step + 0.001) / (DEPTH_PROBES + 1));
    if (contains(ground.terrain.floor, point)) return point;
  }
  return undefined;
}

/** From the front one sees the ground at the front glass; from the side it is cut through the middle. */
function cutAt(ground: Ground, frame: Frame, cm: number): readonly [number, number] | undefined {
  const { left, right, front, back } = bounds(ground.terrain.floor);
  if (frame.view === "front") {
    const x = Math.min(right - HAIR_CM / 2, Math.max(left + HAIR_CM / 2, cm));
    return firstInside(ground, (share) => [x, front + (back - front) * share]);
  }
  const y = Math.min(back - HAIR_CM / 2, Math.max(front + HAIR_CM / 2, cm));
  const middle = [(left + right) / 2, y] as const;
  return contains(ground.terrain.floor, middle)
    ? middle
    : firstInside(ground, (share) => [left + (right - left) * share, y]);
}

/** What lies at a place: under what is built on a wall only what runs on below it. */
function columnAt({ terrain }: Ground, place: readonly [number, number]): Slab[] {
  const column = terrain.columnAt(...place);
  if (terrain.floor === terrain.outline || contains(terrain.outline, place)) return column;
  return column.filter(({ patch }) => contains(patch.region.inside[0] ?? terrain.outline, place));
}

/**
 * Cuts the ground for a view.
 *
 * @param edges places along the view where zones meet
 */
export function profileOf(ground: Ground, frame: Frame, edges: readonly number[]): Profile {
  const found = stations(ground, frame, edges).flatMap((cm) => {
    const place = cutAt(ground, frame, cm);
    return place ? [{ cm, place, column: columnAt(ground, place) }] : [];
  });
  return {
    acrossCm: found.map(({ cm }) => cm),
    places: found.map(({ place }) => place),
    bands: bandsOf(
      ground,
      found.map(({ column }) => column),
    ),
    surfaceCm: found.map(({ column }) => column.at(-1)?.topCm ?? 0),
  };
}

/** Every layer as a band: where it does not lie at a place, it has no thickness there. */
function bandsOf(ground: Ground, columns: readonly (readonly Slab[])[]): Band[] {
  let below: readonly number[] = columns.map(() => 0);
  return ground.terrain.patches.map((patch): Band => {
    const belowCm = below;
    const aboveCm = columns.map((column, at) => column.find((slab) => slab.patch === patch)?.topCm ?? belowCm[at] ?? 0);
    below = aboveCm;
    return { layerId: patch.layer.id, belowCm, aboveCm };
  });
}

/** The highest ground behind each place of a cut: what shows above it from the front. */
export function skyline(ground: Ground, profile: Profile): number[] {
  const { front, back } = bounds(ground.terrain.outline);
  const level = ground.terrain.patches.every(
    ({ layer }) =>
      layer.kind !== "soil" ||
      (layer.mounds.length === 0 && Object.values(layer.corners).every((cm) => cm === layer.corners.frontLeftCm)),
  );
  if (level && ground.terrain.patches.every(({ layer }) => layer.over.on === "floor")) return [...profile.surfaceCm];
  return profile.places.map(([x, y], at) => {
    const heights = Array.from({ length: 9 }, (_, at) => y + ((back - y) * at) / 8.001).filter(
      (deep) => deep >= front && contains(ground.terrain.outline, [x, deep]),
    );
    return Math.max(profile.surfaceCm[at] ?? 0, ...heights.map((deep) => ground.surfaceAt(x, deep)));
  });
}

/** SVG points of the band between two lines of heights. */
export function bandOf(
  frame: Frame,
  acrossCm: readonly number[],
  belowCm: readonly number[],
  aboveCm: readonly number[],
): string {
  const point = (cm: number, up: number) => `${frame.x(cm).toFixed(2)},${frame.y(up).toFixed(2)}`;
  const along = acrossCm.map((cm, at) => point(cm, aboveCm[at] ?? 0));
  const back = acrossCm.map((cm, at) => point(cm, belowCm[at] ?? 0)).reverse();
  return [...along, ...back].join(" ");
}

/** The height of a line of heights at a place along it. */
export function heightAlong(profile: Profile, heights: readonly number[], cm: number): number {
  const { acrossCm } = profile;
  const at = acrossCm.findIndex((other) => other >= cm);
  if (at <= 0) return heights[at < 0 ? heights.length - 1 : 0] ?? 0;
  const [from, to] = [acrossCm[at - 1] ?? 0, acrossCm[at] ?? 0];
  const share = to > from ? (cm - from) / (to - from) : 0;
  return (heights[at - 1] ?? 0) + ((heights[at] ?? 0) - (heights[at - 1] ?? 0)) * share;
}
