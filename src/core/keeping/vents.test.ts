import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { airChangesPerH, humidityRatio, openingsOf, relativeHumidity, STILL } from "../climate";
import { STOCK } from "../library";
import type { Sample } from "../log";
import { derived, FERNWALL, started } from "../testing";
import { flowShares, ventDecision } from "./vents";

const ROOM = { temperatureC: 21, humidityRh: 45 };
const every = (value: (day: number) => number, days = 8): Sample[] =>
  Array.from({ length: days }, (_, day) => ({ atMs: new Date(2026, 1, 1 + day, 13).getTime(), value: value(day) }));
const read = (rh: (day: number) => number, airC = 25, days = 8) => ({
  "coolEnd.humidityRh": every(rh, days),
  "coolEnd.temperatureC": every(() => airC, days),
});
const box = (top: "mesh" | "glass" | "halfCovered") => derived(started({ shell: { ...FERNWALL.shell, top } }));
const decide = (top: "mesh" | "glass" | "halfCovered", rh: number) => {
  const one = box(top);
  return ventDecision(
    one,
    one.outlook,
    read((day) => rh + (day % 2)),
  );
};

describe("how much more or less air", () => {
  const figures = fc.record({
    airC: fc.double({ min: 22, max: 32, noNaN: true }),
    rh: fc.double({ min: 55, max: 97, noNaN: true }),
    wantedRh: fc.double({ min: 55, max: 97, noNaN: true }),
  });

  // The balance itself, played forward: source = flow x (inside - room), with the flow changed by the share.
  it("brings the damp to what is wanted: steady water by the first share, what wet ground gives off by the other", () => {
    fc.assert(
      fc.property(figures, ({ airC, rh, wantedRh }) => {
        const shares = flowShares({ airC, rh }, wantedRh, ROOM);
        fc.pre(shares !== undefined);
        if (!shares) return;
        const room = humidityRatio(ROOM.temperatureC, ROOM.humidityRh);
        const [now, full] = [humidityRatio(airC, rh), humidityRatio(airC, 100)];
        const steady = room + (now - room) / shares.steady;
        expect(relativeHumidity(airC, steady)).toBeCloseTo(wantedRh, 6);
        // k (full - x) = share (x - room), with k from today's balance.
        const k = (now - room) / (full - now);
        const wet = (k * full + shares.wetGround * room) / (k + shares.wetGround);
        expect(relativeHumidity(airC, wet)).toBeCloseTo(wantedRh, 6);
      }),
    );
  });

  it("is more where it is too damp and less where it is too dry, and the wet ground asks for more of a change", () => {
    const drier = flowShares({ airC: 25, rh: 90 }, 75, ROOM);
    expect(drier?.steady).toBeGreaterThan(1);
    expect(drier?.wetGround).toBeGreaterThan(drier?.steady ?? 9);
    const damper = flowShares({ airC: 25, rh: 60 }, 75, ROOM);
    expect(damper?.steady).toBeLessThan(1);
    expect(damper?.wetGround).toBeLessThan(damper?.steady ?? 0);
  });

  it("is none where the room's own air is as damp as what is wanted", () => {
    expect(flowShares({ airC: 22, rh: 90 }, 60, { temperatureC: 24, humidityRh: 80 })).toBeUndefined();
  });
});

describe("the vents, from logged days", () => {
  const { animal } = box("mesh");
  const [low, high] = animal.humidityRh.day.preferred;

  it("are left as they are while the days are in band, and undecided under five days", () => {
    expect(decide("mesh", (low + high) / 2)?.kind).toBe("leave");
    const one = box("mesh");
    expect(
      ventDecision(
        one,
        one.outlook,
        read(() => 40, 25, 4),
      ),
    ).toBeUndefined();
    expect(ventDecision(one, one.outlook, { "coolEnd.humidityRh": every(() => 40) })).toBeUndefined();
  });

  it("want a mesh lid covered where it is too dry: under that cover just so much air goes through", () => {
    const told = decide("mesh", low - 15);
    if (told?.kind !== "change" || !told.coveredPct) throw new Error("no cover");
    const [least, most] = told.coveredPct;
    expect(told.nowPct).toBe(0);
    expect(least).toBeGreaterThan(0);
    expect(most).toBeGreaterThanOrEqual(least);
    expect(told.flowShare[1]).toBeLessThan(1);
    const { habitat, outlook } = box("mesh");
    const changes = (coveredPct: number, still: (typeof STILL)[number]) => {
      const shell = { ...habitat.shell, top: { ...habitat.shell.top, coveredPct } };
      return airChangesPerH(openingsOf(shell, outlook.fillCm, STOCK), 4, still);
    };
    // Within what a quiet and a draughty room, and a degree more or less of warmth, leave open.
    const shares = STILL.flatMap((still) => [least, most].map((pct) => changes(pct, still) / changes(0, still)));
    expect(Math.min(...shares)).toBeLessThan(told.flowShare[1] + 0.1);
    expect(Math.max(...shares)).toBeGreaterThan(told.flowShare[0] - 0.1);
  });

  it("want a half covered lid opened where it is too damp, and vents added under a pane of glass", () => {
    const opened = decide("halfCovered", 98);
    if (opened?.kind !== "change" || !opened.coveredPct) throw new Error("no cover");
    expect(opened.nowPct).toBe(50);
    expect(opened.coveredPct[0]).toBeLessThan(50);
    const glass = decide("glass", 98);
    if (glass?.kind !== "change") throw new Error("no change");
    expect(glass.coveredPct).toBeUndefined();
    expect(glass.pairs).toBeGreaterThan(0);
  });

  it("doubt more the less the days agree", () => {
    const one = box("mesh");
    const width = (wobble: number) => {
      const told = ventDecision(
        one,
        one.outlook,
        read((day) => low - 20 + (day % 2 ? wobble : -wobble)),
      );
      return told?.kind === "change" ? told.flowShare[1] - told.flowShare[0] : Number.NaN;
    };
    expect(width(6)).toBeGreaterThan(width(1));
  });
});
