import fc from "fast-check";
import { expect, it } from "vitest";
import type { Command } from "@/core/habitat";
import { started } from "@/core/testing";
import { beginHistory, edited, redone, undone, type History } from "./history";

const habitat = started();
const deepen = (depthCm: number): Command => ({ name: "setDepth", args: { layerId: "drainage-1", depthCm } });
const then = (history: History, commands: readonly Command[], gesture?: string): History => {
  const tried = edited(history, commands, gesture);
  if (!tried.ok) throw new Error(tried.problem.code);
  return tried.history;
};

/** Edits that change lists as well as figures: what patches get wrong when they get anything wrong. */
const anyEdit: fc.Arbitrary<Command[]> = fc.oneof(
  fc.double({ min: 1, max: 20, noNaN: true }).map((depthCm) => [deepen(depthCm)]),
  fc
    .tuple(fc.uuid(), fc.double({ min: 5, max: 55, noNaN: true }), fc.double({ min: 5, max: 40, noNaN: true }))
    .map(([id, xCm, yCm]): Command[] => [{ name: "addPlant", args: { id, plantId: "nervePlant", xCm, yCm } }]),
  fc
    .integer({ min: 1, max: 9 })
    .map((count): Command[] => [{ name: "setCrew", args: { crewId: "temperateSpringtail", count } }]),
  fc.uuid().map((id): Command[] => [
    { name: "addPlant", args: { id, plantId: "nervePlant", xCm: 9, yCm: 9 } },
    { name: "removePlants", args: { ids: [id] } },
  ]),
);

it("undoing every edit leads back to the start, redoing every one to the end (edits of figures and of lists)", () => {
  fc.assert(
    fc.property(fc.array(anyEdit, { minLength: 1, maxLength: 20 }), (edits) => {
      const end = edits.reduce((history, commands) => then(history, commands), beginHistory(habitat));
      const walk = (from: History, step: (h: History) => History | undefined) => {
        let at = from;
        for (let next = step(at); next; next = step(at)) at = next;
        return at;
      };
      const back = walk(end, undone);
      expect(back.present).toEqual(habitat);
      expect(walk(back, redone).present).toEqual(end.present);
    }),
  );
});

it("one drag is one step, a new edit forgets what was undone, and a refused edit changes nothing", () => {
  const dragged = [5.5, 6, 6.5].reduce(
    (history, depth) => then(history, [deepen(depth)], "drag-1"),
    beginHistory(habitat),
  );
  expect(dragged.past).toHaveLength(1);
  expect(then(dragged, [deepen(7)], "drag-2").past).toHaveLength(2);
  const back = undone(dragged)!;
  expect(back.present).toEqual(habitat);
  expect(then(back, [deepen(3)]).future).toEqual([]);
  expect(edited(dragged, [deepen(-1)])).toMatchObject({
    ok: false,
    problem: { path: expect.stringContaining("depth") },
  });
});

it("a step holds what it changes, not the habitat: its size does not grow with the box", () => {
  const planted = Array.from({ length: 100 }, (_, at) => at).reduce(
    (history, at) =>
      then(history, [{ name: "addPlant", args: { id: `p${at}`, plantId: "nervePlant", xCm: 9, yCm: 9 } }]),
    beginHistory(habitat),
  );
  const size = (history: History) => JSON.stringify(history.past.at(-1)).length;
  expect(size(then(planted, [deepen(7)]))).toBe(size(then(beginHistory(habitat), [deepen(7)])));
});
