import fc from "fast-check";
import { expect, it } from "vitest";
import { activities } from "@/core/build";
import { STOCK } from "@/core/library";
import { scene } from "@/core/testing";
import { anyHabitat } from "@/core/testing/anyHabitat";
import { sayIn } from "./say";
import { stepTitle, stepWhy } from "./stepSaid";

it("every step of any build has a title and says what to do, in both unit systems, with no blank left open", () => {
  fc.assert(
    fc.property(anyHabitat, ({ design }) => {
      for (const units of ["metric", "us"] as const) {
        const say = sayIn(units, STOCK);
        for (const step of activities(scene(design))) {
          const told = [stepTitle(step, { say, library: STOCK, mixes: design.mixes }), stepWhy(step, say)];
          for (const text of told) expect(text, step.id).toMatch(/^[A-Z\d].*[a-z)\d.]$/su);
          expect(told.join(" "), step.id).not.toMatch(/\{\{|⟦|⟧|build:|undefined|NaN/u);
        }
      }
    }),
    { numRuns: 40 },
  );
});
