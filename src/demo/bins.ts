import { STOCK } from "@/core/library";
import {
  EMPTY_BINS,
  unitOf,
  withPack,
  withStock,
  type Amount,
  type Bins,
  type Buyable,
  type Pack,
} from "@/core/supply";

const amountOf = (shelf: Buyable, itemId: string, value: number): Amount => {
  const kind = unitOf(shelf, itemId, STOCK);
  if (kind === "loose") return { kind, looseL: value };
  return kind === "length" ? { kind, lengthCm: value } : { kind: "pieces", count: value };
};

type PackRow = [shelf: Buyable, itemId: string, form: Pack["form"], holds: number, price: number];

/** Made-up packs and prices. A brick of coir gives 7 to 9 L (common practice); 8 here. */
const PACKS: readonly PackRow[] = [
  ["drainageMedia", "clayPebbles", "bag", 10, 7.5],
  ["drainageMedia", "clayPebbles", "bag", 25, 15.9],
  ["drainageMedia", "lavaRock", "bag", 8, 6.2],
  ["drainageMedia", "pumiceGravel", "bag", 20, 17],
  ["ingredients", "coir", "brick", 8, 3.9],
  ["ingredients", "coir", "bale", 60, 21],
  ["ingredients", "fineBark", "bag", 10, 8.4],
  ["ingredients", "treeFernFibre", "bag", 8, 12.5],
  ["ingredients", "sphagnum", "bag", 5, 9.8],
  ["ingredients", "charcoal", "bag", 4, 6.9],
  ["ingredients", "peat", "bag", 20, 6.5],
  ["ingredients", "playSand", "bag", 13, 4.2],
  ["ingredients", "redSand", "bag", 16, 18],
  ["ingredients", "redSand", "bag", 4, 6],
  ["ingredients", "decomposedGranite", "bag", 15, 9],
  ["ingredients", "eucalyptBark", "bag", 10, 7.8],
  ["ingredients", "topsoil", "bag", 25, 4.9],
  ["ingredients", "clayPowder", "bag", 5, 7.2],
  ["ingredients", "crushedLeaf", "bag", 6, 5.5],
  ["dressings", "oakLitter", "bag", 12, 7.9],
  ["dressings", "magnoliaLitter", "bag", 10, 8.9],
  ["dressings", "sheetMoss", "bag", 5, 9.5],
  ["dressings", "stoneChips", "bag", 8, 7.4],
  ["supplies", "foamCan", "can", 1, 9.9],
  ["supplies", "siliconeCartridge", "piece", 1, 6.5],
  ["supplies", "legPipe", "piece", 200, 3.6],
  ["supplies", "wallPaint", "can", 0.75, 12],
  ["supplies", "cementPaint", "bag", 5, 19],
  ["plants", "creepingFig", "piece", 1, 4.5],
  ["plants", "goldenPothos", "piece", 1, 3.9],
  ["plants", "nervePlant", "piece", 1, 3.5],
  ["plants", "rabbitFootFern", "piece", 1, 7.9],
  ["plants", "windowLeaf", "piece", 1, 9.5],
  ["plants", "dwarfPeaceLily", "piece", 1, 5.9],
  ["plants", "fireballBromeliad", "piece", 1, 8.5],
  ["plants", "babyRubberPlant", "piece", 1, 4.9],
  ["plants", "castIronPlant", "piece", 1, 14],
  ["plants", "shingleVine", "piece", 1, 12],
  ["plants", "snakePlant", "piece", 1, 6.5],
  ["plants", "zebraHaworthia", "piece", 1, 3.9],
  ["pieceKinds", "corkFlat", "piece", 1, 11],
  ["pieceKinds", "corkTube", "piece", 1, 19],
  ["pieceKinds", "pumpColumn", "piece", 1, 8],
  ["pieceKinds", "log", "piece", 1, 14],
  ["pieceKinds", "humidHide", "piece", 1, 9],
  ["pieceKinds", "dryHide", "piece", 1, 12],
  ["pieceKinds", "waterBowl", "piece", 1, 10],
  ["pieceKinds", "slabStack", "piece", 1, 35],
  ["pieceKinds", "branch", "piece", 1, 16],
  ["pieceKinds", "ledge", "piece", 1, 12],
];

/** In stock, in each thing's own unit. */
const STOCKED: readonly [Buyable, string, number][] = [
  ["drainageMedia", "clayPebbles", 6],
  ["ingredients", "coir", 34],
  ["ingredients", "charcoal", 4],
  ["ingredients", "playSand", 14],
  ["ingredients", "fineBark", 18],
  ["ingredients", "sphagnum", 9],
  ["ingredients", "pumice", 5],
  ["ingredients", "crushedLeaf", 20],
  ["ingredients", "peat", 11],
  ["ingredients", "perlite", 8],
  ["ingredients", "topsoil", 25],
  ["ingredients", "readyForest", 8],
  ["dressings", "oakLitter", 5],
  ["supplies", "siliconeCartridge", 1],
  ["supplies", "legPipe", 60],
];

/** The demo's bins: a scenario of our own, every price made up. @example demoBins().currency // "EUR" */
export function demoBins(): Bins {
  const stocked = STOCKED.reduce(
    (bins, [shelf, itemId, value], at) =>
      withStock(bins, { id: `s${at}`, shelf, itemId, amount: amountOf(shelf, itemId, value) }, STOCK),
    EMPTY_BINS,
  );
  const packed = PACKS.reduce(
    (bins, [shelf, itemId, form, holds, price], at) =>
      withPack(bins, { id: `p${at}`, shelf, itemId, form, holds: amountOf(shelf, itemId, holds), price }, STOCK),
    stocked,
  );
  const sheet = (
    id: string,
    shelf: Buyable,
    itemId: string,
    widthCm: number,
    depthCm: number,
    price: number,
  ): Pack => ({ id, shelf, itemId, form: "roll", holds: { kind: "sheet", widthCm, depthCm }, price });
  return [
    sheet("r1", "barriers", "insectScreen", 120, 220, 11.5),
    sheet("r2", "falseBottoms", "diffuserGrid", 60, 120, 18),
    sheet("r3", "supplies", "corkSheet", 60, 90, 24),
  ].reduce((bins, pack) => withPack(bins, pack, STOCK), packed);
}
