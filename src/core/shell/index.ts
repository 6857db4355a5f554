/** The box itself: its mass, its air, what is built on its walls, what rigid things fit into it. */
export { airing, boxKg, wallVolumeCm3 } from "./box";
export { groundBounds, groundOutline, panelSize, wallLengthCm, wallWork, wallWorks } from "./walls";
export type { WallWork } from "./walls";
export { sealOf } from "./seal";
export { PANEL_CODES, PANEL_PLACES, panelFit } from "./panelFit";
export type { PanelPlace, Rigid } from "./panelFit";
