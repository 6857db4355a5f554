export type Verdict = "good" | "fair" | "misfit";

export const FIT_CODES = [
  "temperature.good",
  "temperature.tooWarm",
  "temperature.tooCool",
  "humidity.good",
  "humidity.tooDry",
  "humidity.tooWet",
  "feet.good",
  "feet.tooDry",
  "feet.tooWet",
  "soil.good",
  "soil.tooDry",
  "soil.tooWet",
  "place.good",
  "place.wrong",
  "place.noWater",
  "place.noLand",
  "light.good",
  "light.tooDim",
  "light.tooBright",
  "air.tooStill",
  "height.good",
  "height.outgrows",
  "roots.good",
  "roots.tooShallow",
  "treading.good",
  "treading.trampled",
  "grazing.good",
  "grazing.harmful",
  "grazing.noFodder",
  "grazing.unknown",
  "hazard.pricks",
  "crew.harms",
  "hunting.good",
  "hunting.eaten",
  "mates.alone",
  "mates.bearsCompany",
  "mates.eaten",
  "mates.toxic",
  "mates.sameWarmth",
  "mates.otherWarmth",
  "mates.sameDamp",
  "mates.otherDamp",
  "mates.unproven",
  "mates.sameRegion",
  "mates.otherRegion",
] as const;
export type FitCode = (typeof FIT_CODES)[number];

/** One side of a fit: how good it is from 0 to 1, and why, as a code with its quantities. */
export type FitReason = { code: FitCode; score: number; verdict: Verdict } & Record<string, number | string>;

/** How a species fits. The score is its worst side, so that a hard misfit never hides behind a good average. */
export type Fit = { id: string; score: number; verdict: Verdict; reasons: FitReason[] };

export const GOOD_FROM = 0.8;
const MISFIT_BELOW = 0.3;

const verdictOf = (score: number): Verdict => (score >= GOOD_FROM ? "good" : score >= MISFIT_BELOW ? "fair" : "misfit");

/**
 * One side of a fit. The quantities become part of it: it is made for thousands of plants and places at a time, and a
 * copy costs most of that.
 *
 * @example reason("feet.good", 1, { roots: "moist" }).verdict // "good"
 */
export function reason(code: FitCode, score: number, quantities: Record<string, number | string> = {}): FitReason {
  const told = quantities as FitReason;
  told.code = code;
  told.score = score;
  told.verdict = verdictOf(score);
  return told;
}

/** Puts the sides of a fit together, the worst first. */
export function fit(id: string, reasons: readonly FitReason[]): Fit {
  const score = reasons.reduce((least, side) => Math.min(least, side.score), 1);
  return { id, score, verdict: verdictOf(score), reasons: reasons.toSorted((a, b) => a.score - b.score) };
}

/** Best first; the same score keeps the order given. */
export const ranked = (fits: readonly Fit[]): Fit[] => [...fits].sort((a, b) => b.score - a.score);
