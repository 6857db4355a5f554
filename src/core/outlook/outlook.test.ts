import { describe, expect, it } from "vitest";
import type { Command, Design } from "../habitat";
import { needs } from "../supply";
import { activities } from "../build";
import { dueList, duties } from "../keeping";
import { derived, logged, made, scene, started } from "../testing";
import { energyTotal, lookedAtOn, outlookOf, standCm } from "./index";

const add = (id: string, kindId: string, more: object = {}): Command => ({
  name: "addGear",
  args: { id, kindId, ...more },
});
const branch: Command = {
  name: "addPiece",
  args: {
    ...{ id: "perch", kindId: "branch", xCm: 20, yCm: 22, turnDeg: 0, widthCm: 20, depthCm: 6, heightCm: 22 },
    rest: { on: "ground", sunkCm: 1 },
    fillMixId: null,
  },
};
const lamp = add("lamp", "halogenLamp", { powerW: 50, xCm: 20, yCm: 22 });
const mist = add("mist", "mistingPump", {
  size: { nozzles: 2, mLPerMin: 60, litres: 4 },
  run: { by: "bursts", atMin: [510, 1140], forS: 30 },
});
const outlook = (design: Design, on = "2026-01-10") => derived(design, logged([], [], on)).outlook;

describe("what comes of what is set up", () => {
  const box = made(started(), branch, lamp, mist);

  it("basking is on what stands under the lamp, not on the ground below it; nearer is warmer", () => {
    const { basking } = outlook(box);
    expect(basking!.at.zCm).toBeCloseTo(standCm(scene(box).ground, 20, 22), 6);
    expect(basking!.at.zCm).toBeGreaterThan(scene(box).ground.surfaceAt(20, 22) + 15);
    const bare = outlook(made(started(), lamp, mist)).basking!;
    expect(basking!.surfaceC[0]).toBeGreaterThan(bare.surfaceC[0] + 2);
    expect(outlook(started()).basking).toBeUndefined();
  });
  it("two nozzles of 60 ml a minute, twice 30 s a day: 120 ml; a vessel of 4 L lasts 33 days", () => {
    const [vessel] = outlook(box).vessels;
    expect(vessel!.waterL).toEqual([expect.closeTo(0.12, 9), expect.closeTo(0.12, 9)]);
    expect(vessel!.days!.least).toBeCloseTo(4 / 0.12, 6);
  });
  it("more mist than the air takes runs down, and the days to the safe line are what it holds over the kept line", () => {
    const wet = made(
      started({ shell: { widthCm: 60, depthCm: 45, heightCm: 60, sillCm: 20, top: "glass" } }),
      { name: "setWaterLine", args: { waterLineCm: 0.5 } },
      add("mist", "mistingPump", {
        size: { nozzles: 4, mLPerMin: 80 },
        run: { by: "bursts", atMin: [480, 720, 960], forS: 60 },
      }),
    );
    const { runsDownL, safeLineDays } = outlook(wet);
    const { water } = scene(wet).ground;
    expect(runsDownL[0]).toBeGreaterThan(0.3);
    // All that is sprayed is in the air, on the glass or below: no more runs down than was sprayed.
    expect(runsDownL[1]).toBeLessThan(0.96 + 0.4);
    const holds = water!.atL(water!.safeLineCm) - water!.keptL;
    expect(safeLineDays!.least).toBeCloseTo(holds / runsDownL[1], 6);
  });
  it("electricity: 50 W for twelve hours are 18 kWh a month; of a thermostat's heater what is called for", () => {
    const energy = outlook(box).energyKWh;
    expect(energy.get("lamp")![0]).toBeCloseTo((50 * 12 * 30.4) / 1000, 6);
    const held = {
      by: "warmth",
      fromMin: 480,
      untilMin: 1200,
      dayC: 21,
      nightC: 20,
      alarmLowC: null,
      alarmHighC: null,
    };
    const heated = outlook(
      made(
        started({ room: { temperatureC: 19, humidityRh: 50 } }),
        add("dark", "ceramicEmitter", { powerW: 250, run: held }),
      ),
    );
    const [low, high] = energyTotal(heated.energyKWh);
    expect(low).toBeGreaterThan(1);
    expect(high).toBeLessThan((250 * 24 * 30.4) / 1000);
  });
  it("a heater for the cold months hands over to a lamp for the warm ones", () => {
    const seasons = made(
      started(),
      add("summer", "halogenLamp", { powerW: 50, months: [4, 5, 6, 7, 8, 9] }),
      add("winter", "ceramicEmitter", { powerW: 100, months: [1, 2, 3, 10, 11, 12] }),
    );
    const { habitat, log } = derived(seasons);
    const at = (on: string) => outlookOf(scene(habitat), log.state, on);
    expect([at("2026-07-15").basking !== undefined, at("2026-01-15").basking !== undefined]).toEqual([true, false]);
    expect(at("2026-01-15").sizing.night.heatW[1]).toBeGreaterThan(5);
    expect(at("2026-07-15").sizing.night.heatW[1]).toBe(0);
    expect(at("2026-01-15").energyKWh.get("summer")).toEqual([0, 0]);
    expect(lookedAtOn({ habitat }, { on: null })).toBe(habitat.build.startOn);
  });
});

describe("gear is bought, mounted and renewed", () => {
  const box = made(started(), lamp, mist, add("stat", "dimmingThermostat", { probe: { xCm: 20, yCm: 22, upCm: 20 } }), {
    name: "setPower",
    args: { guarded: true },
  });
  const bought = (design: Design) =>
    Object.fromEntries(
      needs(scene(design)).flatMap(({ shelf, id, amount }) =>
        shelf === "gear" && amount.kind === "pieces" ? [[id, amount.count]] : [],
      ),
    );

  it("is on the list with a holder for each bulb that has none, and none without gear", () => {
    expect(bought(box)).toEqual({ halogenLamp: 1, mistingPump: 1, dimmingThermostat: 1, lampHolderReflector: 1 });
    expect(bought(made(box, add("dome", "lampHolderReflector")))).toMatchObject({ lampHolderReflector: 1 });
    expect(bought(started())).toEqual({});
  });
  it("is mounted before it is wired, wired before it is tried with the water in, and tried before its week of readings", () => {
    const all = activities(scene(box));
    const ids = all.map(({ id }) => id);
    const after = (id: string) => all.find((task) => task.id === id)?.after ?? [];
    expect(after("wireGear")).toContain("mountGear");
    expect(after("tryGear")).toContain("wireGear");
    expect(after("runGear")).toContain("tryGear");
    expect(all.find(({ id }) => id === "wireGear")?.quantities.probeCount).toBe(1);
    expect(ids.indexOf("mountGear")).toBeLessThan(ids.indexOf("runGear"));
    const bare = activities(scene(started())).map(({ id }) => id);
    expect(bare.filter((id) => ["mountGear", "wireGear", "tryGear"].includes(id))).toEqual([]);
  });
  it("is renewed by its hours where they run out before its months, tried as often as it asks, and due anew once done", () => {
    const duty = (id: string) => duties(scene(box), "2026-03-01").find((one) => one.id === id);
    // 2,000 hours at twelve a day are 167 days, less than seven months.
    expect(duty("renewHalogenLamp")).toMatchObject({ does: "renewGear", comes: { by: "days", days: 167 } });
    expect(duty("checkDimmingThermostat")?.comes).toEqual({ by: "days", days: 360 });
    expect(duty("checkResidualCurrentDevice")?.comes).toEqual({ by: "days", days: 30 });
    const moved = { kind: "movedIn", on: "2026-02-10" } as const;
    const due = (...more: Parameters<typeof logged>[0]) =>
      dueList(scene(box), logged([moved, ...more]), "2026-08-01").find(({ id }) => id === "renewHalogenLamp");
    expect(due()?.dueOn).toBe("2026-07-27");
    expect(due({ kind: "renewed", on: "2026-07-28", gearId: "lamp" })?.dueOn).toBe("2027-01-11");
    expect(due({ kind: "tick", on: "2026-07-30", dutyId: "renewHalogenLamp" })?.dueOn).toBe("2027-01-13");
  });
});
