"use client";

import { useId } from "react";
import type { Animal } from "@/core/catalog";
import type { Frame } from "@/ui/section";
import { capital, useSay } from "@/words";

/** The bands to aim for laid over the box: warm end left, cool end right. A target, not a forecast. */
export function WarmthOverlay({ frame, animal }: { frame: Frame; animal: Animal }) {
  const say = useSay();
  const id = useId();
  const { temperatureC } = animal;
  const { x, y, acrossCm, heightCm, pxPerCm } = frame;
  const box = { x: x(0), y: y(heightCm), width: acrossCm * pxPerCm, height: heightCm * pxPerCm };
  const label = (at: number, anchor: "start" | "end", title: string, [lowC, highC]: readonly [number, number]) => (
    <g transform={`translate(${at} ${y(heightCm) + 34})`} textAnchor={anchor}>
      <rect
        x={anchor === "start" ? -10 : -116}
        y={-20}
        width={126}
        height={48}
        rx={9}
        fill="var(--sheet)"
        opacity={0.92}
      />
      <text fontSize={13} fontWeight={650} fill="var(--ink)">
        {capital(title)}
      </text>
      <text y={19} fontSize={14} className="measure" fill="var(--ink)">
        {say("brief:rangeC", { lowC, highC })}
      </text>
    </g>
  );
  return (
    <g aria-hidden>
      <defs>
        <linearGradient id={id}>
          <stop offset="0" stopColor="#c8602c" stopOpacity={0.5} />
          <stop offset="0.5" stopColor="#d9b45a" stopOpacity={0.22} />
          <stop offset="1" stopColor="#2f7f93" stopOpacity={0.4} />
        </linearGradient>
      </defs>
      <rect {...box} fill={`url(#${id})`} style={{ mixBlendMode: "multiply" }} />
      {label(box.x + 14, "start", say("climate:warmEnd"), temperatureC.warm)}
      {label(box.x + box.width - 14, "end", say("climate:coolEnd"), temperatureC.cool)}
    </g>
  );
}
