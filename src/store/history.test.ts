import fc from "fast-check";
import { expect, it } from "vitest";
import { startHabitat, type Command } from "@/core/habitat";
import { beginHistory, edited, redone, undone, type History } from "./history";

const habitat = startHabitat({
  id: "h",
  name: "Fernwall",
  createdAt: "2026-01-05T08:00:00Z",
  startOn: "2026-01-05",
  animalId: "crocodileSkink",
  count: 2,
  room: { temperatureC: 21, humidityRh: 45 },
  shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" },
});
const deepen = (depthCm: number): Command => ({ name: "setDepth", args: { layerId: "drainage-1", depthCm } });

it("undoing every edit leads back to the start, redoing every one to the end", () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: 1, max: 20, noNaN: true }), { minLength: 1, maxLength: 20 }), (depths) => {
      const end = depths.reduce((history, depth) => edited(history, [deepen(depth)]), beginHistory(habitat));
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
    (history, depth) => edited(history, [deepen(depth)], "drag-1"),
    beginHistory(habitat),
  );
  expect(dragged.past).toHaveLength(1);
  expect(edited(dragged, [deepen(7)], "drag-2").past).toHaveLength(2);
  const back = undone(dragged)!;
  expect(edited(back, [deepen(3)]).future).toEqual([]);
  expect(() => edited(dragged, [deepen(-1)])).toThrow();
});
