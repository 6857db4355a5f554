"use client";

import { useSyncExternalStore } from "react";

const EVERY_MS = 60_000;
const subscribe = (changed: () => void): (() => void) => {
  const timer = setInterval(changed, EVERY_MS);
  return () => clearInterval(timer);
};

/** The minute of the day here; undefined on the server. */
export const useMinute = (): number | undefined =>
  useSyncExternalStore(
    subscribe,
    () => {
      const now = new Date();
      return now.getHours() * 60 + now.getMinutes();
    },
    () => undefined,
  );
