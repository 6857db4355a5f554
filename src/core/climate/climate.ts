import type { Animal, Range } from "../catalog";
import { GROUND_WISHES, SOIL_MOISTURE, type Climate, type Conditions } from "./field";
import type { Sizing } from "./sizing";
import { middle } from "../range";

const between = ([a, b]: Range, [c, d]: Range, share: number): Range => [a + (c - a) * share, b + (d - b) * share];
const plus = ([low, high]: Range, by: number): Range => [low + by, high + by];

/**
 * The box as what is set up in it makes it: along its width from the warm end to the cool one, the air as a first sizing
 * tells it, the ground as much warmer or cooler as the air over it, and by what shines on it.
 *
 * @param sizing asked only when somebody asks
 */
export function sizedClimate(
  animal: Pick<Animal, "soil">,
  { widthCm }: { widthCm: number },
  sizing: () => Sizing,
): Climate {
  const moisture = { surface: SOIL_MOISTURE[animal.soil.surface], deep: SOIL_MOISTURE[animal.soil.deep] };
  const coolness = (xCm: number): number => {
    const along = Math.min(1, Math.max(0, xCm / widthCm));
    return sizing().warmSide === "left" ? along : 1 - along;
  };
  const byDay = (xCm: number): Conditions => {
    const { warmEndC, coolEndC, warmEndRh, coolEndRh } = sizing();
    const share = coolness(xCm);
    return {
      temperatureC: between(warmEndC, coolEndC, share),
      humidityRh: between(warmEndRh, coolEndRh, share),
    };
  };
  return {
    at: ({ xCm }, half = "day") => {
      if (half === "day") return byDay(xCm);
      const { temperatureC, humidityRh } = sizing().night;
      return { temperatureC, humidityRh };
    },
    groundAt: (xCm) => {
      const { day } = sizing();
      const off = middle(byDay(xCm).temperatureC) - middle(day.temperatureC);
      // What lamps shine falls on the warm end: there the ground is the warmer by it, and at the other end by nothing.
      const shoneC = Math.max(0, middle(day.groundC) - middle(day.temperatureC));
      return { temperatureC: plus(day.groundC, off + shoneC * (1 - 2 * coolness(xCm))), moisture };
    },
    source: "sizing",
    decidedBy: { air: [], ground: GROUND_WISHES },
    pending: false,
  };
}
