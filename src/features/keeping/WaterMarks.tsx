"use client";

import { useOpen } from "@/store";
import type { Frame } from "@/ui/section";
import { useSay } from "@/words";

/** The safe line, and the water line as last read, written where they stand. */
export function WaterMarks({ frame }: { frame: Frame }) {
  const say = useSay();
  const { derived } = useOpen();
  const { water } = derived.ground;
  if (!water) return null;
  const read = derived.bands.find((check) => check.what === "waterLineCm");
  const over = read?.side === "above";
  const [left, right, y] = [frame.x(0), frame.x(frame.acrossCm), frame.y(water.safeLineCm)];
  return (
    <g aria-hidden fontSize={12} fontWeight={600}>
      <line x1={left} x2={right} y1={y} y2={y} stroke="#ffffff" strokeWidth={1.6} strokeDasharray="3 4" />
      <g textAnchor="end" transform={`translate(${left - 8} ${y + 4})`}>
        {read ? (
          <text y={-16} fill={over ? "var(--rust)" : "var(--water)"}>
            {say("journal:readAt", { lineCm: read.value })}
          </text>
        ) : null}
        <text fill="var(--soft)">{say("strata:safeTo", { safeLineCm: water.safeLineCm })}</text>
      </g>
    </g>
  );
}
