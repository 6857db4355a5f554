/** Moist air, and what the room gives against what the animal wants. */
export { humidityAfter, saturationKPa, vapourToAddGPerM3 } from "./psychrometrics";
export { roomGap } from "./room";
export type { RoomGap } from "./room";
