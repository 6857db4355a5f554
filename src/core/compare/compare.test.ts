import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { copyOf } from "../habitat";
import { STOCK } from "../library";
import { EMPTY_BINS, withPack, type Bins } from "../supply";
import { derived, made, started } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import { differences, follows } from "./index";

const base = started();
const deeper = made(base, { name: "setSoil", args: { layerId: "soil-1", frontCm: 8, backCm: 12 } });
const TODAY = "2026-03-02";

describe("two designs side by side", () => {
  it("a copy differs in nothing, whatever habitat it was made from", () => {
    fc.assert(
      fc.property(anyHabitat, ({ design }) => {
        const copy = copyOf(design, { id: "b", name: "B", createdAt: design.createdAt, asVariant: true });
        expect(differences(design, copy)).toEqual([]);
      }),
      { numRuns: 30 },
    );
  });
  it("tells only what changed, each side its own", () => {
    const other = made(
      deeper,
      { name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 9, yCm: 9 } },
      { name: "setTop", args: { lid: "glass", coveredPct: 0 } },
    );
    const list = differences(base, other);
    expect(list.map(({ part }) => part)).toEqual(["top", "layers", "plants"]);
    expect(list.at(-1)).toEqual({ part: "plants", a: [], b: [{ code: "plant", plantId: "nervePlant", count: 1 }] });
    expect(list[1]!.b).toEqual([{ code: "soil", frontCm: 8, backCm: 12 }]);
  });
  it("a wall begun higher and a starter are differences too", () => {
    const wall = { name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 5 } } as const;
    const raised = { name: "setTreatment", args: { wall: "back", treatmentId: "foam", fromCm: 6 } } as const;
    const starter = { name: "setStarter", args: { supplyId: "ripeCompost", amount: 0.3 } } as const;
    const list = differences(made(base, wall), made(base, wall, raised, starter));
    expect(list.map(({ part, b }) => [part, b.map(({ code }) => code)])).toEqual([
      ["walls", ["wall"]],
      ["crew", ["starter"]],
    ]);
  });
  it("the other way round, the sides change places", () => {
    fc.assert(
      fc.property(anyHabitat, anyHabitat, ({ design: one }, { design: other }) => {
        const swapped = differences(other, one).map(({ part, a, b }) => ({ part, a: b, b: a }));
        expect(differences(one, other)).toEqual(swapped);
      }),
      { numRuns: 20 },
    );
  });
});

describe("what follows", () => {
  it("more soil is more litres and more weight, by what lies between the two", () => {
    const [a, b] = [follows(derived(base), EMPTY_BINS, TODAY), follows(derived(deeper), EMPTY_BINS, TODAY)];
    const soil = (of: typeof base) => derived(of).ground.levelOf("soil-1")!;
    expect(b.soilL - a.soilL).toBeCloseTo(soil(deeper).looseL - soil(base).looseL, 6);
    expect(b.wetKg - a.wetKg).toBeCloseTo(derived(deeper).load.wetKg - derived(base).load.wetKg, 6);
    expect(b.drainageL).toBeCloseTo(a.drainageL, 9);
    expect(a.days).toBeGreaterThan(7);
  });
  it("costs what its packs cost a unit, at the cheapest, and says how much has no price", () => {
    const pack = (id: string, litres: number, price: number): Parameters<typeof withPack>[1] => ({
      id,
      shelf: "drainageMedia",
      itemId: "clayPebbles",
      form: "bag",
      holds: { kind: "loose", looseL: litres },
      price,
    });
    const bins: Bins = withPack(withPack(EMPTY_BINS, pack("a", 10, 7.5), STOCK), pack("b", 25, 15), STOCK);
    const [none, some] = [follows(derived(base), EMPTY_BINS, TODAY), follows(derived(base), bins, TODAY)];
    expect(none.price).toBe(0);
    expect(some.price).toBeCloseTo(0.6 * some.drainageL, 6);
    expect(some.unpriced).toBe(none.unpriced - 1);
  });
});
