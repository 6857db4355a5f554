"use client";

import { useEffect, useRef, type TouchEvent } from "react";

const SWIPE_PX = 60;
const FIELDS = ["INPUT", "TEXTAREA", "SELECT"];

/** Next and back by keys, a foot pedal's page keys, or a swipe. */
export function useTurning(turn: (by: 1 | -1) => void) {
  const from = useRef<{ x: number; y: number }>(undefined);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && FIELDS.includes(event.target.tagName)) return;
      const by = { PageDown: 1, ArrowRight: 1, PageUp: -1, ArrowLeft: -1 }[event.key] as 1 | -1 | undefined;
      if (by === undefined) return;
      event.preventDefault();
      turn(by);
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [turn]);
  return {
    onTouchStart: ({ touches }: TouchEvent) => {
      const touch = touches[0];
      from.current = touch ? { x: touch.clientX, y: touch.clientY } : undefined;
    },
    onTouchEnd: ({ changedTouches }: TouchEvent) => {
      const touch = changedTouches[0];
      const start = from.current;
      if (!touch || !start) return;
      const [dx, dy] = [touch.clientX - start.x, touch.clientY - start.y];
      if (Math.abs(dx) > SWIPE_PX && Math.abs(dx) > 2 * Math.abs(dy)) turn(dx < 0 ? 1 : -1);
    },
  };
}
