/** Moist air, what the room gives against what the animal wants, and what it takes to warm a box. */
export { humidityAfter, saturationKPa, vapourToAddGPerM3 } from "./psychrometrics";
export { bandField, overFloor, overGround, SOIL_MOISTURE } from "./field";
export type { ClimateField, Conditions, GroundConditions } from "./field";
export { roomGap } from "./room";
export type { RoomGap } from "./room";
export { airChangesPerH, meshResistance, openingsOf } from "./airChange";
export { conductanceWPerK, heatLossW, heatNeeded } from "./heat";
