import { describe, expect, it } from "vitest";
import { mendsOf } from "../mending";
import { checkHabitat, type Command, type Design } from "../habitat";
import { STOCK } from "../library";
import type { Told } from "../log";
import { boulder, derived, FERNWALL, found, logged, made, started } from "../testing";
import type { FindingCode } from "./index";

const add = (id: string, kindId: string, more: object = {}): Command => ({
  name: "addGear",
  args: { id, kindId, ...more },
});
const SAFE: Command = { name: "setPower", args: { guarded: true, dripLoops: true } };
const held = (dayC: number, nightC: number | null) =>
  ({ by: "warmth", fromMin: 480, untilMin: 1200, dayC, nightC, alarmLowC: null, alarmHighC: null }) as const;
const probe = { xCm: 45, yCm: 22, upCm: 20 };
const STAT = add("stat", "pulseThermostat", { probe });

const skink = started();
const cold = started({ room: { temperatureC: 15, humidityRh: 50 }, shell: { ...FERNWALL.shell, top: "halfCovered" } });
const closed = started({ shell: { ...FERNWALL.shell, top: "glass" } });
const OVERHEATS = add("panel", "radiantPanel", { powerW: 120, run: { by: "always" } });
const dragon = started({
  animalId: "beardedDragon",
  room: { temperatureC: 24, humidityRh: 40 },
  shell: { widthCm: 120, depthCm: 60, heightCm: 60, sillCm: 15, top: "mesh" },
});
const HIDE: Command = {
  name: "addPiece",
  args: {
    ...{ id: "hide", kindId: "corkFlat", xCm: 100, yCm: 30, turnDeg: 0, widthCm: 24, depthCm: 18, heightCm: 9 },
    rest: { on: "ground", sunkCm: 0 },
    fillMixId: null,
  },
};
const TUBE_INSIDE = add("uv", "strongUvTube", {
  ...{ powerW: 54, size: { lengthCm: 115 }, place: "insideTop", xCm: 60 },
});
const gecko = started({
  animalId: "leopardGecko",
  shell: { widthCm: 90, depthCm: 45, heightCm: 45, sillCm: 15, top: "mesh" },
});

type Case = [code: FindingCode, variant: string | undefined, design: Design, commands: Command[]];
const CASES: Case[] = [
  ["tooCold", "night", cold, [SAFE]],
  ["tooCold", "night", started({ room: { temperatureC: 17, humidityRh: 50 } }), [SAFE]],
  ["tooCold", "day", cold, [SAFE]],
  [
    "tooHot",
    "day",
    made(dragon, { name: "setTop", args: { lid: "glass" } }),
    [SAFE, add("panel", "radiantPanel", { powerW: 70, run: { by: "always" } })],
  ],
  [
    "tooHot",
    "night",
    made(skink, { name: "setTop", args: { coveredPct: 75 } }),
    [SAFE, add("dark", "ceramicEmitter", { powerW: 250, run: { by: "always" } })],
  ],
  ["tooHot", "noEscape", closed, [SAFE, OVERHEATS]],
  ["uvNoShade", undefined, dragon, [TUBE_INSIDE]],
  ["baskingOff", "noLamp", skink, []],
  ["baskingOff", "tooHot", skink, [SAFE, add("lamp", "halogenLamp", { powerW: 150 })]],
  ["uvOff", "missing", dragon, []],
  [
    "uvOff",
    "tooWeak",
    dragon,
    [HIDE, add("uv", "linearUvTube", { powerW: 54, size: { lengthCm: 115 }, place: "aboveMesh", xCm: 60 })],
  ],
  [
    "uvOff",
    "tooStrong",
    skink,
    [add("uv", "strongUvTube", { upCm: 40, place: "insideTop", powerW: 24, size: { lengthCm: 55 } })],
  ],
  ["heaterLoose", undefined, skink, [SAFE, add("dark", "ceramicEmitter", { run: { by: "always" } })]],
  [
    "setPointBeyond",
    undefined,
    cold,
    [SAFE, STAT, add("dark", "ceramicEmitter", { powerW: 40, feedId: "stat", run: held(24, 20) })],
  ],
  [
    "matUnder",
    "deepSoil",
    skink,
    [SAFE, STAT, add("mat", "heatMat", { place: "underBox", feedId: "stat", run: held(24, 21) })],
  ],
  ["lampNear", "stand", gecko, [SAFE, add("lamp", "halogenLamp", { powerW: 75, upCm: 30, place: "insideGuarded" })]],
  [
    "lampNear",
    "beside",
    gecko,
    [
      SAFE,
      boulder({ rest: { on: "glass" }, xCm: 15, yCm: 20, widthCm: 10, depthCm: 10, heightCm: 45 }),
      add("lamp", "ceramicEmitter", { powerW: 40, xCm: 15, yCm: 28, upCm: 42, place: "insideGuarded" }),
    ],
  ],
  ["lampNear", "mesh", dragon, [SAFE, add("lamp", "halogenLamp", { powerW: 150, upCm: 61 })]],
  [
    "miswired",
    undefined,
    skink,
    [add("stat", "dimmingThermostat", { probe }), add("uv", "linearUvTube", { feedId: "stat" })],
  ],
  ["miswired", undefined, skink, [add("plug", "timerPlug"), add("mist", "mistingPump", { feedId: "plug" }), SAFE]],
  [
    "socketUnguarded",
    undefined,
    skink,
    [add("mist", "mistingPump", { powerW: 20 }), { name: "setPower", args: { dripLoops: true } }],
  ],
  ["noDripLoop", undefined, skink, [add("mist", "mistingPump"), { name: "setPower", args: { guarded: true } }]],
  ["lightByNight", undefined, skink, [add("led", "ledBar", { run: { by: "always" }, lumens: 4000 })]],
  [
    "probeOff",
    "missing",
    skink,
    [add("stat", "pulseThermostat"), add("dark", "ceramicEmitter", { feedId: "stat", run: held(24, 21), powerW: 100 })],
  ],
  ["probeOff", "outside", skink, [add("stat", "pulseThermostat", { probe: { xCm: 90, yCm: 20, upCm: 20 } })]],
  ["gearBuried", undefined, skink, [add("led", "ledBar", { upCm: 4, place: "insideTop", lumens: 4000 })]],
  ["gearTooLong", undefined, skink, [add("led", "ledBar", { xCm: 4, place: "insideTop", size: { lengthCm: 30 } })]],
  ["pumpNoFlow", undefined, skink, [SAFE, add("wall", "drippingWall", { size: { headCm: 40 } })]],
];

describe("findings about gear", () => {
  it.each(CASES)(
    "%s %s is told, and its mend ends it without breaking the document (%#)",
    (code, variant, design, commands) => {
      const wrong = made(design, ...commands);
      const now = derived(wrong);
      const about = now.findings.filter((one) => one.code === code);
      const one = about.find(
        (each) => variant === undefined || ("variant" in each.quantities && each.quantities.variant === variant),
      );
      expect(one, `${code} ${now.findings.map((each) => each.code).join(" ")}`).toBeDefined();
      const [mend] = mendsOf(one!, now);
      expect(mend, code).toBeDefined();
      const mended = made(wrong, ...mend!.commands);
      const left = derived(mended).findings.filter((each) => each.code === code && each.about === one!.about);
      expect(left.filter((each) => !("variant" in each.quantities) || each.quantities.variant === variant)).toEqual([]);
      expect(checkHabitat(mended, STOCK)).toEqual([]);
    },
  );

  it("what has no mend is told with its figures: a strip that bears less than hangs on it", () => {
    const strip = made(
      skink,
      add("strip", "surgeStrip", { size: { maxW: 100 } }),
      add("lamp", "halogenLamp", { powerW: 90, feedId: "strip" }),
      add("dark", "ceramicEmitter", { powerW: 60, feedId: "strip" }),
    );
    expect(found(derived(strip), "stripOverloaded")?.finding.quantities).toEqual({
      kindId: "surgeStrip",
      loadW: 150,
      mostW: 100,
    });
  });

  it("no end of a box left under what it bears for days is told as such; where the room is so warm, that is told", () => {
    const { findings } = derived(made(closed, SAFE, OVERHEATS));
    expect(findings.find(({ code, about }) => code === "tooHot" && about === "day")).toMatchObject({
      rests: "memory",
      quantities: { variant: "noEscape", wantHighC: 29 },
    });
    const summer = started({ room: { temperatureC: 32, humidityRh: 50 } });
    expect(found(derived(summer), "tooHot")).toBeUndefined();
    expect(found(derived(summer), "roomTooHot")).toBeDefined();
  });

  it("with no hide set up, the same tube lower brings a hide with it, so that the animal can leave the light", () => {
    const bare = made(
      dragon,
      add("uv", "linearUvTube", { powerW: 54, size: { lengthCm: 115 }, place: "aboveMesh", xCm: 60 }),
    );
    const { mends } = found(derived(bare), "uvOff")!;
    const lower = mends.find(({ parts }) => parts.map(({ code }) => code).join() === "uvOff,uvNoShade")!;
    const after = derived(made(bare, ...lower.commands));
    expect(found(after, "uvOff")).toBeUndefined();
    expect(found(after, "uvNoShade")).toBeUndefined();
    expect(after.habitat.gear[0]!.kindId).toBe("linearUvTube");
  });

  it("a lamp too weak through mesh is mended by distance: the same tube lower, inside, and then it is in the band", () => {
    const weak = made(
      dragon,
      HIDE,
      add("uv", "linearUvTube", { powerW: 54, size: { lengthCm: 115 }, place: "aboveMesh", xCm: 60 }),
    );
    const { mends } = found(derived(weak), "uvOff")!;
    const lower = mends.find(
      ({ parts }) => "variant" in parts[0].quantities && parts[0].quantities.variant === "lower",
    )!;
    const hung = derived(made(weak, ...lower.commands));
    const [tube] = hung.habitat.gear;
    expect([tube!.kindId, tube!.place]).toEqual(["linearUvTube", "insideTop"]);
    const [low, high] = (hung.outlook.basking ?? hung.outlook.perch ?? hung.outlook.floor).uvIndex;
    const [wantLow, wantHigh] = hung.animal.uv.indexAtBack!;
    expect((low + high) / 2).toBeGreaterThanOrEqual(wantLow);
    expect((low + high) / 2).toBeLessThanOrEqual(wantHigh);
  });

  it("a meter that reads half as much as the kind promises makes the lamp too weak, and a reading in the band clears it", () => {
    const tube = add("uv", "strongUvTube", {
      powerW: 54,
      size: { lengthCm: 115 },
      place: "insideTop",
      upCm: 46,
      xCm: 60,
    });
    const lit = made(dragon, tube);
    const read = (uvIndex: number): Told[] => [
      { kind: "metered", on: "2026-02-01", gearId: "uv", uvIndex, belowCm: 30 },
    ];
    expect(found(derived(lit, logged(read(0.8))), "uvOff")?.finding.quantities).toMatchObject({ variant: "tooWeak" });
    expect(found(derived(lit, logged(read(4))), "uvOff")).toBeUndefined();
  });

  it("cold nights hurt where they fall under what the animal bears awake, and are a look where they only miss the band", () => {
    const night = (temperatureC: number) =>
      derived(started({ room: { temperatureC, humidityRh: 50 } })).findings.find(
        ({ code, about }) => code === "tooCold" && about === "night",
      );
    const { night: band, lowestSafeNight } = STOCK.get("animals", "crocodileSkink").temperatureC;
    expect(night(lowestSafeNight - 4)?.weight).not.toBe("opinion");
    expect(night(band[0] + 1)).toBeUndefined();
    expect(night(band[0] - 3)).toBeDefined();
  });
});
