import type { Library } from "../library";
import { CONDUCTIVITIES, rule, type Ingredient, type LaidLitre } from "../catalog";
import type { Mix } from "../habitat";
import { limedPh } from "./lime";
import { lostInMixing } from "./packing";
import { heldIn } from "./retention";

/** Where the figures of an ingredient are looked up. */
export type Pantry = (id: string) => Ingredient;
/** The ingredients of a library. @example pantryOf(library)("coir").matter // "coir" */
export const pantryOf =
  (library: Library): Pantry =>
  (id) =>
    library.get("ingredients", id);

export type Parts = Mix["parts"];

/** One ingredient's share of a mix by poured volume, 0 to 1. */
export type Share = { ingredientId: string; parts: number; share: number };

/** An ingredient and its share by poured volume. */
type Portion = { item: Ingredient; share: number };

/** Litres an ingredient would take by itself for each laid litre of the mix, and how it holds water. */
type Holding = { laid: LaidLitre; litres: number };

/**
 * What a mix is, told for a litre as it lies: pressed lightly and watered once. Percentages are of volume; levels go
 * from 0 to 5. What it holds hangs on how deep it lies: see {@link heldPct}.
 */
export type Blend = {
  /** Dry matter of a litre as it lies, and of a litre as it is poured once mixed. */
  kgPerL: number;
  pouredKgPerL: number;
  totalPorosityPct: number;
  /** Held at 1 kPa, and given up between 1 and 5 kPa. */
  at1kPaPct: number;
  easyWaterPct: number;
  airDryPct: number;
  /** By how much the poured mix sinks until it lies. */
  settlesPct: number;
  /** Place among the classes of saturated conductivity, 0 very low to 5 very high. */
  conductivity: number;
  pH: number;
  /** Lime that may yet dissolve, per cent of the dry mass. */
  freeLimePct: number;
  nutrients: number;
  saltMsPerCm: number;
  cohesionKPa: number;
  crewFood: number;
  dust: number;
  /** What rots of its volume in the first year. */
  rotsPctAYear: number;
  /** Months until half of it has gone; null when it never comes to that. */
  halvesInMonths: number | null;
  /** What is peat, what may hold some, and what swells when wet, per cent of what is measured out. */
  peatPct: number;
  maybePeatPct: number;
  swellingPct: number;
  /** Poured volume lost in mixing, per cent of what was measured out. */
  lostPct: number;
  holds: readonly Holding[];
};

/** What the parts add up to as they are told. @example toldTotal(mix.parts) // 110 for 70, 30 and 10 */
export const toldTotal = (parts: Parts): number => parts.reduce((sum, part) => sum + part.parts, 0);

/**
 * Parts as shares of the whole, whatever they add up to. An empty mix has no shares.
 *
 * @example normalise([{ ingredientId: "topsoil", parts: 70 }, …30, …10]).map((s) => s.share) // [0.636, 0.273, 0.091]
 */
export function normalise(parts: Parts): Share[] {
  const total = toldTotal(parts);
  return total > 0 ? parts.map((part) => ({ ...part, share: part.parts / total })) : [];
}

const MONTHS_A_YEAR = 12;

/**
 * Share of an ingredient that is left after so many months: it halves again and again.
 *
 * @example leftAfter(coir, 48) // 0.5
 */
export const leftAfter = ({ halvesInMonths }: Pick<Ingredient, "halvesInMonths">, months: number): number =>
  halvesInMonths === null ? 1 : 0.5 ** (months / halvesInMonths);

const MOST_MONTHS = 1200;
const HALVINGS = 40;
const HAIR = 1e-9;

/** Months until half the volume is left: each part rots at its own pace. */
function halvesIn(portions: readonly Portion[]): number | null {
  const left = (months: number) => portions.reduce((sum, { share, item }) => sum + share * leftAfter(item, months), 0);
  if (left(MOST_MONTHS) > 0.5 - HAIR) return null;
  let [low, high] = [0, MOST_MONTHS];
  for (let step = 0; step < HALVINGS; step += 1) {
    const middle = (low + high) / 2;
    if (left(middle) > 0.5) low = middle;
    else high = middle;
  }
  return high;
}

/** Pieces finer than this cling together as crumbs of about its size. */
const CRUMB_MM = 0.05;

/** Surface of an ingredient's pieces in a poured litre, on a scale of its own: water meets surfaces, not volumes. */
export const surfaceOf = ({ betweenPct, sizes }: Pick<Ingredient, "betweenPct" | "sizes">): number =>
  (1 - betweenPct / 100) / Math.max(CRUMB_MM, sizes.medianMm);

export const conductivityOf = (item: Ingredient): number => CONDUCTIVITIES.indexOf(item.laid.conductivity);
export const rotsPctAYear = (item: Ingredient): number => (1 - leftAfter(item, MONTHS_A_YEAR)) * 100;

/** From this share of swelling clay on, a mix seals: it is told no higher than the second lowest class. */
export const SEALS_FROM_PCT = 5;
const SEALED = 1;

/**
 * How fast water runs through: classes are powers of ten, so their mean, each part weighing by the surface of its
 * pieces.
 */
function conductivityOfMix(portions: readonly Portion[], swelling: number): number {
  const surface = portions.reduce((sum, { item, share }) => sum + share * surfaceOf(item), 0);
  const weighed = portions.reduce((sum, { item, share }) => sum + share * surfaceOf(item) * conductivityOf(item), 0);
  const mean = weighed / surface;
  return swelling * 100 >= SEALS_FROM_PCT ? Math.min(mean, SEALED) : mean;
}

/**
 * How far measured parts sink until they lie: first what is lost as fines fall into gaps, then each part's own settling,
 * as far as mixing has left it air to settle into.
 *
 * @returns shares of the volume measured out
 */
function sinking(portions: readonly Portion[]): { lost: number; settled: number } {
  const lost = lostInMixing(portions);
  const gaps = portions.reduce((sum, { item, share }) => sum + (share * item.betweenPct) / 100, 0);
  const alone = portions.reduce((sum, { item, share }) => sum + (share * item.settlesPct) / 100, 0);
  return { lost, settled: (alone * (gaps - lost)) / gaps };
}

/**
 * The properties of a mix as it lies. Parts are measured out poured; solids, water held and salts are kept, the volume
 * that mixing and settling take is air. Conductivity by its classes, each part weighing by the surface of its pieces.
 * pH by what each part holds against change, then by what lime there is.
 *
 * @returns undefined for an empty mix
 * @throws RangeError when an ingredient is not in the pantry
 * @example blend([{ ingredientId: "coir", parts: 1 }], pantry)?.at1kPaPct // 66
 */
export function blend(parts: Parts, pantry: Pantry): Blend | undefined {
  const portions = normalise(parts).map(({ ingredientId, share }) => ({ item: pantry(ingredientId), share }));
  if (portions.length === 0) return undefined;
  const mean = (pick: (ingredient: Ingredient) => number) =>
    portions.reduce((sum, { item, share }) => sum + share * pick(item), 0);

  const { lost, settled } = sinking(portions);
  const poured = 1 - lost;
  const lies = poured - settled;
  const holds = portions.map(({ item, share }) => ({
    laid: item.laid,
    litres: (share * (1 - item.settlesPct / 100)) / lies,
  }));
  const ofLaid = (pick: (laid: LaidLitre) => number) =>
    holds.reduce((sum, { laid, litres }) => sum + litres * pick(laid), 0);

  const dryKg = mean((i) => i.pouredKgPerL);
  const swelling = mean((i) => (i.swells === "strongly" ? 1 : 0));
  const bufferMmolPerL = mean((i) => i.bufferMmolPerL);
  const limeKg = mean((i) => (i.pouredKgPerL * i.freeLimePct) / 100);
  return {
    kgPerL: dryKg / lies,
    pouredKgPerL: dryKg / poured,
    totalPorosityPct: 100 - ofLaid((laid) => 100 - laid.totalPorosityPct),
    at1kPaPct: ofLaid((laid) => laid.at1kPaPct),
    easyWaterPct: ofLaid((laid) => laid.at1kPaPct - laid.at5kPaPct),
    airDryPct: ofLaid((laid) => laid.airDryPct),
    settlesPct: (settled / poured) * 100,
    conductivity: conductivityOfMix(portions, swelling),
    pH: limedPh(mean((i) => i.bufferMmolPerL * i.pH) / bufferMmolPerL, { limeGPerL: limeKg * 1000, bufferMmolPerL }),
    freeLimePct: (limeKg / dryKg) * 100,
    nutrients: mean((i) => i.nutrients) / poured,
    saltMsPerCm: mean((i) => i.saltMsPerCm) / poured,
    cohesionKPa: mean((i) => i.cohesionKPa),
    crewFood: mean((i) => i.crewFood) / poured,
    dust: mean((i) => i.dust),
    rotsPctAYear: mean(rotsPctAYear),
    halvesInMonths: halvesIn(portions),
    peatPct: mean((i) => (i.peat === "yes" ? 100 : 0)),
    maybePeatPct: mean((i) => (i.peat === "maybe" ? 100 : 0)),
    swellingPct: swelling * 100,
    lostPct: lost * 100,
    holds,
  };
}

/** A part of a bed of soil: the height of its lower edge over the bed's foot, and its thickness, cm. */
export type Bed = { footCm: number; depthCm: number };

/** The gaps that fines fill are about a millimetre wide, and drain at this suction (Jurin: 0.3 cm² over the width). */
const GAPS_DRAIN_AT_CM = 3;

/** Share of a part of a bed in which gaps between coarse pieces would still be full. @example floodedShare({ footCm: 0, depthCm: 12 }) // 0.25 */
export const floodedShare = ({ footCm, depthCm }: Bed): number => {
  const flooded = Math.max(0, GAPS_DRAIN_AT_CM - footCm);
  return depthCm > 0 ? Math.min(1, flooded / depthCm) : Math.min(1, flooded);
};

/**
 * Water a mix holds where it lies once it has drained: what its parts would hold by themselves, less what would stand in
 * the gaps that mixing has taken. The deeper the bed, the less, as its foot carries the weight of the water over it.
 *
 * @returns per cent of the volume as it lies
 * @example heldPct(sandBed, { footCm: 0, depthCm: 7.5 }) > heldPct(sandBed, { footCm: 0, depthCm: 20 }) // true
 */
export function heldPct({ holds, totalPorosityPct }: Pick<Blend, "holds" | "totalPorosityPct">, bed: Bed): number {
  const [footCm, depthCm] = [tenth(bed.footCm), tenth(bed.depthCm)];
  const alone = holds.reduce((sum, { laid, litres }) => sum + litres * heldIn(laid, footCm, depthCm), 0);
  const taken = holds.reduce((sum, { litres }) => sum + litres, 0) - 1;
  return Math.min(totalPorosityPct, (alone - taken * floodedShare({ footCm, depthCm })) * 100);
}

/** Millimetres make no difference, and the same depth need not be worked out again. */
const tenth = (cm: number): number => Math.round(cm * 10) / 10;

/**
 * Litres of each ingredient to measure out for a poured volume of mix: more than the mix, by what is lost in mixing.
 *
 * @example litresFor(parts, 30)[0]?.litres
 */
export function litresFor(parts: Parts, looseL: number, pantry: Pantry): { ingredientId: string; litres: number }[] {
  const measured = looseL / (1 - (blend(parts, pantry)?.lostPct ?? 0) / 100);
  return normalise(parts).map(({ ingredientId, share }) => ({ ingredientId, litres: share * measured }));
}

/** Litres to pour for litres as they lie. @example pouredFor(20, 15) // 23.5 */
export const pouredFor = (volumeL: number, settlesPct: number): number => volumeL / (1 - settlesPct / 100);

/**
 * Water that brings air-dry mix to squeeze-ready: a squeezed handful keeps its shape and does not drip.
 *
 * @param volumeL litres of mix as it lies in the box
 * @returns litres of water, never below nothing
 */
export function firstWettingL(mixture: Pick<Blend, "at1kPaPct" | "airDryPct">, volumeL: number): number {
  const wantedPct = mixture.at1kPaPct * rule("squeezeReadyShare");
  return Math.max(0, ((wantedPct - mixture.airDryPct) / 100) * volumeL);
}
