"use client";

import { useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from "react";
import type { Problem } from "@/core/habitat";
import type { Frame } from "./frame";
import { newGesture } from "./Handle";
import { Refusal } from "./Refusal";

type Props = {
  frame: Frame;
  /** Where the thing is, cm along and up the view; in plan up is from the front glass. */
  atCm: { across: number; up: number };
  label: string;
  pressed?: boolean;
  /**
   * How far the pointer may stray up or down before that counts: what stands on sloping ground follows it when pushed
   * along.
   */
  levelSlackPx?: number;
  /** @returns why not, when the edit behind it is refused */
  onMove: (to: { across: number; up: number }, gesture: string) => Problem | undefined;
  onChoose?: () => void;
  onRemove?: () => void;
  /** What is gripped, in pixels. */
  children: ReactNode;
};

const STEP_CM = 1;
const ARROWS: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
const tenth = (cm: number): number => Math.round(cm * 10) / 10;

/**
 * Something that is dragged about in a view, or moved with the arrow keys: Alt for a tenth of a step, Delete takes it
 * out.
 */
export function Grip({
  frame,
  atCm,
  label,
  pressed = false,
  levelSlackPx = 0,
  onMove,
  onChoose,
  onRemove,
  children,
}: Props) {
  const drag = useRef<{ fromX: number; fromY: number; at: Props["atCm"]; gesture: string } | undefined>(undefined);
  const held = useRef<string | undefined>(undefined);
  const [refused, setRefused] = useState<Problem | undefined>(undefined);
  const down = (event: PointerEvent<SVGGElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { fromX: event.clientX, fromY: event.clientY, at: atCm, gesture: newGesture() };
    onChoose?.();
  };
  const move = (event: PointerEvent<SVGGElement>) => {
    if (!drag.current) return;
    const { fromX, fromY, at, gesture } = drag.current;
    const down = event.clientY - fromY;
    const to = {
      across: tenth(at.across + (event.clientX - fromX) / frame.pxPerCm),
      up: Math.abs(down) <= levelSlackPx ? atCm.up : tenth(at.up - down / frame.pxPerCm),
    };
    if (to.across !== atCm.across || to.up !== atCm.up) setRefused(onMove(to, gesture));
  };
  const up = () => {
    drag.current = undefined;
    setRefused(undefined);
  };
  const key = (event: KeyboardEvent) => {
    if (event.key === "Delete" && onRemove) return onRemove();
    const way = ARROWS[event.key];
    if (!way) return;
    event.preventDefault();
    held.current ??= newGesture();
    const step = STEP_CM * (event.altKey ? 0.1 : event.shiftKey ? 10 : 1);
    const to = { across: tenth(atCm.across + way[0] * step), up: tenth(atCm.up + way[1] * step) };
    setRefused(onMove(to, held.current));
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      aria-pressed={pressed}
      style={{ cursor: "move", touchAction: "none", outline: "none" }}
      className="gripped"
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={up}
      onKeyDown={key}
      onKeyUp={() => (held.current = undefined)}
      onFocus={onChoose}
      onBlur={() => setRefused(undefined)}
    >
      {children}
      <Refusal problem={refused} x={frame.x(atCm.across)} y={frame.y(atCm.up)} />
    </g>
  );
}
