import fc from "fast-check";
import { getTimes } from "suncalc";
import { describe, expect, it } from "vitest";
import type { Run } from "../habitat";
import { dayHours, hoursOn, inUse, MINUTES_A_DAY, onSpans, shareOn } from "./index";

/** Day length by the suncalc package. */
function suncalcHours(latitudeDeg: number, on: string): number {
  const { sunrise, sunset } = getTimes(new Date(`${on}T12:00:00Z`), latitudeDeg, 0);
  return ((sunset?.getTime() ?? NaN) - (sunrise?.getTime() ?? NaN)) / 3_600_000;
}

describe("the length of the day", () => {
  it.each([
    [-18.9, "2026-01-15"],
    [5, "2026-04-10"],
    [52, "2026-06-21"],
    [52, "2026-12-21"],
  ])("at %d° on %s by the almanac's equation is suncalc's within five minutes", (latitude, on) => {
    expect(Math.abs(dayHours(latitude, on) - suncalcHours(latitude, on))).toBeLessThan(5 / 60);
  });
  it("a lamp that goes with the sun is on as long as the day, about the same noon", () => {
    const [span] = onSpans({ by: "sun", latitudeDeg: 52, rampMin: 0 }, "2026-06-21");
    expect((span!.untilMin - span!.fromMin) / 60).toBeCloseTo(dayHours(52, "2026-06-21"), 6);
    expect((span!.untilMin + span!.fromMin) / 2).toBeCloseTo(13 * 60, 6);
  });
});

const minute = fc.integer({ min: 0, max: MINUTES_A_DAY });
const anyRun: fc.Arbitrary<Run> = fc.oneof(
  fc.record({ by: fc.constant("hours" as const), fromMin: minute, untilMin: minute, rampMin: fc.constant(0) }),
  fc
    .record({
      by: fc.constant("cycle" as const),
      fromMin: minute,
      untilMin: minute,
      every: fc.integer({ min: 2, max: 300 }),
      share: fc.double({ min: 0.01, max: 1, noNaN: true }),
    })
    .map(({ every, share, ...rest }) => ({ ...rest, everyMin: every, onMin: Math.max(1, Math.round(every * share)) })),
  fc.record({
    by: fc.constant("bursts" as const),
    atMin: fc.uniqueArray(fc.integer({ min: 0, max: 1400 }), { minLength: 1, maxLength: 12 }),
    forS: fc.integer({ min: 1, max: 120 }),
  }),
);

describe("when gear runs", () => {
  it("a fan of 30 in every 90 minutes runs eight hours, mist twice for 20 s forty seconds, a lamp over midnight on both sides", () => {
    const fan: Run = { by: "cycle", fromMin: 0, untilMin: MINUTES_A_DAY, onMin: 30, everyMin: 90 };
    expect(hoursOn(fan, "2026-03-01")).toBe(8);
    expect(hoursOn({ by: "bursts", atMin: [510, 1140], forS: 20 }, "2026-03-01") * 3600).toBeCloseTo(40, 8);
    const night: Run = { by: "hours", fromMin: 20 * 60, untilMin: 6 * 60, rampMin: 0 };
    expect(onSpans(night, "2026-03-01").map(({ fromMin, untilMin }) => [fromMin, untilMin])).toEqual([
      [0, 360],
      [1200, MINUTES_A_DAY],
    ]);
    expect(hoursOn(night, "2026-03-01")).toBe(10);
  });
  it("never longer than a day, never outside it, and day and night together make all of it", () => {
    fc.assert(
      fc.property(anyRun, minute, minute, (run, a, b) => {
        const light = { fromMin: Math.min(a, b), untilMin: Math.max(a, b, Math.min(a, b) + 1) };
        const hours = hoursOn(run, "2026-03-01");
        expect(hours).toBeLessThanOrEqual(24 + 1e-9);
        for (const { fromMin, untilMin } of onSpans(run, "2026-03-01")) {
          expect(fromMin).toBeGreaterThanOrEqual(0);
          expect(untilMin).toBeLessThanOrEqual(MINUTES_A_DAY + 2);
        }
        const { day, night } = shareOn(run, light, "2026-03-01");
        const dayH = (light.untilMin - light.fromMin) / 60;
        if (dayH < 23.9) expect(day * dayH + night * (24 - dayH)).toBeCloseTo(hours, 4);
      }),
    );
  });
  it("a ramp is worth half its time, and what is in use by months is out of use in the others", () => {
    const ramped: Run = { by: "hours", fromMin: 480, untilMin: 1200, rampMin: 60 };
    expect(hoursOn(ramped, "2026-03-01")).toBe(11);
    const months = { months: [11, 12, 1, 2] };
    expect(["2026-12-05", "2026-07-05"].map((day) => inUse(months, day))).toEqual([true, false]);
  });
});
