import type { Animal, Gear } from "../catalog";
import { DAY, FAN, heldDamp, heldWarm, MIST } from "./held";
import type { Run } from "./schema";
import { usualRun } from "./usualGear";

/**
 * What a way of switching begins with: as the kind is usually run where that is its way, else the usual of that way.
 *
 * @example firstRun("warmth", halogenLamp, beardedDragon).dayC // 43: where it basks
 */
export function firstRun(by: Run["by"], kind: Gear, animal: Pick<Animal, "temperatureC" | "humidityRh">): Run {
  const usual = usualRun(kind, animal);
  if (usual.by === by) return usual;
  switch (by) {
    case "always":
      return { by };
    case "hours":
      return { by, ...DAY, rampMin: 0 };
    case "sun":
      return { by, latitudeDeg: 10, rampMin: 30 };
    case "bursts":
      return MIST;
    case "cycle":
      return FAN;
    case "warmth":
      return heldWarm(kind, animal);
    case "damp":
      return heldDamp(animal.humidityRh);
  }
}
