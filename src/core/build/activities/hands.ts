import type { Range } from "../../catalog";

type Hands = { once: Range; each?: Range };

/**
 * Minutes of work by hand: for the step, and for each piece, litre or square metre of it. From memory: what a patient
 * first-time builder takes.
 */
export const HANDS = {
  quarantineAnimal: { once: [15, 30] },
  /** By the square metre of board, each coat. */
  sealBoards: { once: [15, 30], each: [10, 20] },
  sealPorts: { once: [5, 10], each: [5, 10] },
  leakTest: { once: [15, 30] },
  /** By the square metre of wall. */
  foam: { once: [25, 45], each: [60, 120] },
  panel: { once: [15, 30], each: [20, 60] },
  coat: { once: [10, 20], each: [25, 60] },
  setInWall: { once: [5, 10], each: [8, 20] },
  drillPlanters: { once: [5, 5], each: [4, 8] },
  airOut: { once: [2, 5] },
  mouldPieces: { once: [15, 30], each: [20, 60] },
  setOnGlass: { once: [5, 10], each: [4, 10] },
  buildFalseBottom: { once: [30, 60], each: [1, 3] },
  /** By the litre. */
  layDrainage: { once: [8, 15], each: [0.5, 1] },
  cutBarrier: { once: [10, 20] },
  mixSoil: { once: [10, 20], each: [0.6, 1.4] },
  laySoil: { once: [5, 10], each: [0.3, 0.8] },
  setPieces: { once: [3, 5], each: [4, 10] },
  /** By the litre. */
  fillPieces: { once: [3, 5], each: [1, 3] },
  quarantinePlants: { once: [10, 15], each: [5, 10] },
  plantOut: { once: [2, 5], each: [4, 10] },
  dress: { once: [4, 8], each: [0.3, 0.6] },
  soak: { once: [5, 15] },
  addStarters: { once: [4, 8] },
  seedCrew: { once: [4, 8] },
  mountGear: { once: [5, 10], each: [8, 20] },
  wireGear: { once: [10, 15], each: [5, 10] },
  tryGear: { once: [10, 20], each: [5, 10] },
  runGear: { once: [10, 20] },
  trimVents: { once: [5, 15] },
  growIn: { once: [5, 10] },
  moveIn: { once: [20, 60] },
} as const satisfies Record<string, Hands>;

/** Minutes by hand for so many units of a job. @example handsFor("layDrainage", 18) // [17, 33] */
export function handsFor(job: keyof typeof HANDS, units = 0): Range {
  const { once, each = [0, 0] }: Hands = HANDS[job];
  return [Math.round(once[0] + each[0] * units), Math.round(once[1] + each[1] * units)];
}
