import type { Animal, Crew, Envelope, Plant, Range } from "../catalog";
import { entry } from "../catalog";
import type { Habitat } from "../habitat";
import { floorAreaCm2, type Ground } from "../strata";
import { suitsBand } from "./envelope";

export type Verdict = "good" | "fair" | "misfit";

/** One side of a fit: how good it is from 0 to 1, and why, as a code with its quantities. */
export type FitReason = { code: FitCode; score: number; verdict: Verdict } & Record<string, number | string>;

export const FIT_CODES = [
  "temperature.good", "temperature.tooWarm", "temperature.tooCool",
  "humidity.good", "humidity.tooDry", "humidity.tooWet",
  "feet.good", "feet.tooDry", "feet.tooWet",
  "height.good", "height.outgrows", "roots.good", "roots.tooShallow",
  "treading.good", "treading.trampled", "hunting.good", "hunting.eaten",
] as const;
export type FitCode = (typeof FIT_CODES)[number];

/** How a species fits a habitat. The score is its worst side, so that a hard misfit never hides behind a good average. */
export type Fit = { id: string; score: number; verdict: Verdict; reasons: FitReason[] };

const GOOD_FROM = 0.8;
const MISFIT_BELOW = 0.3;

export const verdictOf = (score: number): Verdict => (score >= GOOD_FROM ? "good" : score >= MISFIT_BELOW ? "fair" : "misfit");

const reason = (code: FitCode, score: number, quantities: Record<string, number | string> = {}): FitReason => ({
  ...quantities, code, score, verdict: verdictOf(score),
});

const fit = (id: string, reasons: FitReason[]): Fit => {
  const score = Math.min(...reasons.map((side) => side.score));
  return { id, score, verdict: verdictOf(score), reasons: [...reasons].sort((a, b) => a.score - b.score) };
};

const middle = ([low, high]: Range): number => (low + high) / 2;

/** What plants and crew live in: the animal's own band, warm end to cool end. */
export const bandOf = (animal: Animal): { temperatureC: Range; humidityRh: Range } => ({
  temperatureC: [animal.temperatureC.cool[0], animal.temperatureC.warm[1]],
  humidityRh: animal.humidityRh,
});

function temperature(envelope: Envelope, band: Range): FitReason {
  const score = suitsBand(envelope, band);
  const quantities = { lowC: band[0], highC: band[1], wantLowC: envelope.preferred[0], wantHighC: envelope.preferred[1] };
  if (score >= GOOD_FROM) return reason("temperature.good", score, quantities);
  return reason(middle(band) > middle(envelope.preferred) ? "temperature.tooWarm" : "temperature.tooCool", score, quantities);
}

function humidity(envelope: Envelope, band: Range): FitReason {
  const score = suitsBand(envelope, band);
  const quantities = { lowRh: band[0], highRh: band[1], wantLowRh: envelope.preferred[0], wantHighRh: envelope.preferred[1] };
  if (score >= GOOD_FROM) return reason("humidity.good", score, quantities);
  return reason(middle(band) < middle(envelope.preferred) ? "humidity.tooDry" : "humidity.tooWet", score, quantities);
}

const FEET: Record<Animal["climate"], readonly Plant["feet"][]> = {
  humidForest: ["moist", "dry"], temperateMoist: ["moist", "dry"], streamBank: ["wet", "moist", "dry"], semiArid: ["dry"], arid: ["dry"],
};
const WETNESS: readonly Plant["feet"][] = ["dry", "moist", "wet"];

function feet(plant: Plant, animal: Animal): FitReason {
  const offered = FEET[animal.climate];
  if (offered.includes(plant.feet)) return reason("feet.good", 1, { feet: plant.feet });
  const wantsMore = WETNESS.indexOf(plant.feet) > WETNESS.indexOf(offered[0] ?? "moist");
  return reason(wantsMore ? "feet.tooDry" : "feet.tooWet", 0.1, { feet: plant.feet });
}

/** Up to a quarter too tall can be kept down with scissors. */
const TRIMMABLE = 1.25;

/** A place in plan, from the left and from the front glass. */
type Place = { xCm: number; yCm: number };

/**
 * Head room over the ground at a place, cm. Never below nothing.
 *
 * @example headRoomCm(habitat, ground, { xCm: 30, yCm: 22 }) // 28.5
 */
export const headRoomCm = (habitat: Pick<Habitat, "shell">, ground: Ground, { xCm, yCm }: Place): number =>
  Math.max(0, habitat.shell.heightCm - ground.surfaceAt(xCm, yCm));

function height(plant: Plant, roomCm: number): FitReason {
  const quantities = { grownCm: plant.grownHeightCm, roomCm };
  // Vines are kept to the wall with scissors; their length is no height.
  if (plant.form === "trailing" || plant.grownHeightCm <= roomCm) return reason("height.good", 1, quantities);
  return reason("height.outgrows", plant.grownHeightCm <= roomCm * TRIMMABLE ? 0.6 : 0.1, quantities);
}

function roots(plant: Plant, soilCm: number): FitReason {
  const quantities = { rootCm: plant.rootDepthCm, soilCm };
  if (plant.rootDepthCm <= soilCm) return reason("roots.good", 1, quantities);
  return reason("roots.tooShallow", Math.max(0.1, soilCm / plant.rootDepthCm), quantities);
}

/** How a plant of a given toughness stands an animal of a given roughness. Rincon's own scale. */
const TREADING: Record<Animal["roughOnPlants"], Record<Plant["sturdy"], number>> = {
  gentle: { tender: 1, fair: 1, tough: 1 },
  moderate: { tender: 0.6, fair: 0.9, tough: 1 },
  rough: { tender: 0.2, fair: 0.6, tough: 1 },
};

function treading(plant: Plant, animal: Animal): FitReason {
  const score = TREADING[animal.roughOnPlants][plant.sturdy];
  return reason(score >= GOOD_FROM ? "treading.good" : "treading.trampled", score, { sturdy: plant.sturdy });
}

/**
 * How a plant fits a habitat, at a place (the middle when it does not stand anywhere yet).
 *
 * @example plantFit(entry("plants", "skyPlant"), habitat, ground).verdict // "misfit" where it is too wet
 */
export function plantFit(plant: Plant, habitat: Pick<Habitat, "brief" | "shell">, ground: Ground, at?: Place): Fit {
  const place = at ?? { xCm: habitat.shell.widthCm / 2, yCm: habitat.shell.depthCm / 2 };
  const animal = entry("animals", habitat.brief.animalId);
  const band = bandOf(animal);
  return fit(plant.id, [
    humidity(plant.humidityRh, band.humidityRh),
    temperature(plant.temperatureC, band.temperatureC),
    feet(plant, animal),
    height(plant, headRoomCm(habitat, ground, place)),
    roots(plant, ground.soilDepthAt(place.xCm, place.yCm)),
    treading(plant, animal),
  ]);
}

/** How a crew species stands being hunted by an animal. Rincon's own scale. */
const HUNTING: Record<Animal["eatsCrew"], Record<Crew["survivesHunting"], number>> = {
  none: { hidden: 1, some: 1, cropped: 1 },
  some: { hidden: 1, some: 0.85, cropped: 0.55 },
  most: { hidden: 1, some: 0.5, cropped: 0.2 },
};

function hunting(species: Crew, animal: Animal): FitReason {
  const score = HUNTING[animal.eatsCrew][species.survivesHunting];
  return reason(score >= GOOD_FROM ? "hunting.good" : "hunting.eaten", score);
}

/** How a crew species fits a habitat. @example crewFit(entry("crew", "powderIsopod"), habitat).verdict */
export function crewFit(species: Crew, habitat: Habitat): Fit {
  const animal = entry("animals", habitat.brief.animalId);
  const band = bandOf(animal);
  return fit(species.id, [
    humidity(species.humidityRh, band.humidityRh),
    temperature(species.temperatureC, band.temperatureC),
    hunting(species, animal),
  ]);
}

/** How many of a species to seed on this floor. @example seedCount(species, habitat) // 54 on 60 x 45 cm at 20 for 1000 cm² */
export const seedCount = (species: Crew, habitat: Habitat): number =>
  Math.max(1, Math.round((species.seedPer1000Cm2 * floorAreaCm2(habitat.shell)) / 1000));

/** Best first; the same score keeps the catalogue's order. */
export const ranked = (fits: readonly Fit[]): Fit[] => [...fits].sort((a, b) => b.score - a.score);
