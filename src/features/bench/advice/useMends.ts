"use client";

import { useEffect, useState } from "react";
import type { Derived } from "@/core/derive";
import type { Finding } from "@/core/findings";
import { asSold, mendsOf, type Mend } from "@/core/mending";

import { useUnits } from "@/words";

const SETTLES_MS = 160;

/** A value once it has stopped changing, so that what costs time is not worked out with every move of a drag. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), SETTLES_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}

/**
 * The ways to mend a finding, each tried out: worked out for what shows them, one finding at a time, so that a long list
 * is read and scrolled meanwhile.
 *
 * @returns undefined while they are being worked out
 */
export function useMends({ code, about }: Finding, derived: Derived): readonly Mend[] | undefined {
  const system = useUnits();
  const [mends, setMends] = useState<readonly Mend[] | undefined>(undefined);
  useEffect(() => {
    const timer = setTimeout(() => {
      const finding = derived.findings.find((one) => one.code === code && one.about === about);
      setMends(finding ? mendsOf(finding, derived).map((mend) => asSold(mend, system)) : []);
    });
    return () => clearTimeout(timer);
  }, [code, about, derived, system]);
  return mends;
}
