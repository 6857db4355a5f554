/** Figures in plan: area, centre, edge, what lies inside; regions and sums over them. */
export { areaCm2, bounds, centroid, clearanceCm, contains, insideOf, isSimple, perimeterCm } from "./polygon";
export type { Point, Polygon } from "./polygon";
export { clipped, turnedEllipse, turnedRectangle } from "./clip";
export type { Bounds } from "./clip";
export { cellsOf, innerPoint } from "./cells";
export type { Cell } from "./cells";
export { NO_MOMENTS, added, heightAt, levelAt, momentsOf, plus, volumeBetween } from "./moments";
export type { Bilinear, Moments } from "./moments";
export { isInRegion, nodes, plainNodes, probes, regionAreaCm2 } from "./region";
export type { Node } from "./region";
export type { Circle, Region } from "./scan";
