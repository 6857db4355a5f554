import type { Animal, Crew, CrewHazard, Range, WaterKind } from "../catalog";
import { inGround, overFloor, type GroundConditions } from "../climate";
import type { Design } from "../habitat";
import type { Setting } from "../scene";
import { floorAreaCm2 } from "../strata";
import { suitsBand } from "./envelope";
import { fit, GOOD_FROM, reason, type Fit, type FitReason } from "./reason";
import { middle } from "../range";
import { humidity, temperature } from "./sides";

const WATERS: readonly WaterKind[] = ["pool", "twoPools", "partLand", "aquatic"];
const NOWHERE = 0.1;

/** The parts of the soil a species can choose from: what lives in litter goes down when it dries. */
const REACHES: Record<Exclude<Crew["livesAt"], "water">, readonly (keyof GroundConditions["moisture"])[]> = {
  deepSoil: ["deep"],
  upperSoil: ["surface", "deep"],
  litter: ["surface", "deep"],
  bark: ["surface"],
  surface: ["surface"],
};
const IN_OPEN_AIR: readonly Crew["livesAt"][] = ["bark", "surface"];

/** Whether the part of the soil that suits it best is damp enough. Crew live in the soil, not in the air over it. */
function soil(species: Crew, livesAt: keyof typeof REACHES, { moisture }: GroundConditions): FitReason {
  const bands = REACHES[livesAt].map((part) => moisture[part]);
  const scored = bands.map((band) => ({ band, score: suitsBand(species.soilMoisture, band) }));
  const best = scored.reduce((one, other) => (other.score > one.score ? other : one));
  const [wantLow, wantHigh] = species.soilMoisture.preferred;
  const quantities = {
    lowPct: best.band[0] * 100,
    highPct: best.band[1] * 100,
    wantLowPct: wantLow * 100,
    wantHighPct: wantHigh * 100,
  };
  if (best.score >= GOOD_FROM) return reason("soil.good", best.score, quantities);
  const dry = middle(best.band) < middle(species.soilMoisture.preferred);
  return reason(dry ? "soil.tooDry" : "soil.tooWet", best.score, quantities);
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

/** What moults in the open, or lies cold and still for weeks, is at the mercy of what bites. */
const restsLong = ({ group, season }: Animal): boolean =>
  group === "invertebrate" || season.kind === "coolRest" || season.kind === "coolAndDryRest";
const LAYS_IN_GROUND: readonly Animal["laying"]["needs"][] = ["dampSoil", "layingBox", "dryCrevice", "colonyNest"];

/** How bad a habit of the crew is for an animal; undefined where it meets nothing it could harm. Rincon's own scale. */
type Harm = (animal: Animal, group: Crew["group"]) => number | undefined;
const HARMS: Partial<Record<CrewHazard, Harm>> = {
  bitesResting: (animal) => (restsLong(animal) ? 0.1 : animal.group === "amphibian" ? 0.2 : 0.6),
  eatsEggs: ({ laying }) => (LAYS_IN_GROUND.includes(laying.needs) ? 0.6 : undefined),
  noxiousFluid: ({ eatsCrew, food }, group) => {
    // Who looks for worms eats it for one, and the fluid of compost worms poisons garter snakes and newts.
    if (group === "earthworm" && food.foods.includes("worms")) return 0.2;
    return eatsCrew === "none" ? undefined : 0.6;
  },
};

const harming = ({ hazards, group }: Crew, animal: Animal): FitReason[] =>
  hazards.flatMap((hazard) => {
    const score = HARMS[hazard]?.(animal, group);
    return score === undefined ? [] : [reason("crew.harms", score, { hazard, animalId: animal.id })];
  });

/** It lives where it suits it best. */
const bestOf = (reasons: readonly FitReason[]): FitReason =>
  reasons.reduce((best, other) => (other.score > best.score ? other : best));

/**
 * How a crew species fits a habitat: what it finds where it lives, who hunts it, and whom it harms.
 *
 * @example crewFit(library.get("crew", "powderIsopod"), scene).verdict
 */
export function crewFit(species: Crew, { habitat, animal, climate, ground }: Setting): Fit {
  const { livesAt } = species;
  const places = inGround(climate, habitat.shell);
  const warmths = places.map(({ temperatureC }) => temperature(species.temperatureC, temperatureC));
  const shared = [bestOf(warmths), hunting(species, animal), ...harming(species, animal)];
  if (livesAt === "water") {
    const hasWater = WATERS.includes(animal.water.kind);
    return fit(species.id, [
      hasWater ? reason("place.good", 1) : reason("place.noWater", NOWHERE, { animalId: animal.id }),
      ...shared,
    ]);
  }
  if (animal.water.kind === "aquatic")
    return fit(species.id, [reason("place.noLand", NOWHERE, { animalId: animal.id })]);
  const air: Range = overFloor(climate, habitat.shell, ground.surfaceAt).humidityRh;
  return fit(species.id, [
    bestOf(places.map((place) => soil(species, livesAt, place))),
    ...(IN_OPEN_AIR.includes(livesAt) ? [humidity(species.airRh, air)] : []),
    ...shared,
  ]);
}

/**
 * How many of a species to seed on this floor.
 *
 * @example seedCount(species, habitat) // 54 on 60 x 45 cm at 20 for 1000 cm²
 */
export const seedCount = (species: Crew, habitat: Pick<Design, "shell">): number =>
  Math.max(1, Math.round((species.seedPer1000Cm2 * floorAreaCm2(habitat.shell)) / 1000));
