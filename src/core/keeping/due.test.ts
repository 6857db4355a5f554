import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Command, Comes } from "../habitat";
import type { Reading, Told } from "../log";
import { logged, made, scene, started } from "../testing";
import { daysAfter, daysBetween } from "../units";
import { animalLogs, duties, dueList, dustingFor, refusedBeforeShed } from "./index";
import { nextByRule } from "./rules";

const IN = "2026-02-01";
const movedIn: Told = { kind: "movedIn", on: IN };
const change = (to: object, dutyId = "glass"): Command => ({ name: "changeDuty", args: { dutyId, ...to } });
const box = (...commands: Command[]) => made(started(), ...commands);
const due = (design: ReturnType<typeof box>, told: Told[], today: string, readings: Reading[] = [], id = "glass") =>
  dueList(scene(design), logged([movedIn, ...told], readings), today, nextByRule).find((duty) => duty.id === id);
const tick = (on: string, dutyId = "glass"): Told => ({ kind: "tick", on, dutyId });

describe("when a duty comes", () => {
  it("done late, the next moves with it; one that keeps its pace comes as if it had been in time", () => {
    const done = [tick("2026-02-08"), tick("2026-02-18")];
    expect(due(box(), done, "2026-02-19")?.dueOn).toBe("2026-02-25");
    expect(due(box(change({ keepsPace: true })), done, "2026-02-19")?.dueOn).toBe("2026-02-22");
  });
  it("of its own pace is always on its grid and after what was done, whenever it was done", () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 40 }), fc.integer({ min: 0, max: 300 }), (days, ago) => {
        const design = box(change({ comes: { by: "days", days }, keepsPace: true }));
        const doneOn = daysAfter(IN, ago);
        const next = due(design, [tick(doneOn)], "2027-12-31")!.dueOn;
        expect(daysBetween(IN, next) % days).toBe(0);
        expect(daysBetween(doneOn, next)).toBeGreaterThanOrEqual(days / 2 - 1);
        expect(daysBetween(doneOn, next)).toBeLessThanOrEqual(days * 1.5 + 1);
      }),
    );
  });
  it("by a rule of the calendar it comes on its days, summer time or not", () => {
    const sundays = box(change({ comes: { by: "rule", rule: "FREQ=WEEKLY;BYDAY=SU" } }));
    expect(due(sundays, [tick("2026-03-22")], "2026-03-23")?.dueOn).toBe("2026-03-29");
    expect(due(sundays, [tick("2026-03-29")], "2026-03-30")?.dueOn).toBe("2026-04-05");
    // What reads rules is not there yet: such a duty is left out, and the rest stands.
    const without = dueList(scene(sundays), logged([movedIn]), "2026-03-01").map(({ id }) => id);
    expect(without).not.toContain("glass");
    expect(without).toContain("spotClean");
  });
  it("by need it comes on the day a reading calls for it, until it is done after that", () => {
    const comes: Comes = { by: "need", series: "warmEnd.humidityRh", side: "below", value: 60 };
    const design = box(change({ comes }));
    const read = (on: string, humidityRh: number): Reading => ({ at: `${on}T12:00:00Z`, place: "warmEnd", humidityRh });
    expect(due(design, [], "2026-02-10", [read("2026-02-09", 70)])).toBeUndefined();
    expect(due(design, [tick("2026-02-08")], "2026-02-10", [read("2026-02-09", 55)])?.dueOn).toBe("2026-02-09");
    expect(due(design, [tick("2026-02-09")], "2026-02-10", [read("2026-02-09", 55)])).toBeUndefined();
  });
  it("put off it waits to that day, unless it is done before; left out it counts as done", () => {
    const off: Told = { kind: "snoozed", on: "2026-02-10", dutyId: "glass", untilOn: "2026-02-14" };
    expect(due(box(), [tick("2026-02-03"), off], "2026-02-11")?.dueOn).toBe("2026-02-14");
    expect(due(box(), [tick("2026-02-03"), off, tick("2026-02-11")], "2026-02-12")?.dueOn).toBe("2026-02-18");
    const out: Told = { kind: "skipped", on: "2026-02-10", dutyId: "glass", reason: "On a journey" };
    const left = due(box(), [tick("2026-02-03"), out], "2026-02-11")!;
    expect([left.dueOn, left.lastOn]).toEqual(["2026-02-17", "2026-02-03"]);
  });
  it("what nobody ever wrote down is due, but not late", () => {
    expect(due(box(), [], "2026-06-01")?.inDays).toBe(0);
    expect(due(box(), [tick("2026-02-08")], "2026-06-01")?.inDays).toBeLessThan(-100);
  });
  it("off it is gone, with its reason kept; an own one is ticked by a name of its own", () => {
    expect(due(box(change({ off: true, reason: "The timer does it" })), [], "2026-03-01")).toBeUndefined();
    const own = box({
      name: "addDuty",
      args: { id: "wall", name: "Photo", comes: { by: "days", days: 10 }, keepsPace: false, minutes: 5 },
    });
    expect(due(own, [tick("2026-02-20", "own-wall")], "2026-02-21", [], "own-wall")).toMatchObject({
      dueOn: "2026-03-02",
      name: "Photo",
    });
  });
  it("a tub is due eight months after it was opened, and only where one is", () => {
    const open = box({ name: "openSupplement", args: { supplement: "calcium", openedOn: "2025-08-01" } });
    expect(due(open, [], "2026-02-10", [], "calciumTub")?.dueOn).toBe("2026-03-29");
    expect(due(box(), [], "2026-02-10", [], "calciumTub")).toBeUndefined();
  });
  it("the mister is looked at where one runs by its timer, and nothing is misted by hand there", () => {
    const pump: Command[] = [
      { name: "addGear", args: { id: "m", kindId: "mistingPump" } },
      { name: "setGear", args: { id: "m", run: { by: "bursts", atMin: [510, 1140], forS: 20 } } },
    ];
    const ids = duties(scene(box(...pump)), IN);
    expect(ids.find(({ id }) => id === "lookAtMister")?.quantities).toEqual({ burstS: 20, timesADay: 2 });
    expect(ids.map(({ id }) => id)).not.toContain("mist");
  });
});

describe("feeding", () => {
  const animal = scene(started()).animal;
  const fed = (on: string, dusted: ("calcium" | "vitamins")[] = [], taken: "all" | "refused" = "all") =>
    ({ kind: "fed", on, food: "insects", dusted, taken, apart: false }) as const;
  const log = (...told: Told[]) => logged([movedIn, ...told]).state;

  it("comes anew from the last meal, refused or not, and is more frequent while one is young", () => {
    const feed = due(box(), [fed("2026-02-10")], "2026-02-10", [], "feed")!;
    const [least, most] = animal.food.adultEveryDays;
    expect(daysBetween("2026-02-10", feed.dueOn)).toBe(Math.round((least + most) / 2));
    const young = box({
      name: "addIndividual",
      args: { id: "a", name: "Ember", animalId: animal.id, sex: "unknown", hatchedOn: "2025-12-01", origin: "" },
    });
    const [low, high] = animal.food.youngEveryDays;
    const sooner = due(young, [fed("2026-02-10")], "2026-02-10", [], "feed")!;
    expect(daysBetween("2026-02-10", sooner.dueOn)).toBe(Math.max(1, Math.round((low + high) / 2)));
  });
  it("is dusted with calcium every so many meals, and with vitamins once their days are over", () => {
    const every = animal.food.calciumEveryNthFeeding!;
    const meals = Array.from({ length: every - 1 }, (_, n) => fed(daysAfter("2026-02-05", n)));
    const first = fed("2026-02-04", ["calcium", "vitamins"]);
    const before = log(first, ...meals.slice(0, -1)).fed;
    expect(dustingFor(animal, before, "2026-02-06")).toEqual(every === 1 ? ["calcium"] : []);
    expect(dustingFor(animal, log(first, ...meals).fed, "2026-02-06")).toEqual(["calcium"]);
    const later = daysAfter("2026-02-04", animal.food.vitaminsEveryDays!);
    expect(dustingFor(animal, log(first).fed, later)).toContain("vitamins");
  });
  it("refused within two weeks before its own shed is told so; another animal's shed explains nothing", () => {
    const told = log(
      { ...fed("2026-02-10", [], "refused"), individualId: "a" },
      { ...fed("2026-02-12", [], "refused"), individualId: "b" },
      { ...fed("2026-02-01", [], "refused"), individualId: "a" },
      { kind: "shed", on: "2026-02-18", whole: true, individualId: "a" },
    );
    expect(refusedBeforeShed(told.fed, told.sheds)).toEqual([{ on: "2026-02-10", shedOn: "2026-02-18" }]);
  });
  it("every meal, shed and weight is told of one animal or of all, and none twice", () => {
    const individuals = [
      { id: "a", name: "A", animalId: animal.id, sex: "male" as const, hatchedOn: null, origin: "" },
    ];
    const anyTold = fc.array(
      fc.record({ who: fc.constantFrom("a", undefined), refused: fc.boolean(), day: fc.integer({ min: 0, max: 90 }) }),
    );
    fc.assert(
      fc.property(anyTold, (all) => {
        const state = log(
          ...all.map(({ who, refused, day }): Told => ({
            ...fed(daysAfter(IN, day), [], refused ? "refused" : "all"),
            ...(who === undefined ? {} : { individualId: who }),
          })),
        );
        const sum = animalLogs(individuals, state).reduce((n, { meals, refused }) => n + meals + refused, 0);
        expect(sum).toBe(all.length);
      }),
    );
  });
});
