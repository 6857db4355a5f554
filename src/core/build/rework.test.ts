import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Command, Design } from "../habitat";
import { made, scene, started } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import { reworkPlan } from "./index";

const running = made(
  started(),
  { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } },
  { name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 50 } },
);
const TODAY = "2026-03-02";
const plan = (...commands: Command[]) => reworkPlan(scene(running), scene(made(running, ...commands)), TODAY);
const ids = ({ steps }: ReturnType<typeof plan>) => steps.map(({ id }) => id);
const level = (design: Design, id: string) => scene(design).ground.levelOf(id)!.looseL;

describe("a running box opened again", () => {
  it("for deeper drainage everything above it comes out, from the top down, and goes in again in its order", () => {
    const deeper = plan({ name: "setDepth", args: { layerId: "drainage-1", depthCm: 8 } });
    expect(deeper.dug.map(({ layerId }) => layerId)).toEqual(["dressing-1", "soil-1", "drainage-1"]);
    const order = ids(deeper);
    const at = (id: string) => order.indexOf(id);
    const chain = ["moveOut", "liftPlants", "digOut:dressing-1", "digOut:soil-1", "digOut:drainage-1"];
    const back = ["layDrainage:drainage-1", "cutBarrier", "laySoil:soil-1", "plantOut:nervePlant", "moveBack"];
    expect([...chain, ...back].map(at)).toEqual([...chain, ...back].map(at).toSorted((a, b) => a - b));
    expect([...chain, ...back].every((id) => at(id) >= 0)).toBe(true);
    // All the soil is used again; of drainage what was there, and the rest is new.
    expect(deeper.dug.find(({ layerId }) => layerId === "soil-1")!.savedL).toBeCloseTo(level(running, "soil-1"), 6);
    const more = made(running, { name: "setDepth", args: { layerId: "drainage-1", depthCm: 8 } });
    expect(deeper.newL).toBeCloseTo(level(more, "drainage-1") - level(running, "drainage-1"), 4);
  });
  it("for another dressing only that comes out, and no wall, drainage or soil is touched", () => {
    const fresh = plan({ name: "setDepth", args: { layerId: "dressing-1", depthCm: 4 } });
    expect(fresh.dug.map(({ layerId }) => layerId)).toEqual(["dressing-1"]);
    expect(ids(fresh).filter((id) => /^(lay|mix|build|cut|lift|plant)/.test(id))).toEqual([]);
  });
  it("for a foamed wall the box is emptied, and the animals wait for its airing", () => {
    const wall = plan({
      name: "setTreatment",
      args: { wall: "back", treatmentId: "foam", finishId: "siliconeFibre", thicknessCm: 5 },
    });
    expect(ids(wall)).toEqual(expect.arrayContaining(["buildWalls:back", "airOut", "digOut:drainage-1"]));
    expect(wall.waitDays).toBeGreaterThan(21);
    expect(plan({ name: "setDepth", args: { layerId: "dressing-1", depthCm: 4 } }).waitDays).toBeLessThan(
      wall.waitDays,
    );
  });
  it("crew that was there is not seeded anew; new plants are kept apart first", () => {
    const more = plan(
      { name: "setCrew", args: { crewId: "tropicalSpringtail", count: 500 } },
      { name: "addPlant", args: { id: "b", plantId: "bostonFern", xCm: 30, yCm: 20 } },
    );
    expect(ids(more)).toContain("seedCrew:tropicalSpringtail");
    expect(ids(more)).not.toContain("seedCrew:dwarfWhiteIsopod");
    expect(ids(more)).toContain("quarantinePlants");
    expect(ids(plan())).not.toContain("quarantinePlants");
  });
  it("whatever the two boxes: no more is saved than comes out, and nothing starts before what it waits for", () => {
    fc.assert(
      fc.property(anyHabitat, anyHabitat, ({ design: one }, { design: other }) => {
        const { dug, newL, steps } = reworkPlan(scene(one), scene(other), TODAY);
        for (const { outL, savedL } of dug) expect(savedL).toBeLessThanOrEqual(outL + 1e-9);
        expect(newL).toBeGreaterThanOrEqual(0);
        const byId = new Map(steps.map((step) => [step.id, step]));
        for (const { after, startOn } of steps)
          for (const id of after) expect(startOn >= byId.get(id)!.readyOn).toBe(true);
        expect(steps.at(-1)?.id).toBe("moveBack");
      }),
      { numRuns: 40, endOnFailure: true },
    );
  });
});
