import type { Brick, Ingredient, Matter } from "../../ingredientSchema";
import { memory, practice, type Provenance } from "../../provenance";

type Shape = Ingredient["look"]["texture"];

/** One ingredient as it is written down: porosity and water in per cent of volume, wet to dry. */
export type Row = {
  id: string;
  matter: Matter;
  look: [texture: Shape, color: string];
  looseKgPerL: number;
  /** All pores, held at 1 kPa, at 5 kPa, when plants wilt, and as bought. */
  pores: [total: number, at1kPa: number, at5kPa: number, wilting: number, airDry: number];
  settlesPct: number;
  pieces: [grainMm: number, betweenPct: number];
  percolation: Ingredient["percolation"];
  acid: [pH: number, bufferMmolPerL: number];
  feeds: [nutrients: number, saltMsPerCm: number, crewFood: number];
  cohesionKPa: number;
  halvesInMonths: number | null;
  dust: number;
  soldAs?: Ingredient["soldAs"];
  brick?: Brick;
  unsafeToDig?: true;
  skin?: Ingredient["amphibianSkin"];
  cautions?: Ingredient["cautions"];
  fieldFrom?: Record<string, Provenance>;
};

/** Fibres, flakes and clay hold one another; round grains roll. */
const REPOSE_DEG: Record<Shape, number> = { fibre: 50, moss: 55, flake: 42, leaf: 40, crumb: 42, chip: 40, grain: 34, pebble: 35, mesh: 45 };

const recalled = (note: string): Provenance => ({ ...memory, note });
const potMedia = recalled("order of size of pot-media figures, recalled; check against porometer literature");
const RECALLED: Record<string, Provenance> = {
  settlesPct: { ...practice, note: "buy 10 to 25 % more than the geometry says, by material" },
  reposeDeg: recalled("by the shape of its pieces, moist and lightly pressed; recalled order of size"),
  grainMm: recalled("usual size of its pieces, recalled; sieve to check"),
  betweenPct: recalled("usual gaps of poured pieces, recalled; fill with water to check"),
  wiltingPct: recalled("order of size, recalled; pot media are seldom measured so dry"),
  bufferMmolPerL: recalled("order of size from exchange capacities, recalled"),
  cohesionKPa: recalled("moist and pressed by hand, order of size; dig a test tunnel to check"),
  halvesInMonths: recalled("in a warm moist box with a crew, order of size; it goes faster wet and slower dry"),
  nutrients: recalled("from nothing, 0, to very rich, 5"),
  crewFood: recalled("from nothing, 0, to what they live on, 5"),
  dust: recalled("from none, 0, to a mask whenever it is poured, 5"),
};

/** Fills a row up to an entry: what follows from its shape, and where each figure comes from. */
export function ingredient({ id, matter, look, pores, pieces, acid, feeds, soldAs, unsafeToDig, skin, cautions, fieldFrom, brick, halvesInMonths, ...row }: Row): Ingredient {
  const [totalPorosityPct, waterHeldPct, heldAt5kPaPct, wiltingPct, airDryWaterPct] = pores;
  const { halvesInMonths: rots, ...always } = RECALLED;
  return {
    ...row, id, matter, look: { texture: look[0], color: look[1] },
    totalPorosityPct, waterHeldPct, heldAt5kPaPct, wiltingPct, airDryWaterPct,
    grainMm: pieces[0], betweenPct: pieces[1], reposeDeg: REPOSE_DEG[look[0]],
    pH: acid[0], bufferMmolPerL: acid[1], nutrients: feeds[0], saltMsPerCm: feeds[1], crewFood: feeds[2],
    halvesInMonths, soldAs: soldAs ?? "bag", ...(brick ? { brick } : {}), peat: matter === "peat",
    safeToDig: !unsafeToDig, amphibianSkin: skin ?? "fine", cautions: [...(cautions ?? []), ...(skin === "never" ? (["notForAmphibians"] as const) : []), ...(unsafeToDig ? (["notToDigIn"] as const) : [])],
    from: potMedia, fieldFrom: { ...always, ...(halvesInMonths !== null && rots ? { halvesInMonths: rots } : {}), ...fieldFrom },
  };
}
