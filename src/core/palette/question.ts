import type { Plant, PlantSite, Region } from "../catalog";
import { grownHeightCm, usualSite } from "../living";

/** The strata of height a planting is made of. */
export const STRATA_OF_HEIGHT = ["cover", "middle", "tall", "upright"] as const;
export type HeightStratum = (typeof STRATA_OF_HEIGHT)[number];

/** A plant that may be taken: how well it fits, and its price where it is known. */
export type PaletteCandidate = { plant: Plant; score: number; price: number | undefined };

/** What a planting should be. Areas in cm², shares of them 0 to 1. */
export type PaletteQuestion = {
  candidates: readonly PaletteCandidate[];
  strata: readonly HeightStratum[];
  floorCm2: number;
  wallCm2: number;
  floorShare: number;
  wallShare: number;
  /** After so many months. */
  months: number;
  leastSturdy: number;
  mostKinds: number;
  budget: number | undefined;
  /** How many more are planted than would cover the share: safety in numbers under heavy animals. */
  factor: number;
  /** Plants that stay, and how many of each there are at the least. */
  locked: Readonly<Record<string, number>>;
};

export type PaletteFilter = { regions: readonly Region[] | undefined; onlyEdible: boolean; onlyEasy: boolean };

const COVER_CM = 10;
const TALL_CM = 25;

const UPRIGHT: readonly PlantSite[] = ["wall", "drippingWall", "wood", "hanging"];

/** The stratum of height a grown plant belongs to. @example stratumOf(entry("plants", "nervePlant")) // "middle" */
export function stratumOf(plant: Pick<Plant, "places" | "grown">): HeightStratum {
  if (UPRIGHT.includes(usualSite(plant))) return "upright";
  const heightCm = grownHeightCm(plant);
  return heightCm < COVER_CM ? "cover" : heightCm < TALL_CM ? "middle" : "tall";
}

/** Fodder by what is known of those that live on plants, else of those that nibble. */
const isEdible = ({ toxicity: { grazers, leafEatingReptiles } }: Plant): boolean =>
  grazers === undefined ? leafEatingReptiles === "eaten" : grazers === "safe";

/**
 * Keeps what may be taken: no misfits, nothing that floats, and what the filter asks.
 *
 * @example offered(candidates, { regions: ["southAmerica"], onlyEdible: false, onlyEasy: true })
 */
export const offered = (
  candidates: readonly PaletteCandidate[],
  { regions, onlyEdible, onlyEasy }: PaletteFilter,
): PaletteCandidate[] =>
  candidates.filter(
    ({ plant, score }) =>
      score >= LEAST_SCORE &&
      usualSite(plant) !== "inWater" &&
      (!regions || plant.regions.some((region) => regions.includes(region))) &&
      (!onlyEdible || isEdible(plant)) &&
      (!onlyEasy || plant.ease === "easy"),
  );

/** With care at the least. */
const LEAST_SCORE = 0.3;
