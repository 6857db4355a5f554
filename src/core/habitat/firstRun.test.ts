import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import { firstRun } from "./firstRun";
import { GearPieceSchema, RUNS } from "./gearPiece";

const gear = (id: string) => STOCK.get("gear", id);
const dragon = STOCK.get("animals", "beardedDragon");

describe("what a way of switching begins with", () => {
  it("holds a lamp to where its animal basks, by day alone; a heater to the warm end, and to the night", () => {
    const [low, high] = dragon.temperatureC.baskingSurface!;
    const lamp = firstRun("warmth", gear("halogenLamp"), dragon);
    expect(lamp).toMatchObject({ by: "warmth", nightC: null });
    if (lamp.by === "warmth") {
      expect(lamp.dayC).toBeGreaterThanOrEqual(low);
      expect(lamp.dayC).toBeLessThanOrEqual(high);
    }
    const heater = firstRun("warmth", gear("ceramicEmitter"), dragon);
    expect(heater).toMatchObject({ by: "warmth", nightC: expect.any(Number) as number });
    const [, warmest] = dragon.temperatureC.warm;
    expect(heater.by === "warmth" && heater.dayC <= warmest).toBe(true);
  });
  it("holds a fogger to what is liked by day and by night, for every animal", () => {
    for (const animal of STOCK.all("animals")) {
      const run = firstRun("damp", gear("ultrasonicFogger"), animal);
      expect(run.by, animal.id).toBe("damp");
      if (run.by !== "damp") continue;
      const { day, night } = animal.humidityRh;
      expect(run.dayRh >= day.preferred[0] && run.dayRh <= day.preferred[1], animal.id).toBe(true);
      const byNight = run.nightRh ?? 0;
      expect(byNight >= night.preferred[0] && byNight <= night.preferred[1], animal.id).toBe(true);
    }
  });
  it("is a run that may be kept, whatever the kind and the way", () => {
    for (const kind of STOCK.all("gear"))
      for (const by of RUNS)
        expect(GearPieceSchema.shape.run.safeParse(firstRun(by, kind, dragon)).success, `${kind.id} ${by}`).toBe(true);
  });
});
