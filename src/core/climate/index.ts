/** Moist air, what the room gives against what the animal wants, and how a box settles under what is set up in it. */
export {
  dewPointC,
  humidityAfter,
  humidityRatio,
  relativeHumidity,
  saturationKPa,
  vapourToAddGPerM3,
  virtualC,
} from "./psychrometrics";
export { inGround, overFloor, SOIL_MOISTURE } from "./field";
export type { Climate, Conditions, GroundConditions } from "./field";
export { sizedClimate } from "./climate";
export { WISHED_BY, wishedClimate } from "./wish";
export { roomGap } from "./room";
export type { RoomGap } from "./room";
export { airChangesPerH, meshResistance, openingsOf, ROUND_VENTS_CM, stackM3PerS, ventPairs } from "./airChange";
export { conductanceWPerK, panesOf, STILL, withAirWPerK } from "./heat";
export { leafKgPerS } from "./box";
export { sizingOf } from "./sizing";
export type { Sizing } from "./sizing";
export type { WetSurfaces } from "./box";
export { daylightOf, feltK, LEAST_CHANGES, warmsShare } from "./working";
export { surfaceC } from "./basking";
