import { describe, expect, it } from "vitest";
import type { Design } from "../habitat";
import type { Told } from "../log";
import { logged, made, scene, started } from "../testing";
import { schedule, tasks } from "./index";

const living = made(
  started(),
  { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } },
  { name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 50 } },
);
const done = (taskId: string, on: string): Told => ({ kind: "taskDone", on, taskId });
const plan = (design: Design, today: string, ...told: Told[]) => schedule(scene(design), logged(told).state, today);
const taskIds = (design: Design) => tasks(scene(design)).map((task) => task.id);
const dayOf = (days: ReturnType<typeof schedule>, id: string) => days.find((task) => task.id === id)?.startOn;

describe("the build", () => {
  it("leaves out what does not apply: no leak test, barrier or soak in a dry box", () => {
    const dry = started({ animalId: "rosyBoa", count: 1, shell: box });
    expect(taskIds(dry)).toEqual(["mixSoil", "laySoil", "dress", "runGear", "moveIn"]);
  });
  it("tests a box that is all water for leaks before anything lives in it", () => {
    const newts = made(started({ animalId: "iberianRibbedNewt", count: 2, shell: { ...box, heightCm: 50 } }), {
      name: "setCrew",
      args: { crewId: "ramshornSnail", count: 10 },
    });
    const days = plan(newts, "2026-01-05");
    const ready = days.find(({ id }) => id === "leakTest")?.readyOn ?? "";
    expect(ready > "2026-01-05").toBe(true);
    for (const id of ["seedCrew", "runGear", "moveIn"]) expect((dayOf(days, id) ?? "") >= ready, id).toBe(true);
  });
  it("only ever waits for steps that come before it", () => {
    const seen = new Set<string>();
    for (const task of tasks(scene(living))) {
      for (const before of task.after) expect(seen.has(before)).toBe(true);
      seen.add(task.id);
    }
  });
  it("lets waits run side by side: two weeks of keeping the plants apart, then grow-in (35 days) set the date, not the crew's 14 or the gear's 7", () => {
    const days = plan(living, "2026-01-05");
    expect(dayOf(days, "laySoil")).toBe("2026-01-06");
    expect(dayOf(days, "plantOut")).toBe("2026-01-19");
    expect(dayOf(days, "moveIn")).toBe("2026-02-23");
    expect(days.filter((task) => task.governs && task.waitDays > 0).map((task) => task.id)).toEqual([
      "quarantinePlants",
      "growIn",
    ]);
  });
  it("keeps the day a step was done and plans nothing undone before today", () => {
    const begun = [
      done("leakTest", "2026-01-05"),
      done("quarantinePlants", "2026-01-05"),
      done("plantOut", "2026-01-08"),
    ];
    const days = plan(living, "2026-01-20", ...begun);
    expect(dayOf(days, "leakTest")).toBe("2026-01-05");
    expect(dayOf(days, "growIn")).toBe("2026-01-20");
    expect(dayOf(plan(living, "2026-01-20", ...begun, done("growIn", "2026-01-08")), "moveIn")).toBe("2026-02-12");
  });
  it("counts days across the change to summer time", () => {
    const spring = made(living, { name: "setStart", args: { startOn: "2026-03-20" } });
    expect(dayOf(plan(spring, "2026-03-20"), "moveIn")).toBe("2026-05-08");
  });
});

/** A dry box. */
const box = { widthCm: 90, depthCm: 45, heightCm: 45, sillCm: 0, top: "mesh" as const };

describe("the build of walls and dry lifts", () => {
  it("waits for foam to set, its finish to cure and three weeks of airing before anything is laid (common practice: two to four weeks)", () => {
    const foamed = made(
      living,
      {
        name: "setTreatment",
        args: { wall: "back", treatmentId: "foam", finishId: "siliconeFibre", thicknessCm: 5 },
      },
      {
        name: "addPiece",
        args: {
          id: "s",
          kindId: "boulder",
          xCm: 30,
          yCm: 20,
          turnDeg: 0,
          widthCm: 18,
          depthCm: 15,
          heightCm: 12,
          rest: { on: "glass" },
          fillMixId: null,
        },
      },
    );
    const days = plan(foamed, "2026-01-05");
    // A day of leak test, one of setting, one of cure, twenty-one of airing.
    expect(["buildWalls", "finishWalls", "airOut", "setOnGlass", "layDrainage"].map((id) => dayOf(days, id))).toEqual([
      "2026-01-06",
      "2026-01-07",
      "2026-01-08",
      "2026-01-29",
      "2026-01-29",
    ]);
    expect(days.find((task) => task.id === "buildWalls")?.cautions).toContain("fumes");
    expect(days.find((task) => task.id === "setOnGlass")?.cautions).toContain("stacked");
  });
  it("charcoal under the soil is spread with the soil, not with the dressing", () => {
    const layer = { id: "char", kind: "dressing", materialId: "charcoalLayer", depthCm: 1 } as const;
    const step = (of: Design, id: string) => tasks(scene(of)).find((task) => task.id === id)?.quantities;
    const spread = made(living, { name: "addLayer", args: { layer } });
    expect(step(living, "laySoil")?.underL).toBe(0);
    expect(step(spread, "laySoil")?.underL).toBeCloseTo(scene(spread).ground.levelOf("char")!.looseL, 9);
    expect(step(spread, "dress")?.looseL).toBeCloseTo(step(living, "dress")!.looseL!, 9);
  });
  it("a lift laid dry takes a tenth of the first wetting, against dust", () => {
    const water = (of: Design) => {
      const { waterL = 0, brickWaterL = 0 } = tasks(scene(of)).find(({ id }) => id === "mixSoil")?.quantities ?? {};
      return waterL + brickWaterL;
    };
    expect(water(living)).toBeGreaterThan(3);
    const dry = made(living, { name: "setLaid", args: { layerId: "soil-1", laid: "dry" } });
    expect(water(dry)).toBeCloseTo(water(living) / 10, 8);
  });
});
