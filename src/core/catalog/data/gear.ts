import { memory, practice, type Provenance } from "../provenance";
import type { Gear } from "../gearSchema";

const from = { ...memory, note: "usual for this kind of thing, recalled; the label of what you buy goes before" };

type Row = [id: string, purpose: Gear["purpose"], watts: [number, number] | null, renewInMonths: number | null, control: Gear["control"], cautions: Gear["cautions"], fieldFrom?: Record<string, Provenance>];

const electric = ["electricityWater"] as const;
const hot = ["electricityWater", "heat"] as const;

/** Kinds of gear, never makes. */
const ROWS: readonly Row[] = [
  ["halogenLamp", "dayHeat", [25, 100], 9, "dimming", [...hot], { watts: { ...practice, note: "25 W is enough for a low box, 50 W for a small basking spot" } }],
  ["incandescentLamp", "dayHeat", [25, 100], 6, "dimming", [...hot]],
  ["deepHeatProjector", "nightHeat", [50, 80], 24, "dimming", [...hot]],
  ["ceramicEmitter", "nightHeat", [40, 150], 36, "pulse", [...hot]],
  ["radiantPanel", "nightHeat", [20, 120], 96, "pulse", [...hot]],
  ["heatMat", "nightHeat", [5, 40], 60, "onOff", [...hot]],
  ["heatCable", "nightHeat", [15, 80], 60, "onOff", [...hot]],
  ["heatedStone", "nightHeat", [5, 15], 36, "onOff", [...hot]],
  ["linearUvTube", "uv", [8, 54], 12, "timer", [...hot], { renewInMonths: { ...practice, note: "replaced yearly, or when a meter says so" } }],
  ["shadeUvTube", "uv", [8, 39], 12, "timer", [...hot], { renewInMonths: { ...practice, note: "replaced yearly, or when a meter says so" } }],
  ["compactUvLamp", "uv", [13, 26], 9, "timer", [...hot]],
  ["metalHalideUv", "uv", [35, 70], 12, "timer", [...hot]],
  ["mercuryVapourUv", "uv", [80, 160], 12, "timer", [...hot]],
  ["uvLed", "uv", [5, 20], 24, "timer", [...hot]],
  ["ledBar", "plantLight", [5, 40], 60, "timer", [...electric]],
  ["ledPanel", "plantLight", [15, 100], 60, "timer", [...electric]],
  ["ledSpot", "plantLight", [5, 20], 48, "timer", [...electric]],
  ["fluorescentTube", "plantLight", [8, 54], 12, "timer", [...electric]],
  ["onOffThermostat", "control", null, null, "none", [...electric]],
  ["dimmingThermostat", "control", null, null, "none", [...electric]],
  ["pulseThermostat", "control", null, null, "none", [...electric]],
  ["humidistat", "control", null, null, "none", [...electric]],
  ["timerPlug", "control", null, null, "none", [...electric]],
  ["handDimmer", "control", null, null, "none", [...hot]],
  ["residualCurrentDevice", "control", null, null, "none", [...electric]],
  ["handSprayer", "water", null, 24, "none", []],
  ["pressureSprayer", "water", null, 36, "none", []],
  ["mistingPump", "water", [20, 60], 48, "timer", [...electric]],
  ["mistingNozzle", "water", null, 12, "timer", []],
  ["ultrasonicFogger", "water", [15, 40], 12, "humidistat", [...electric]],
  ["steamHumidifier", "water", [100, 300], 24, "humidistat", [...hot]],
  ["dripBottle", "water", null, null, "none", []],
  ["drippingWall", "water", [3, 15], 36, "timer", [...electric]],
  ["smallFan", "air", [1, 5], 36, "speed", [...electric]],
  ["ductedFan", "air", [3, 15], 48, "speed", [...electric]],
  ["circulationPump", "waterPart", [2, 25], 36, "none", [...electric]],
  ["spongeFilter", "waterPart", null, 12, "none", []],
  ["airPump", "waterPart", [2, 8], 36, "none", [...electric]],
  ["canisterFilter", "waterPart", [5, 25], 60, "none", [...electric]],
  ["boxFilter", "waterPart", [3, 8], 36, "none", [...electric]],
  ["waterHeater", "waterPart", [10, 100], 36, "onOff", [...hot]],
  ["carbonFilter", "waterPart", null, 1, "none", []],
  ["digitalHygrometer", "measuring", null, 24, "none", [], { renewInMonths: { ...practice, note: "cheap ones stick at 99 %: compare two" } }],
  ["probeThermometer", "measuring", null, 36, "none", []],
  ["infraredThermometer", "measuring", null, null, "none", []],
  ["uvIndexMeter", "measuring", null, 24, "none", []],
  ["lightMeter", "measuring", null, null, "none", []],
  ["dataLogger", "measuring", null, 36, "none", []],
  ["cableCover", "guard", null, null, "none", [...electric]],
  ["lampGuard", "guard", null, null, "none", ["heat"]],
];

export const gear: readonly Gear[] = ROWS.map(([id, purpose, watts, renewInMonths, control, cautions, fieldFrom]) => ({
  id, purpose, ...(watts ? { watts } : {}), renewInMonths, control, cautions, from, ...(fieldFrom ? { fieldFrom } : {}),
}));
