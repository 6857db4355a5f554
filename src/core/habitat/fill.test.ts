import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import { derived, started } from "../testing";
import { fillFor, fillProblems } from "./fill";

const skink = STOCK.get("animals", "crocodileSkink");
const total = ({ drainageCm, soilCm, dressingCm }: ReturnType<typeof fillFor>) => drainageCm + soilCm + dressingCm;

describe("what a box is filled with to begin", () => {
  it("is drainage with its water below its reach, the animal's soil, and a dressing", () => {
    // 1.3 cm of water, 4 cm that it climbs, half a centimetre of air: 5.8, laid as 6.
    expect(fillFor(skink, { heightCm: 60, sillCm: 25 }, STOCK)).toEqual({ drainageCm: 6, soilCm: 10, dressingCm: 2 });
    const sandfish = STOCK.get("animals", "sandfish");
    expect(fillFor(sandfish, { heightCm: 60, sillCm: 0 }, STOCK)).toMatchObject({ drainageCm: 0, dressingCm: 0 });
    expect(total(fillFor(STOCK.get("animals", "axolotl"), { heightCm: 60, sillCm: 0 }, STOCK))).toBe(0);
  });
  it("stays under the sill and leaves the clear height wherever the least of it does; else it is said (any animal, any box)", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...STOCK.all("animals")),
        fc.double({ min: 10, max: 300, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        (animal, heightCm, sill) => {
          const box = { heightCm, sillCm: Math.min(sill, heightCm) };
          const fill = fillFor(animal, box, STOCK);
          const problems = fillProblems(animal, box, STOCK).map(({ code }) => code);
          const clear = heightCm - total(fill) >= animal.box.clearHeightCm - 1e-6;
          const under = box.sillCm === 0 || total(fill) <= box.sillCm - 0.5 + 1e-6;
          expect(clear).toBe(!problems.includes("boxTooLow"));
          expect(under).toBe(!problems.includes("sillTooLow"));
        },
      ),
    );
  });
  it("serves in the box it names instead", () => {
    const box = { heightCm: 40, sillCm: 12 };
    const needs = Object.fromEntries(fillProblems(skink, box, STOCK).map(({ code, needCm }) => [code, needCm]));
    expect(Object.keys(needs).toSorted()).toEqual(["boxTooLow", "sillTooLow"]);
    const better = { heightCm: needs.boxTooLow!, sillCm: needs.sillTooLow! };
    expect(fillProblems(skink, better, STOCK)).toEqual([]);
  });
});

it("a new habitat of any animal in a box of its own size opens with no harm its builder did not cause", () => {
  for (const animal of STOCK.all("animals")) {
    const { widthCm, depthCm, clearHeightCm, forCount } = animal.box;
    const fill = fillFor(animal, { heightCm: 1000, sillCm: 0 }, STOCK);
    const heightCm = Math.ceil(clearHeightCm + total(fill));
    if (Math.max(widthCm, depthCm, heightCm) > 300) continue;
    const design = started({
      animalId: animal.id,
      count: forCount,
      shell: { widthCm, depthCm, heightCm, sillCm: Math.ceil(total(fill)) + 1, top: "mesh" },
    });
    const harms = derived(design).findings.filter(({ weight }) => weight === "harm");
    expect(harms.map(({ code }) => `${animal.id} ${code}`)).toEqual([]);
  }
});
