import type { Range } from "../catalog";
import { warmsShare, type Sizing } from "../climate";
import { fixtureOf, hoursOn, inUse, wattsOf, type Fitted } from "../gear";
import type { Shell } from "../habitat";

const DAYS_A_MONTH = 30.4;
const HOURS_A_DAY = 24;

/** Heat the thermostats call for, as a share of what their heaters could give. */
function calledFor(all: readonly Fitted[], shell: Shell, surfaceAt: Surface, sizing: Sizing): Range {
  const free = all.filter(({ piece }) => piece.run.by === "warmth");
  const most = free.reduce((sum, one) => sum + wattsOf(one) * warmsShare(fixtureOf(one, shell, surfaceAt))[1], 0);
  if (most <= 0) return [0, 0];
  const share = (watts: number) => Math.min(1, watts / most);
  const [day, night] = [sizing.day.heatW, sizing.night.heatW];
  return [Math.min(share(day[0]), share(night[0])), Math.max(share(day[1]), share(night[1]))];
}

type Surface = (xCm: number, yCm: number) => number;

/**
 * Electricity each piece draws in a month of thirty days and a bit, kWh: by its watts and its hours, and of what a
 * thermostat holds, by the heat that is called for.
 *
 * @example energyOf(all, shell, surfaceAt, sizing, "2026-01-10").get("lamp") // [18.2, 18.2]
 */
export function energyOf(
  all: readonly Fitted[],
  shell: Shell,
  surfaceAt: Surface,
  sizing: Sizing,
  on: string,
): ReadonlyMap<string, Range> {
  const called = calledFor(all, shell, surfaceAt, sizing);
  return new Map(
    all.map((one) => {
      const hours = inUse(one.piece, on) ? hoursOn(one.piece.run, on) : 0;
      const kWh = (wattsOf(one) * Math.min(HOURS_A_DAY, hours) * DAYS_A_MONTH) / 1000;
      const held = one.piece.run.by === "warmth";
      return [one.piece.id, held ? [kWh * called[0], kWh * called[1]] : [kWh, kWh]] as const;
    }),
  );
}

/** All of it together. */
export const energyTotal = (each: ReadonlyMap<string, Range>): Range =>
  [...each.values()].reduce<Range>((sum, [low, high]) => [sum[0] + low, sum[1] + high], [0, 0]);
