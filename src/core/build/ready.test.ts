import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Command, Design } from "../habitat";
import type { Told } from "../log";
import { daysBetween } from "../units";
import { logged, made, scene, started } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import { forecast, planOf, readiness, savings } from "./index";

const TODAY = "2026-01-05";
const all = [1440, 1440, 1440, 1440, 1440, 1440, 1440];
const FOAM: Command = {
  name: "setTreatment",
  args: { wall: "back", treatmentId: "foam", finishId: "siliconeFibre", thicknessCm: 5 },
};
const box = made(started(), FOAM, { name: "setPlan", args: { minutesByWeekday: all } });
const planted = made(box, { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 20, yCm: 20 } });
const state = (...told: Told[]) => logged(told).state;
const plan = (design: Design, ...told: Told[]) => planOf(scene(design), state(...told), TODAY);
const comes = (design: Design, ...told: Told[]) => plan(design, ...told).steps.at(-1)!.startOn;

describe("a day wished for that fails", () => {
  it("is mended most by a cork panel instead of foam and silicone, then by airing less; each saves what it says", () => {
    const ways = savings(scene(box), state(), TODAY);
    expect(ways.map(({ code, weeks }) => [code, weeks])).toEqual([
      ["panelForFoam", undefined],
      ["airingWeeks", 2],
    ]);
    for (const { commands, savesDays, moveInOn } of ways) {
      expect(comes(made(box, ...commands))).toBe(moveInOn);
      expect(daysBetween(moveInOn, comes(box))).toBe(savesDays);
    }
    // Three weeks of airing and a day of curing against two days of airing glued cork.
    expect(ways[0]!.savesDays).toBeGreaterThanOrEqual(17);
  });
  it("offers nothing that saves nothing, whatever the habitat, and the most first", () => {
    fc.assert(
      fc.property(anyHabitat, ({ design }) => {
        const ways = savings(scene(design), state(), TODAY);
        expect(ways.every(({ savesDays }) => savesDays > 0)).toBe(true);
        const days = ways.map(({ savesDays }) => savesDays);
        expect(days).toEqual(days.toSorted((a, b) => b - a));
      }),
      { numRuns: 20, endOnFailure: true },
    );
  });
  it("an animal that comes from quarantine need not wait for one here", () => {
    const here = made(box, { name: "setWaiting", args: { quarantine: "here" } });
    expect(plan(here).steps.some(({ job }) => job === "quarantineAnimal")).toBe(true);
    expect(savings(scene(here), state(), TODAY)[0]!.code).toBe("quarantineElsewhere");
  });
});

describe("how sure the day is", () => {
  const runs = (design: Design, ...told: Told[]) => forecast(plan(design, ...told).steps, TODAY, 2000, 1);
  it("half the runs are over near the planned day, nine in ten some days later, and more doubt means more days", () => {
    const { halfOn, nineOn, governs } = runs(box);
    expect(Math.abs(daysBetween(comes(box), halfOn))).toBeLessThanOrEqual(4);
    expect(daysBetween(halfOn, nineOn)).toBeGreaterThan(0);
    expect(governs.get("airOut")).toBe(1);
  });
  it("what is done doubts no more: with all over but the last week, the day is sure to a week", () => {
    const ids = plan(box).steps.flatMap(({ id, job }) =>
      job === "moveIn" || job === "runGear" || job === "trimVents" ? [] : [id],
    );
    const told = ids.flatMap((taskId): Told[] => [
      { kind: "taskBegun", on: TODAY, taskId },
      { kind: "taskDone", on: TODAY, taskId },
    ]);
    const { halfOn, nineOn } = runs(box, ...told);
    expect(daysBetween(TODAY, halfOn)).toBeLessThanOrEqual(10);
    expect(daysBetween(TODAY, nineOn)).toBeLessThanOrEqual(15);
  });
});

describe("readiness", () => {
  const gates = (design: Design, ...told: Told[]) => readiness(scene(design), plan(design, ...told), state(...told));
  const codes = (design: Design) => gates(design).map(({ code }) => code);
  it("asks only for what the habitat has", () => {
    expect(codes(box)).not.toContain("plantsRooted");
    expect(codes(planted)).toContain("plantsRooted");
    expect(codes(started())).not.toContain("noSmell");
    expect(codes(box)).not.toContain("failSafe");
    const heated = made(box, {
      name: "addGear",
      args: { id: "dark", kindId: "ceramicEmitter", run: { by: "always" } },
    });
    expect(codes(heated)).toContain("failSafe");
  });
  it("opens by the keeper's look, and by the plan once every step is over", () => {
    const open = (code: string, ...told: Told[]) => gates(box, ...told).find((gate) => gate.code === code)!.isOpen;
    expect(open("noSmell")).toBe(false);
    expect(open("noSmell", { kind: "checked", on: TODAY, gate: "noSmell" })).toBe(true);
    const over = plan(box).steps.map(({ id: taskId }): Told => ({ kind: "taskDone", on: TODAY, taskId }));
    expect(open("waitsOver")).toBe(false);
    expect(open("waitsOver", ...over)).toBe(true);
  });
  it("a thermostat that holds a heater and has no probe keeps its gate shut", () => {
    const run = { by: "warmth", fromMin: 480, untilMin: 1200, dayC: 24, nightC: 21, alarmLowC: null, alarmHighC: null };
    const wired = made(
      box,
      { name: "addGear", args: { id: "stat", kindId: "pulseThermostat" } },
      { name: "addGear", args: { id: "dark", kindId: "ceramicEmitter", feedId: "stat", run: run as never } },
    );
    const probe = (design: Design) => gates(design).find(({ code }) => code === "probePlaced")!.isOpen;
    expect(probe(wired)).toBe(false);
    expect(probe(made(wired, { name: "setGear", args: { id: "stat", probe: { xCm: 20, yCm: 20, upCm: 20 } } }))).toBe(
      true,
    );
  });
});

describe("readings in band", () => {
  const gate = (daysInBand: number, ...told: Told[]) =>
    readiness(scene(planted), plan(planted, ...told), state(...told), daysInBand).find(
      ({ code }) => code === "readingsInBand",
    )!;

  it("open their gate after a week of them; the keeper's own look counts as well; without readings it is theirs", () => {
    expect(gate(6)).toMatchObject({ by: "readings", isOpen: false, daysInBand: 6 });
    expect(gate(7)).toMatchObject({ by: "readings", isOpen: true });
    expect(gate(2, { kind: "checked", on: TODAY, gate: "readingsInBand" })).toMatchObject({
      by: "keeper",
      isOpen: true,
    });
    expect(gate(0)).toMatchObject({ by: "keeper", isOpen: false });
  });
});
