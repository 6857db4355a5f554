import { entry } from "../catalog";
import { OVER_ALL, OVER_REST, type Habitat, type Layer, type Mound } from "../habitat";
import { groundOutline } from "../shell";
import { bounds, insideOf, type Bounds, type Circle, type Polygon, type Region } from "../shape";

/** One layer as a field over the floor: where it lies, and how thick it is there. */
export type Patch = {
  layer: Layer;
  region: Region;
  /** The upright rectangle its corners belong to. */
  frame: Bounds;
  /** Edges across which its thickness changes its form. */
  circles: readonly Circle[];
  /** Thickness, cm, as if it lay at this place. */
  thicknessCm: (x: number, y: number) => number;
  lies: (x: number, y: number) => boolean;
};

/** The ground as fields of height over the floor the walls leave. */
export type Terrain = {
  outline: Polygon;
  patches: readonly Patch[];
  zones: readonly Polygon[];
  /** No ground is higher than this, cm from the glass. */
  mostCm: number;
  /** Tops of all layers at a place, cm from the glass, from the lowest up; a layer that does not lie there has no thickness. */
  topsAt: (x: number, y: number) => number[];
};

/**
 * Height of a heap over the lift it stands on, at a distance from its middle, cm.
 *
 * @example moundCm({ form: "dome", radiusCm: 10, topRadiusCm: 0, heightCm: 4, … }, 0) // 4
 */
export function moundCm({ form, radiusCm, topRadiusCm, heightCm }: Mound, distanceCm: number): number {
  if (distanceCm >= radiusCm) return 0;
  if (form === "flat") return heightCm * Math.min(1, (radiusCm - distanceCm) / Math.max(1e-9, radiusCm - topRadiusCm));
  const sphereCm = (radiusCm ** 2 + heightCm ** 2) / (2 * heightCm);
  return Math.sqrt(sphereCm ** 2 - distanceCm ** 2) - (sphereCm - heightCm);
}

/** Where a layer lies: the whole floor, a zone of it, or what the zones leave. */
export function regionOf(habitat: Habitat, outline: Polygon, over: string): Region {
  const { zones } = habitat.strata;
  if (over === OVER_ALL) return { inside: [outline], outside: [] };
  if (over === OVER_REST) return { inside: [outline], outside: zones.map((zone) => zone.points) };
  const zone = zones.find((other) => other.id === over);
  return zone ? { inside: [outline, zone.points], outside: [] } : { inside: [outline], outside: [] };
}

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

function thicknessOf(layer: Layer, { left, right, front, back }: Bounds): Patch["thicknessCm"] {
  if (layer.kind === "barrier") {
    const { thicknessCm } = entry("barriers", layer.materialId);
    return () => thicknessCm;
  }
  if (layer.kind !== "soil") return () => layer.depthCm;
  const [width, depth] = [Math.max(1e-9, right - left), Math.max(1e-9, back - front)];
  const { frontLeftCm: fl, frontRightCm: fr, backLeftCm: bl, backRightCm: br } = layer.corners;
  const share = (value: number) => Math.min(1, Math.max(0, value));
  return (x, y) => {
    const [u, v] = [share((x - left) / width), share((y - front) / depth)];
    const plain = (1 - v) * (fl + (fr - fl) * u) + v * (bl + (br - bl) * u);
    return layer.mounds.length === 0
      ? plain
      : layer.mounds.reduce((sum, heap) => sum + moundCm(heap, Math.hypot(x - heap.xCm, y - heap.yCm)), plain);
  };
}

const circlesOf = (layer: Layer): Circle[] =>
  layer.kind === "soil"
    ? layer.mounds.flatMap(({ xCm, yCm, radiusCm, topRadiusCm, form }) => [
        { xCm, yCm, radiusCm },
        ...(form === "flat" && topRadiusCm > 0 ? [{ xCm, yCm, radiusCm: topRadiusCm }] : []),
      ])
    : [];

/**
 * The layers of a habitat as fields over its floor.
 *
 * @example terrainOf(habitat).topsAt(30, 20).at(-1) // the surface in the middle
 */
export function terrainOf(habitat: Habitat): Terrain {
  const outline = groundOutline(habitat.shell);
  const patches = habitat.strata.layers.map((layer): Patch => {
    const region = regionOf(habitat, outline, layer.over);
    const frame = frameOfRegion(region);
    const zones = region.inside.slice(1).map(insideOf);
    const elsewhere = region.outside.map(insideOf);
    return {
      layer,
      region,
      frame,
      circles: circlesOf(layer),
      thicknessCm: thicknessOf(layer, frame),
      lies: (x, y) => zones.every((isIn) => isIn(x, y)) && !elsewhere.some((isIn) => isIn(x, y)),
    };
  });
  const mostOf = (layer: Layer): number =>
    layer.kind === "soil"
      ? Math.max(...Object.values(layer.corners)) + layer.mounds.reduce((sum, mound) => sum + mound.heightCm, 0)
      : layer.kind === "barrier"
        ? entry("barriers", layer.materialId).thicknessCm
        : layer.depthCm;
  return {
    outline,
    patches,
    zones: habitat.strata.zones.map((zone) => zone.points),
    mostCm: habitat.strata.layers.reduce((sum, layer) => sum + mostOf(layer), 0),
    topsAt: (x, y) => {
      let top = 0;
      return patches.map((patch) => {
        if (patch.lies(x, y)) top += patch.thicknessCm(x, y);
        return top;
      });
    },
  };
}
