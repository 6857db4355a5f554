import { describe, expect, it } from "vitest";
import type { Told } from "../log";
import { STOCK } from "../library";
import { logged, made, scene, started } from "../testing";
import { bandChecks, bandFor, dueList, duties, settledDays, type BySeries } from "./index";

const DAY = "2026-03-01";
const fernwall = scene(started());
const movedIn: Told = { kind: "movedIn", on: "2026-02-10" };
const tick = (dutyId: string, on: string): Told => ({ kind: "tick", on, dutyId });
const due = (told: readonly Told[], today: string) => dueList(fernwall, logged(told), today);
const dueOf = (told: readonly Told[], id: string, today: string) => due(told, today).find((duty) => duty.id === id);

describe("duties", () => {
  it("follow from the design: no misting for a rosy boa, no water line without drainage", () => {
    expect(duties(scene(started({ animalId: "rosyBoa" })), DAY).map((duty) => duty.id)).toEqual([
      "feed",
      "freshWater",
      "spotClean",
      "weigh",
      "retreatWater",
      "glass",
    ]);
    expect(duties(fernwall, DAY).map((duty) => duty.id)).toContain("waterLine");
  });
  it("ask to mist by hand as the sprayer is set, and only to look where a pump does it", () => {
    const run = { by: "bursts" as const, atMin: [480, 780, 1140], forS: 25 };
    const asked = (kindId: string) => {
      const told = duties(scene(made(started(), { name: "addGear", args: { id: "mist", kindId, run } })), DAY);
      return told
        .filter(({ id }) => id === "mist" || id === "lookAtMister")
        .map(({ id, quantities }) => [id, quantities]);
    };
    expect(asked("handSprayer")).toEqual([["mist", { timesADay: 3, burstS: 25 }]]);
    expect(asked("mistingPump")).toEqual([["lookAtMister", { timesADay: 3, burstS: 25 }]]);
  });
  it("mist a spider that is misted once a week on one day of it", () => {
    const rare = STOCK.all("animals").find(({ mistingsPerWeek: [low, high] }) => low + high > 0 && low + high <= 2)!;
    const mist = duties(scene(started({ animalId: rare.id })), DAY).find(({ id }) => id === "mist")!;
    expect(mist.comes.by === "days" && mist.comes.days).toBeGreaterThanOrEqual(7);
    expect(mist.quantities).toEqual({ timesADay: 0, burstS: 0 });
  });
  it("are due from the move-in: daily ones at once, the litter after two months (common practice)", () => {
    expect(due([], "2026-02-10")).toEqual([]);
    expect(dueOf([movedIn], "mist", "2026-02-10")?.inDays).toBe(0);
    expect(dueOf([movedIn], "litter", "2026-02-10")?.dueOn).toBe("2026-04-11");
  });
  it("count from the last tick, and late ones come first", () => {
    const ticked = [movedIn, tick("waterLine", "2026-02-17"), tick("waterLine", "2026-02-12")];
    expect(dueOf(ticked, "waterLine", "2026-02-26")).toMatchObject({
      dueOn: "2026-02-24",
      inDays: -2,
      lastOn: "2026-02-17",
    });
    const order = due(ticked, "2026-02-26").map((duty) => duty.inDays);
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });
});

describe("readings against their bands", () => {
  const readings = [
    { at: "2026-02-12T09:00:00Z", place: "warmEnd" as const, temperatureC: 29, humidityRh: 80 },
    { at: "2026-02-11T09:00:00Z", place: "warmEnd" as const, temperatureC: 26, humidityRh: 50 },
    { at: "2026-02-12T09:00:00Z", place: "coolEnd" as const, waterLineCm: 4.2 },
  ];
  it("take the newest of each thing, and hold the water line against the safe line", () => {
    const checks = bandChecks(fernwall, logged([movedIn], readings));
    expect(checks.map(({ what, side }) => [what, side])).toEqual([
      ["temperatureC", "above"],
      ["humidityRh", "in"],
      ["waterLineCm", "above"],
    ]);
    expect(checks[2]?.band).toEqual([0, 1.5]);
  });
  it("at noon hold the warm end to the day's band, by night let it fall to the night's", () => {
    const { warm, night } = fernwall.animal.temperatureC;
    const between = (night[0] + warm[0]) / 2;
    const side = (hour: number) => {
      const at = new Date(2026, 1, 12, hour).toISOString();
      return bandChecks(fernwall, logged([movedIn], [{ at, place: "warmEnd", temperatureC: between }]))[0]?.side;
    };
    expect(between).toBeLessThan(warm[0]);
    expect([side(3), side(13), side(22)]).toEqual(["in", "below", "in"]);
  });
  it("reckon the water line down by what was drawn off since it was read, by the drainage as a vessel", () => {
    const { water } = fernwall.ground;
    const waterL = water!.atL(4.2) - water!.atL(1);
    const line = (on: string) =>
      bandChecks(fernwall, logged([movedIn, { kind: "drawnOff", on, waterL }], readings)).at(-1)!;
    expect(line("2026-02-13").value).toBeCloseTo(1, 6);
    expect(line("2026-02-13").side).toBe("in");
    expect(line("2026-02-11").value).toBe(4.2);
  });
});

describe("days in band, one after another", () => {
  const hours = [3, 9, 13, 21];
  /** In the middle of the band at every hour of the days before, and other values where told. */
  const week = (days: number, other: (day: number, hour: number) => number | undefined = () => undefined): BySeries => {
    const samples = Array.from({ length: days }, (_, back) =>
      hours.map((hour) => {
        const atMs = new Date(2026, 2, 10 - back, hour).getTime();
        const [low, high] = bandFor(fernwall, "temperatureC", "warmEnd", hour)!;
        return { atMs, value: other(back, hour) ?? (low + high) / 2 };
      }),
    ).flat();
    return { "warmEnd.temperatureC": samples };
  };
  const TODAY = "2026-03-10";

  it("are counted back to the first day that was not, or that nobody read", () => {
    expect(settledDays(fernwall, week(9), TODAY)).toBe(9);
    expect(
      settledDays(
        fernwall,
        week(9, (day, hour) => (day === 4 && hour === 3 ? 5 : undefined)),
        TODAY,
      ),
    ).toBe(4);
    const gap = week(9)["warmEnd.temperatureC"]!.filter(({ atMs }) => new Date(atMs).getDate() !== 7);
    expect(settledDays(fernwall, { "warmEnd.temperatureC": gap }, TODAY)).toBe(3);
  });
  it("are none where nothing was read lately, and one bad place spoils the day of the other", () => {
    expect(settledDays(fernwall, {}, TODAY)).toBe(0);
    expect(settledDays(fernwall, week(9), "2026-03-13")).toBe(0);
    expect(settledDays(fernwall, week(9), "2026-03-11")).toBe(9);
    const cold = [{ atMs: new Date(2026, 2, 10, 13).getTime(), value: 5 }];
    expect(settledDays(fernwall, { ...week(9), "coolEnd.temperatureC": cold }, TODAY)).toBe(0);
  });
});
