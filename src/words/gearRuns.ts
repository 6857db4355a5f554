import { hoursOn } from "@/core/gear";
import type { GearPiece, Run } from "@/core/habitat";
import { clockOf } from "./clock";
import type { Figures } from "./figures";
import { words, type Say } from "./say";

const MONTHS = 12;

/** The months of the year by their short names, January first. */
export const monthNames = (): string[] =>
  Array.from({ length: MONTHS }, (_, month) =>
    new Intl.DateTimeFormat(words.language, { month: "short", timeZone: "UTC" }).format(
      new Date(Date.UTC(2026, month, 15)),
    ),
  );

function withRamp(run: string, rampMin: number, say: Say): string {
  return rampMin > 0 ? say("climate:gear.said.ramped", { run, rampMin }) : run;
}

/** When a piece of gear runs, in a few words. @example runSaid(fan.run, day, say, figures) // "30 of every 90 min" */
export function runSaid(run: Run, on: string, say: Say, figures: Figures): string {
  switch (run.by) {
    case "always":
      return say("climate:gear.said.always");
    case "hours": {
      const hours = say("climate:gear.said.hours", { from: clockOf(run.fromMin), until: clockOf(run.untilMin) });
      return withRamp(hours, run.rampMin, say);
    }
    case "sun":
      return say("climate:gear.said.sun", { hours: figures.number(hoursOn(run, on), 1) });
    case "bursts":
      return say("climate:gear.said.bursts", { times: run.atMin.map(clockOf).join(", "), forS: run.forS });
    case "cycle":
      return say("climate:gear.said.cycle", { onMin: run.onMin, everyMin: run.everyMin });
    case "warmth":
      return run.nightC === null
        ? say("climate:gear.said.warmthDay", {
            dayC: run.dayC,
            from: clockOf(run.fromMin),
            until: clockOf(run.untilMin),
          })
        : say("climate:gear.said.warmth", { dayC: run.dayC, nightC: run.nightC });
    case "damp":
      return say("climate:gear.said.damp", { dayRh: run.dayRh });
  }
}

/** In which months it is in use; nothing where in all. */
export function monthsSaid({ months }: Pick<GearPiece, "months">, say: Say): string | undefined {
  if (months === null) return undefined;
  const names = monthNames();
  return say("climate:gear.monthsSaid", { months: months.map((month) => names[month - 1] ?? "").join(", ") });
}
