import fc from "fast-check";
import { expect, it } from "vitest";
import { STOCK } from "../library";
import type { Sizing } from "./sizing";
import { sizedClimate } from "./climate";
import { middle } from "../range";

const WIDTH_CM = 100;

/** A sizing of which only what the ground asks for is told. */
function told(airC: number, groundC: number, apartC: number, warmSide: "left" | "right"): Sizing {
  const around = (celsius: number): [number, number] => [celsius - 1, celsius + 1];
  return {
    day: { temperatureC: around(airC), groundC: around(groundC) },
    warmEndC: around(airC + apartC / 2),
    coolEndC: around(airC - apartC / 2),
    warmEndRh: [50, 60],
    coolEndRh: [60, 70],
    warmSide,
  } as unknown as Sizing;
}

it("what lamps shine warms the ground at their end, the mean of it stays, and the far end is as warm as its air", () => {
  const temperature = fc.double({ min: 15, max: 45, noNaN: true });
  const apart = fc.double({ min: 0, max: 8, noNaN: true });
  fc.assert(
    fc.property(temperature, temperature, apart, fc.boolean(), (airC, groundC, apartC, isLeft) => {
      const sizing = told(airC, groundC, apartC, isLeft ? "left" : "right");
      const climate = sizedClimate(STOCK.get("animals", "rosyBoa"), { widthCm: WIDTH_CM }, () => sizing);
      const [warmCm, coolCm] = isLeft ? [0, WIDTH_CM] : [WIDTH_CM, 0];
      const groundAt = (xCm: number) => middle(climate.groundAt(xCm, 20).temperatureC);
      const all = Array.from({ length: 11 }, (_, n) => groundAt((n * WIDTH_CM) / 10));
      expect(all.reduce((sum, celsius) => sum + celsius, 0) / all.length).toBeCloseTo(groundC, 6);
      expect(groundAt(warmCm)).toBeGreaterThanOrEqual(groundAt(coolCm) - 1e-9);
      if (groundC >= airC) expect(groundAt(coolCm)).toBeCloseTo(airC - apartC / 2, 6);
      else expect(groundAt(coolCm) - groundAt(warmCm)).toBeCloseTo(-apartC, 6);
    }),
  );
});
