/** Figures in plan: area, centre, edge, what lies inside. */
export { areaCm2, bounds, centroid, contains, isSimple, perimeterCm } from "./polygon";
export type { Point, Polygon } from "./polygon";
