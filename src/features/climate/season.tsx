"use client";

import { createContext, useContext, useMemo, type ReactNode } from "react";
import { outlookOf, type Outlook } from "@/core/outlook";
import { useOpen } from "@/store";

const Shown = createContext<Outlook | undefined>(undefined);

/** The middle of a month of the year of a day. @example inMonth("2026-03-02", 7) // "2026-07-15" */
const inMonth = (day: string, month: number): string => `${day.slice(0, 4)}-${String(month).padStart(2, "0")}-15`;

/** Shows what comes of the gear in a month, or today where none is chosen. */
export function Season({ month, children }: { month: number | undefined; children: ReactNode }) {
  const { derived } = useOpen();
  const shown = useMemo(
    () =>
      month === undefined ? derived.outlook : outlookOf(derived, derived.log.state, inMonth(derived.outlook.on, month)),
    [derived, month],
  );
  return <Shown.Provider value={shown}>{children}</Shown.Provider>;
}

/** What comes of the gear in the month that is shown. */
export function useOutlook(): Outlook {
  const { derived } = useOpen();
  return useContext(Shown) ?? derived.outlook;
}
