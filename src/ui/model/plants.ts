import type { BufferGeometry } from "three";
import { Color, Float32BufferAttribute, Matrix4, ShapeGeometry, SphereGeometry, Vector2, Vector3 } from "three";
import { SVGLoader, type SVGResult } from "three/examples/jsm/loaders/SVGLoader.js";
import { mergeGeometries } from "three/examples/jsm/utils/BufferGeometryUtils.js";
import type { Plant } from "@/core/catalog";
import { grownHeightCm, grownSpreadCm } from "@/core/living";
import { seeded } from "@/core/random";
import type { Mark } from "../section/marks";
import { plantMarks } from "../section/plantShape";

/** Shoots stand round the foot by this angle from one to the next, so that none covers another: the golden angle. */
const ROUND = Math.PI * (3 - Math.sqrt(5));
/** Leaves turn their faces up by about so much, so that a plant is as full from above as from the side. */
const FACES_UP = 1.05;
/** Few points a curve are enough at this size. */
const POINTS_A_CURVE = 5;
const THINNEST_CM = 0.14;

type Drawn = SVGResult["paths"][number];

const loader = new SVGLoader();

/** The paths of a plant's marks, read by the library's own reader of path data. */
function pathsOf(marks: readonly Mark[]): Drawn[] {
  const drawn = marks.map(({ d }) => `<path d="${d}"/>`).join("");
  return loader.parse(`<svg xmlns="http://www.w3.org/2000/svg">${drawn}</svg>`).paths;
}

/** A flat part of a plant: what it is made of, and its way from foot to tip, in the plane it is drawn in. */
type Part = { geometry: BufferGeometry; from: Vector2; to: Vector2 };

function strokesOf(path: Drawn, width: number): Part[] {
  const style = SVGLoader.getStrokeStyle(Math.max(THINNEST_CM, width), "#000", "miter", "butt");
  return path.subPaths.flatMap((line): Part[] => {
    const points = line.getPoints(POINTS_A_CURVE);
    const geometry = SVGLoader.pointsToStroke(points, style, 1, 0.01) as BufferGeometry | null;
    const [from, to] = [points[0], points.at(-1)];
    return geometry && from && to ? [{ geometry, from, to }] : [];
  });
}

/** A filled leaf: its tip is the point farthest from its foot. */
function leavesOf(path: Drawn): Part[] {
  return path.toShapes().map((shape): Part => {
    const points = shape.getPoints(POINTS_A_CURVE);
    const from = points[0] ?? new Vector2();
    const to = points.reduce((far, point) => (point.distanceTo(from) > far.distanceTo(from) ? point : far), from);
    return { geometry: new ShapeGeometry(shape, POINTS_A_CURVE).toNonIndexed(), from, to };
  });
}

/** Rolls a part about its own length, then turns it about the plant's axis. Drawings grow towards negative y. */
function placed({ geometry, from, to }: Part, round: number, roll: number): BufferGeometry {
  const foot = new Vector3(from.x, -from.y, 0);
  const along = new Vector3(to.x - from.x, from.y - to.y, 0).normalize();
  const upright = new Matrix4().makeScale(1, -1, 1);
  const rolled = new Matrix4()
    .makeTranslation(foot.x, foot.y, foot.z)
    .multiply(new Matrix4().makeRotationAxis(along, roll))
    .multiply(new Matrix4().makeTranslation(-foot.x, -foot.y, -foot.z));
  const all = new Matrix4().makeRotationY(round).multiply(rolled).multiply(upright);
  for (const name of Object.keys(geometry.attributes)) if (name !== "position") geometry.deleteAttribute(name);
  return geometry.applyMatrix4(all);
}

function painted(geometry: BufferGeometry, paint: string): BufferGeometry {
  const { count } = geometry.getAttribute("position");
  const { r, g, b } = new Color(paint);
  const colors = new Float32Array(count * 3);
  for (let at = 0; at < count; at += 1) colors.set([r, g, b], at * 3);
  geometry.setAttribute("color", new Float32BufferAttribute(colors, 3));
  return geometry;
}

/** A cushion of moss is a dome; its tufts stand on it. */
function dome(plant: Plant): BufferGeometry {
  const half = grownSpreadCm(plant) / 2;
  const body = new SphereGeometry(1, 14, 7, 0, Math.PI * 2, 0, Math.PI / 2)
    .toNonIndexed()
    .scale(half, grownHeightCm(plant), half);
  body.deleteAttribute("uv");
  body.deleteAttribute("normal");
  return painted(body, plant.color);
}

/**
 * A grown plant as a body, foot at the origin, growing along y, cm: the section's own drawing of it, each shoot turned
 * round the foot and each leaf towards the light.
 *
 * @param seed the same seed gives the same plant, in the section and here
 */
export function plantGeometry(plant: Plant, seed: number): BufferGeometry {
  const random = seeded(seed);
  const isMoss = plant.form === "moss";
  const marks = plantMarks(plant, seed).slice(isMoss ? 1 : 0);
  const paths = pathsOf(marks);
  const bodies = marks.flatMap((mark, at) => {
    const path = paths[at];
    if (!path) return [];
    const strokes = mark.stroke ? strokesOf(path, mark.width ?? THINNEST_CM) : [];
    const leaves = mark.fill ? leavesOf(path) : [];
    const parts = leaves.length > 0 ? leaves : strokes;
    return parts.map((part, nth) => {
      // What is one mark of many shoots has them in their order.
      const round = ROUND * (mark.shoot ?? nth);
      const roll = mark.fill || mark.shoot !== undefined ? FACES_UP * (random() < 0.5 ? 1 : -1) : 0;
      return painted(placed(part, round, roll), mark.fill ?? mark.stroke ?? plant.color);
    });
  });
  const whole = mergeGeometries(isMoss ? [dome(plant), ...bodies] : bodies);
  whole.computeVertexNormals();
  return whole;
}
