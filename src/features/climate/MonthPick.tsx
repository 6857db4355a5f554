"use client";

import { useSay, monthNames } from "@/words";
import css from "./Strip.module.css";

/** Which month is shown: today's, or any other, to see what runs then and what comes of it. */
export function MonthPick({
  month,
  onMonth,
}: {
  month: number | undefined;
  onMonth: (month: number | undefined) => void;
}) {
  const say = useSay();
  return (
    <div role="group" aria-label={say("climate:strip.month")} className={css.months}>
      <button type="button" aria-pressed={month === undefined} onClick={() => onMonth(undefined)}>
        {say("climate:strip.today")}
      </button>
      {monthNames().map((short, n) => (
        <button key={short} type="button" aria-pressed={month === n + 1} onClick={() => onMonth(n + 1)}>
          {short}
        </button>
      ))}
    </div>
  );
}
