"use client";

import { useSay } from "@/words";

/** When something is due: late, today, or in some days. */
export function DueMark({ inDays }: { inDays: number }) {
  const say = useSay();
  const text =
    inDays < 0
      ? say("shelf:late", { count: -inDays })
      : inDays === 0
        ? say("shelf:dueToday")
        : say("shelf:dueIn", { count: inDays });
  const color = inDays < 0 ? "var(--rust)" : inDays === 0 ? "var(--ochre-ink)" : "var(--soft)";
  return (
    <span
      className="measure"
      style={{ color, fontWeight: inDays <= 0 ? 600 : 400, fontSize: 12.5, whiteSpace: "nowrap" }}
    >
      {text}
    </span>
  );
}
