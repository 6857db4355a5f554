"use client";

import { useId } from "react";
import type { Range } from "@/core/catalog";
import type { Frame } from "@/ui/section";
import { capital, degreesSaid, percentsSaid, useFigures, useSay, type Figures } from "@/words";
import { useOutlook } from "./season";

type Shade = { color: (range: Range) => string; said: (range: Range, figures: Figures) => string };
const TOLD = {
  warmth: { color: warmthColor, said: degreesSaid },
  damp: { color: dampColor, said: percentsSaid },
} satisfies Record<string, Shade>;

/** How warm or how damp the air gets at both ends by day, laid over the box: the warmer the redder, the damper the bluer. */
export function EndsOverlay({ frame, of }: { frame: Frame; of: keyof typeof TOLD }) {
  const say = useSay();
  const figures = useFigures();
  const id = useId();
  const outlook = useOutlook();
  const { warmEndC, coolEndC, warmEndRh, coolEndRh } = outlook.sizing;
  const { color, said } = TOLD[of];
  const { x, y, acrossCm, heightCm, pxPerCm } = frame;
  const box = { x: x(0), y: y(heightCm), width: acrossCm * pxPerCm, height: heightCm * pxPerCm };
  const warmIsLeft = outlook.sizing.warmSide === "left";
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
        {said(range, figures)}
      </text>
    </g>
  );
  const [warm, cool] = of === "warmth" ? [warmEndC, coolEndC] : [warmEndRh, coolEndRh];
  const [left, right] = warmIsLeft ? [warm, cool] : [cool, warm];
  const named = (isLeft: boolean) => say(isLeft === warmIsLeft ? "climate:warmEnd" : "climate:coolEnd");
  return (
    <g aria-hidden>
      <defs>
        <linearGradient id={id}>
          <stop offset="0" stopColor={color(left)} stopOpacity={0.3} />
          <stop offset="1" stopColor={color(right)} stopOpacity={0.3} />
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

const DRY: Rgb = [208, 160, 80];
const FRESH: Rgb = [236, 240, 226];
const DAMP: Rgb = [52, 138, 184];
const HALF_RH = 50;

/** From the ochre of dry air over the pale of fresh to the blue of wet. */
function dampColor([low, high]: Range): string {
  const rh = (low + high) / 2;
  return rh < HALF_RH ? between(DRY, FRESH, rh / HALF_RH) : between(FRESH, DAMP, (rh - HALF_RH) / HALF_RH);
}
