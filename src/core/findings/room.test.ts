import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { roomGap } from "../climate";
import { STOCK } from "../library";
import { derived, found, made, started } from "../testing";
import { mendsOf } from "../mending";

const inRoom = (animalId: string, temperatureC: number) =>
  derived(started({ animalId, room: { temperatureC, humidityRh: 50 } }));

describe("the room against the animal", () => {
  it("is told too hot where it is warmer than the cool end may be, or its nights than the night, and nowhere else", () => {
    const animals = fc.constantFrom(...STOCK.all("animals"));
    fc.assert(
      fc.property(animals, fc.integer({ min: 5, max: 40 }), ({ id, temperatureC }, roomC) => {
        const told = found(inRoom(id, roomC), "roomTooHot");
        const byDay = roomC > temperatureC.cool[1];
        if (byDay) expect(told?.finding.quantities).toMatchObject({ variant: "day", mostC: temperatureC.cool[1] });
        else if (told)
          expect(told.finding.quantities).toMatchObject({ variant: "night", mostC: temperatureC.night[1] });
        if (roomC > temperatureC.night[1] + 3) expect(told).toBeDefined();
        if (roomC <= Math.min(temperatureC.cool[1], temperatureC.night[1])) expect(told).toBeUndefined();
      }),
      { numRuns: 60 },
    );
  });

  it("at 15 °C leaves nights below a frog's 22 °C, and at 29 °C above it: never told as in the band", () => {
    const [low, high] = STOCK.get("animals", "dyeingPoisonFrog").temperatureC.night;
    const gap = (temperatureC: number) =>
      roomGap(STOCK.get("animals", "dyeingPoisonFrog"), inRoom("dyeingPoisonFrog", temperatureC).habitat.brief);
    expect(gap(15).nightTooColdC).toBeCloseTo(low - 15, 6);
    expect(gap(29).nightTooWarmC).toBeCloseTo(29 - high, 6);
    expect([gap((low + high) / 2).nightTooColdC, gap((low + high) / 2).nightTooWarmC]).toEqual([0, 0]);
  });
});

describe("a crew species that is swapped", () => {
  it("gives way to one that does at least half of its work, whatever the animal", () => {
    const swaps = STOCK.all("animals").flatMap(({ id }) => {
      const box = derived(
        made(started({ animalId: id, count: 1 }), { name: "setCrew", args: { crewId: "aridSpringtail", count: 20 } }),
      );
      return box.findings
        .filter(({ code }) => code.startsWith("crew"))
        .flatMap((finding) => mendsOf(finding, box))
        .flatMap(({ parts: [{ quantities }] }) =>
          "swapCrewId" in quantities && quantities.swapCrewId ? [quantities] : [],
        );
    });
    expect(swaps.length).toBeGreaterThan(10);
    for (const { crewId, swapCrewId = "" } of swaps) {
      const { eats } = STOCK.get("crew", crewId);
      const done = eats.filter((food) => STOCK.get("crew", swapCrewId).eats.includes(food));
      expect(done.length / eats.length, `${crewId} by ${swapCrewId}`).toBeGreaterThanOrEqual(0.5);
    }
  });
});
