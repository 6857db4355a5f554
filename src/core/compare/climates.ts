import type { Animal, Range } from "../catalog";
import { energyTotal, MEETS, meetsOf, sprayedL, type MeetsId, type Outlook, type Stand } from "../outlook";
import { middle } from "../range";

/** What no animal has a band for: changes of air an hour, W by day, litres of water sprayed a day, kWh a month. */
const WORKS = ["air", "heat", "sprayed", "energy"] as const;
export type ClimateId = MeetsId | (typeof WORKS)[number];

/** What comes of one habitat, and how it stands to what its animal wants. */
export type Comes = { got: Range; stand?: Stand };

/** One figure of two habitats: what comes of each, and by how much the middle of the second lies over the first. */
export type ClimateRow = { id: ClimateId; a: Comes | undefined; b: Comes | undefined; byMiddles: number | undefined };

type Climate = { outlook: Outlook; animal: Animal };

function comesOf({ outlook, animal }: Climate): ReadonlyMap<ClimateId, Comes> {
  const met = meetsOf(outlook, animal).map(({ id, got, stand }): [ClimateId, Comes] => [id, { got, stand }]);
  const { changesPerH, heatW } = outlook.sizing.day;
  return new Map<ClimateId, Comes>([
    ...met,
    ["air", { got: changesPerH }],
    ["heat", { got: heatW }],
    ["sprayed", { got: sprayedL(outlook) }],
    ["energy", { got: energyTotal(outlook.energyKWh) }],
  ]);
}

/**
 * What comes of two habitats on the same day, figure by figure; without those that neither has.
 *
 * @example climates(half, open).find(({ id }) => id === "humidity")?.byMiddles // -11.4, in points of humidity
 */
export function climates(one: Climate, other: Climate): ClimateRow[] {
  const [ofOne, ofOther] = [comesOf(one), comesOf(other)];
  return [...MEETS, ...WORKS].flatMap((id): ClimateRow[] => {
    const [a, b] = [ofOne.get(id), ofOther.get(id)];
    if (!a && !b) return [];
    return [{ id, a, b, byMiddles: a && b ? middle(b.got) - middle(a.got) : undefined }];
  });
}
