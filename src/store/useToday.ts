"use client";

import { useSyncExternalStore } from "react";
import { useSession } from "./session";
import { nowIn, todayIn } from "./zone";

const EVERY_MS = 60_000;

const everyMinute = (changed: () => void): (() => void) => {
  const timer = setInterval(changed, EVERY_MS);
  return () => clearInterval(timer);
};

const useZone = () => useSession((session) => session.history?.present.timeZone ?? null);

/** Today's calendar day by the clock of the open habitat's keeper, ISO 8601; empty on the server. */
export function useToday(): string {
  const zone = useZone();
  return useSyncExternalStore(
    everyMinute,
    () => todayIn(zone),
    () => "",
  );
}

/** The minute of the day by the clock of the open habitat's keeper; undefined on the server. */
export function useMinute(): number | undefined {
  const zone = useZone();
  return useSyncExternalStore(
    everyMinute,
    () => {
      const { hour, minute } = nowIn(zone);
      return hour * 60 + minute;
    },
    () => undefined,
  );
}
