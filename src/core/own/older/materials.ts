import { cautionsNow, numberOr, sourced, twice, without, type Plain } from "./plain";
import { under } from "../../under";

/** Settling was told as a share of the laid volume; it is one of the poured now. The amounts stay the same. */
const settlesNow = (pct: unknown): number => {
  const share = numberOr(pct, 0) / 100;
  return Math.round((share / (1 + share)) * 10_000) / 100;
};

const GRADED = 2;
const SPREADS: Record<string, number> = { sand: 1.4, peat: 2.5, coir: 2.5, soil: 2.5, compost: 2.5, ready: 2.5 };
/** How much of what grains lose in mixing each matter gives up: an opinion, as in the catalogue. */
const SPRINGS: Record<string, number> = {
  char: 0.9,
  bark: 0.85,
  wood: 0.75,
  peat: 0.75,
  coir: 0.65,
  compost: 0.75,
  fibre: 0.45,
  moss: 0.35,
  leaf: 0.35,
  ready: 0.75,
};
const LIME_PCT = 90;

/** Water between 5 kPa and wilting, a quarter of the way down. */
const at10kPa = (at5: number, wilting: number): number => at5 - (at5 - wilting) / 4;
const rounded = (value: number): number => Math.round(value * 10_000) / 10_000;

/** An ingredient as it was told before its litre was one that lies. */
export function ingredientNow(entry: Plain): Plain {
  const settlesPct = settlesNow(entry.settlesPct);
  const airDryPct = numberOr(entry.airDryWaterPct, 0);
  // The mass told was air-dry: its water is told apart now.
  const pouredKgPerL = Math.max(0.005, numberOr(entry.looseKgPerL, 0) - airDryPct / 100);
  const [at5kPaPct, wiltingPct] = [numberOr(entry.heldAt5kPaPct, 0), numberOr(entry.wiltingPct, 0)];
  const matter = String(entry.matter);
  return {
    ...without(
      entry,
      ...["looseKgPerL", "totalPorosityPct", "waterHeldPct", "heldAt5kPaPct", "wiltingPct", "airDryWaterPct"],
      ...["percolation", "grainMm"],
    ),
    pouredKgPerL: rounded(pouredKgPerL),
    settlesPct,
    laid: {
      kgPerL: rounded(pouredKgPerL / (1 - settlesPct / 100)),
      totalPorosityPct: entry.totalPorosityPct,
      at1kPaPct: entry.waterHeldPct,
      at5kPaPct,
      at10kPaPct: rounded(at10kPa(at5kPaPct, wiltingPct)),
      wiltingPct,
      airDryPct,
      conductivity: entry.percolation,
    },
    closedPoresPct: 0,
    sizes: { medianMm: entry.grainMm, geometricDeviation: SPREADS[matter] ?? GRADED },
    springiness: SPRINGS[matter] ?? 1,
    freeLimePct: matter === "lime" ? LIME_PCT : 0,
    swells: "no",
    peat: entry.peat === true ? "yes" : "no",
    wets: "easily",
    cautions: cautionsNow(entry.cautions),
    ...sourced(
      entry,
      {
        looseKgPerL: "pouredKgPerL",
        totalPorosityPct: "laid.totalPorosityPct",
        waterHeldPct: "laid.at1kPaPct",
        heldAt5kPaPct: "laid.at5kPaPct",
        wiltingPct: "laid.wiltingPct",
        airDryWaterPct: "laid.airDryPct",
        percolation: "laid.conductivity",
        grainMm: "sizes.medianMm",
      },
      ["laid.at10kPaPct", "sizes.geometricDeviation", "springiness", "closedPoresPct", "freeLimePct", "swells", "wets"],
    ),
  };
}

/** A drainage medium as it was told before it held a film of water. */
export const drainageNow = (entry: Plain): Plain => ({
  ...without(entry, "looseKgPerL"),
  kgPerL: entry.looseKgPerL,
  settlesPct: settlesNow(entry.settlesPct),
  waterHeldKgPerL: 0.05,
  grainMm: twice(entry.grainMm),
  closedPoresPct: 0,
  wicksInto: "slightly",
  pH: 7,
  cautions: cautionsNow(entry.cautions),
  ...sourced(entry, { looseKgPerL: "kgPerL" }, ["waterHeldKgPerL", "closedPoresPct", "wicksInto", "pH"]),
});

/** A dressing as it was told before it rotted and fed. */
export const dressingNow = (entry: Plain): Plain => ({
  ...without(entry, "looseKgPerL"),
  kgPerL: entry.looseKgPerL,
  rotsMonths: null,
  crewFood: 1,
  pH: 6.5,
  cautions: cautionsNow(entry.cautions),
  ...sourced(entry, { looseKgPerL: "kgPerL" }, ["rotsMonths", "crewFood", "pH"]),
});

/** Entries that have another id now. */
const RENAMED: Readonly<Record<string, string>> = { deepHeatProjector: "infraredHeaterWithoutLight" };
export const gearIdNow = (id: unknown): unknown => under(RENAMED, id) ?? id;

const HANGS: Record<string, string> = {
  dayHeat: "aboveMesh",
  nightHeat: "insideGuarded",
  uv: "insideTop",
  plantLight: "aboveMesh",
};

/** Gear as it was told before it had sizes and places. */
export const gearNow = (entry: Plain): Plain => ({
  ...entry,
  ...(entry.basedOn === undefined ? {} : { basedOn: gearIdNow(entry.basedOn) }),
  watts: entry.watts ?? null,
  sizes: [],
  reference: {},
  lifeHours: null,
  checkInMonths: null,
  control: [entry.control],
  neverWith: [],
  places: [under(HANGS, entry.purpose) ?? "outside"],
  cautions: cautionsNow(entry.cautions),
  ...sourced(entry, {}, ["places"]),
});
