/** What warms, lights and wets the demo boxes. */
import type { Command } from "@/core/habitat";
import { gear, SAFE_SOCKETS } from "./setUp";

/** A lamp to bask under on a dimming thermostat, a shade tube, mist by seconds, a fan. */
export const LANTERN_GEAR: readonly Command[] = [
  SAFE_SOCKETS,
  gear("dim", "dimmingThermostat", { probe: { xCm: 26, yCm: 38, upCm: 27 } }),
  gear("lamp", "halogenLamp", {
    ...{ powerW: 75, xCm: 26, yCm: 38, feedId: "dim" },
    run: { by: "warmth", fromMin: 480, untilMin: 1140, dayC: 29, nightC: null, alarmLowC: 20, alarmHighC: 32 },
  }),
  gear("uv", "shadeUvTube", {
    ...{ xCm: 44, yCm: 30, powerW: 24, size: { lengthCm: 55 } },
    run: { by: "hours", fromMin: 480, untilMin: 1140, rampMin: 45 },
  }),
  gear("seconds", "secondsTimer"),
  gear("mist", "mistingPump", { xCm: 38, feedId: "seconds", size: { nozzles: 2, mLPerMin: 70, litres: 4 } }),
  gear("fan", "condensationFan", { place: "lidOpening", xCm: 68, yCm: 25 }),
];

/** One strong lamp on a dimming thermostat, and daylight over all of it. */
export const DRY_WASH_GEAR: readonly Command[] = [
  SAFE_SOCKETS,
  gear("dim", "dimmingThermostat", { probe: { xCm: 22, yCm: 18, upCm: 22 } }),
  gear("lamp", "halogenLamp", {
    ...{ powerW: 150, xCm: 22, yCm: 18, upCm: 74, feedId: "dim" },
    run: { by: "warmth", fromMin: 480, untilMin: 1200, dayC: 34, nightC: null, alarmLowC: null, alarmHighC: 36 },
  }),
  gear("light", "ledPanel", {
    xCm: 74,
    yCm: 30,
    powerW: 90,
    lumens: 12500,
    size: { widthCm: 90, depthCm: 30, beamDeg: 110 },
  }),
];

/** A lamp over the warm bed, a shade tube, daylight. */
export const KILN_GEAR: readonly Command[] = [
  SAFE_SOCKETS,
  gear("dim", "dimmingThermostat", { probe: { xCm: 16, yCm: 34, upCm: 16 } }),
  gear("lamp", "halogenLamp", {
    ...{ powerW: 120, xCm: 16, yCm: 34, upCm: 62, feedId: "dim" },
    run: { by: "warmth", fromMin: 480, untilMin: 1200, dayC: 34.5, nightC: null, alarmLowC: null, alarmHighC: 40 },
  }),
  gear("uv", "shadeUvTube", { xCm: 42, yCm: 30, upCm: 48, powerW: 24, size: { lengthCm: 55 } }),
  gear("light", "ledPanel", {
    ...{ xCm: 84, yCm: 26, powerW: 60, lumens: 8500 },
    size: { widthCm: 60, depthCm: 20, beamDeg: 110 },
  }),
];

/** A dark heater by day and by night, a short tube, daylight, one nozzle. */
export const CHIMNEY_GEAR: readonly Command[] = [
  SAFE_SOCKETS,
  gear("pulse", "pulseThermostat", { probe: { xCm: 14, yCm: 24, upCm: 58 } }),
  gear("dark", "infraredHeaterWithoutLight", {
    ...{ powerW: 80, xCm: 12, yCm: 16, feedId: "pulse" },
    run: { by: "warmth", fromMin: 480, untilMin: 1200, dayC: 24, nightC: 20, alarmLowC: 16, alarmHighC: 28 },
  }),
  gear("uv", "shadeUvTube", { xCm: 22, yCm: 30, upCm: 92, place: "aboveMesh", powerW: 8, size: { lengthCm: 30 } }),
  gear("light", "ledBar", { xCm: 22, yCm: 40, powerW: 24, lumens: 2900, size: { lengthCm: 38, beamDeg: 110 } }),
  gear("seconds", "secondsTimer"),
  gear("mist", "mistingPump", {
    ...{ xCm: 22, feedId: "seconds", size: { nozzles: 1, mLPerMin: 70, litres: 4 } },
    run: { by: "bursts", atMin: [540, 1230], forS: 20 },
  }),
];

/** A mat on the side of a closed box, and light over the pane. */
export const UNDERCUT_GEAR: readonly Command[] = [
  SAFE_SOCKETS,
  gear("pulse", "pulseThermostat", { probe: { xCm: 12, yCm: 12, upCm: 24 } }),
  gear("mat", "heatMat", {
    ...{ powerW: 20, place: "sideOfBox", wall: "left", yCm: 20, upCm: 26, feedId: "pulse" },
    run: { by: "warmth", fromMin: 480, untilMin: 1200, dayC: 25, nightC: 22.5, alarmLowC: 18, alarmHighC: 29 },
  }),
  gear("light", "ledBar", { xCm: 37, yCm: 20, powerW: 20, lumens: 2300, size: { lengthCm: 60, beamDeg: 110 } }),
];

/** A dark heater on a thermostat, and light for the plants. */
export const FROG_GEAR: readonly Command[] = [
  SAFE_SOCKETS,
  gear("pulse", "pulseThermostat", { probe: { xCm: 12, yCm: 24, upCm: 20 } }),
  gear("dark", "ceramicEmitter", {
    ...{ powerW: 60, xCm: 12, yCm: 24, feedId: "pulse" },
    run: { by: "warmth", fromMin: 480, untilMin: 1200, dayC: 25, nightC: 20, alarmLowC: 16, alarmHighC: 29 },
  }),
  gear("light", "ledBar", { xCm: 32, yCm: 26, powerW: 20, lumens: 2300, size: { lengthCm: 50, beamDeg: 110 } }),
];
