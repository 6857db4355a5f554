import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { aheadMs, dayStart, instantOf, knowsZone, localDay, localTime, spanStart } from "./zone";

const ZONES = ["Europe/Berlin", "America/New_York", "Asia/Kolkata", "Australia/Lord_Howe", "Pacific/Chatham", "UTC"];
const instant = fc.integer({ min: Date.UTC(1975, 0, 1), max: Date.UTC(2100, 0, 1) });

describe("clocks of a zone", () => {
  // ECMA-402's own formatter is the reference: it prints what clocks show by the zone data of the platform.
  it("show what the platform's formatter prints, whatever zone this device is in", () => {
    fc.assert(
      fc.property(instant, fc.constantFrom(...ZONES), (atMs, zone) => {
        const printed = new Intl.DateTimeFormat("sv-SE", {
          timeZone: zone,
          dateStyle: "short",
          timeStyle: "short",
        }).format(atMs);
        const { on, hour, minute } = localTime(atMs, zone);
        expect(`${on} ${String(hour).padStart(2, "0")}:${String(minute).padStart(2, "0")}`).toBe(printed);
        expect(localDay(atMs, zone)).toBe(on);
      }),
      { numRuns: 300 },
    );
  });

  it("lead back to the instant they showed, the second time round too", () => {
    fc.assert(
      fc.property(instant, fc.constantFrom(...ZONES), (atMs, zone) => {
        expect(instantOf(atMs + aheadMs(zone, atMs), zone, atMs - 1)).toBe(atMs);
      }),
      { numRuns: 300 },
    );
  });

  // Directive 2000/84/EC: summer time ends at 01:00 UTC on the last Sunday of October.
  it("tell the hour that autumn repeats apart by what came before", () => {
    const [first, second] = [Date.UTC(2026, 9, 25, 0, 30), Date.UTC(2026, 9, 25, 1, 30)];
    const shown = Date.UTC(2026, 9, 25, 2, 30);
    expect([localTime(first, "Europe/Berlin"), localTime(second, "Europe/Berlin")]).toEqual([
      { on: "2026-10-25", hour: 2, minute: 30 },
      { on: "2026-10-25", hour: 2, minute: 30 },
    ]);
    expect(instantOf(shown, "Europe/Berlin")).toBe(first);
    expect(instantOf(shown, "Europe/Berlin", first)).toBe(second);
    // 02:30 on the last Sunday of March is shown by no clock.
    expect(instantOf(Date.UTC(2026, 2, 29, 2, 30), "Europe/Berlin")).toBe(Date.UTC(2026, 2, 29, 1, 30));
  });

  it("begin hours and days where they begin there, 23 and 25 hours apart when clocks are set", () => {
    const lengthH = (on: string, next: string) =>
      (dayStart(next, "Europe/Berlin") - dayStart(on, "Europe/Berlin")) / 3_600_000;
    expect([lengthH("2026-03-29", "2026-03-30"), lengthH("2026-10-25", "2026-10-26")]).toEqual([23, 25]);
    fc.assert(
      fc.property(instant, fc.constantFrom(...ZONES), (atMs, zone) => {
        const [hour, day] = [spanStart(atMs, "hour", zone), spanStart(atMs, "day", zone)];
        expect(localTime(hour, zone)).toMatchObject({ hour: localTime(atMs, zone).hour, minute: 0 });
        expect(localDay(day, zone)).toBe(localDay(atMs, zone));
        expect(localDay(day - 1, zone)).not.toBe(localDay(atMs, zone));
        expect(hour <= atMs && day <= atMs).toBe(true);
      }),
      { numRuns: 300 },
    );
  });

  it("count as UTC in a zone nobody knows", () => {
    for (const name of ["Nowhere/Nothing", "constructor", "__proto__", "toString"]) {
      expect(knowsZone(name)).toBe(false);
      expect(aheadMs(name, Date.UTC(2026, 0, 5))).toBe(0);
    }
    expect(knowsZone("Europe/Lisbon")).toBe(true);
  });
});
