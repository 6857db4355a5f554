import { weakMapMemoize } from "reselect";
import type { Design, Layer, Mound, Over, Shell, Zone } from "../habitat";
import type { Library } from "../library";
import { groundOutline } from "../shell";
import { areaCm2, bounds, insideOf } from "../shape";
import { heightAt, levelAt, type Bilinear, type Bounds, type Polygon, type Region } from "../shape";
import { heapsCm } from "./heaps";

/** What of a design the ground is made of. */
export type GroundPlan = Pick<Design, "shell" | "strata" | "mixes" | "pieces">;

/** One layer as a field over the floor: where it lies, and how thick it is there. */
export type Patch = {
  layer: Layer;
  region: Region;
  /** The upright rectangle its corners belong to. */
  frame: Bounds;
  /** Its thickness without its heaps. */
  plain: Bilinear;
  mounds: readonly Mound[];
  /** Thickness, cm, as if it lay at this place. */
  thicknessCm: (x: number, y: number) => number;
  lies: (x: number, y: number) => boolean;
};

/** A layer where it lies at one place: heights from the glass, cm. */
export type Slab = { patch: Patch; bottomCm: number; topCm: number };

/** The ground as fields of height over the floor the walls leave. */
export type Terrain = {
  /** The floor what is built on the walls leaves, and what lies on the glass, which may run on under it. */
  outline: Polygon;
  floor: Polygon;
  patches: readonly Patch[];
  zones: readonly Zone[];
  /** No ground is higher than this, cm from the glass. */
  mostCm: number;
  /** The layers that lie at a place, from the lowest up. */
  columnAt: (x: number, y: number) => Slab[];
  /** Top of a layer at a place, cm from the glass; where it does not lie, of what lies there below it. */
  topOf: (patch: Patch, x: number, y: number) => number;
  /** The zone a place belongs to; undefined where there is none. */
  zoneAt: (x: number, y: number) => Zone | undefined;
  /** Top of everything at a place, cm from the glass. */
  surfaceAt: (x: number, y: number) => number;
};

/** The floor a shell leaves to the ground, worked out once. */
const outlineOf = weakMapMemoize((shell: Shell, belowCm: number): Polygon => groundOutline(shell, belowCm));

/** Where a layer lies: the whole floor, a zone of it, or what the zones leave. */
const regionOf = weakMapMemoize((outline: Polygon, zones: readonly Zone[], on: Over["on"], zoneId: string): Region => {
  if (on === "floor") return { inside: [outline], outside: [] };
  if (on === "rest") return { inside: [outline], outside: zones.map((zone) => zone.points) };
  const zone = zones.find((other) => other.id === zoneId);
  return zone ? { inside: [outline, zone.points], outside: [] } : { inside: [outline], outside: [] };
});

/** The upright rectangle a lift's corners belong to: the ground's own, or its zone's. */
function frameOfRegion({ inside, outside }: Region): Bounds {
  const [first, ...others] = inside.map(bounds);
  const whole = others.reduce(
    (a, b) => ({
      left: Math.max(a.left, b.left),
      right: Math.min(a.right, b.right),
      front: Math.max(a.front, b.front),
      back: Math.min(a.back, b.back),
    }),
    first ?? { left: 0, right: 1, front: 0, back: 1 },
  );
  // What one zone over a whole side leaves is a rectangle of its own, and its corners are the ones a builder sees.
  return outside.map(bounds).reduce((rest, gone) => {
    const across = gone.front <= rest.front + 0.1 && gone.back >= rest.back - 0.1;
    if (across && gone.left <= rest.left + 0.1 && gone.right < rest.right) return { ...rest, left: gone.right };
    if (across && gone.right >= rest.right - 0.1 && gone.left > rest.left) return { ...rest, right: gone.left };
    const along = gone.left <= rest.left + 0.1 && gone.right >= rest.right - 0.1;
    if (along && gone.front <= rest.front + 0.1 && gone.back < rest.back) return { ...rest, front: gone.back };
    if (along && gone.back >= rest.back - 0.1 && gone.front > rest.front) return { ...rest, back: gone.front };
    return rest;
  }, whole);
}

/** Depths at four corners as a height over the plan, straight along both axes. */
function betweenCorners({ left, right, front, back }: Bounds, corners: Extract<Layer, { kind: "soil" }>["corners"]) {
  const [width, depth] = [Math.max(1e-9, right - left), Math.max(1e-9, back - front)];
  const { frontLeftCm, frontRightCm, backLeftCm, backRightCm } = corners;
  const alongX = (frontRightCm - frontLeftCm) / width;
  const alongY = (backLeftCm - frontLeftCm) / depth;
  const twist = (frontLeftCm - frontRightCm - backLeftCm + backRightCm) / (width * depth);
  return {
    a: frontLeftCm - alongX * left - alongY * front + twist * left * front,
    b: alongX - twist * front,
    c: alongY - twist * left,
    d: twist,
  };
}

function plainOf(layer: Layer, frame: Bounds, library: Library): Bilinear {
  if (layer.kind === "barrier") return levelAt(library.get("barriers", layer.materialId).thicknessCm);
  return layer.kind === "soil" ? betweenCorners(frame, layer.corners) : levelAt(layer.depthCm);
}

const clamp = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));

/** A layer as a field, worked out anew only when the layer or where it lies changed. */
const patchOf = weakMapMemoize((layer: Layer, region: Region, library: Library): Patch => {
  const frame = frameOfRegion(region);
  const plain = plainOf(layer, frame, library);
  const mounds = layer.kind === "soil" ? layer.mounds : [];
  const zones = region.inside.slice(1).map(insideOf);
  const elsewhere = region.outside.map(insideOf);
  return {
    layer,
    region,
    frame,
    plain,
    mounds,
    thicknessCm: (x, y) => {
      // Beside its own floor a lift is told as deep as at its edge.
      const flat = heightAt(plain, clamp(x, frame.left, frame.right), clamp(y, frame.front, frame.back));
      return flat + heapsCm(mounds, x, y);
    },
    lies: (x, y) => zones.every((isIn) => isIn(x, y)) && !elsewhere.some((isIn) => isIn(x, y)),
  };
});

const mostOf = ({ layer, plain, mounds }: Patch): number => {
  if (layer.kind !== "soil") return plain.a;
  return Math.max(...Object.values(layer.corners)) + mounds.reduce((sum, mound) => sum + mound.heightCm, 0);
};

const zoneFinder = weakMapMemoize((zones: readonly Zone[]) => {
  const outlines = zones.map((zone) => ({ zone, isIn: insideOf(zone.points) }));
  return (x: number, y: number) => outlines.find(({ isIn }) => isIn(x, y))?.zone;
});

function columnOf(patches: readonly Patch[], x: number, y: number): Slab[] {
  const column: Slab[] = [];
  let topCm = 0;
  for (const patch of patches) {
    if (!patch.lies(x, y)) continue;
    const bottomCm = topCm;
    topCm += patch.thicknessCm(x, y);
    column.push({ patch, bottomCm, topCm });
  }
  return column;
}

/** Layers that lie wholly under the lower edge of what is built on a wall run on to the glass. */
function patchesOf({ shell, strata }: Pick<Design, "shell" | "strata">, outline: Polygon, library: Library): Patch[] {
  const raised = shell.treatments.some(({ fromCm }) => fromCm > 0);
  let topCm = 0;
  return strata.layers.map((layer) => {
    const zoneId = layer.over.on === "zone" ? layer.over.zoneId : "";
    const over = (floor: Polygon) => patchOf(layer, regionOf(floor, strata.zones, layer.over.on, zoneId), library);
    const patch = over(outline);
    if (!raised) return patch;
    topCm += mostOf(patch);
    const floor = outlineOf(shell, topCm);
    return areaCm2(floor) > areaCm2(outline) ? over(floor) : patch;
  });
}

/**
 * The layers of a habitat as fields over its floor.
 *
 * @example terrainOf(habitat, library).surfaceAt(30, 20) // the surface in the middle
 */
export function terrainOf({ shell, strata }: Pick<Design, "shell" | "strata">, library: Library): Terrain {
  const outline = outlineOf(shell, Infinity);
  const patches = patchesOf({ shell, strata }, outline, library);
  return {
    outline,
    floor: patches[0]?.region.inside[0] ?? outline,
    patches,
    zones: strata.zones,
    mostCm: patches.reduce((sum, patch) => sum + mostOf(patch), 0),
    columnAt: (x, y) => columnOf(patches, x, y),
    topOf: (patch, x, y) => columnOf(patches.slice(0, patches.indexOf(patch) + 1), x, y).at(-1)?.topCm ?? 0,
    zoneAt: zoneFinder(strata.zones),
    surfaceAt: (x, y) => patches.reduce((sum, patch) => (patch.lies(x, y) ? sum + patch.thicknessCm(x, y) : sum), 0),
  };
}
