"use client";

import { createContext, useContext, useMemo, type ReactNode } from "react";
import { I18nextProvider } from "react-i18next";
import { STOCK, type Library } from "@/core/library";
import type { UnitSystem } from "@/core/units";
import { figuresIn, type Figures } from "./figures";
import { sayIn, words, type Say } from "./say";

const UnitsContext = createContext<UnitSystem>("metric");
const LibraryContext = createContext<Library>(STOCK);

/** Carries the chosen unit system, so that one switch changes every figure, sentence and input. */
export function UnitsProvider({ system, children }: { system: UnitSystem; children: ReactNode }) {
  return (
    <I18nextProvider i18n={words}>
      <UnitsContext.Provider value={system}>{children}</UnitsContext.Provider>
    </I18nextProvider>
  );
}

/** Carries the library: whose entries there are, and what they are called. A habitat's own goes before the device's. */
export const LibraryProvider = ({ library, children }: { library: Library; children: ReactNode }) => (
  <LibraryContext.Provider value={library}>{children}</LibraryContext.Provider>
);

export const useUnits = (): UnitSystem => useContext(UnitsContext);
/** The library at hand. */
export const useLibrary = (): Library => useContext(LibraryContext);

/** Figures in the chosen units. */
export function useFigures(): Figures {
  const system = useUnits();
  return useMemo(() => figuresIn(system), [system]);
}

/** The words, in the chosen units and by the names of the library at hand. */
export function useSay(): Say {
  const system = useUnits();
  const library = useLibrary();
  return useMemo(() => sayIn(system, library), [system, library]);
}
