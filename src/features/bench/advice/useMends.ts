"use client";

import { useEffect, useMemo, useState } from "react";
import type { Derived } from "@/core/derive";
import type { Finding } from "@/core/findings";
import { mendsOf, type Mend } from "@/core/mending";

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

/** The ways to mend a finding, each tried out: worked out for what shows them, once the habitat stands still. */
export function useMends({ code, about }: Finding, derived: Derived): readonly Mend[] {
  return useMemo(() => {
    const finding = derived.findings.find((one) => one.code === code && one.about === about);
    return finding ? mendsOf(finding, derived) : [];
  }, [code, about, derived]);
}
