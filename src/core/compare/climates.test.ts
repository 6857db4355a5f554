import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Command } from "../habitat";
import { outlookOf } from "../outlook";
import { derived, made, started } from "../testing";
import { anyHabitat } from "../testing/anyHabitat";
import { climates, differences, type ClimateId } from "./index";

const ON = "2026-01-15";
const add = (id: string, kindId: string, more: object = {}): Command => ({
  name: "addGear",
  args: { id, kindId, ...more },
});
const MIST = add("mist", "mistingPump", { run: { by: "bursts", atMin: [510, 780, 1110], forS: 10 } });
const FAN = add("fan", "condensationFan", { place: "lidOpening" });

/** A tall glass box in a dry room, its top half covered, with timed mist and a fan. */
const half = made(
  started({
    animalId: "crestedGecko",
    room: { temperatureC: 22, humidityRh: 35 },
    shell: { widthCm: 45, depthCm: 45, heightCm: 90, sillCm: 15, top: "halfCovered" },
  }),
  ...[10, 22, 34].map((xCm): Command => ({
    name: "addPlant",
    args: { id: `p${xCm}`, plantId: "heartleafPhilodendron", xCm, yCm: 30 },
  })),
  MIST,
  FAN,
);
const open = made(half, { name: "setTop", args: { coveredPct: 0 } });
const climate = (design: typeof half) => {
  const { log, animal, ...scene } = derived(design);
  return { outlook: outlookOf({ animal, ...scene }, log.state, ON), animal };
};
const row = (a: typeof half, b: typeof half, id: ClimateId) =>
  climates(climate(a), climate(b)).find((one) => one.id === id)!;

describe("what comes of two habitats, side by side", () => {
  it("a dry room's tall box half covered is damper than the same in mesh, and its air is changed less often", () => {
    expect(row(half, open, "humidity").byMiddles).toBeLessThan(-2);
    expect(row(half, open, "nightHumidity").byMiddles).toBeLessThan(-2);
    expect(row(half, open, "air").byMiddles).toBeGreaterThan(0);
    expect(row(half, open, "sprayed").byMiddles).toBe(0);
    expect(row(half, open, "energy").byMiddles).toBe(0);
  });
  it("a fan taken out of the one changes less air there, and is the one thing told of the gear that differs", () => {
    const still = made(half, { name: "removeGear", args: { ids: ["fan"] } });
    expect(row(half, still, "air").byMiddles).toBeLessThan(0);
    const { run } = half.gear.find(({ id }) => id === "fan")!;
    expect(differences(half, still)).toEqual([
      {
        part: "gear",
        a: [expect.objectContaining({ code: "gear", kindId: "condensationFan", count: 1, place: "lidOpening", run })],
        b: [],
      },
    ]);
  });
  it("gear of one kind that runs otherwise or stands elsewhere is told apart; alike, it is counted", () => {
    const two = made(half, add("mist-2", "mistingPump", { run: half.gear[0]!.run }));
    expect(differences(half, two)[0]!.b).toEqual([expect.objectContaining({ kindId: "mistingPump", count: 2 })]);
    const later = made(half, {
      name: "setGear",
      args: { id: "mist", run: { by: "bursts", atMin: [540], forS: 10 } },
    });
    const [gear] = differences(half, later);
    expect([gear!.a.length, gear!.b.length]).toEqual([1, 1]);
  });
  it("whatever the two habitats, the other way round every difference turns its sign, and none is against itself", () => {
    fc.assert(
      fc.property(anyHabitat, anyHabitat, ({ design: one }, { design: other }) => {
        const [a, b] = [climate(one), climate(other)];
        const back = new Map(climates(b, a).map((each) => [each.id, each.byMiddles]));
        for (const { id, byMiddles } of climates(a, b))
          if (byMiddles !== undefined) expect(back.get(id)).toBeCloseTo(-byMiddles, 9);
        for (const { byMiddles } of climates(a, a)) expect(byMiddles).toBe(0);
      }),
      { numRuns: 15 },
    );
  });
});
