import psychrolib from "psychrolib";
import { describe, expect, it } from "vitest";
import { fitted, fixtureOf } from "../gear";
import type { Command, Design } from "../habitat";
import { STOCK } from "../library";
import { made, started } from "../testing";
import {
  airChangesPerH,
  humidityRatio,
  leafKgPerS,
  openingsOf,
  relativeHumidity,
  sizingOf,
  stackM3PerS,
  surfaceC,
  ventPairs,
  virtualC,
} from "./index";
import { middle } from "../range";

const ROOM = { temperatureC: 21, humidityRh: 40 };
type Top = "mesh" | "halfCovered" | "glass";
const tall = (top: Top = "mesh", room = ROOM): Design =>
  started({ animalId: "crestedGecko", room, shell: { widthCm: 45, depthCm: 45, heightCm: 60, sillCm: 10, top } });

/** Leaves of thin-leaved plants: 350 to 800 s/m by day, 1,500 to 4,500 by night. */
const planted = (leavesM2: number) => ({
  leavesM2,
  leavesKgPerS: {
    day: [leafKgPerS(leavesM2, 800), leafKgPerS(leavesM2, 350)] as [number, number],
    night: [leafKgPerS(leavesM2, 4500), leafKgPerS(leavesM2, 1500)] as [number, number],
  },
  waterM2: 0,
});

/** A first sizing with 12 cm of ground and the leaves of a planted box. */
const sized = ({ brief, shell, gear }: Design, on = "2026-01-10", leavesM2 = 0.15) =>
  sizingOf({
    animal: STOCK.get("animals", brief.animalId),
    room: brief.room,
    shell,
    fillCm: 12,
    surfaceAt: () => 12,
    gear: fitted(gear, STOCK),
    wet: planted(leavesM2),
    on,
    library: STOCK,
  });
const add = (id: string, kindId: string, more: object = {}): Command => ({
  name: "addGear",
  args: { id, kindId, ...more },
});
const heater = (powerW: number, dayC: number, nightC: number): Command =>
  add("dark", "ceramicEmitter", {
    powerW,
    xCm: 10,
    run: { by: "warmth", fromMin: 480, untilMin: 1200, dayC, nightC, alarmLowC: null, alarmHighC: null },
  });
const mist = (times: number[], forS: number, more: object = {}): Command =>
  add("mist", "mistingPump", { size: { nozzles: 2, ...more }, run: { by: "bursts", atMin: times, forS } });

describe("moist air", () => {
  it("humidity ratio and back agree with psychrolib within half a per cent from 5 to 40 °C, virtual temperature within 0.1 K", () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    for (const celsius of [5, 15, 21, 30, 40])
      for (const rh of [20, 55, 90]) {
        const ratio = psychrolib.GetHumRatioFromRelHum(celsius, rh / 100, 101325);
        expect(Math.abs(humidityRatio(celsius, rh) / ratio - 1)).toBeLessThan(0.005);
        expect(Math.abs(relativeHumidity(celsius, ratio) - rh)).toBeLessThan(0.5);
        // Virtual temperature by what makes dry air as light: from psychrolib's own density.
        const density = psychrolib.GetMoistAirDensity(celsius, ratio, 101325);
        const asDry = 101325 / (287.042 * density) - 273.15;
        expect(Math.abs(virtualC(celsius, ratio) - asDry)).toBeLessThan(0.1);
      }
    expect(humidityRatio(21, 37.5)).toBeCloseTo(0.005778, 5);
  });
});

describe("air through a box", () => {
  it("from a vent of 90 cm² 5 cm over the ground to an open mesh top: 5.089e-4 kg/s at 2 K of virtual temperature", () => {
    const openings = openingsOf(tall().shell, 6, STOCK);
    expect(1.2 * stackM3PerS({ ...openings, lowM2: 0.009, stackM: 0.49 }, 2)).toBeCloseTo(5.089e-4, 7);
  });
  it("a low vent and a fan only ever add to it; vents are counted until they air it", () => {
    const still = { draughtMPerS: 0.002, leaksPerH: 0.3 };
    const bare = tall("glass");
    const vent = (upCm: number, id: string): Command => ({
      name: "addOpening",
      args: { id, kind: "vent", wall: "front", acrossCm: 10, upCm, widthCm: 20, heightCm: 3 },
    });
    const changes = (design: Design, fan = 0) => airChangesPerH(openingsOf(design.shell, 12, STOCK), 3, still, fan);
    const low = made(bare, vent(15, "low"));
    const both = made(low, vent(54, "high"));
    expect(changes(bare)).toBeCloseTo(0.3, 6);
    expect(changes(low)).toBeGreaterThan(changes(bare));
    expect(changes(both)).toBeGreaterThan(changes(low) * 2);
    expect(changes(both, 1)).toBeGreaterThan(changes(both) + 5);
    const openings = openingsOf(bare.shell, 12, STOCK);
    const pairs = ventPairs(openings, 3, 4)!;
    expect(ventPairs(openings, 3, 8)).toBeGreaterThan(pairs);
    expect(ventPairs(openings, 6, 4)).toBeLessThanOrEqual(pairs);
    expect(ventPairs(openings, 0.01, 500)).toBeUndefined();
  });
});

describe("first sizing", () => {
  it("half a cover makes a dry room's tall misted box markedly more humid (common practice), and less airy", () => {
    const misted = (top: Top) => sized(made(tall(top), mist([480, 1140], 20)));
    const [mesh, half] = [misted("mesh"), misted("halfCovered")];
    expect(middle(half.day.humidityRh) - middle(mesh.day.humidityRh)).toBeGreaterThan(5);
    expect(middle(half.day.changesPerH)).toBeLessThan(middle(mesh.day.changesPerH));
  });
  it("20 s of mist every six hours hold a closed rain-forest box at about 90 % (common practice)", () => {
    const [low, high] = sized(made(tall("glass"), mist([0, 360, 720, 1080], 20))).day.humidityRh;
    expect(low).toBeGreaterThan(85);
    expect(high).toBeGreaterThanOrEqual(90);
  });
  it("mist three times a week leaves a semi-arid box at 50 to 60 % by night (common practice), far from saturated", () => {
    const dry = started({ animalId: "leopardGecko", room: { temperatureC: 21, humidityRh: 45 } });
    const { night, day } = sized(made(dry, mist([480], 9)), "2026-01-10", 0.02);
    expect(night.humidityRh[0]).toBeLessThan(60);
    expect(night.humidityRh[1]).toBeGreaterThan(45);
    expect(day.humidityRh[1]).toBeLessThan(80);
  });
  it("mist wets and a fan dries, both by what they give; a fan that only stirs changes no air", () => {
    const bare = tall("halfCovered");
    const misted = made(bare, mist([510, 1140], 20));
    const fan = (place: string) => made(misted, add("fan", "condensationFan", { place }));
    const rh = (design: Design) => middle(sized(design).day.humidityRh);
    expect(rh(misted)).toBeGreaterThan(rh(bare) + 5);
    expect(rh(fan("lidOpening"))).toBeLessThan(rh(misted) - 1);
    expect(sized(fan("insideTop")).day.changesPerH[1]).toBeCloseTo(sized(misted).day.changesPerH[1], 0);
  });
  it("a night of 22 to 25 °C in a room of 15 °C asks for a heater; sized and set it holds, and too weak it does not", () => {
    const cold = tall("halfCovered", { temperatureC: 15, humidityRh: 50 });
    const bare = sized(cold);
    expect(bare.night.temperatureC[1]).toBeLessThan(15.5);
    expect(bare.neededNightW[1]).toBeGreaterThan(5);
    const held = sized(made(cold, heater(400, 24, 22)));
    expect(held.night.temperatureC[0]).toBeCloseTo(22, 0);
    expect(held.night.temperatureC[1]).toBeLessThan(22.5);
    expect(sized(made(cold, heater(40, 24, 22))).night.temperatureC[0]).toBeLessThan(21.5);
    expect(sized(tall("halfCovered", { temperatureC: 26, humidityRh: 50 })).neededNightW).toEqual([0, 0]);
  });
  it("25 W warm the end of a low box by a few degrees (common practice); 50 W make a spot of 29 to 32 °C at 30 cm", () => {
    const low = started({ room: ROOM, shell: { widthCm: 60, depthCm: 40, heightCm: 30, sillCm: 0, top: "mesh" } });
    const warmed = sized(made(low, add("lamp", "halogenLamp", { powerW: 25 })));
    expect(warmed.warmEndC[1] - ROOM.temperatureC).toBeGreaterThan(1.5);
    expect(warmed.warmEndC[1]).toBeLessThan(30);
    const { gear, shell } = made(tall(), add("lamp", "halogenLamp", { powerW: 50 }));
    const lamp = fixtureOf(fitted(gear, STOCK)[0]!, shell, () => 12);
    const [from, to] = surfaceC([lamp], { xCm: lamp.xCm, yCm: lamp.yCm, zCm: lamp.zCm - 30 }, [21, 23]);
    expect(from).toBeLessThan(32);
    expect(to).toBeGreaterThan(29);
  });
  it("a lamp warms the end it hangs over, and one on a thermostat that feels under it burns no more than it must", () => {
    const lamp = (run?: object) =>
      made(
        tall(),
        add("stat", "dimmingThermostat", { probe: { xCm: 9, yCm: 22, upCm: 13 } }),
        add("lamp", "halogenLamp", { powerW: 75, xCm: 9, feedId: "stat", ...(run ? { run } : {}) }),
      );
    const free = sized(lamp());
    expect(middle(free.warmEndC)).toBeGreaterThan(middle(free.coolEndC) + 1);
    const set = {
      by: "warmth",
      fromMin: 480,
      untilMin: 1200,
      dayC: 27,
      nightC: null,
      alarmLowC: null,
      alarmHighC: null,
    };
    const held = sized(lamp(set));
    expect(held.day.heatW[1]).toBeLessThan(free.day.heatW[1] * 0.9);
    expect(held.night.heatW).toEqual([0, 0]);
  });
  it("a humidistat's fogger wets up to its set point and no further, and a duct fan dries down to its own", () => {
    const dry = tall("halfCovered", { temperatureC: 23, humidityRh: 30 });
    const damp = { by: "damp", fromMin: 480, untilMin: 1200, nightRh: null };
    const fogged = sized(made(dry, add("fog", "ultrasonicFogger", { run: { ...damp, dayRh: 85 } })));
    expect(fogged.day.humidityRh[0]).toBeGreaterThan(82);
    const wet = made(tall("halfCovered", { temperatureC: 23, humidityRh: 45 }), mist([480, 720, 960], 15));
    const aired = sized(made(wet, add("fan", "ductedFan", { run: { ...damp, dayRh: 70 } })));
    expect(sized(wet).day.humidityRh[1]).toBeGreaterThan(85);
    expect(aired.day.humidityRh[1]).toBeLessThan(75);
    expect(aired.day.changesPerH[1]).toBeGreaterThan(sized(wet).day.changesPerH[1]);
  });
  it("what is in use by months only works in them", () => {
    const winter = made(tall(), heater(100, 24, 22), { name: "setGear", args: { id: "dark", months: [11, 12, 1, 2] } });
    expect(sized(winter, "2026-01-10").night.heatW[1]).toBeGreaterThan(5);
    expect(sized(winter, "2026-07-10").night.heatW).toEqual([0, 0]);
  });
});
