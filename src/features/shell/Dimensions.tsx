"use client";

import type { Shell } from "@/core/habitat";
import type { Frame } from "@/ui/section";
import { useSay } from "@/words";

/** The sizes written on the drawing, as on a plan. */
export function Dimensions({ frame, shell }: { frame: Frame; shell: Shell }) {
  return (
    <Arrows frame={frame} acrossCm={frame.view === "front" ? shell.widthCm : shell.depthCm} upCm={shell.heightCm} />
  );
}

/** Width and depth, seen from above. */
export function PlanDimensions({ frame, shell }: { frame: Frame; shell: Shell }) {
  return <Arrows frame={frame} acrossCm={shell.widthCm} upCm={shell.depthCm} />;
}

function Arrows({ frame, acrossCm, upCm }: { frame: Frame; acrossCm: number; upCm: number }) {
  const say = useSay();
  const [left, right, top, floor] = [frame.x(0), frame.x(acrossCm), frame.y(upCm), frame.y(0)];
  const y = top + 30;
  const x = left + 30;
  return (
    <g aria-hidden className="measure" fontSize={15} fontWeight={600} fill="var(--ink)" stroke="var(--ink)">
      <path
        d={`M${left + 6} ${y}H${right - 6}M${left + 6} ${y}l8 -4v8ZM${right - 6} ${y}l-8 -4v8Z`}
        strokeWidth={1.3}
      />
      <text
        x={(left + right) / 2}
        y={y - 8}
        textAnchor="middle"
        stroke="var(--air-top)"
        strokeWidth={5}
        paintOrder="stroke"
      >
        {say("brief:lengthValue", { lengthCm: acrossCm })}
      </text>
      <path
        d={`M${x} ${top + 44}V${floor - 6}M${x} ${top + 44}l-4 8h8ZM${x} ${floor - 6}l-4 -8h8Z`}
        strokeWidth={1.3}
      />
      <text x={x + 10} y={(top + floor) / 2} stroke="var(--air-top)" strokeWidth={5} paintOrder="stroke">
        {say("brief:lengthValue", { lengthCm: upCm })}
      </text>
    </g>
  );
}
