import type { Animal, Plant, PlantSite, Roots, WaterKind } from "../catalog";
import type { Design, Spot } from "../habitat";
import type { Setting } from "../scene";
import { suits } from "./envelope";
import { foundOn, siteAt, SPOT_OF, usualSite, type Found, type Place, type Site } from "./place";
import { grazing } from "./grazing";
import { fit, GOOD_FROM, ranked, reason, type Fit, type FitReason } from "./reason";
import { humidity, temperature } from "./sides";
import { grownHeightCm } from "../grown";

/** From dust to standing water; epiphytes hold on to bark that dries between wettings. */
const WETNESS: Record<Roots, number> = {
  desert: 0,
  epiphyte: 1,
  dryBetween: 1,
  moist: 2,
  wet: 3,
  submerged: 4,
  floating: 4,
};
/** How roots bear ground so many steps drier or wetter than they want. Rincon's own scale. */
const STEPS_DRIER = [1, 0.55, 0.1];
const STEPS_WETTER = [1, 0.6, 0.2, 0.1];
const LOST = 0.05;

function roots({ roots: wanted }: Plant, { roots: offered, spot }: Found): FitReason {
  const quantities = { roots: wanted };
  if (offered.includes(wanted)) return reason("feet.good", 1, quantities);
  // What clings to bark rots in ground that stays damp, and so does what would lie in the open air of the ground.
  const steps = offered.map(
    (roots) => WETNESS[roots] - WETNESS[wanted] + (wanted === "epiphyte" && inSoil(spot) ? 1 : 0),
  );
  const nearest = steps.reduce((best, step) => (Math.abs(step) < Math.abs(best) ? step : best), Infinity);
  const scores = nearest < 0 ? STEPS_DRIER : STEPS_WETTER;
  const score = scores[Math.abs(nearest)] ?? LOST;
  return reason(score >= GOOD_FROM ? "feet.good" : nearest < 0 ? "feet.tooDry" : "feet.tooWet", score, quantities);
}
const inSoil = (spot: Spot): boolean => spot === "ground" || spot === "waterEdge";

/** How well a plant does at a spot that is none of its own. Rincon's own scale. */
const ELSEWHERE = 0.1;
const TIED_ELSEWHERE = 0.5;
const IN_SOIL: readonly PlantSite[] = ["floor", "pot", "wall", "waterEdge"];
const WATERS: readonly WaterKind[] = ["pool", "twoPools", "partLand", "aquatic"];

function place(plant: Plant, { spot, inPlanter }: Found, animal: Animal): FitReason {
  if ((spot === "water" || spot === "waterEdge") && !WATERS.includes(animal.water.kind))
    return reason("place.noWater", ELSEWHERE, { animalId: animal.id });
  const usual = SPOT_OF[usualSite(plant)];
  // A planter is a little ground of its own: what roots in soil at all roots there.
  if (inPlanter && plant.places.some((site) => IN_SOIL.includes(site))) return reason("place.good", 1, { spot, usual });
  if (plant.places.some((site) => SPOT_OF[site] === spot)) return reason("place.good", 1, { spot, usual });
  const score = plant.method === "tie" || plant.method === "lay" ? TIED_ELSEWHERE : ELSEWHERE;
  return reason("place.wrong", score, { spot, usual });
}

/** Up to a quarter too tall can be kept down with scissors. */
const TRIMMABLE = 1.25;

function height(plant: Plant, { roomCm }: Found, keptCm: number | null = null): FitReason {
  const grownCm = Math.min(grownHeightCm(plant), keptCm ?? Infinity);
  const quantities = { grownCm, roomCm };
  // Vines are kept to the wall with scissors; their length is no height.
  if (plant.form === "trailing" || grownCm <= roomCm) return reason("height.good", 1, quantities);
  return reason("height.outgrows", grownCm <= roomCm * TRIMMABLE ? 0.6 : 0.1, quantities);
}

/** Soil no deeper than the least for its roots still does, with care. Rincon's own scale. */
const AT_LEAST_DEPTH = 0.8;

function depth({ rootDepth }: Plant, { soilCm }: Found): FitReason {
  const { leastCm, goodCm } = rootDepth;
  if (soilCm === undefined || soilCm >= goodCm)
    return reason("roots.good", 1, { rootCm: leastCm, soilCm: soilCm ?? leastCm });
  const quantities = { rootCm: leastCm, soilCm };
  if (soilCm < leastCm)
    return reason("roots.tooShallow", Math.max(0.1, (soilCm / leastCm) * AT_LEAST_DEPTH), quantities);
  const between = (soilCm - leastCm) / (goodCm - leastCm);
  return reason("roots.good", AT_LEAST_DEPTH + (1 - AT_LEAST_DEPTH) * between, quantities);
}

const LEAST_LIGHT = 0.1;

function light({ ppfd: wanted }: Plant, { ppfd }: Found): FitReason[] {
  if (ppfd === undefined) return [];
  const [wantLow, wantHigh] = wanted.preferred;
  const score = Math.max(LEAST_LIGHT, suits(wanted, ppfd));
  const quantities = { ppfd: Math.round(ppfd), wantLow, wantHigh };
  if (score >= GOOD_FROM) return [reason("light.good", score, quantities)];
  return [reason(ppfd < wantLow ? "light.tooDim" : "light.tooBright", score, quantities)];
}

/** Hairy-leaved and grey plants stay wet in still air and rot. */
const IN_STILL_AIR = 0.5;

const airing = (plant: Plant, { air }: Animal): FitReason[] =>
  plant.wantsMovingAir && air.movement === "still" ? [reason("air.tooStill", IN_STILL_AIR)] : [];

/** How a plant of a given toughness stands an animal of a given roughness. Rincon's own scale. */
const TREADING: Record<Animal["plants"]["roughness"], Record<Plant["sturdy"], number>> = {
  gentle: { tender: 1, fair: 1, tough: 1 },
  moderate: { tender: 0.6, fair: 0.9, tough: 1 },
  rough: { tender: 0.2, fair: 0.6, tough: 1 },
  uproots: { tender: 0.1, fair: 0.35, tough: 0.7 },
};

function treading(plant: Plant, { plants }: Animal, { reached }: Found): FitReason {
  const score = reached ? TREADING[plants.roughness][plant.sturdy] : 1;
  return reason(score >= GOOD_FROM ? "treading.good" : "treading.trampled", score, { sturdy: plant.sturdy });
}

/** Spines and awns stay in skin and eyes of whatever brushes past; bare skin bears them worst. Rincon's own scale. */
const PRICKS_BARE_SKIN = 0.2;
const PRICKS = 0.5;

function pricking({ hazards }: Plant, { group }: Animal, { reached }: Found): FitReason[] {
  if (!reached || !(hazards.includes("spines") || hazards.includes("awns"))) return [];
  return [reason("hazard.pricks", group === "amphibian" ? PRICKS_BARE_SKIN : PRICKS)];
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
    roots(plant, found),
    place(plant, found, animal),
    height(plant, found, at.keptCm),
    depth(plant, found),
    ...light(plant, found),
    ...airing(plant, animal),
    treading(plant, animal, found),
    ...pricking(plant, animal, found),
    ...grazing(plant, animal),
  ]);
}
