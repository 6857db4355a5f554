/** Figures in plan: area, centre, edge, what lies inside; regions and sums over them. */
export { areaCm2, bounds, centroid, contains, insideOf, isSimple, perimeterCm } from "./polygon";
export type { Point, Polygon } from "./polygon";
export { clipped, turnedEllipse, turnedRectangle } from "./clip";
export type { Bounds } from "./clip";
export { nodes, probes, regionAreaCm2 } from "./region";
export type { Circle, Node, Region } from "./region";
