import type { Animal, Gear } from "../catalog";
import type { Run } from "./schema";
import { usualRun } from "./usualGear";

const DAY = { fromMin: 8 * 60, untilMin: 20 * 60 };

const middle = ([low, high]: readonly [number, number]): number => (low + high) / 2;

/**
 * What a thermostat starts to hold: what a lamp warms is where the animal basks, and it is dark by night; all else is
 * held to the warm end, where it stands.
 */
function heldWarm({ purpose }: Gear, { temperatureC: { baskingSurface, warm, night } }: Wants): Run {
  const gives = purpose === "dayHeat";
  const dayC = Math.round(middle(gives && baskingSurface ? baskingSurface : warm));
  const nightC = gives ? null : Math.round(middle(night));
  return { by: "warmth", ...DAY, dayC, nightC, alarmLowC: null, alarmHighC: null };
}

function heldDamp({ day, night }: Wants["humidityRh"]): Run {
  const held = { dayRh: Math.round(middle(day.preferred)), nightRh: Math.round(middle(night.preferred)) };
  return { by: "damp", ...DAY, ...held };
}

type Wants = Pick<Animal, "temperatureC" | "humidityRh">;

/**
 * What a way of switching begins with: as the kind is usually run where that is its way, else the usual of that way.
 *
 * @example firstRun("warmth", halogenLamp, beardedDragon).dayC // 43: where it basks
 */
export function firstRun(by: Run["by"], kind: Gear, animal: Wants): Run {
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
      return { by, atMin: [8 * 60 + 30, 19 * 60], forS: 20 };
    case "cycle":
      return { by, fromMin: 0, untilMin: 24 * 60, onMin: 30, everyMin: 90 };
    case "warmth":
      return heldWarm(kind, animal);
    case "damp":
      return heldDamp(animal.humidityRh);
  }
}
