import { schedule } from "../build";
import type { Derived } from "../derive";
import { NOTHING_HAPPENED } from "../log";
import { isOpen, type Weight } from "../findings";
import { needs, unitPrice, type Bins } from "../supply";
import { daysBetween } from "../units";

/** What follows from a design, in base units. */
export const FOLLOWS = [
  "soilL",
  "drainageL",
  "dressingL",
  "dryKg",
  "wetKg",
  "floodedKg",
  "price",
  "days",
  "harm",
  "look",
  "opinion",
] as const;
export type Follows = Record<(typeof FOLLOWS)[number], number> & {
  /** How many of the things wanted have no price told. */
  unpriced: number;
};

const KIND_OF = { soilL: "soil", drainageL: "drainage", dressingL: "dressing" } as const;

/**
 * What follows from a design: litres as they are poured, masses, the price of all of it at the cheapest a unit, days
 * from the first to the animal's coming, and what is found.
 *
 * @param today calendar day, ISO 8601
 * @example follows(derived, bins, "2026-03-02").soilL // 30.6
 */
export function follows(derived: Derived, bins: Bins, today: string): Follows {
  const { ground, load, findings, habitat } = derived;
  const litres = (kind: string) =>
    ground.levels.reduce((sum, level) => sum + (level.kind === kind ? level.looseL : 0), 0);
  const priced = needs(derived).map((need) => unitPrice(need, bins));
  const moveIn = schedule(derived, NOTHING_HAPPENED, habitat.build.startOn).at(-1);
  const count = (weight: Weight) =>
    findings.filter((finding) => finding.weight === weight && isOpen(finding, today)).length;
  return {
    soilL: litres(KIND_OF.soilL),
    drainageL: litres(KIND_OF.drainageL),
    dressingL: litres(KIND_OF.dressingL),
    dryKg: load.dryKg,
    wetKg: load.wetKg,
    floodedKg: load.floodedKg,
    price: priced.reduce<number>((sum, price) => sum + (price ?? 0), 0),
    unpriced: priced.filter((price) => price === undefined).length,
    days: moveIn ? daysBetween(habitat.build.startOn, moveIn.startOn) : 0,
    harm: count("harm"),
    look: count("look"),
    opinion: count("opinion"),
  };
}
