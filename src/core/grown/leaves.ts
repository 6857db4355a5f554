import type { Plant, Range } from "../catalog";
import { middle } from "../range";

type LeafKind = NonNullable<Plant["leaves"]>["kind"];

/**
 * What leaves let through, as resistance of pores and skin together, s/m of one side: healthy, watered, by day in light,
 * by night in the dark; and how much leaf stands over the ground a grown plant covers.
 */
export type LeafFigures = { day: Range; night: Range; areaIndex: number };

/**
 * By kind of leaf, for entries that tell nothing of theirs: a builder's own. From memory, right within a factor of two.
 * Succulents shut by day (crassulacean acid metabolism).
 */
const USUAL: Record<LeafKind, LeafFigures> = {
  thin: { day: [350, 800], night: [1500, 4500], areaIndex: 2.2 },
  leathery: { day: [700, 1800], night: [4000, 10000], areaIndex: 2.2 },
  succulent: { day: [6000, 20000], night: [900, 3000], areaIndex: 2 },
  scale: { day: [3000, 12000], night: [900, 3000], areaIndex: 1.5 },
  moss: { day: [0, 150], night: [0, 150], areaIndex: 1.2 },
  water: { day: [90, 375], night: [275, 1350], areaIndex: 1 },
};

const MATS: readonly Plant["kind"][] = ["moss", "liverwort"];
const STORES: readonly Plant["kind"][] = ["succulent", "airPlant", "bromeliad"];
const FIRM: readonly Plant["kind"][] = ["orchid", "palm"];
const FIRM_ROOTS: readonly Plant["roots"][] = ["epiphyte", "dryBetween"];

/** The kind of leaf, by the kind of plant and what its roots want. */
function guessedKind({ kind, roots }: Pick<Plant, "kind" | "roots">): LeafKind {
  if (roots === "floating") return "water";
  if (MATS.includes(kind)) return "moss";
  if (STORES.includes(kind) || roots === "desert") return "succulent";
  return FIRM.includes(kind) || FIRM_ROOTS.includes(roots) ? "leathery" : "thin";
}

/**
 * What a plant's leaves let through; nothing where it lives wholly under water.
 *
 * @example leavesOf(library.get("plants", "nervePlant"))?.day // [350, 800]
 */
export function leavesOf(plant: Pick<Plant, "kind" | "roots" | "leaves">): LeafFigures | undefined {
  const { roots, leaves } = plant;
  if (roots === "submerged") return undefined;
  if (!leaves) return USUAL[guessedKind(plant)];
  const { dayResistance: day, nightResistance: night, areaIndex } = leaves;
  return day && night ? { day, night, areaIndex: middle(areaIndex) } : undefined;
}
