"use client";

import { useCallback, useEffect, useState } from "react";

/** A timer that runs while hands are wet: what it is for, and when it rings, milliseconds since 1970. */
export type Timer = { id: string; label: string; endsAtMs: number };

const keyOf = (habitatId: string): string => `rincon-timers-${habitatId}`;

const isTimer = (one: unknown): one is Timer =>
  typeof one === "object" && one !== null && "endsAtMs" in one && typeof one.endsAtMs === "number" && "label" in one;

/** Kept in the browser, so that a reload does not stop them. What does not read is forgotten. */
function kept(habitatId: string): Timer[] {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(keyOf(habitatId)) ?? "[]");
    return Array.isArray(read) ? read.filter(isTimer) : [];
  } catch {
    return [];
  }
}

const EVERY_MS = 1000;

/** The timers of a habitat and the time it is, once a second while any runs. */
export function useTimers(habitatId: string) {
  const [timers, setTimers] = useState<readonly Timer[]>(() => kept(habitatId));
  const [nowMs, setNowMs] = useState(() => Date.now());
  useEffect(() => {
    if (timers.length === 0) return undefined;
    const tick = setInterval(() => setNowMs(Date.now()), EVERY_MS);
    return () => clearInterval(tick);
  }, [timers.length]);
  const keep = useCallback(
    (next: readonly Timer[]) => {
      localStorage.setItem(keyOf(habitatId), JSON.stringify(next));
      setTimers(next);
      setNowMs(Date.now());
    },
    [habitatId],
  );
  const start = (label: string, minutes: number) =>
    keep([...timers, { id: crypto.randomUUID(), label, endsAtMs: Date.now() + minutes * 60_000 }]);
  const stop = (id: string) => keep(timers.filter((timer) => timer.id !== id));
  return { timers, nowMs, start, stop };
}
