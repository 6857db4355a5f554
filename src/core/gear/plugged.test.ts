import { describe, expect, it } from "vitest";
import { usualGear } from "../habitat";
import { STOCK } from "../library";
import { started } from "../testing";
import { plugged } from "./plugged";

const dragon = STOCK.get("animals", "beardedDragon");
const design = started({ animalId: "beardedDragon" });
const fit = (kindId: string) => {
  const kind = STOCK.get("gear", kindId);
  return { kind, piece: usualGear(design, kind, dragon, { id: kindId }) };
};

describe("what is plugged in", () => {
  it("is held from then on where it warms and hangs on a thermostat, else it runs as it ran", () => {
    const lamp = fit("halogenLamp");
    const thermostat = fit("dimmingThermostat").piece;
    expect(plugged(lamp, thermostat, dragon)).toMatchObject({ feedId: "dimmingThermostat", run: { by: "warmth" } });
    expect(plugged(lamp, fit("timerPlug").piece, dragon)).toEqual({ feedId: "timerPlug" });
    expect(plugged(lamp, undefined, dragon)).toEqual({ feedId: null });
    expect(plugged(fit("ledBar"), thermostat, dragon)).toEqual({ feedId: "dimmingThermostat" });
  });
  it("keeps what it was held to already", () => {
    const heater = fit("ceramicEmitter");
    expect(heater.piece.run.by).toBe("warmth");
    expect(plugged(heater, fit("pulseThermostat").piece, dragon)).toEqual({ feedId: "pulseThermostat" });
  });
});
