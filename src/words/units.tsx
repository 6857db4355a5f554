"use client";

import { createContext, useContext, useMemo, type ReactNode } from "react";
import { I18nextProvider } from "react-i18next";
import type { UnitSystem } from "@/core/units";
import { figuresIn, type Figures } from "./figures";
import { sayIn, words, type Say } from "./say";

const UnitsContext = createContext<UnitSystem>("metric");

/** Carries the chosen unit system, so that one switch changes every figure, sentence and input. */
export function UnitsProvider({ system, children }: { system: UnitSystem; children: ReactNode }) {
  return (
    <I18nextProvider i18n={words}>
      <UnitsContext.Provider value={system}>{children}</UnitsContext.Provider>
    </I18nextProvider>
  );
}

export const useUnits = (): UnitSystem => useContext(UnitsContext);

/** Figures in the chosen units. */
export function useFigures(): Figures {
  const system = useUnits();
  return useMemo(() => figuresIn(system), [system]);
}

/** The words, in the chosen units. */
export function useSay(): Say {
  const system = useUnits();
  return useMemo(() => sayIn(system), [system]);
}
