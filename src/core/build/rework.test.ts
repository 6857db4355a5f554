import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Command, Design } from "../habitat";
import { happened, made, scene, started } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import { openedEvents, stateAt, type LogEvent } from "../log";
import { planOf, reworkMarking, reworkPlan } from "./index";

const running = made(
  started(),
  { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } },
  { name: "plantedOn", args: { on: "2026-01-30" } },
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
  it("mixes afresh only what was not kept, with its water; nothing where all of it was", () => {
    const deeper = plan({ name: "setDepth", args: { layerId: "drainage-1", depthCm: 8 } });
    expect(ids(deeper)).not.toContain("mixSoil:mix-1");
    const thicker: Command = { name: "setDepth", args: { layerId: "soil-1", depthCm: 14 } };
    const mixed = plan(thicker).steps.find(({ id }) => id === "mixSoil:mix-1")!.quantities;
    const wantedL = level(made(running, thicker), "soil-1");
    expect(mixed.looseL).toBeCloseTo(wantedL - level(running, "soil-1"), 4);
    const built = planOf(scene(made(running, thicker)), stateAt([], TODAY), TODAY);
    const anew = built.steps.find(({ id }) => id === "mixSoil:mix-1")!.quantities;
    expect(mixed.waterL! / anew.waterL!).toBeCloseTo(mixed.looseL! / anew.looseL!, 6);
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

describe("a rework that is kept", () => {
  const deeper = made(
    running,
    { name: "setDepth", args: { layerId: "drainage-1", depthCm: 8 } },
    {
      name: "addPlant",
      args: { id: "b", plantId: "bostonFern", xCm: 30, yCm: 20 },
    },
  );
  const before = happened(
    { kind: "taskDone", on: "2026-01-20", taskId: "layDrainage:drainage-1" },
    { kind: "movedIn", on: "2026-02-10" },
    { kind: "opened", on: TODAY, towardId: "other" },
  );
  const after = (events: readonly LogEvent[], today: string) => {
    const { opened } = stateAt(events, today);
    return reworkPlan(scene(running), scene(deeper), TODAY, { today, ...(opened ? { progress: opened } : {}) });
  };
  /** Ticks every step on its day, in the order the plan has them. */
  const walked = () => {
    let [events, design] = [before, running];
    for (let turns = 0; stateAt(events, "2099-01-01").opened && turns < 400; turns++) {
      const today = events.at(-1)!.on;
      const step = after(events, today).steps.find(({ state }) => state !== "done")!;
      const on = step.state === "waiting" ? step.readyOn : step.startOn > today ? step.startOn : today;
      const { told, commands } = reworkMarking(step, deeper, on);
      const fresh = told.map((one, n) => ({
        ...one,
        id: `r${turns}-${n}`,
        at: `${on}T13:00:00.${String(turns).padStart(3, "0")}Z`,
      }));
      [events, design] = [[...events, ...(fresh as LogEvent[])], made(design, ...commands)];
    }
    return { events, design };
  };

  it("ticked step by step comes to its end, and the box is what it was to become", () => {
    const { events, design } = walked();
    expect(events.at(-1)!.kind).toBe("closed");
    expect(design.strata).toEqual(deeper.strata);
    expect([design.id, design.name, design.brief]).toEqual([running.id, running.name, running.brief]);
    const [old, fresh] = ["nervePlant", "bostonFern"].map((id) => design.plants.find(({ plantId }) => plantId === id)!);
    expect(old!.plantedOn).toBe("2026-01-30");
    expect(fresh!.plantedOn).toBe(events.at(-1)!.on);
  });
  it("tells nothing of the build: its steps are as they were before the box was opened", () => {
    const { events } = walked();
    expect(stateAt(events, "2099-01-01").doneOn).toEqual(stateAt(before, TODAY).doneOn);
    const states = planOf(scene(running), stateAt(events, "2099-01-01"), "2099-01-01").steps.map(({ state }) => state);
    expect(states).toEqual(planOf(scene(running), stateAt(before, TODAY), TODAY).steps.map(({ state }) => state));
  });
  it("that never was is struck with its steps, and nothing of before it", () => {
    const ticks = happened({ kind: "taskDone", on: TODAY, taskId: "moveOut" }).map((one) => ({
      ...one,
      id: "tick",
      at: `${TODAY}T14:00:00.000Z`,
    }));
    const open = [...before, ...ticks];
    expect(openedEvents(open).map(({ kind }) => kind)).toEqual(["opened", "taskDone"]);
    expect(openedEvents(walked().events)).toEqual([]);
    expect(openedEvents(before.slice(0, 2))).toEqual([]);
  });
});
