import { memory } from "../provenance";
import type { RoomKind } from "../roomSchema";

const recalled = { ...memory, note: "what such rooms usually come to over the year, north of the tropics; read your own gauge" };

/** Rooms boxes stand in: the mean of the year, and how far the hottest and the dampest month lie from it. */
export const roomKinds: readonly RoomKind[] = [
  { id: "dryHeatedHouse", meanC: 22, swingC: 2, meanRh: 42, swingRh: 9, from: recalled },
  { id: "humidClimate", meanC: 26, swingC: 2, meanRh: 70, swingRh: 6, from: recalled },
  { id: "coolCellar", meanC: 14.5, swingC: 3, meanRh: 66, swingRh: 6, from: recalled },
];
