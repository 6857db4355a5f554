"use client";

import type { UnitSystem } from "@/core/units";
import { localSetting } from "./localSetting";

/** The chosen unit system; the other tabs follow. */
export const { use: useUnitSetting, choose: chooseUnits } = localSetting<UnitSystem>(
  "rincon.units",
  (text) => (text === "us" ? "us" : "metric"),
  (system) => system,
);
