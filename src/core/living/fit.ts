import type { Animal, Crew, Envelope, Plant, Range } from "../catalog";
import { overGround } from "../climate";
import type { Design, Spot } from "../habitat";
import { PPFD_WANTED } from "../light";
import type { Setting } from "../scene";
import { floorAreaCm2 } from "../strata";
import { suitsBand } from "./envelope";
import { foundOn, siteAt, type Found, type Place, type Site } from "./place";
import { fit, GOOD_FROM, ranked, reason, type Fit, type FitReason } from "./reason";

const middle = ([low, high]: Range): number => (low + high) / 2;

function temperature(envelope: Envelope, band: Range): FitReason {
  const score = suitsBand(envelope, band);
  const quantities = {
    lowC: band[0],
    highC: band[1],
    wantLowC: envelope.preferred[0],
    wantHighC: envelope.preferred[1],
  };
  if (score >= GOOD_FROM) return reason("temperature.good", score, quantities);
  return reason(
    middle(band) > middle(envelope.preferred) ? "temperature.tooWarm" : "temperature.tooCool",
    score,
    quantities,
  );
}

function humidity(envelope: Envelope, band: Range): FitReason {
  const score = suitsBand(envelope, band);
  const quantities = {
    lowRh: band[0],
    highRh: band[1],
    wantLowRh: envelope.preferred[0],
    wantHighRh: envelope.preferred[1],
  };
  if (score >= GOOD_FROM) return reason("humidity.good", score, quantities);
  return reason(middle(band) < middle(envelope.preferred) ? "humidity.tooDry" : "humidity.tooWet", score, quantities);
}

const WETNESS: readonly Plant["feet"][] = ["dry", "moist", "wet"];

function feet(plant: Plant, { feet: offered }: Found): FitReason {
  if (offered.includes(plant.feet)) return reason("feet.good", 1, { feet: plant.feet });
  const wantsMore = WETNESS.indexOf(plant.feet) > WETNESS.indexOf(offered[0] ?? "moist");
  return reason(wantsMore ? "feet.tooDry" : "feet.tooWet", 0.1, { feet: plant.feet });
}

/** Where each kind of plant can grow besides its usual place, and how well. Rincon's own scale. */
const GROWS: Record<Plant["place"], Partial<Record<Spot, number>>> = {
  floor: { ground: 1, pot: 1 },
  wall: { wall: 1, wood: 0.9, ground: 0.85, pot: 0.85, hanging: 0.8 },
  wood: { wood: 1, wall: 0.9, hanging: 0.9 },
  hanging: { hanging: 1, wood: 0.9, wall: 0.85, ground: 0.85, pot: 0.9 },
  waterEdge: { waterEdge: 1, water: 0.9, ground: 0.6, pot: 0.7, wall: 0.5 },
  water: { water: 1, waterEdge: 0.5 },
};

function place(plant: Plant, { spot }: Found, animal: Animal): FitReason {
  if ((spot === "water" || spot === "waterEdge") && animal.water !== "pool" && animal.water !== "halfWater")
    return reason("place.noWater", 0.1, { animalId: animal.id });
  const score = GROWS[plant.place][spot] ?? (plant.method === "tie" || plant.method === "lay" ? 0.5 : 0.1);
  return reason(score >= GOOD_FROM ? "place.good" : "place.wrong", score, { spot, usual: plant.place });
}

/** Up to a quarter too tall can be kept down with scissors. */
const TRIMMABLE = 1.25;

function height(plant: Plant, { roomCm }: Found): FitReason {
  const quantities = { grownCm: plant.grownHeightCm, roomCm };
  // Vines are kept to the wall with scissors; their length is no height.
  if (plant.form === "trailing" || plant.grownHeightCm <= roomCm) return reason("height.good", 1, quantities);
  return reason("height.outgrows", plant.grownHeightCm <= roomCm * TRIMMABLE ? 0.6 : 0.1, quantities);
}

function roots(plant: Plant, { soilCm }: Found): FitReason {
  if (soilCm === undefined || plant.rootDepthCm <= soilCm)
    return reason("roots.good", 1, { rootCm: plant.rootDepthCm, soilCm: soilCm ?? plant.rootDepthCm });
  return reason("roots.tooShallow", Math.max(0.1, soilCm / plant.rootDepthCm), { rootCm: plant.rootDepthCm, soilCm });
}

function light(plant: Plant, { ppfd }: Found): FitReason[] {
  if (ppfd === undefined) return [];
  const [low, high] = PPFD_WANTED[plant.light];
  const quantities = { ppfd: Math.round(ppfd), wantLow: low, wantHigh: high };
  if (ppfd < low) return [reason("light.tooDim", Math.max(0.1, ppfd / low), quantities)];
  return [ppfd > high * 1.5 ? reason("light.tooBright", 0.5, quantities) : reason("light.good", 1, quantities)];
}

/** How a plant of a given toughness stands an animal of a given roughness. Rincon's own scale. */
const TREADING: Record<Animal["roughOnPlants"], Record<Plant["sturdy"], number>> = {
  gentle: { tender: 1, fair: 1, tough: 1 },
  moderate: { tender: 0.6, fair: 0.9, tough: 1 },
  rough: { tender: 0.2, fair: 0.6, tough: 1 },
};

function treading(plant: Plant, animal: Animal, { reached }: Found): FitReason {
  const score = reached ? TREADING[animal.roughOnPlants][plant.sturdy] : 1;
  return reason(score >= GOOD_FROM ? "treading.good" : "treading.trampled", score, { sturdy: plant.sturdy });
}

/** What comes of a leaf eater eating it. */
const GRAZED: Record<Plant["eaten"], number> = { edible: 1, harmless: 0.85, irritant: 0.15, toxic: 0 };

function grazing(plant: Plant, animal: Animal): FitReason[] {
  if (!animal.diet.includes("leaves")) return [];
  const score = GRAZED[plant.eaten];
  return [
    reason(score >= GOOD_FROM ? "grazing.good" : "grazing.harmful", score, { animalId: animal.id, eaten: plant.eaten }),
  ];
}

/**
 * How a plant fits a habitat at a place (the middle when none is named): its ranges against what it finds there, its
 * feet, room, roots and light, and what the animal does to it.
 *
 * @example plantFit(library.get("plants", "skyPlant"), scene).verdict // "misfit" where it is too wet
 */
export const plantFit = (plant: Plant, scene: Setting, at: Place = middleOf(scene.habitat)): Fit =>
  fitOn(siteAt(scene, at), at, plant);

const middleOf = ({ shell }: Pick<Design, "shell">): Place => ({ xCm: shell.widthCm / 2, yCm: shell.depthCm / 2 });

/**
 * Many plants at one place, the best first.
 *
 * @example rankPlants(library.all("plants"), scene, placeNamed(habitat, ground, "back"))[0]?.verdict // "good"
 */
export function rankPlants(plants: readonly Plant[], scene: Setting, at: Place = middleOf(scene.habitat)): Fit[] {
  const site = siteAt(scene, at);
  return ranked(plants.map((plant) => fitOn(site, at, plant)));
}

function fitOn(site: Site, at: Place, plant: Plant): Fit {
  const { animal } = site.scene;
  const found = foundOn(site, at, plant);
  return fit(plant.id, [
    // What is under water does not feel the air.
    ...(found.spot === "water" ? [] : [humidity(plant.humidityRh, found.humidityRh)]),
    temperature(plant.temperatureC, found.temperatureC),
    feet(plant, found),
    place(plant, found, animal),
    height(plant, found),
    roots(plant, found),
    ...light(plant, found),
    treading(plant, animal, found),
    ...grazing(plant, animal),
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

/**
 * How a crew species fits a habitat: what it finds in the ground, and who hunts it.
 *
 * @example crewFit(library.get("crew", "powderIsopod"), scene).verdict
 */
export function crewFit(species: Crew, { habitat, animal, field }: Setting): Fit {
  const found = overGround(field, habitat.shell);
  return fit(species.id, [
    humidity(species.humidityRh, found.humidityRh),
    temperature(species.temperatureC, found.temperatureC),
    hunting(species, animal),
  ]);
}

/**
 * How many of a species to seed on this floor.
 *
 * @example seedCount(species, habitat) // 54 on 60 x 45 cm at 20 for 1000 cm²
 */
export const seedCount = (species: Crew, habitat: Pick<Design, "shell">): number =>
  Math.max(1, Math.round((species.seedPer1000Cm2 * floorAreaCm2(habitat.shell)) / 1000));
