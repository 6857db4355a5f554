import ICAL from "ical.js";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Comes } from "../habitat";
import { daysAfter, daysBetween } from "../units";
import { dutyCalendar } from "./dutyCalendar";
import type { Due } from "./due";
import { byHarm } from "./harm";
import { nextByRule } from "./rules";
import { weekAhead } from "./week";

const TODAY = "2026-03-02";
const due = (does: Due["does"], inDays: number, comes: Comes = { by: "days", days: 7 }): Due => ({
  ...{ id: does, does, comes, keepsPace: false, minutes: null, quantities: {}, cautions: [] },
  ...{ dueOn: daysAfter(TODAY, inDays), lastOn: undefined, inDays },
});
const anyDue = fc
  .tuple(
    fc.constantFrom<Due["does"]>("feed", "mist", "glass", "freshWater", "prune", "own", "checkGear"),
    fc.integer({ min: -40, max: 40 }),
    fc.integer({ min: 1, max: 30 }),
  )
  .map(([does, inDays, days]) => due(does, inDays, { by: "days", days }));

describe("sorted by harm", () => {
  it("has water before food before glass among what is due, however late each is, and what is not due behind it", () => {
    const list = [due("glass", -30), due("prune", 1), due("feed", 0), due("freshWater", 0), due("mist", -2)];
    expect(list.toSorted(byHarm).map(({ does }) => does)).toEqual(["mist", "freshWater", "feed", "glass", "prune"]);
  });

  it("is an order: the same whichever way the list lay, and by days among what is still to come", () => {
    fc.assert(
      fc.property(fc.array(anyDue, { maxLength: 12 }), (list) => {
        const sorted = list.toSorted(byHarm);
        const again = list.toReversed().toSorted(byHarm);
        expect(again.map(({ does, inDays }) => [rankless(does), inDays])).toEqual(
          sorted.map(({ does, inDays }) => [rankless(does), inDays]),
        );
        const later = sorted.filter(({ inDays }) => inDays > 0).map(({ inDays }) => inDays);
        expect(later).toEqual(later.toSorted((a, b) => a - b));
        expect(sorted.findIndex(({ inDays }) => inDays > 0)).toBe(
          later.length === 0 ? -1 : sorted.length - later.length,
        );
      }),
    );
  });
  /** Duties of one rank may change places where they are as late. */
  const rankless = (does: Due["does"]): string =>
    ["freshWater", "mist"].includes(does) ? "water" : ["feed", "checkGear"].includes(does) ? "food" : "rest";
});

describe("the week ahead", () => {
  const week = (list: readonly Due[]) => weekAhead(list, (one) => one, TODAY, nextByRule);
  const daysWith = (list: readonly Due[]) => week(list).days.flatMap(({ on, items }) => (items.length > 0 ? [on] : []));

  it("has what is late today, what comes again on each of its days, and what is daily told once", () => {
    expect(daysWith([due("feed", -5, { by: "days", days: 3 })])).toEqual(["2026-03-02", "2026-03-05", "2026-03-08"]);
    expect(daysWith([due("glass", 2, { by: "rule", rule: "FREQ=WEEKLY;BYDAY=WE,SU" })])).toEqual([
      "2026-03-04",
      "2026-03-08",
    ]);
    const need: Comes = { by: "need", series: "water.waterLineCm", side: "above", value: 5 };
    expect(daysWith([due("waterLine", -1, need)])).toEqual(["2026-03-02"]);
    expect(week([due("mist", 0, { by: "days", days: 1 })])).toMatchObject({ everyDay: [{ does: "mist" }] });
    expect(daysWith([due("mist", 0, { by: "days", days: 1 }), due("prune", 7)])).toEqual([]);
  });

  it("has each duty on days that lie its interval apart, within seven days from today", () => {
    fc.assert(
      fc.property(anyDue, (one) => {
        fc.pre(one.comes.by === "days" && one.comes.days > 1);
        const days = daysWith([one]);
        for (const on of days) {
          expect(daysBetween(TODAY, on)).toBeGreaterThanOrEqual(0);
          expect(daysBetween(TODAY, on)).toBeLessThan(7);
        }
        days.slice(1).forEach((on, n) => {
          expect(daysBetween(days[n] ?? "", on)).toBe(one.comes.by === "days" ? one.comes.days : 0);
        });
        expect(days.length > 0).toBe(one.inDays < 7);
      }),
    );
  });
});

// Outside reference: ical.js reads it back and works the recurrence out (RFC 5545, section 3.8.5.3).
describe("duties in a calendar", () => {
  const written = (list: readonly Due[], at = "2026-03-02T10:00:00Z") =>
    dutyCalendar({
      duties: list.map((one) => ({ habitatId: "h", due: one, title: `Do ${one.id}`, text: "why; and, how" })),
      ...{ name: "Rincon", at, today: TODAY },
    });
  const events = (text: string) =>
    new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents("vevent").map((one) => new ICAL.Event(one));

  it("come again just on the days the week ahead has them", () => {
    const list = [
      due("feed", -5, { by: "days", days: 3 }),
      due("glass", 2, { by: "rule", rule: "FREQ=WEEKLY;BYDAY=WE,SU" }),
      due("prune", 4, { by: "days", days: 30 }),
    ];
    const { days } = weekAhead(list, (one) => one, TODAY, nextByRule);
    for (const event of events(written(list))) {
      const told: string[] = [];
      const each = event.iterator();
      for (let next = each.next(); next && next.toString() <= "2026-03-08"; next = each.next())
        told.push(next.toString());
      const id = event.summary.replace("Do ", "");
      expect(told).toEqual(days.filter(({ items }) => items.some((one) => one.id === id)).map(({ on }) => on));
    }
  });

  it("stand under names that stay, once where a reading calls for them, with a time to look again", () => {
    const need: Comes = { by: "need", series: "water.waterLineCm", side: "above", value: 5 };
    const text = written([due("waterLine", 0, need), due("feed", 0)]);
    const [line, feed] = events(text);
    expect(line?.isRecurring()).toBe(false);
    expect(feed?.isRecurring()).toBe(true);
    expect(events(written([due("feed", 3)], "2026-03-09T10:00:00Z"))[0]?.uid).toBe(feed?.uid);
    expect(text).toMatch(/REFRESH-INTERVAL;VALUE=DURATION:PT?\d+/);
    expect(feed?.description).toBe("why; and, how");
  });
});
