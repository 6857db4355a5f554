/** A point in plan, cm from the left glass and from the front glass. */
export type Point = readonly [x: number, y: number];

/** The corners of a closed figure in order, the last joined to the first. */
export type Polygon = readonly Point[];

/** The sides of a figure, from corner to corner. */
export const edgesOf = (polygon: Polygon): [Point, Point][] =>
  polygon.map((point, at) => [point, polygon[(at + 1) % polygon.length] ?? point]);

const signedAreaCm2 = (polygon: Polygon): number =>
  edgesOf(polygon).reduce((sum, [[ax, ay], [bx, by]]) => sum + (ax * by - bx * ay), 0) / 2;

/** Area by the surveyor's (shoelace) formula, cm². @example areaCm2([[0, 0], [60, 0], [0, 45]]) // 1350 */
export const areaCm2 = (polygon: Polygon): number => Math.abs(signedAreaCm2(polygon));

/** Length of the edge, cm. @example perimeterCm([[0, 0], [3, 0], [3, 4]]) // 12 */
export const perimeterCm = (polygon: Polygon): number =>
  edgesOf(polygon).reduce((sum, [[ax, ay], [bx, by]]) => sum + Math.hypot(bx - ax, by - ay), 0);

/** Centre of area. @example centroid([[0, 0], [60, 0], [60, 45], [0, 45]]) // [30, 22.5] */
export function centroid(polygon: Polygon): Point {
  const six = 6 * signedAreaCm2(polygon);
  const [x, y] = edgesOf(polygon).reduce<[number, number]>(
    ([sx, sy], [[ax, ay], [bx, by]]) => {
      const cross = ax * by - bx * ay;
      return [sx + (ax + bx) * cross, sy + (ay + by) * cross];
    },
    [0, 0],
  );
  return [x / six, y / six];
}

/** The upright rectangle about a figure. */
export function bounds(polygon: Polygon): { left: number; right: number; front: number; back: number } {
  const xs = polygon.map(([x]) => x);
  const ys = polygon.map(([, y]) => y);
  return { left: Math.min(...xs), right: Math.max(...xs), front: Math.min(...ys), back: Math.max(...ys) };
}

/**
 * Whether a point lies inside, by counting crossings.
 *
 * @example contains([[0, 0], [60, 0], [0, 45]], [50, 40]) // false
 */
export function contains(polygon: Polygon, [x, y]: Point): boolean {
  let inside = false;
  // Asked thousands of times a frame, so no lists are made here.
  for (let at = 0, before = polygon.length - 1; at < polygon.length; before = at, at += 1) {
    const [ax, ay] = polygon[at]!;
    const [bx, by] = polygon[before]!;
    if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside;
  }
  return inside;
}

const toSegmentCm = ([x, y]: Point, [[ax, ay], [bx, by]]: [Point, Point]): number => {
  const [dx, dy] = [bx - ax, by - ay];
  const along = ((x - ax) * dx + (y - ay) * dy) / Math.max(Number.MIN_VALUE, dx * dx + dy * dy);
  const at = Math.min(1, Math.max(0, along));
  return Math.hypot(x - ax - at * dx, y - ay - at * dy);
};

/**
 * How far a point lies from the edge of a figure, cm: less than nothing outside it.
 *
 * @example clearanceCm([[0, 0], [60, 0], [60, 45], [0, 45]], [9, 20]) // 9
 */
export function clearanceCm(polygon: Polygon, point: Point): number {
  const cm = Math.min(...edgesOf(polygon).map((edge) => toSegmentCm(point, edge)));
  return contains(polygon, point) ? cm : -cm;
}

/**
 * The same question for one figure asked many times over: its bounds answer most of it, and all of it for an upright
 * rectangle.
 *
 * @example insideOf([[0, 0], [60, 0], [0, 45]])(50, 40) // false
 */
export function insideOf(polygon: Polygon): (x: number, y: number) => boolean {
  const { left, right, front, back } = bounds(polygon);
  const within = (x: number, y: number) => x >= left && x < right && y >= front && y < back;
  const upright =
    polygon.length === 4 &&
    polygon.every(([x, y]) => (x === left || x === right) && (y === front || y === back)) &&
    areaCm2(polygon) > 0;
  return upright ? within : (x, y) => within(x, y) && contains(polygon, [x, y]);
}

const turn = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number =>
  (bx - ax) * (cy - ay) - (by - ay) * (cx - ax);

const onSegment = (a: Point, b: Point, p: Point): boolean =>
  Math.min(a[0], b[0]) <= p[0] &&
  p[0] <= Math.max(a[0], b[0]) &&
  Math.min(a[1], b[1]) <= p[1] &&
  p[1] <= Math.max(a[1], b[1]);

/** Whether two sides cross or touch. */
export function segmentsMeet([a, b]: [Point, Point], [c, d]: [Point, Point]): boolean {
  const [abc, abd, cda, cdb] = [turn(a, b, c), turn(a, b, d), turn(c, d, a), turn(c, d, b)];
  if (abc * abd < 0 && cda * cdb < 0) return true;
  return (
    (abc === 0 && onSegment(a, b, c)) ||
    (abd === 0 && onSegment(a, b, d)) ||
    (cda === 0 && onSegment(c, d, a)) ||
    (cdb === 0 && onSegment(c, d, b))
  );
}

/**
 * Whether a figure is a proper one: at least three corners, some area, no two edges crossing or touching.
 *
 * @example isSimple([[0, 0], [10, 10], [10, 0], [0, 10]]) // false: a bow tie
 */
export function isSimple(polygon: Polygon): boolean {
  if (polygon.length < 3 || areaCm2(polygon) < 1e-6) return false;
  const all = edgesOf(polygon);
  return all.every((edge, at) =>
    all.every((other, n) => {
      const apart = Math.abs(at - n);
      return n <= at || apart === 1 || apart === all.length - 1 || !segmentsMeet(edge, other);
    }),
  );
}
