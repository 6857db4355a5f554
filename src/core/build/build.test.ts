import { describe, expect, it } from "vitest";
import { applyAll, startHabitat } from "../habitat";
import { schedule, tasks } from "./index";

const bare = startHabitat({
  id: "h",
  name: "Fernwall",
  createdAt: "2026-01-05T08:00:00Z",
  startOn: "2026-01-05",
  animalId: "crocodileSkink",
  count: 2,
  room: { temperatureC: 21, humidityRh: 45 },
  shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" },
});
const living = applyAll(bare, [
  { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } },
  { name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 50 } },
]);
const dayOf = (plan: ReturnType<typeof schedule>, id: string) => plan.find((task) => task.id === id)?.startOn;

describe("the build", () => {
  it("leaves out what does not apply: no leak test, barrier or soak in a dry box", () => {
    const dry = startHabitat({ ...bareStart, animalId: "rosyBoa" });
    expect(tasks(dry).map((task) => task.id)).toEqual(["mixSoil", "laySoil", "dress", "runGear", "moveIn"]);
  });
  it("only ever waits for steps that come before it", () => {
    const seen = new Set<string>();
    for (const task of tasks(living)) {
      for (const before of task.after) expect(seen.has(before)).toBe(true);
      seen.add(task.id);
    }
  });
  it("lets waits run side by side: two weeks of keeping the plants apart, then grow-in (35 days) set the date, not the crew's 14 or the gear's 7", () => {
    const plan = schedule(living, "2026-01-05");
    expect(dayOf(plan, "laySoil")).toBe("2026-01-06");
    expect(dayOf(plan, "plantOut")).toBe("2026-01-19");
    expect(dayOf(plan, "moveIn")).toBe("2026-02-23");
    expect(plan.filter((task) => task.governs && task.waitDays > 0).map((task) => task.id)).toEqual([
      "quarantinePlants",
      "growIn",
    ]);
  });
  it("keeps the day a step was done and plans nothing undone before today", () => {
    const begun = applyAll(living, [
      { name: "markTask", args: { taskId: "leakTest", on: "2026-01-05" } },
      { name: "markTask", args: { taskId: "quarantinePlants", on: "2026-01-05" } },
      { name: "markTask", args: { taskId: "plantOut", on: "2026-01-08" } },
    ]);
    const plan = schedule(begun, "2026-01-20");
    expect(dayOf(plan, "leakTest")).toBe("2026-01-05");
    expect(dayOf(plan, "growIn")).toBe("2026-01-20");
    expect(dayOf(applyPlan(begun, "growIn", "2026-01-08"), "moveIn")).toBe("2026-02-12");
  });
  it("counts days across the change to summer time", () => {
    const spring = applyAll(living, [{ name: "setStart", args: { startOn: "2026-03-20" } }]);
    expect(dayOf(schedule(spring, "2026-03-20"), "moveIn")).toBe("2026-05-08");
  });
});

const bareStart = {
  id: "h",
  name: "Dry",
  createdAt: "2026-01-05T08:00:00Z",
  startOn: "2026-01-05",
  count: 1,
  room: { temperatureC: 21, humidityRh: 45 },
  shell: { widthCm: 90, depthCm: 45, heightCm: 45, sillCm: 0, top: "mesh" as const },
};
const applyPlan = (habitat: typeof living, taskId: string, on: string) =>
  schedule(applyAll(habitat, [{ name: "markTask", args: { taskId, on } }]), "2026-01-20");

describe("the build of walls and dry lifts", () => {
  it("waits for foam to set, its finish to cure and three weeks of airing before anything is laid (common practice: two to four weeks)", () => {
    const foamed = applyAll(living, [
      { name: "setTreatment", args: { wall: "back", treatmentId: "foam", finishId: "siliconeFibre", thicknessCm: 5 } },
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
    ]);
    const plan = schedule(foamed, "2026-01-05");
    // A day of leak test, one of setting, one of cure, twenty-one of airing.
    expect(["buildWalls", "finishWalls", "airOut", "setOnGlass", "layDrainage"].map((id) => dayOf(plan, id))).toEqual([
      "2026-01-06",
      "2026-01-07",
      "2026-01-08",
      "2026-01-29",
      "2026-01-29",
    ]);
    expect(plan.find((task) => task.id === "buildWalls")?.cautions).toContain("fumes");
    expect(plan.find((task) => task.id === "setOnGlass")?.cautions).toContain("stacked");
  });
  it("a lift laid dry takes no first wetting", () => {
    const water = (of: typeof living) => tasks(of).find((task) => task.id === "mixSoil")?.quantities.waterL ?? 0;
    expect(water(living)).toBeGreaterThan(3);
    expect(water(applyAll(living, [{ name: "setLaid", args: { layerId: "soil-1", laid: "dry" } }]))).toBe(0);
  });
});
