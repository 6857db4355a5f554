import type { Reading } from "@/core/log";
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
 * @example demoReadings({ days: 42, seed: 1, … }, "2026-03-01").length // 84
 */
export function demoReadings(scenario: Scenario, today: string): Reading[] {
  const random = seeded(scenario.seed);
  const value = ({ start, end, wobble }: Course, share: number) =>
    start + (end - start) * share + (random() - 0.5) * 2 * wobble;
  const { days, warmC, coolC, waterLineCm } = scenario;
  return Array.from({ length: days }, (_, at): Reading[] => {
    const share = at / Math.max(1, days - 1);
    const day = daysAfter(today, at - days);
    const humidityRh = round(Math.min(99, value(scenario.humidityRh, share)), 0);
    const warm = round(value(warmC, share), 1);
    const cool = round(value(coolC, share), 1);
    const line = waterLineCm && at % 3 === days % 3 ? round(Math.max(0.2, value(waterLineCm, share)), 1) : undefined;
    return [
      { at: `${day}T08:10:00Z`, place: "warmEnd", temperatureC: warm, humidityRh: humidityRh - 4 },
      {
        at: `${day}T08:12:00Z`,
        place: "coolEnd",
        temperatureC: cool,
        humidityRh,
        ...(line === undefined ? {} : { waterLineCm: line }),
      },
    ];
  }).flat();
}
