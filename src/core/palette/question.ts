import type { Plant, Region } from "../catalog";

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

export type PaletteFilter = { region: Region | undefined; onlyEdible: boolean; onlyEasy: boolean };

const COVER_CM = 10;
const TALL_CM = 25;

const UPRIGHT: readonly Plant["place"][] = ["wall", "wood", "hanging"];

/** The stratum of height a grown plant belongs to. @example stratumOf(entry("plants", "nervePlant")) // "middle" */
export function stratumOf(plant: Pick<Plant, "place" | "grownHeightCm" | "form">): HeightStratum {
  if (UPRIGHT.includes(plant.place)) return "upright";
  return plant.grownHeightCm < COVER_CM ? "cover" : plant.grownHeightCm < TALL_CM ? "middle" : "tall";
}

/**
 * Keeps what may be taken: no misfits, nothing that floats, and what the filter asks.
 *
 * @example offered(candidates, { region: "southAmerica", onlyEdible: false, onlyEasy: true })
 */
export const offered = (
  candidates: readonly PaletteCandidate[],
  { region, onlyEdible, onlyEasy }: PaletteFilter,
): PaletteCandidate[] =>
  candidates.filter(
    ({ plant, score }) =>
      score >= LEAST_SCORE &&
      plant.place !== "water" &&
      (!region || plant.region === region) &&
      (!onlyEdible || plant.eaten === "edible") &&
      (!onlyEasy || plant.ease === "easy"),
  );

/** With care at the least. */
const LEAST_SCORE = 0.3;
