import fc from "fast-check";
import { expect, it } from "vitest";
import { made, scene, started } from "../testing";
import type { Command } from "../habitat";
import { nearbyIn, type Reaching } from "./nearby";
import { troubles } from "./crowding";

const anyPlace: fc.Arbitrary<Reaching> = fc.record({
  xCm: fc.double({ min: -50, max: 250, noNaN: true }),
  yCm: fc.double({ min: -50, max: 250, noNaN: true }),
  reachCm: fc.double({ min: 0, max: 40, noNaN: true }),
});

it("finds exactly those whose reach meets, in order (all pairs tried)", () => {
  fc.assert(
    fc.property(fc.array(anyPlace, { maxLength: 60 }), (places) => {
      const near = nearbyIn(places);
      for (const [at, one] of places.entries()) {
        const byHand = places.flatMap((other, n) => {
          const apart = Math.hypot(one.xCm - other.xCm, one.yCm - other.yCm);
          return n !== at && apart ** 2 < (one.reachCm + other.reachCm) ** 2 ? [n] : [];
        });
        // On the very edge two ways of rounding may differ.
        const onEdge = (n: number) => {
          const other = places[n]!;
          const apart = Math.hypot(one.xCm - other.xCm, one.yCm - other.yCm);
          return Math.abs(apart - one.reachCm - other.reachCm) < 1e-6;
        };
        expect(near(at).filter((n) => !onEdge(n))).toEqual(byHand.filter((n) => !onEdge(n)));
      }
    }),
  );
});

it("plants that cannot reach one another do one another no harm: those far off may come and go", () => {
  const place = fc.tuple(fc.integer({ min: 3, max: 57 }), fc.integer({ min: 3, max: 42 }));
  const kinds = ["nervePlant", "parlourPalm", "buttonFern", "goldenPothos", "zebraHaworthia"];
  fc.assert(
    fc.property(fc.array(place, { minLength: 2, maxLength: 14 }), (spots) => {
      const plant = ([xCm, yCm]: readonly [number, number], at: number): Command => ({
        name: "addPlant",
        args: { id: `p${at}`, plantId: kinds[at % kinds.length]!, xCm, yCm },
      });
      const whole = troubles(scene(made(started(), ...spots.map(plant))), 12);
      // Every trouble between two of many is the trouble they have when they stand alone.
      const pairs = whole.flatMap((one) => ("otherId" in one ? [one] : []));
      for (const one of pairs) {
        const two = spots.map(plant).filter((_, at) => [one.standId, one.otherId].includes(`p${at}`));
        expect(troubles(scene(made(started(), ...two)), 12)).toContainEqual(one);
      }
      const alone = spots.flatMap((_, a) => spots.slice(0, a).map((__, b) => [b, a] as const));
      for (const [b, a] of alone) {
        const two = troubles(scene(made(started(), plant(spots[b]!, b), plant(spots[a]!, a))), 12);
        for (const one of two.filter((trouble) => "otherId" in trouble)) expect(whole).toContainEqual(one);
      }
    }),
    { numRuns: 15 },
  );
});
