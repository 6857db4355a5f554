import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { daysAfter } from "../units";
import { daysOf, nextByRule } from "./rules";

describe("RFC 5545, section 3.8.5.3, examples as the standard prints them (days of America/New_York)", () => {
  it.each<[string, string, string, string[]]>([
    [
      "daily for 10 occurrences",
      "FREQ=DAILY;COUNT=10",
      "1997-09-02",
      Array.from({ length: 10 }, (_, n) => daysAfter("1997-09-02", n)),
    ],
    [
      "every other day",
      "FREQ=DAILY;INTERVAL=2;COUNT=4",
      "1997-09-02",
      ["1997-09-02", "1997-09-04", "1997-09-06", "1997-09-08"],
    ],
    [
      "every 10 days, 5 occurrences",
      "FREQ=DAILY;INTERVAL=10;COUNT=5",
      "1997-09-02",
      ["1997-09-02", "1997-09-12", "1997-09-22", "1997-10-02", "1997-10-12"],
    ],
    [
      "weekly on Tuesday and Thursday for five weeks",
      "FREQ=WEEKLY;COUNT=10;WKST=SU;BYDAY=TU,TH",
      "1997-09-02",
      ["02", "04", "09", "11", "16", "18", "23", "25", "30"].map((day) => `1997-09-${day}`).concat("1997-10-02"),
    ],
    [
      "monthly on the first Friday for 10 occurrences",
      "FREQ=MONTHLY;COUNT=10;BYDAY=1FR",
      "1997-09-05",
      [
        "1997-09-05",
        "1997-10-03",
        "1997-11-07",
        "1997-12-05",
        "1998-01-02",
        "1998-02-06",
        "1998-03-06",
        "1998-04-03",
        "1998-05-01",
        "1998-06-05",
      ],
    ],
    [
      "monthly on the 2nd and 15th for 10 occurrences",
      "FREQ=MONTHLY;COUNT=10;BYMONTHDAY=2,15",
      "1997-09-02",
      [
        "1997-09-02",
        "1997-09-15",
        "1997-10-02",
        "1997-10-15",
        "1997-11-02",
        "1997-11-15",
        "1997-12-02",
        "1997-12-15",
        "1998-01-02",
        "1998-01-15",
      ],
    ],
    [
      "every 18 months on the 10th thru 15th, 10 occurrences",
      "FREQ=MONTHLY;INTERVAL=18;COUNT=10;BYMONTHDAY=10,11,12,13,14,15",
      "1997-09-10",
      [
        "1997-09-10",
        "1997-09-11",
        "1997-09-12",
        "1997-09-13",
        "1997-09-14",
        "1997-09-15",
        "1999-03-10",
        "1999-03-11",
        "1999-03-12",
        "1999-03-13",
      ],
    ],
    [
      "yearly in June and July for 10 occurrences",
      "FREQ=YEARLY;COUNT=10;BYMONTH=6,7",
      "1997-06-10",
      [1997, 1998, 1999, 2000, 2001].flatMap((year) => [`${year}-06-10`, `${year}-07-10`]),
    ],
    [
      "the third instance of a Tuesday, Wednesday or Thursday, for three months",
      "FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3",
      "1997-09-04",
      ["1997-09-04", "1997-10-07", "1997-11-06"],
    ],
    [
      "where WKST makes a difference, Monday",
      "FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=MO",
      "1997-08-05",
      ["1997-08-05", "1997-08-10", "1997-08-19", "1997-08-24"],
    ],
    [
      "where WKST makes a difference, Sunday",
      "FREQ=WEEKLY;INTERVAL=2;COUNT=4;BYDAY=TU,SU;WKST=SU",
      "1997-08-05",
      ["1997-08-05", "1997-08-17", "1997-08-19", "1997-08-31"],
    ],
    [
      "an invalid day is ignored",
      "FREQ=MONTHLY;BYMONTHDAY=15,30;COUNT=5",
      "2007-01-15",
      ["2007-01-15", "2007-01-30", "2007-02-15", "2007-03-15", "2007-03-30"],
    ],
  ])("%s", (_name, rule, startOn, days) => {
    expect(daysOf(rule, startOn, startOn, "2010-01-01")).toEqual(days);
  });
});

describe("the next day of a rule", () => {
  it("is the first of its days after the one asked about, whatever the days of the week", () => {
    const days = ["MO", "TU", "WE", "TH", "FR", "SA", "SU"];
    fc.assert(
      fc.property(fc.subarray(days, { minLength: 1 }), fc.integer({ min: 0, max: 700 }), (picked, ago) => {
        const rule = `FREQ=WEEKLY;BYDAY=${picked.join(",")}`;
        const [startOn, afterOn] = ["2024-01-01", daysAfter("2024-01-01", ago)];
        const next = nextByRule(rule, startOn, afterOn)!;
        // A Monday began that year.
        const isPicked = (on: string) => picked.includes(days[(new Date(`${on}T00:00:00Z`).getUTCDay() + 6) % 7]!);
        const first = [1, 2, 3, 4, 5, 6, 7].map((n) => daysAfter(afterOn, n)).find(isPicked);
        expect(next).toBe(first);
      }),
    );
  });
  it("is none once the rule is over, and none of what is no rule", () => {
    expect(nextByRule("FREQ=DAILY;COUNT=3", "2026-03-01", "2026-03-03")).toBeUndefined();
    expect(nextByRule("FREQ=DAILY;UNTIL=20260302T000000Z", "2026-03-01", "2026-03-02")).toBeUndefined();
    expect(nextByRule("FREQ=SOMETIMES", "2026-03-01", "2026-03-02")).toBeUndefined();
  });
});
