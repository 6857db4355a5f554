"use client";

import { useId } from "react";
import type { Range } from "@/core/catalog";
import { useOpen } from "@/store";
import type { Frame } from "@/ui/section";
import { capital, useSay } from "@/words";
import { useOutlook } from "./season";
import { degreesSaid } from "./ranges";

/** How warm the air gets at both ends by day, laid over the box: the warmer the redder. */
export function WarmthOverlay({ frame }: { frame: Frame }) {
  const say = useSay();
  const id = useId();
  const { habitat } = useOpen();
  const outlook = useOutlook();
  const { warmEndC, coolEndC } = outlook.sizing;
  const { x, y, acrossCm, heightCm, pxPerCm } = frame;
  const box = { x: x(0), y: y(heightCm), width: acrossCm * pxPerCm, height: heightCm * pxPerCm };
  const basking = outlook.basking?.at;
  const warmIsLeft = !basking || basking.xCm <= habitat.shell.widthCm / 2;
  const label = (at: number, anchor: "start" | "end", title: string, range: Range) => (
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
        {degreesSaid(range, say)}
      </text>
    </g>
  );
  const [left, right] = warmIsLeft ? [warmEndC, coolEndC] : [coolEndC, warmEndC];
  const named = (isLeft: boolean) => say(isLeft === warmIsLeft ? "climate:warmEnd" : "climate:coolEnd");
  return (
    <g aria-hidden>
      <defs>
        <linearGradient id={id}>
          <stop offset="0" stopColor={warmthColor(left)} stopOpacity={0.3} />
          <stop offset="1" stopColor={warmthColor(right)} stopOpacity={0.3} />
        </linearGradient>
      </defs>
      <rect {...box} fill={`url(#${id})`} style={{ mixBlendMode: "multiply" }} />
      {label(box.x + 14, "start", named(true), left)}
      {label(box.x + box.width - 14, "end", named(false), right)}
    </g>
  );
}

const COLD: Rgb = [47, 127, 147];
const MILD: Rgb = [217, 180, 90];
const HOT: Rgb = [200, 80, 40];
type Rgb = readonly [number, number, number];
const SCALE_C = { cold: 14, mild: 24, hot: 36 };

const between = (from: Rgb, to: Rgb, share: number): string => {
  const part = Math.min(1, Math.max(0, share));
  return `rgb(${from.map((value, at) => Math.round(value + ((to[at] ?? 0) - value) * part)).join(" ")})`;
};

/** From the blue of a cold box over ochre to the red of a hot one. */
function warmthColor([low, high]: Range): string {
  const { cold, mild, hot } = SCALE_C;
  const atC = (low + high) / 2;
  return atC < mild
    ? between(COLD, MILD, (atC - cold) / (mild - cold))
    : between(MILD, HOT, (atC - mild) / (hot - mild));
}
