import { expect, it } from "vitest";
import { roomIn, RoomKindSchema, roomKinds } from "./index";

it("rooms hold to their schema, are warmest in July and coldest in January, and never leave what a gauge shows", () => {
  for (const kind of roomKinds) {
    expect(() => RoomKindSchema.parse(kind)).not.toThrow();
    const months = Array.from({ length: 12 }, (_, at) => roomIn(kind, at + 1));
    const warmth = months.map(({ temperatureC }) => temperatureC);
    expect([Math.max(...warmth), Math.min(...warmth)]).toEqual([warmth[6], warmth[0]]);
    for (const { humidityRh } of months) expect(humidityRh > 0 && humidityRh <= 100).toBe(true);
    // A year's mean is what is told, but for rounding.
    expect(warmth.reduce((sum, one) => sum + one, 0) / 12).toBeCloseTo(kind.meanC, 0);
    expect(() => roomIn(kind, 13)).toThrow("month");
  }
});
