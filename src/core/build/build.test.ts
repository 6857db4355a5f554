import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Command, Design } from "../habitat";
import type { Told } from "../log";
import { daysAfter, daysBetween } from "../units";
import { STOCK } from "../library";
import { wallWork } from "../shell";
import { logged, made, scene, started } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import { activities, planOf, type Plan } from "./index";

const living = made(
  started(),
  { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 10 } },
  { name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 50 } },
  // Every day has all the time there is, so that dates hang on waits alone.
  { name: "setPlan", args: { minutesByWeekday: [1440, 1440, 1440, 1440, 1440, 1440, 1440] } },
);
const done = (taskId: string, on: string): Told => ({ kind: "taskDone", on, taskId });
const begun = (taskId: string, on: string): Told => ({ kind: "taskBegun", on, taskId });
const planned = (design: Design, today: string, ...told: Told[]) => planOf(scene(design), logged(told).state, today);
const plan = (design: Design, today: string, ...told: Told[]) => planned(design, today, ...told).steps;
const ids = (design: Design) => activities(scene(design)).map(({ id }) => id);
const stepOf = (steps: Plan["steps"], id: string) => steps.find((step) => step.id === id);
const dayOf = (steps: Plan["steps"], id: string) => stepOf(steps, id)?.startOn;

/** A dry box. */
const box = { widthCm: 90, depthCm: 45, heightCm: 45, sillCm: 0, top: "mesh" as const };
const FOAM: Command = {
  name: "setTreatment",
  args: { wall: "back", treatmentId: "foam", finishId: "siliconeFibre", thicknessCm: 5 },
};

describe("the steps of a build", () => {
  it("leaves out what does not apply: no leak test, barrier or soak in a dry box", () => {
    const dry = started({ animalId: "rosyBoa", count: 1, shell: box });
    expect(ids(dry)).toEqual(["mixSoil:mix-1", "laySoil:soil-1", "dress:dressing-1", "runGear", "trimVents", "moveIn"]);
  });
  it("tests a box that is all water for leaks, and never one of bare wood", () => {
    const shell = { ...box, heightCm: 50 };
    expect(ids(started({ animalId: "iberianRibbedNewt", count: 2, shell }))).toContain("leakTest");
    const wood = made(living, { name: "setBuild", args: { buildId: "plywood" } });
    expect(ids(living)).toContain("leakTest");
    expect(ids(wood)).not.toContain("leakTest");
  });
  it("is as fine as the work: each foamed wall turned in its turn, each species planted and seeded by itself", () => {
    const walls = made(
      living,
      FOAM,
      { name: "setTreatment", args: { wall: "left", treatmentId: "foam", finishId: "siliconeFibre", thicknessCm: 4 } },
      { name: "addPlant", args: { id: "b", plantId: "bostonFern", xCm: 30, yCm: 20 } },
      { name: "setCrew", args: { crewId: "tropicalSpringtail", count: 500 } },
    );
    const after = (id: string) => activities(scene(walls)).find((step) => step.id === id)?.after ?? [];
    expect(after("buildWalls:left")).toContain("buildWalls:back");
    expect(ids(walls)).toEqual(
      expect.arrayContaining(["finishWalls:left", "plantOut:bostonFern", "plantOut:nervePlant", "airOut"]),
    );
    // Springtails go in early, against mould; isopods once it is planted.
    expect(after("seedCrew:tropicalSpringtail")).not.toContain("plantOut:nervePlant");
    expect(after("seedCrew:dwarfWhiteIsopod")).toContain("plantOut:nervePlant");
  });
  it("knows of no amount of nothing and waits for nothing that is not there, whatever the habitat", () => {
    fc.assert(
      fc.property(anyHabitat, ({ design }) => {
        const steps = activities(scene(design));
        const known = new Set(steps.map(({ id }) => id));
        expect(known.size).toBe(steps.length);
        for (const { after, handsMin, wait, plannedL, job } of steps) {
          for (const before of after) expect(known.has(before), before).toBe(true);
          expect(handsMin[0]).toBeLessThanOrEqual(handsMin[1]);
          expect(wait[0] <= wait[1] && wait[1] <= wait[2], job).toBe(true);
          if (plannedL !== undefined) expect(plannedL).toBeGreaterThan(0);
        }
        expect(steps.at(-1)?.id).toBe("moveIn");
      }),
    );
  });
  it("litres laid step by step are those of the layers", () => {
    fc.assert(
      fc.property(anyHabitat, ({ design }) => {
        const set = scene(design);
        for (const { layerId, plannedL } of activities(set))
          if (layerId !== undefined) expect(plannedL).toBeCloseTo(set.ground.levelOf(layerId)!.looseL, 9);
      }),
      { numRuns: 30 },
    );
  });
});

describe("the plan", () => {
  it("lets waits run side by side: two weeks of keeping the plants apart, then grow-in (35 days) set the date", () => {
    const days = plan(living, "2026-01-05");
    expect(dayOf(days, "plantOut:nervePlant")).toBe("2026-01-19");
    expect(dayOf(days, "moveIn")).toBe("2026-02-23");
    expect(days.filter(({ governs, wait }) => governs && wait[1] > 0).map(({ id }) => id)).toEqual([
      "quarantinePlants",
      "growIn",
    ]);
    expect(stepOf(days, "growIn")).toMatchObject({ floatDays: 0 });
    // Fourteen days of breeding beside thirty-five of growing in.
    expect(stepOf(days, "seedCrew:dwarfWhiteIsopod")).toMatchObject({ floatDays: 21, governs: false });
  });
  it("mixes wet soil on the day it is laid, and buys plants so that they come out of their two weeks in time", () => {
    const foamed = made(living, FOAM);
    const days = plan(foamed, "2026-01-05");
    // A day of leak test, one of setting, one of cure, twenty-one of airing (common practice: two to four weeks).
    const steps = ["buildWalls:back", "finishWalls:back", "airOut", "layDrainage:drainage-1"];
    expect(steps.map((id) => dayOf(days, id))).toEqual(["2026-01-06", "2026-01-07", "2026-01-08", "2026-01-29"]);
    expect(dayOf(days, "mixSoil:mix-1")).toBe(dayOf(days, "laySoil:soil-1"));
    const planted = dayOf(days, "plantOut:nervePlant")!;
    expect(daysBetween(dayOf(days, "quarantinePlants")!, planted)).toBe(14);
    expect(stepOf(days, "buildWalls:back")?.cautions).toContain("fumes");
  });
  it("tells begun from over: a wait that was begun runs from its day, and is over when that is said", () => {
    const first = plan(living, "2026-01-05");
    const wait = plan(living, "2026-01-10", begun("quarantinePlants", "2026-01-06"));
    expect(stepOf(wait, "quarantinePlants")).toMatchObject({ state: "waiting", readyOn: "2026-01-20" });
    expect(dayOf(first, "plantOut:nervePlant")! < dayOf(wait, "plantOut:nervePlant")!).toBe(true);
    const early = plan(
      living,
      "2026-01-12",
      begun("quarantinePlants", "2026-01-06"),
      done("quarantinePlants", "2026-01-12"),
    );
    expect(stepOf(early, "quarantinePlants")).toMatchObject({ state: "done", readyOn: "2026-01-12" });
    expect(dayOf(early, "plantOut:nervePlant")! < dayOf(wait, "plantOut:nervePlant")!).toBe(true);
  });
  it("keeps the day a step was done, plans nothing undone before today, and reads logs that told whole jobs", () => {
    const told = [
      done("leakTest", "2026-01-05"),
      done("quarantinePlants", "2026-01-05"),
      done("plantOut", "2026-01-08"),
    ];
    const days = plan(living, "2026-01-20", ...told);
    expect(dayOf(days, "leakTest")).toBe("2026-01-05");
    expect(stepOf(days, "plantOut:nervePlant")).toMatchObject({ state: "done", startOn: "2026-01-08" });
    expect(dayOf(days, "growIn")).toBe("2026-01-20");
  });
  it("counts days across the change to summer time", () => {
    const spring = made(living, { name: "setStart", args: { startOn: "2026-03-20" } });
    expect(dayOf(plan(spring, "2026-03-20"), "moveIn")).toBe("2026-05-08");
  });
  it.each(["Europe/Berlin", "America/New_York", "Pacific/Auckland"])(
    "has the same days in %s, where clocks change within it",
    (zone) => {
      const there = process.env.TZ;
      const spring = made(
        living,
        { name: "setStart", args: { startOn: "2026-03-01" } },
        { name: "setPlan", args: { minutesByWeekday: [60, 0, 60, 0, 60, 0, 240] } },
      );
      const days = () =>
        planOf(scene(spring), logged([]).state, "2026-03-01").steps.map(({ id, startOn }) => [id, startOn]);
      const known = days();
      try {
        process.env.TZ = zone;
        expect(new Date("2026-03-01T12:00:00Z").getHours()).not.toBe(12);
        expect(days()).toEqual(known);
      } finally {
        process.env.TZ = there;
      }
    },
  );
  it("puts work on evenings that have time, over several where one is too short, whatever the habitat", () => {
    fc.assert(
      fc.property(
        anyHabitat,
        fc.array(fc.integer({ min: 0, max: 200 }), { minLength: 7, maxLength: 7 }),
        (any, week) => {
          fc.pre(week.some((minutes) => minutes >= 30));
          const design = made(any.design, { name: "setPlan", args: { minutesByWeekday: week } });
          const { steps } = planned(design, "2026-01-05");
          const byId = new Map(steps.map((step) => [step.id, step]));
          for (const step of steps) {
            expect(step.handsOn >= step.startOn && step.readyOn >= step.handsOn).toBe(true);
            for (const before of step.after) expect(step.startOn >= byId.get(before)!.readyOn, step.id).toBe(true);
          }
          const free = planned(
            made(design, { name: "setPlan", args: { minutesByWeekday: Array(7).fill(1440) } }),
            "2026-01-05",
          );
          expect(steps.at(-1)!.startOn >= free.steps.at(-1)!.startOn).toBe(true);
        },
      ),
      { numRuns: 40, endOnFailure: true },
    );
  });
  it("what spoils is never earlier than the plan needs: put a day later, something would have to wait", () => {
    fc.assert(
      fc.property(anyHabitat, ({ design }) => {
        const free = made(design, { name: "setPlan", args: { minutesByWeekday: Array(7).fill(1440) } });
        const { steps } = planned(free, "2026-01-05");
        // Where days are full, what spoils has to take what is left.
        fc.pre(steps.reduce((sum, { handsMin }) => sum + handsMin[1], 0) < 1440);
        for (const { id, spoils, readyOn } of steps) {
          const next = steps.filter(({ after }) => after.includes(id));
          if (!spoils || next.length === 0) continue;
          const wantedOn = next.map(({ startOn }) => startOn).toSorted()[0]!;
          expect(daysAfter(readyOn, 1) > wantedOn, `${id} ready ${readyOn}, wanted ${wantedOn}`).toBe(true);
        }
      }),
      { numRuns: 40, endOnFailure: true },
    );
  });
});

describe("a plan that is changed", () => {
  const change = (args: Extract<Command, { name: "changeTask" }>["args"]): Command => ({ name: "changeTask", args });
  const own = (more: object = {}): Command => ({
    name: "addTask",
    args: {
      id: "own:bake",
      name: "Bake the leaves",
      after: [],
      before: ["laySoil"],
      minutes: 30,
      waitDays: 3,
      ...more,
    },
  });

  it("another wait moves what follows, a pinned day holds, a step left out is waited for no more", () => {
    const longer = plan(made(living, change({ taskId: "growIn", waitDays: 50, reason: "slow ferns" })), "2026-01-05");
    expect(dayOf(longer, "moveIn")).toBe("2026-03-10");
    const pinned = plan(made(living, change({ taskId: "laySoil:soil-1", pinnedOn: "2026-01-30" })), "2026-01-05");
    expect(dayOf(pinned, "laySoil:soil-1")).toBe("2026-01-30");
    expect(dayOf(pinned, "mixSoil:mix-1")).toBe("2026-01-30");
    const left = plan(
      made(living, change({ taskId: "quarantinePlants", skipped: true, reason: "own cuttings" })),
      "2026-01-05",
    );
    expect(stepOf(left, "quarantinePlants")).toBeUndefined();
    expect(dayOf(left, "plantOut:nervePlant")! < "2026-01-19").toBe(true);
  });
  it("takes changes back without a trace", () => {
    const there = made(living, change({ taskId: "growIn", waitDays: 50 }));
    expect(made(there, change({ taskId: "growIn", waitDays: null })).build).toEqual(living.build);
  });
  it("a step of one's own stands where it is wanted and holds up what waits for it", () => {
    const days = plan(made(living, own()), "2026-01-05");
    expect(stepOf(days, "own:bake")).toMatchObject({ startOn: "2026-01-05", readyOn: "2026-01-08" });
    expect(dayOf(days, "laySoil:soil-1")! >= "2026-01-08").toBe(true);
  });
  it("own steps in a round are named, and the rest of the plan stands", () => {
    const round = made(living, own({ after: ["plantOut"] }));
    const { steps, problems } = planned(round, "2026-01-05");
    expect(problems).toEqual([{ code: "goesRound", taskIds: expect.arrayContaining(["own:bake"]) as string[] }]);
    expect(dayOf(steps, "moveIn")).toBe("2026-02-23");
  });
  it("names a day fixed too early, no time in the week, changes of steps that are gone, and a step done too soon", () => {
    const codes = (design: Design, ...told: Told[]) =>
      planned(design, "2026-01-05", ...told).problems.map(({ code }) => code);
    expect(codes(made(living, change({ taskId: "plantOut:nervePlant", pinnedOn: "2026-01-02" })))).toEqual([
      "pinnedTooEarly",
    ]);
    expect(codes(made(living, { name: "setPlan", args: { minutesByWeekday: Array(7).fill(0) } }))).toEqual(["noTime"]);
    expect(codes(made(living, change({ taskId: "buildWalls:back", waitDays: 3 })))).toEqual(["gone"]);
    expect(codes(living, done("laySoil:soil-1", "2026-01-05"))).toEqual(["doneTooSoon"]);
    expect(codes(living)).toEqual([]);
  });
});

describe("a wall with wood in it", () => {
  const foamed = made(
    started(),
    { name: "setTreatment", args: { wall: "back", treatmentId: "foam", finishId: "cementPaint", thicknessCm: 5 } },
    {
      name: "addPiece",
      args: {
        id: "root",
        kindId: "corkTube",
        xCm: 30,
        yCm: 42,
        turnDeg: 0,
        widthCm: 10,
        depthCm: 5,
        heightCm: 10,
        rest: { on: "inWall", wall: "back", upCm: 20 },
        fillMixId: null,
      },
    },
  );
  const order = (design: Design) => activities(scene(design));
  const byId = (design: Design, id: string) => order(design).find((step) => step.id === id)!;
  const after = made(foamed, { name: "setWoodFirst", args: { woodFirst: false } });

  it("foams round it, or carves a bed for it once the foam is set, as its builder chooses", () => {
    expect(byId(foamed, "buildWalls:back").after).toContain("setInWall:back");
    expect(byId(foamed, "setInWall:back").quantities).toMatchObject({ proppedCount: 1, beddedCount: 0 });
    expect(byId(after, "setInWall:back").after).toEqual(["buildWalls:back"]);
    expect(byId(after, "finishWalls:back_1").after).toEqual(["buildWalls:back", "setInWall:back"]);
    expect(byId(after, "setInWall:back").quantities).toMatchObject({ proppedCount: 0, beddedCount: 1 });
  });
  it("on a panel it can only come after, whatever is chosen", () => {
    const cork: Command = { name: "setTreatment", args: { wall: "back", treatmentId: "corkPanel", finishId: null } };
    for (const design of [made(foamed, cork), made(after, cork)])
      expect(byId(design, "setInWall:back").after).toEqual(["buildWalls:back"]);
  });
  it("is finished coat by coat, each after the last is dry, and cured as long as before it was told in coats", () => {
    const coats = order(foamed).filter(({ job }) => job === "finishWalls");
    const { coats: many } = STOCK.get("wallFinishes", "cementPaint");
    expect(coats).toHaveLength(many);
    for (const [at, coat] of coats.entries()) if (at > 0) expect(coat.after).toEqual([coats[at - 1]!.id]);
    const [paint, days] = [coats.map(({ quantities }) => quantities.paintL ?? 0), coats.map(({ wait }) => wait[1])];
    const sum = (of: number[]) => of.reduce((all, one) => all + one, 0);
    const whole = wallWork(foamed.shell, foamed.shell.treatments[0]!, STOCK);
    expect(sum(paint)).toBeCloseTo(whole.paintL, 9);
    expect(sum(days)).toBeCloseTo(whole.finishDays, 9);
    expect(byId(foamed, "airOut")?.after ?? ["setInWall:back"]).toContain("setInWall:back");
  });
});
