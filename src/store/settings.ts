"use client";

import { useSyncExternalStore } from "react";
import type { UnitSystem } from "@/core/units";

const KEY = "rincon.units";
const listeners = new Set<() => void>();

const read = (): UnitSystem => {
  try {
    return localStorage.getItem(KEY) === "us" ? "us" : "metric";
  } catch {
    return "metric";
  }
};

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  window.addEventListener("storage", listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener("storage", listener);
  };
};

/** The chosen unit system; the other tabs follow. */
export const useUnitSetting = (): UnitSystem => useSyncExternalStore(subscribe, read, () => "metric");

export function chooseUnits(system: UnitSystem): void {
  try {
    localStorage.setItem(KEY, system);
  } catch {
    // Without storage the choice cannot outlive the page.
  }
  for (const listener of listeners) listener();
}
