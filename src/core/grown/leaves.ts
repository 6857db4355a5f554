import type { Plant, Range } from "../catalog";

/** Kinds of leaf as they lose water. */
type LeafKind = "thin" | "leathery" | "succulent" | "mat" | "floating";

/**
 * What leaves let through, as resistance of pores and skin together, s/m of one side: healthy, watered, by day in light,
 * by night in the dark; and how much leaf stands over the ground a grown plant covers. From memory, by kind: right
 * within a factor of two. Succulents shut by day (crassulacean acid metabolism).
 */
type LeafFigures = { day: Range; night: Range; areaIndex: number };
const LEAVES: Record<LeafKind, LeafFigures> = {
  thin: { day: [350, 800], night: [1500, 4500], areaIndex: 2.2 },
  leathery: { day: [700, 1800], night: [4000, 10000], areaIndex: 2.2 },
  succulent: { day: [6000, 20000], night: [900, 3000], areaIndex: 2 },
  mat: { day: [0, 150], night: [0, 150], areaIndex: 1.2 },
  floating: { day: [90, 375], night: [275, 1350], areaIndex: 1 },
};

const MATS: readonly Plant["kind"][] = ["moss", "liverwort"];
const STORES: readonly Plant["kind"][] = ["succulent", "airPlant", "bromeliad"];
const FIRM: readonly Plant["kind"][] = ["orchid", "palm"];
const FIRM_ROOTS: readonly Plant["roots"][] = ["epiphyte", "dryBetween"];

/** The kind of leaf, by the kind of plant and what its roots want; nothing where it lives under water. */
function leafKindOf({ kind, roots }: Pick<Plant, "kind" | "roots">): LeafKind | undefined {
  if (roots === "submerged") return undefined;
  if (roots === "floating") return "floating";
  if (MATS.includes(kind)) return "mat";
  if (STORES.includes(kind) || roots === "desert") return "succulent";
  return FIRM.includes(kind) || FIRM_ROOTS.includes(roots) ? "leathery" : "thin";
}

/** Figures of a plant's leaves: see {@link leafKindOf}. */
export function leavesOf(plant: Pick<Plant, "kind" | "roots">): LeafFigures | undefined {
  const kind = leafKindOf(plant);
  return kind && LEAVES[kind];
}
