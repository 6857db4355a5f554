import { memory, practice } from "../provenance";
import type { Ingredient } from "../schema";

const potMedia = { ...memory, note: "order of size of pot-media figures, recalled; check against porometer literature" };
const allowance = { settlesPct: { ...practice, note: "buy 10 to 25 % more than the geometry says, by material" } };

type Row = [
  id: string, texture: Ingredient["look"]["texture"], color: string, looseKgPerL: number,
  pores: [totalPct: number, heldPct: number, airDryPct: number], settlesPct: number, cautions?: Ingredient["cautions"],
];

const ROWS: readonly Row[] = [
  ["coir", "fibre", "#7a5638", 0.09, [94, 66, 2], 20],
  ["peat", "fibre", "#4a3524", 0.12, [93, 68, 5], 20, ["dust"]],
  ["fineBark", "flake", "#8b5e3c", 0.22, [82, 38, 4], 12],
  ["eucalyptBark", "flake", "#9c6a48", 0.21, [80, 32, 4], 12],
  ["treeFernFibre", "fibre", "#5d4630", 0.11, [90, 34, 2], 12],
  ["sphagnum", "moss", "#a9a36a", 0.03, [96, 60, 1], 25, ["dust"]],
  ["charcoal", "chip", "#343536", 0.25, [78, 28, 2], 10, ["dust"]],
  ["topsoil", "crumb", "#4d3a2a", 0.95, [58, 40, 8], 18, ["handWashing"]],
  ["playSand", "grain", "#d9c28a", 1.5, [42, 26, 1], 10, ["dust", "weight"]],
  ["redSand", "grain", "#b9683f", 1.5, [42, 24, 1], 10, ["dust", "weight"]],
  ["decomposedGranite", "grain", "#b7a48c", 1.45, [42, 24, 1], 10, ["dust", "weight"]],
  ["clayPowder", "crumb", "#b08a63", 0.9, [60, 48, 4], 25, ["dust"]],
  ["crushedLeaf", "leaf", "#b07b3c", 0.08, [92, 34, 2], 25],
  ["wormCastings", "crumb", "#3f3226", 0.6, [70, 52, 15], 18, ["handWashing"]],
  ["compost", "crumb", "#4b3b29", 0.5, [74, 50, 15], 18, ["handWashing"]],
  ["pumice", "pebble", "#c9c4bb", 0.45, [72, 30, 1], 10, ["dust"]],
  ["perlite", "pebble", "#e6e4de", 0.1, [86, 30, 0], 10, ["dust"]],
  ["lavaGrit", "pebble", "#7a4436", 0.8, [62, 20, 1], 10, ["dust"]],
  ["rottenWood", "chip", "#9a7b52", 0.18, [84, 48, 6], 20],
];

/** Fibres, flakes and clay hold one another; round grains roll. */
const REPOSE_DEG: Record<Ingredient["look"]["texture"], number> = {
  fibre: 50, moss: 55, flake: 42, leaf: 40, crumb: 42, chip: 40, grain: 34, pebble: 35, mesh: 45,
};
const reposeRecalled = { ...memory, note: "by the shape of its pieces, moist and lightly pressed; recalled order of size" };

/** Size of the pieces, mm, and gaps between them when poured, %. */
const PIECES: Record<string, readonly [grainMm: number, betweenPct: number]> = {
  coir: [1.5, 48], peat: [1.5, 48], fineBark: [8, 48], eucalyptBark: [8, 48], treeFernFibre: [10, 58], sphagnum: [18, 62], charcoal: [7, 48], topsoil: [1, 42],
  playSand: [0.4, 42], redSand: [0.3, 42], decomposedGranite: [2, 41], clayPowder: [0.02, 55], crushedLeaf: [12, 62], wormCastings: [1.2, 46], compost: [3, 46],
  pumice: [8, 45], perlite: [4, 45], lavaGrit: [8, 46], rottenWood: [12, 52],
};
function piecesOf(id: string): { grainMm: number; betweenPct: number } {
  const pieces = PIECES[id];
  if (!pieces) throw new RangeError(`${id}: no size of pieces`);
  return { grainMm: pieces[0], betweenPct: pieces[1] };
}
const piecesRecalled = { ...memory, note: "usual size and gaps of poured pieces, recalled; sieve and fill with water to check" };

/** What soils are mixed from. Porosity and water as per cent of volume; mass as kg for an air-dry loose litre. */
export const ingredients: readonly Ingredient[] = ROWS.map(([id, texture, color, looseKgPerL, pores, settlesPct, cautions]) => ({
  id, look: { texture, color }, looseKgPerL,
  totalPorosityPct: pores[0], waterHeldPct: pores[1], airDryWaterPct: pores[2], settlesPct,
  ...piecesOf(id), reposeDeg: REPOSE_DEG[texture], peat: id === "peat", cautions: cautions ?? [], from: potMedia, fieldFrom: { ...allowance, reposeDeg: reposeRecalled, grainMm: piecesRecalled, betweenPct: piecesRecalled },
}));
