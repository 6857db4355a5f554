import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import type { FindingCode } from "../findings";
import { begun, pressedThrough } from "../testing/newcomer";
import { checkHabitat, LIMITS } from "../habitat";

/** Animals drawn over the whole list, and the room each is tried in. */
const SOME = 40;
const STEP = 97;
const ROOMS_C = [18, 21, 25] as const;

/** What no edit of a box mends is told with what it takes: another room, or a box that keeps its warmth. */
const NAMED: ReadonlySet<FindingCode> = new Set<FindingCode>(["roomTooHot", "tooCold"]);
/** So many may end for want of a warmer room: the large boas, in boxes under mesh. */
const MOST_NAMED_COLD = 6;

/** A minute alone; beside a browser on a busy machine several. */
const PATIENCE_MS = 900_000;

describe("a newcomer who presses what is offered", () => {
  it(
    "ends within 25 presses, with nothing of weight left but what a room must give",
    () => {
      // Who wants more than any box may be is for a room of its own, and the box says so at once.
      const animals = STOCK.all("animals").filter(({ box }) => box.widthCm <= LIMITS.boxCm.max);
      let cold = 0;
      for (let n = 0; n < SOME; n += 1) {
        const animal = animals[(n * STEP) % animals.length]!;
        const roomC = ROOMS_C[n % ROOMS_C.length]!;
        const { presses, left, design } = pressedThrough(begun({ animal, larger: 1.15, roomC }));
        const heavy = left.filter(({ weight }) => weight !== "opinion");
        expect(presses, animal.id).toBeLessThan(25);
        expect(
          heavy.filter(({ weight }) => weight === "harm"),
          animal.id,
        ).toEqual([]);
        expect(
          heavy.map(({ code }) => code).filter((code) => !NAMED.has(code)),
          `${animal.id} at ${roomC} °C`,
        ).toEqual([]);
        expect(checkHabitat(design, STOCK), animal.id).toEqual([]);
        cold += heavy.some(({ code }) => code === "tooCold") ? 1 : 0;
      }
      expect(cold).toBeLessThanOrEqual(MOST_NAMED_COLD);
    },
    PATIENCE_MS,
  );
});
