import type { Animal } from "../catalog";
import type { Design } from "../habitat";
import { humidityAfter, vapourToAddGPerM3 } from "./psychrometrics";
import { middle } from "../range";

/** What the room gives against what the animal wants. */
export type RoomGap = {
  /** Degrees the day's warm end must stand above the room; negative: the room is too warm already. */
  warmAboveRoomC: number;
  /** Degrees by which the room is above the night's upper bound; 0 when nights can fall into the band. */
  nightTooWarmC: number;
  /** Degrees the night must be kept over the room, as the room falls below the night's lower bound; 0 otherwise. */
  nightTooColdC: number;
  /**
   * Degrees by which the room is warmer than the cool end may be: nothing but a chiller makes a box cooler than its
   * room. 0 when there is a cool end to be had.
   */
  tooHotC: number;
  /** What the room's own air comes to in the middle of the box, once warmed. */
  warmedAirRh: number;
  wantedRh: number;
  /** Water that has to come into each cubic metre of box air, grams. */
  vapourGPerM3: number;
};

/**
 * Compares the room with the animal's band: how much warmth and how much water the box must add.
 *
 * @example roomGap(animal, design.brief).warmAboveRoomC // 5
 */
export function roomGap({ temperatureC, humidityRh }: Animal, { room }: Design["brief"]): RoomGap {
  const boxC = Math.max(room.temperatureC, (middle(temperatureC.warm) + middle(temperatureC.cool)) / 2);
  const wantedRh = middle(humidityRh.day.preferred);
  return {
    warmAboveRoomC: middle(temperatureC.warm) - room.temperatureC,
    nightTooWarmC: Math.max(0, room.temperatureC - temperatureC.night[1]),
    nightTooColdC: Math.max(0, temperatureC.night[0] - room.temperatureC),
    tooHotC: Math.max(0, room.temperatureC - temperatureC.cool[1]),
    warmedAirRh: Math.min(100, humidityAfter(room.temperatureC, room.humidityRh, boxC)),
    wantedRh,
    vapourGPerM3: vapourToAddGPerM3(room, boxC, wantedRh),
  };
}
