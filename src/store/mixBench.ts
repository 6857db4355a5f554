"use client";

import { useSyncExternalStore } from "react";
import { z } from "zod";
import type { Bench } from "@/core/mix";

const KEY = "rincon.mixBench";
const BenchSchema = z.strictObject({ vesselL: z.number().min(0.5).max(500), scoopL: z.number().min(0.01).max(20), liftKg: z.number().min(1).max(60) });
/** A usual builder's bucket, a half-litre scoop, and the guideline for one person's lift. */
const USUAL: Bench = { vesselL: 12, scoopL: 0.5, liftKg: 25 };

const listeners = new Set<() => void>();
let known: { text: string | null; bench: Bench } | undefined;

function read(): Bench {
  let text: string | null;
  try {
    text = localStorage.getItem(KEY);
  } catch {
    return USUAL;
  }
  if (known?.text === text) return known.bench;
  known = { text, bench: parse(text) };
  return known.bench;
}

function parse(text: string | null): Bench {
  if (text === null) return USUAL;
  try {
    const bench = BenchSchema.safeParse(JSON.parse(text));
    return bench.success ? bench.data : USUAL;
  } catch {
    return USUAL;
  }
}

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  window.addEventListener("storage", listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener("storage", listener);
  };
};

/** The vessel, the scoop and the lifting limit at hand on this device. */
export const useMixBench = (): Bench => useSyncExternalStore(subscribe, read, () => USUAL);

export function chooseMixBench(bench: Bench): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(BenchSchema.parse(bench)));
  } catch {
    // Without storage the choice cannot outlive the page.
  }
  for (const listener of listeners) listener();
}
