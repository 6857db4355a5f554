import type { Command } from "@/core/habitat";
import { seeded } from "@/core/random";
import { daysAfter } from "@/core/units";

type Course = { start: number; end: number; wobble: number };

/** Made-up readings of some weeks: each value drifts from a start to an end and wobbles about it. */
export type Scenario = {
  days: number;
  seed: number;
  warmC: Course;
  coolC: Course;
  humidityRh: Course;
  waterLineCm?: Course;
};

const round = (value: number, digits: number): number => Number(value.toFixed(digits));

/**
 * One reading at each end every day, up to the day before today, and the water line every third day.
 *
 * @example readingCommands({ days: 42, seed: 1, … }, "2026-03-01").length // 84
 */
export function readingCommands(scenario: Scenario, today: string): Command[] {
  const random = seeded(scenario.seed);
  const value = ({ start, end, wobble }: Course, share: number) =>
    start + (end - start) * share + (random() - 0.5) * 2 * wobble;
  return Array.from({ length: scenario.days }, (_, at): Command[] => {
    const share = at / Math.max(1, scenario.days - 1);
    const day = daysAfter(today, at - scenario.days);
    const humidityRh = round(Math.min(99, value(scenario.humidityRh, share)), 0);
    const { waterLineCm } = scenario;
    return [
      {
        name: "addReading",
        args: {
          id: `${day}-w`,
          at: `${day}T08:10:00Z`,
          place: "warmEnd",
          temperatureC: round(value(scenario.warmC, share), 1),
          humidityRh: humidityRh - 4,
        },
      },
      {
        name: "addReading",
        args: {
          id: `${day}-c`,
          at: `${day}T08:12:00Z`,
          place: "coolEnd",
          temperatureC: round(value(scenario.coolC, share), 1),
          humidityRh,
          ...(waterLineCm && at % 3 === scenario.days % 3
            ? { waterLineCm: round(Math.max(0.2, value(waterLineCm, share)), 1) }
            : {}),
        },
      },
    ];
  }).flat();
}
