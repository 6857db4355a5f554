import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { schedule } from "./build";
import { derive } from "./derive";
import { parseHabitat, printHabitat, readHabitat } from "./files";
import { checkHabitat, type Command } from "./habitat";
import { dueList } from "./keeping";
import { STOCK } from "./library";
import { blocksOfReadings } from "./log";
import { needs } from "./supply";
import { derived, happened, logged, made, scene, started } from "./testing";
import { anyHabitat, MOVED_IN } from "./testing/anyHabitat";

async function* inPieces(text: string, size: number): AsyncGenerator<string> {
  for (let at = 0; at < text.length; at += size) yield text.slice(at, at + size);
}

const finite = (value: unknown): boolean =>
  typeof value === "number"
    ? Number.isFinite(value)
    : value instanceof Map
      ? [...value.values()].every(finite)
      : typeof value === "object" && value !== null
        ? Object.values(value).every(finite)
        : true;

describe("any habitat that can be clicked together", () => {
  it("is worked out without an exception, every figure finite", () => {
    fc.assert(
      fc.property(anyHabitat, ({ design, log }) => {
        const of = derived(design, log);
        return finite(of) && finite(needs(of)) && finite(dueList(of, log, "2026-04-01"));
      }),
      { numRuns: 120 },
    );
  });

  it("breaks none of the invariants a file is held to", () => {
    fc.assert(fc.property(anyHabitat, ({ design }) => checkHabitat(design, STOCK).length === 0));
  });

  it("survives the trip through a file unchanged, read whole and line by line", async () => {
    await fc.assert(
      fc.asyncProperty(anyHabitat, fc.integer({ min: 1, max: 4000 }), async ({ design, readings }, size) => {
        const habitat = { design, events: happened(MOVED_IN), samples: blocksOfReadings(readings) };
        const text = printHabitat(habitat);
        expect(parseHabitat(text)).toEqual({ ok: true, habitat });
        expect(await readHabitat(inPieces(text, size))).toEqual({ ok: true, habitat });
      }),
      { numRuns: 40 },
    );
  });

  it("is scheduled so that nothing starts before what it waits for is ready, and the governing waits add up to the move-in", () => {
    const anyDone = fc.dictionary(
      fc.constantFrom("leakTest", "mixSoil", "laySoil", "plantOut"),
      fc.constantFrom("2026-01-06", "2026-01-20", "2026-02-01"),
    );
    fc.assert(
      fc.property(anyHabitat, anyDone, ({ design }, doneOn) => {
        const plan = schedule(scene(design), { doneOn, begunOn: {} }, "2026-01-10");
        const byId = new Map(plan.map((task) => [task.id, task]));
        for (const task of plan) {
          if (task.doneOn) continue;
          expect(task.startOn >= "2026-01-10").toBe(true);
          for (const before of task.after) expect(task.startOn >= byId.get(before)!.readyOn).toBe(true);
        }
        expect(plan.at(-1)).toMatchObject({ id: "moveIn", governs: true });
      }),
    );
  });
});

describe("results by stages", () => {
  const planted = made(
    started(),
    { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 20 } },
    { name: "addPlant", args: { id: "b", plantId: "bostonFern", xCm: 40, yCm: 30 } },
    { name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 54 } },
  );
  const before = derived(planted);
  const changed = (...commands: Command[]) => derived(made(planted, ...commands));

  it("moving a plant leaves the ground, the load, the crew's and the other plants' fits as they were", () => {
    const after = changed({ name: "movePlant", args: { id: "a", xCm: 30 } });
    expect(after.ground).toBe(before.ground);
    expect(after.load).toBe(before.load);
    expect(after.furnishing).toBe(before.furnishing);
    expect(after.crewFits).toBe(before.crewFits);
    expect(after.plantFits.get("b")).toBe(before.plantFits.get("b"));
    expect(after.plantFits.get("a")).not.toBe(before.plantFits.get("a"));
    expect(after.troubles).not.toBe(before.troubles);
  });
  it("a reading leaves all but the bands and the findings as it was", () => {
    const log = logged([], [{ at: "2026-02-01T08:00:00Z", place: "warmEnd", temperatureC: 40 }]);
    const after = derived(planted, log);
    expect([after.ground, after.plantFits, after.troubles, after.boxReasons]).toEqual([
      before.ground,
      before.plantFits,
      before.troubles,
      before.boxReasons,
    ]);
    expect(after.plantFits).toBe(before.plantFits);
    expect(after.bands).not.toEqual(before.bands);
    expect(after.findings.map(({ code }) => code)).toContain("outOfBand");
  });
  it("a deeper soil makes a new ground, and the same design the same result", () => {
    expect(changed({ name: "setDepth", args: { layerId: "soil-1", depthCm: 12 } }).ground).not.toBe(before.ground);
    expect(derive(planted, before.log, STOCK)).toBe(before);
  });
  it("what is kept from before is what would be worked out anew", () => {
    fc.assert(
      fc.property(anyHabitat, fc.double({ min: 0, max: 1, noNaN: true }), ({ design, log }, share) => {
        derived(design, log);
        const [stand] = design.plants;
        const moves: Command[] = stand
          ? [{ name: "movePlant", args: { id: stand.id, xCm: design.shell.widthCm * share } }]
          : [{ name: "setWaterLine", args: { waterLineCm: 20 * share } }];
        const stepped = made(design, ...moves);
        // A copy shares nothing with what was worked out before.
        const anew = derived(structuredClone(stepped), log);
        expect(told(derived(stepped, log))).toEqual(told(anew));
      }),
      { numRuns: 60 },
    );
  });
});

const told = ({ findings, load, plantFits, troubles, ground }: ReturnType<typeof derived>) => ({
  findings,
  load,
  plantFits: [...plantFits],
  troubles,
  levels: ground.levels,
});
