"use client";

import type { UnitSystem } from "@/core/units";
import { localSetting } from "./localSetting";

/** Where boxes are sold by the inch and rooms told in degrees Fahrenheit (common practice). */
const US_MEASURES = ["US", "LR", "MM"];

/** By the browser's region, where it tells one. */
function usualSystem(): UnitSystem {
  try {
    return US_MEASURES.includes(new Intl.Locale(navigator.language).region ?? "") ? "us" : "metric";
  } catch {
    return "metric";
  }
}

/** The chosen unit system; the other tabs follow. Until one is chosen, that of the browser's region. */
export const { use: useUnitSetting, choose: chooseUnits } = localSetting<UnitSystem>(
  "rincon.units",
  (text) => (text === "us" ? "us" : "metric"),
  (system) => system,
  usualSystem,
);
