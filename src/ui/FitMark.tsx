"use client";

import type { Verdict } from "@/core/living";
import { useSay } from "@/words";

const LOOK: Record<Verdict, { color: string; tint: string; d: string }> = {
  good: { color: "var(--moss)", tint: "var(--moss-tint)", d: "M5.5 10.5l3 3 6-7" },
  // With care is no fault: nothing is told of it, and so it is no amber.
  fair: { color: "var(--ink)", tint: "var(--line)", d: "M5.5 10h9" },
  misfit: { color: "var(--rust)", tint: "var(--rust-tint)", d: "M6.5 6.5l7 7M13.5 6.5l-7 7" },
};

/** Fits, fits with care, misfit: told by shape and by name, not by colour alone. */
export function FitMark({ verdict }: { verdict: Verdict }) {
  const say = useSay();
  const { color, tint, d } = LOOK[verdict];
  return (
    <svg
      width={20}
      height={20}
      viewBox="0 0 20 20"
      role="img"
      aria-label={say(`planting:verdict.${verdict}`)}
      style={{ marginTop: 1 }}
    >
      <rect width={20} height={20} rx={6} fill={tint} />
      <path d={d} fill="none" stroke={color} strokeWidth={2.2} strokeLinecap="round" strokeLinejoin="round" />
    </svg>
  );
}
