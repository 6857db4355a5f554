"use client";

import { formatISO } from "date-fns";
import { useSyncExternalStore } from "react";

const EVERY_MS = 60_000;

const subscribe = (changed: () => void): (() => void) => {
  const timer = setInterval(changed, EVERY_MS);
  return () => clearInterval(timer);
};

/** Today's calendar day here, ISO 8601; changes by itself at midnight. Empty on the server. */
export const useNow = (): string =>
  useSyncExternalStore(
    subscribe,
    () => formatISO(new Date(), { representation: "date" }),
    () => "",
  );
