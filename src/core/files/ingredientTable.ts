import {
  CONDUCTIVITIES,
  MATTERS,
  PEAT_ANSWERS,
  SKIN_ANSWERS,
  SOLD_AS,
  SWELLINGS,
  TEXTURES,
  WETTINGS,
  type OwnIngredient,
} from "../catalog";
import { ingredientNow } from "../own";

/** The columns a table of ingredients has, words and figures, and the entry a row of them is. */
export type TableShape = {
  words: readonly string[];
  figures: readonly string[];
  /** A figure that may be left empty: what does not rot never halves. */
  mayBeEmpty: readonly string[];
  entryOf: (words: Record<string, string>, figures: Record<string, number | null>) => object;
};

/** What may stand in a column of words; any text where nothing is told. */
export const ANSWERS: Readonly<Record<string, readonly string[]>> = {
  matter: MATTERS,
  texture: TEXTURES,
  conductivity: CONDUCTIVITIES,
  percolation: CONDUCTIVITIES,
  swells: SWELLINGS,
  peat: PEAT_ANSWERS,
  wets: WETTINGS,
  soldAs: SOLD_AS.filter((sold) => sold !== "brick"),
  safeToDig: ["yes", "no"],
  amphibianSkin: SKIN_ANSWERS,
};

const FROM_A_TABLE = { kind: "memory", note: "brought in from a table" };

/** The table as it is printed today. */
export const TODAY: TableShape = {
  words: [
    ...["name", "matter", "texture", "color", "conductivity", "swells", "peat", "wets", "soldAs", "safeToDig"],
    "amphibianSkin",
  ],
  figures: [
    ...["pouredKgPerL", "settlesPct", "totalPorosityPct", "at1kPaPct", "at5kPaPct", "at10kPaPct", "wiltingPct"],
    ...["airDryPct", "closedPoresPct", "medianMm", "geometricDeviation", "betweenPct", "springiness", "reposeDeg"],
    ...["pH", "bufferMmolPerL", "freeLimePct", "nutrients", "saltMsPerCm", "cohesionKPa", "halvesInMonths"],
    ...["crewFood", "dust"],
  ],
  mayBeEmpty: ["halvesInMonths"],
  entryOf: ({ texture, color, safeToDig, conductivity, ...words }, figures) => {
    const { totalPorosityPct, at1kPaPct, at5kPaPct, at10kPaPct, wiltingPct, airDryPct, ...others } = figures;
    const { medianMm, geometricDeviation, ...plain } = others;
    const kgPerL = Number(plain.pouredKgPerL) / (1 - Number(plain.settlesPct) / 100);
    return {
      ...words,
      ...plain,
      laid: { kgPerL, totalPorosityPct, at1kPaPct, at5kPaPct, at10kPaPct, wiltingPct, airDryPct, conductivity },
      sizes: { medianMm, geometricDeviation },
      look: { texture, color },
      safeToDig: safeToDig === "yes",
      cautions: [],
      from: FROM_A_TABLE,
    };
  },
};

/** The table as it was printed before an ingredient was told as it lies. */
export const BEFORE: TableShape = {
  words: ["name", "matter", "texture", "color", "percolation", "soldAs", "safeToDig", "amphibianSkin"],
  figures: [
    ...["looseKgPerL", "totalPorosityPct", "waterHeldPct", "heldAt5kPaPct", "wiltingPct", "airDryWaterPct"],
    ...["settlesPct", "grainMm", "betweenPct", "reposeDeg", "pH", "bufferMmolPerL", "nutrients", "saltMsPerCm"],
    ...["cohesionKPa", "halvesInMonths", "crewFood", "dust"],
  ],
  mayBeEmpty: ["halvesInMonths"],
  entryOf: ({ texture, color, safeToDig, ...words }, figures) =>
    ingredientNow({
      ...words,
      ...figures,
      look: { texture, color },
      safeToDig: safeToDig === "yes",
      peat: words.matter === "peat",
      cautions: [],
      from: FROM_A_TABLE,
    }),
};

/** An ingredient as a row of today's table. */
export function cellsOf(item: OwnIngredient): (string | number)[] {
  const { laid, sizes, look } = item;
  const plain: Record<string, unknown> = { ...item, ...laid, ...sizes, ...look };
  const words = {
    ...plain,
    soldAs: item.soldAs === "brick" ? "bag" : item.soldAs,
    safeToDig: item.safeToDig ? "yes" : "no",
  } as Record<string, unknown>;
  return [...TODAY.words, ...TODAY.figures].map((column) => (words[column] ?? "") as string | number);
}
