/** Gear as it is set up: where each piece is, how strong, when it runs, what it is plugged into, how old it is. */
export { fitted, fixtureOf, isBeside, isInside, isOnWall, MESH_PASSES, placeOf } from "./fitted";
export type { Between, Fitted, Fixture, Place } from "./fitted";
export {
  airM3PerH,
  beamDegOf,
  flatCmOf,
  lengthCmOf,
  mostWattsOf,
  nozzlesOf,
  pumpLPerH,
  vesselLOf,
  waterMLPerH,
  wattsOf,
} from "./sizes";
export {
  dayHours,
  hoursOn,
  inUse,
  isByHand,
  isHeld,
  isOnAt,
  isSwitched,
  MINUTES_A_DAY,
  onSpans,
  shareOn,
} from "./runs";
export type { Daylight, Span } from "./runs";
export { chainOf, feeds, hangingOn, isResidualGuard, isThermostat, wattsOn } from "./chain";
export { plugged } from "./plugged";
export { overGlassCm, spanOf } from "./reach";
export { clearanceCm, clearanceOf, shinesHeat } from "./clearance";
