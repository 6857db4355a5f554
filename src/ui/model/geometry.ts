import { BufferGeometry, ExtrudeGeometry, Float32BufferAttribute, Shape } from "three";
import { bounds, contains, type Polygon } from "@/core/shape";
import type { Patch, Terrain } from "@/core/strata";

/** In the model x runs right, y up and z towards the one who looks: front glass at z = 0, back behind it. */
type Corner = readonly [x: number, y: number, z: number];

const CELLS = 36;

/** A layer as a closed body: its top, its underside and its flanks, on a grid over the floor. */
export function layerGeometry(terrain: Terrain, patch: Patch): BufferGeometry {
  const floor = patch.region.inside[0] ?? terrain.outline;
  const { left, right, front, back } = bounds(floor);
  const positions: number[] = [];
  const face = (a: Corner, b: Corner, c: Corner, d: Corner) => positions.push(...a, ...b, ...c, ...a, ...c, ...d);
  const x = (at: number) => left + ((right - left) * at) / CELLS;
  const y = (at: number) => front + ((back - front) * at) / CELLS;
  const middle = (i: number, j: number) => [x(i + 0.5), y(j + 0.5)] as const;
  const lies = (i: number, j: number): boolean =>
    i >= 0 && j >= 0 && i < CELLS && j < CELLS && contains(floor, middle(i, j)) && patch.lies(...middle(i, j));
  for (let i = 0; i < CELLS; i += 1) {
    for (let j = 0; j < CELLS; j += 1) {
      if (!lies(i, j)) continue;
      const lying = terrain.patches.filter((other) => other.lies(...middle(i, j)));
      const below = lying.slice(0, lying.indexOf(patch));
      const corner = (di: number, dj: number, stack: readonly Patch[]): Corner => {
        const [px, py] = [x(i + di), y(j + dj)];
        return [px, stack.reduce((sum, other) => sum + other.thicknessCm(px, py), 0), -py];
      };
      const around = (stack: readonly Patch[]) =>
        [corner(0, 0, stack), corner(1, 0, stack), corner(1, 1, stack), corner(0, 1, stack)] as const;
      const [t00, t10, t11, t01] = around([...below, patch]);
      const [b00, b10, b11, b01] = around(below);
      face(t00, t10, t11, t01);
      face(b00, b01, b11, b10);
      if (!lies(i, j - 1)) face(b00, b10, t10, t00);
      if (!lies(i, j + 1)) face(b11, b01, t01, t11);
      if (!lies(i - 1, j)) face(b01, b00, t00, t01);
      if (!lies(i + 1, j)) face(b10, b11, t11, t10);
    }
  }
  const geometry = new BufferGeometry();
  geometry.setAttribute("position", new Float32BufferAttribute(positions, 3));
  geometry.computeVertexNormals();
  return geometry;
}

/** A figure in plan raised to a height, standing at its foot. */
export function prismGeometry(outline: Polygon, heightCm: number): BufferGeometry {
  const shape = new Shape();
  outline.forEach(([x, y], at) => (at === 0 ? shape.moveTo(x, y) : shape.lineTo(x, y)));
  shape.closePath();
  return new ExtrudeGeometry(shape, { depth: heightCm, bevelEnabled: false }).rotateX(-Math.PI / 2);
}

/** The edges of the glass: floor, rim and corners, as pairs of points. */
export function glassEdges(outline: Polygon, heightCm: number): Float32Array {
  const points = outline.flatMap(([x, y], at) => {
    const [nx, ny] = outline[(at + 1) % outline.length] ?? [x, y];
    return [x, 0, -y, nx, 0, -ny, x, heightCm, -y, nx, heightCm, -ny, x, 0, -y, x, heightCm, -y];
  });
  return new Float32Array(points);
}
