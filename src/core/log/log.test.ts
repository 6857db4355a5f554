import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { happened } from "../testing";
import { daysAfter } from "../units";
import {
  EventSchema,
  ReadingSchema,
  SERIES,
  blockStart,
  BLOCK_MS,
  blocksOf,
  blocksOfReadings,
  doneEvents,
  finenessFor,
  isLaid,
  merged,
  newestIn,
  phaseOf,
  pointsOf,
  rollup,
  samplesOf,
  stateAt,
  thin,
  withoutSamples,
  type LogEvent,
  type Rollup,
  type Sample,
  type SampleBlock,
  type Told,
} from "./index";

const START = "2026-01-05";
const series = "warmEnd.temperatureC";

const anyDay = fc.integer({ min: 0, max: 60 }).map((days) => daysAfter(START, days));
const anyTold: fc.Arbitrary<Told> = fc.oneof(
  fc.record({ kind: fc.constant("tick" as const), on: anyDay, dutyId: fc.constantFrom("mist", "feed") }),
  fc.record({ kind: fc.constant("taskDone" as const), on: anyDay, taskId: fc.constantFrom("plantOut", "layPebbles") }),
  fc.record({ kind: fc.constant("movedIn" as const), on: anyDay }),
  fc.record({
    kind: fc.constant("lost" as const),
    on: anyDay,
    plantId: fc.constant("nervePlant"),
    how: fc.constant("died" as const),
  }),
  fc.record({
    kind: fc.constant("drawnOff" as const),
    on: anyDay,
    waterL: fc.double({ min: 0.1, max: 9, noNaN: true }),
  }),
);
const anyLog = fc.array(anyTold, { maxLength: 30 }).map((told) => happened(...told));

const strike = (event: LogEvent): LogEvent => ({
  id: `s-${event.id}`,
  at: "2026-12-31T12:00:00.000Z",
  on: "2026-12-31",
  kind: "struck",
  eventId: event.id,
});

describe("a log folded into a state", () => {
  it("with events struck says what it would say had they never been written, whenever they were struck", () => {
    fc.assert(
      fc.property(anyLog, fc.array(fc.nat(29)), anyDay, (events, picked, day) => {
        const wrong = events.filter((_, at) => picked.includes(at));
        const right = events.filter((_, at) => !picked.includes(at));
        expect(stateAt([...events, ...wrong.map(strike)], day)).toEqual(stateAt(right, day));
        expect(stateAt([...wrong.map(strike), ...events], day)).toEqual(stateAt(right, day));
      }),
    );
  });

  it("hangs on the days told, not on the order of writing, and knows nothing of days to come", () => {
    fc.assert(
      fc.property(anyLog, anyDay, (events, day) => {
        const now = stateAt(events, day);
        // Events of one day stay in the order of their instants, which differ only by day here.
        const backwards = stateAt(events.toReversed(), day);
        expect([backwards.doneOn, backwards.tickedOn, backwards.sinceOn]).toEqual([
          now.doneOn,
          now.tickedOn,
          now.sinceOn,
        ]);
        expect(now).toEqual(
          stateAt(
            events.filter((event) => event.on <= day),
            day,
          ),
        );
      }),
    );
  });

  it("a duty was last done on its latest day; the animal is in since the first", () => {
    const events = happened(
      { kind: "tick", on: "2026-02-03", dutyId: "mist" },
      { kind: "tick", on: "2026-02-01", dutyId: "mist" },
      { kind: "movedIn", on: "2026-02-02" },
      { kind: "movedIn", on: "2026-02-09" },
    );
    expect(stateAt(events, "2026-03-01")).toMatchObject({ tickedOn: { mist: "2026-02-03" }, sinceOn: "2026-02-02" });
    expect(stateAt(events, "2026-02-02")).toMatchObject({ tickedOn: { mist: "2026-02-01" } });
  });

  it("finds what to strike so that a step is not done any more, and nothing that is struck already", () => {
    const events = happened(
      { kind: "taskDone", on: "2026-02-01", taskId: "layPebbles" },
      { kind: "taskDone", on: "2026-02-02", taskId: "layPebbles" },
      { kind: "struck", on: "2026-02-03", eventId: "e0" },
    );
    expect(doneEvents(events, "layPebbles").map(({ id }) => id)).toEqual(["e1"]);
  });

  it("tells the phase: drawn, being built, growing in once something green is in, lived in", () => {
    const phase = (...told: Told[]) => phaseOf(stateAt(happened(...told), "2026-12-01"));
    const done = (taskId: string): Told => ({ kind: "taskDone", on: "2026-02-01", taskId });
    expect([phase(), phase(done("layPebbles")), phase(done("layPebbles"), done("plantOut"))]).toEqual([
      "planned",
      "building",
      "growingIn",
    ]);
    expect(phase({ kind: "movedIn", on: "2026-02-01" })).toBe("living");
    expect([isLaid("building"), isLaid("growingIn"), isLaid("living")]).toEqual([false, true, true]);
  });

  it("refuses an event of an unknown kind, with a field too many, or of a day that is none", () => {
    const tick = { id: "e", at: "2026-02-01T12:00:00.000Z", on: "2026-02-01", kind: "tick", dutyId: "mist" };
    const sane = (event: object) => EventSchema.safeParse(event).success;
    expect([
      sane(tick),
      sane({ ...tick, kind: "tock" }),
      sane({ ...tick, extra: 1 }),
      sane({ ...tick, on: "2026-02-30" }),
    ]).toEqual([true, false, false, false]);
  });
});

/** Samples of three weeks or so, in any order, some of the same instant. */
const anySample: fc.Arbitrary<Sample> = fc.record({
  atMs: fc.integer({ min: 0, max: 3 * BLOCK_MS }).map((ms) => Date.UTC(2026, 0, 5) + ms),
  value: fc.double({ min: -20, max: 70, noNaN: true }),
});
const anySamples = fc.array(anySample, { minLength: 1, maxLength: 80 });
const inOrder = (samples: readonly Sample[]) => samples.toSorted((a, b) => a.atMs - b.atMs);
const everything = (blocks: readonly SampleBlock[]): Sample[] => blocks.flatMap(samplesOf);

describe("samples in blocks", () => {
  it("are all there, in order of time, each in the block of its week", () => {
    fc.assert(
      fc.property(anySamples, (samples) => {
        const blocks = blocksOf(series, samples);
        expect(everything(blocks)).toEqual(inOrder(samples));
        for (const block of blocks)
          for (const { atMs } of samplesOf(block)) {
            expect(blockStart(atMs)).toBe(block.fromMs);
            expect(atMs - block.fromMs).toBeLessThan(BLOCK_MS);
          }
      }),
    );
  });

  it("added in any portions, or twice, make the same block as at once", () => {
    const sameWeek = fc.uniqueArray(
      fc.record({
        atMs: fc.integer({ min: 0, max: BLOCK_MS - 1 }),
        value: fc.double({ min: 0, max: 50, noNaN: true }),
      }),
      { minLength: 2, maxLength: 40, selector: ({ atMs }) => atMs },
    );
    fc.assert(
      fc.property(sameWeek, fc.nat(), (samples, at) => {
        const cut = 1 + (at % (samples.length - 1));
        const [first] = blocksOf(series, samples.slice(0, cut));
        const [whole] = blocksOf(series, samples);
        const twice = merged(merged(first!, samples.slice(cut)), samples);
        expect(twice).toEqual(whole);
        const gone = new Set(samples.slice(cut).map(({ atMs }) => atMs));
        expect(withoutSamples(whole!, gone)).toEqual(first);
      }),
    );
  });

  it("the newest of each series is found whatever the order of blocks", () => {
    fc.assert(
      fc.property(anySamples, (samples) => {
        const newest = newestIn(blocksOf(series, samples).toReversed())[series];
        expect(newest?.atMs).toBe(Math.max(...samples.map(({ atMs }) => atMs)));
      }),
    );
    expect(newestIn([])).toEqual({});
  });

  it("of a reading are one for each gauge; a reading of nothing, or beyond what a gauge can tell, is refused", () => {
    const reading = { at: "2026-02-01T07:00:00.000Z", place: "coolEnd" as const, temperatureC: 22, waterLineCm: 3 };
    expect(newestIn(blocksOfReadings([reading]))).toEqual({
      "coolEnd.temperatureC": { atMs: Date.parse(reading.at), value: 22 },
      "coolEnd.waterLineCm": { atMs: Date.parse(reading.at), value: 3 },
    });
    // What was told before there were more places is still told.
    for (const end of ["warmEnd", "coolEnd"] as const)
      for (const what of ["temperatureC", "humidityRh", "waterLineCm"] as const)
        expect(SERIES).toContain(`${end}.${what}`);
    expect(new Set(SERIES).size).toBe(SERIES.length);
    const { at, place } = reading;
    expect(ReadingSchema.safeParse({ at, place }).success).toBe(false);
    expect(ReadingSchema.safeParse({ ...reading, humidityRh: 104 }).error?.issues[0]?.path).toEqual(["humidityRh"]);
  });
});

/** The same by the plainest way there is. */
const rolledByHand = (samples: readonly Sample[], stepMs: number): Map<number, number[]> => {
  const rows = new Map<number, number[]>();
  for (const { atMs, value } of samples) {
    const at = atMs - (atMs % stepMs);
    rows.set(at, [...(rows.get(at) ?? []), value]);
  }
  return rows;
};
const row = (of: Rollup, at: number) => {
  const n = of.atMs.indexOf(at);
  return { least: of.least[n]!, most: of.most[n]!, mean: of.mean[n]!, count: of.count[n]! };
};

describe("roll-ups", () => {
  it.each(["hour", "day"] as const)(
    "by the %s tell the least, the most, the mean and the count of each (brute force)",
    (step) => {
      fc.assert(
        fc.property(anySamples, (samples) => {
          for (const block of blocksOf(series, samples)) {
            const rolled = rollup(block, step, "UTC");
            const byHand = rolledByHand(samplesOf(block), step === "hour" ? 3_600_000 : 86_400_000);
            expect([...rolled.atMs]).toEqual([...byHand.keys()].toSorted((a, b) => a - b));
            for (const [at, values] of byHand) {
              const { least, most, mean, count } = row(rolled, at);
              expect([least, most, count]).toEqual([Math.min(...values), Math.max(...values), values.length]);
              expect(mean).toBeCloseTo(values.reduce((sum, value) => sum + value, 0) / values.length, 9);
            }
          }
        }),
      );
    },
  );

  it("of days are those of their hours: what is drawn from days loses no peak that hours have", () => {
    fc.assert(
      fc.property(anySamples, (samples) => {
        for (const block of blocksOf(series, samples)) {
          const [hours, days] = [rollup(block, "hour", "UTC"), rollup(block, "day", "UTC")];
          expect(Math.max(...pointsOf(days).map(({ value }) => value))).toBe(Math.max(...hours.most));
          expect(Math.min(...pointsOf(days).map(({ value }) => value))).toBe(Math.min(...hours.least));
          expect(days.count.reduce((a, b) => a + b, 0)).toBe(hours.count.reduce((a, b) => a + b, 0));
        }
      }),
    );
  });
});

describe("a series for drawing", () => {
  it("is thinned to what was asked for, out of what was there, in order, with its highest and lowest", () => {
    fc.assert(
      fc.property(anySamples, fc.integer({ min: 2, max: 60 }), (samples, most) => {
        const all = inOrder(samples);
        const few = thin(all, most);
        expect(few.length).toBeLessThanOrEqual(most);
        expect(few.every((sample) => all.includes(sample))).toBe(true);
        expect(few.map(({ atMs }) => atMs)).toEqual(few.map(({ atMs }) => atMs).toSorted((a, b) => a - b));
        const values = (list: readonly Sample[]) => list.map(({ value }) => value);
        expect(Math.max(...values(few))).toBe(Math.max(...values(all)));
        expect(Math.min(...values(few))).toBe(Math.min(...values(all)));
      }),
    );
  });

  it("is read raw while it is short, then by the hour, then by the day", () => {
    expect([finenessFor(1500, 1500, 2000), finenessFor(40_000, 900, 2000), finenessFor(150_000, 9000, 2000)]).toEqual([
      "raw",
      "hour",
      "day",
    ]);
  });
});
