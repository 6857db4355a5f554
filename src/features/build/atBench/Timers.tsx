"use client";

import AccessAlarmOutlined from "@mui/icons-material/AccessAlarmOutlined";
import Button from "@mui/material/Button";
import { useEffect, useRef } from "react";
import { useSay } from "@/words";
import css from "./AtBench.module.css";
import { ring } from "./ring";
import { useTimers } from "./timers";

const CHOICES = [10, 60, 24 * 60] as const;
const two = (n: number): string => String(n).padStart(2, "0");

/** What is left, as a clock tells it. @example leftOf(402_000) // "6:42" */
function leftOf(ms: number): string {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60];
  return hours > 0 ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${minutes}:${two(seconds % 60)}`;
}

/** Timers that run on through a reload and ring when they are over; new ones for the step that is shown. */
export function Timers({ habitatId, label }: { habitatId: string; label: string }) {
  const say = useSay();
  const { timers, nowMs, start, stop } = useTimers(habitatId);
  const rung = useRef(new Set<string>());
  useEffect(() => {
    for (const { id, endsAtMs } of timers) {
      if (nowMs < endsAtMs || rung.current.has(id)) continue;
      rung.current.add(id);
      ring();
    }
  }, [timers, nowMs]);
  return (
    <div className={css.timers}>
      <ul aria-label={say("build:bench.timers")}>
        {timers.map(({ id, label: what, endsAtMs }) => {
          const isOver = nowMs >= endsAtMs;
          return (
            <li key={id} data-over={isOver} role={isOver ? "alert" : undefined}>
              <AccessAlarmOutlined fontSize="small" />
              <span>
                {isOver
                  ? say("build:bench.timerOver", { what })
                  : say("build:bench.timerLeft", { what, left: leftOf(endsAtMs - nowMs) })}
              </span>
              <Button size="small" variant="outlined" onClick={() => stop(id)}>
                {say("build:bench.timerStop")}
              </Button>
            </li>
          );
        })}
      </ul>
      <span className={css.newTimer}>
        {say("build:bench.timerNew")}
        {CHOICES.map((minutes) => (
          <button key={minutes} type="button" onClick={() => start(label, minutes)}>
            {minutes < 60
              ? say("build:bench.minutes", { count: minutes })
              : say("build:bench.hours", { count: minutes / 60 })}
          </button>
        ))}
      </span>
    </div>
  );
}
