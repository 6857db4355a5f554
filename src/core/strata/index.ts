/**
 * The ground from the glass up: fields of height, levels, volumes, masses, water, what stands in it, fill lines, cut
 * sheets.
 */
export { cutSheets } from "./barrier";
export type { CutSheet } from "./barrier";
export { depthOfL, floorAreaCm2, wedgeL } from "./levels";
export type { Level } from "./levels";
export { legSpacingCm } from "./falseBottom";
export type { LegPlan } from "./falseBottom";
export { STRIP_PLACES, fillStrips } from "./fillLines";
export type { FillStrip } from "./fillLines";
export { mixtureOf } from "./mass";
export { bodiesAt, innerEdges, mouldedL, setInL, solidOf } from "./solids";
export { leansAlong, shadowOf, standsAt } from "./tilt";
export type { Solid } from "./solids";
export { moundCm } from "./heaps";
export type { Patch, Slab, Terrain } from "./terrain";
export { soilReachedCm } from "./reached";
export { tooSteep } from "./slopes";
export { lineAtL } from "./water";
export { ground } from "./ground";
export type { Ground } from "./ground";
export { mixRoomL } from "./mixRoom";
export { bedOf, mixWanted } from "./mixWanted";
export type { Bedded } from "./mixWanted";
