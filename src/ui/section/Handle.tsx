"use client";

import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { Problem } from "@/core/habitat";
import { Refusal } from "./Refusal";

export type HandleProps = {
  x: number;
  y: number;
  pxPerCm: number;
  /** The height in the box the handle stands at, cm from the glass. */
  valueCm: number;
  leastCm: number;
  mostCm: number;
  label: string;
  valueText: string;
  /** One arrow press; a tenth of it with Alt, ten times with Shift. */
  stepCm: number;
  /** @returns why not, when the edit behind it is refused */
  onMove: (toCm: number, gesture: string) => Problem | undefined;
};

let gestures = 0;
export const newGesture = (): string => `gesture-${(gestures += 1)}`;

/** A round grip on an edge of the section: drag it, or move it with the arrow keys. */
export function Handle({ x, y, pxPerCm, valueCm, leastCm, mostCm, label, valueText, stepCm, onMove }: HandleProps) {
  const drag = useRef<{ fromY: number; fromCm: number; gesture: string } | undefined>(undefined);
  const held = useRef<string | undefined>(undefined);
  const [refused, setRefused] = useState<Problem | undefined>(undefined);
  const clamped = (cm: number) => Math.min(mostCm, Math.max(leastCm, cm));

  const down = (event: PointerEvent<SVGGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { fromY: event.clientY, fromCm: valueCm, gesture: newGesture() };
  };
  const move = (event: PointerEvent<SVGGElement>) => {
    if (!drag.current) return;
    const { fromY, fromCm, gesture } = drag.current;
    const to = clamped(Math.round((fromCm + (fromY - event.clientY) / pxPerCm) * 10) / 10);
    if (to !== valueCm) setRefused(onMove(to, gesture));
  };
  const up = () => {
    drag.current = undefined;
    setRefused(undefined);
  };
  const key = (event: KeyboardEvent) => {
    const way =
      event.key === "ArrowUp" || event.key === "ArrowRight"
        ? 1
        : event.key === "ArrowDown" || event.key === "ArrowLeft"
          ? -1
          : 0;
    if (way === 0) return;
    event.preventDefault();
    held.current ??= newGesture();
    const step = stepCm * (event.altKey ? 0.1 : event.shiftKey ? 10 : 1);
    setRefused(onMove(clamped(valueCm + way * step), held.current));
  };

  return (
    <g
      className="handle"
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation="vertical"
      aria-valuenow={Number(valueCm.toFixed(2))}
      aria-valuemin={Number(leastCm.toFixed(2))}
      aria-valuemax={Number(mostCm.toFixed(2))}
      aria-valuetext={valueText}
      transform={`translate(${x} ${y})`}
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      onKeyDown={key}
      onKeyUp={() => (held.current = undefined)}
      onBlur={() => setRefused(undefined)}
    >
      <rect x={-22} y={-22} width={44} height={44} fill="transparent" />
      <circle className="grip" r={9} />
      <path
        d="M-3.6 -1.8L0 -5.2L3.6 -1.8M-3.6 1.8L0 5.2L3.6 1.8"
        fill="none"
        stroke="#22302a"
        strokeWidth={1.5}
        strokeLinecap="round"
      />
      <Refusal problem={refused} />
    </g>
  );
}
