import type { Animal, Plant, Range } from "../catalog";
import { animalOf, type Habitat, type Spot, type Stand } from "../habitat";
import type { Ground } from "../strata";
import { ppfdAt } from "./light";

/** A place in plan, from the left and from the front glass, and what a plant would stand on or in there. */
export type Place = { xCm: number; yCm: number; spot?: Spot | null; upCm?: number | null };

/** What a plant finds at a place. */
export type Conditions = {
  spot: Spot;
  temperatureC: Range;
  humidityRh: Range;
  /** What its roots can have there. */
  feet: readonly Plant["feet"][];
  /** Room to grow into: up to the rim, on wood that may hang anywhere from the ground; for what hangs down to the ground. */
  roomCm: number;
  /** Depth of soil; undefined where it does not root in the ground. */
  soilCm: number | undefined;
  /** Light at its foot, µmol/m²/s; undefined while the lamps are not told. */
  ppfd: number | undefined;
  /** Whether the animal gets there. */
  reached: boolean;
};

const USUAL: Record<Plant["place"], Spot> = {
  floor: "ground",
  wall: "wall",
  wood: "wood",
  hanging: "hanging",
  waterEdge: "waterEdge",
  water: "water",
};

/** Where a plant stands, told or by its kind. @example spotOf(entry("plants", "goldenPothos"), { spot: null }) // "hanging" */
export const spotOf = (plant: Pick<Plant, "place">, { spot }: { spot?: Spot | null | undefined }): Spot =>
  spot ?? USUAL[plant.place];

const ROOTED: readonly Spot[] = ["ground", "pot", "waterEdge"];
const inGround = (spot: Spot): boolean => ROOTED.includes(spot) || spot === "water";

/** A plant on wood begins at this share of the room over the ground, one that hangs near the top. */
const WOOD_SHARE = 0.45;
const HANGING_SHARE = 0.88;
const LEAST_WOOD_CM = 5;

/**
 * Height of a plant's foot over the glass: on the ground; on a wall from the ground; on wood in the air, low enough for it to stand under
 * the rim; hanging near the top.
 *
 * @example plantFootCm(habitat, ground, stand, plant) // 14.5
 */
export const plantFootCm = (
  habitat: Pick<Habitat, "shell">,
  ground: Ground,
  at: Place,
  plant: Pick<Plant, "place" | "grownHeightCm">,
): number => footOver(ground.surfaceAt(at.xCm, at.yCm), habitat.shell.heightCm, at, plant);

function footOver(
  floor: number,
  rim: number,
  { spot, upCm }: Pick<Place, "spot" | "upCm">,
  plant: Pick<Plant, "place" | "grownHeightCm">,
): number {
  const stands = spotOf(plant, { spot });
  if (inGround(stands)) return floor;
  if (upCm !== null && upCm !== undefined) return Math.min(rim, Math.max(floor, upCm));
  const room = Math.max(0, rim - floor);
  if (stands === "wood")
    return Math.max(floor + LEAST_WOOD_CM, Math.min(floor + room * WOOD_SHARE, rim - plant.grownHeightCm * 0.95));
  return stands === "hanging" ? floor + room * HANGING_SHARE : floor;
}

const FEET: Record<Animal["climate"], Record<Spot, readonly Plant["feet"][]>> = (() => {
  const shared = {
    pot: ["moist", "dry"],
    hanging: ["moist", "dry"],
    waterEdge: ["wet", "moist"],
    water: ["wet"],
  } as const;
  const damp = { ...shared, ground: ["moist"], wall: ["moist", "dry"], wood: ["dry", "moist"] } as const;
  const dry = { ...shared, ground: ["dry"], wall: ["dry"], wood: ["dry"] } as const;
  return {
    humidForest: damp,
    temperateMoist: damp,
    streamBank: { ...damp, ground: ["moist", "wet"] },
    semiArid: dry,
    arid: dry,
  };
})();

/** How far the ends and heights of a box lie apart, as shares of the animal's band: from memory, until a climate model knows better. */
const DRIER_AT_WARM_END = 0.3;
const DRIER_UP_HIGH = 0.3;
const BAND_HALF = 0.35;
const WARMER_UP_HIGH_C = 2;

const within = ([low, high]: Range, share: number): number => between(low, high, Math.min(1, Math.max(0, share)));
const between = (a: number, b: number, share: number): number => a + (b - a) * share;

/**
 * What a plant finds at a place in the box: the animal's band, warm end on the left, cool end on the right; up high it is warmer and
 * drier, low at the cool end moister.
 *
 * @example conditionsAt(habitat, ground, { xCm: 10, yCm: 20, spot: "ground" }, plant).temperatureC // [24.6, 26.6]
 */
export const conditionsAt = (habitat: Conditioned, ground: Ground, at: Place, plant: Plant): Conditions =>
  conditionsOn(siteAt(habitat, ground, at), at, plant);

type Conditioned = Pick<Habitat, "brief" | "shell" | "own" | "planting">;

/** What is the same at a place for every plant, so that many can be held against it. */
export type Site = { habitat: Conditioned; animal: Animal; surfaceCm: number; soilCm: number };

export const siteAt = (habitat: Conditioned, ground: Ground, { xCm, yCm }: Pick<Place, "xCm" | "yCm">): Site => ({
  habitat,
  animal: animalOf(habitat),
  surfaceCm: ground.surfaceAt(xCm, yCm),
  soilCm: ground.soilDepthAt(xCm, yCm),
});

/** {@link conditionsAt} for one of many plants at a site. */
export function conditionsOn({ habitat, animal, surfaceCm, soilCm }: Site, at: Place, plant: Plant): Conditions {
  const { widthCm, heightCm } = habitat.shell;
  const spot = spotOf(plant, at);
  const footCm = footOver(surfaceCm, heightCm, at, plant);
  const towardsCool = Math.min(1, Math.max(0, at.xCm / widthCm));
  const high = Math.min(1, Math.max(0, (footCm - surfaceCm) / Math.max(1, heightCm - surfaceCm)));
  const { warm, cool } = animal.temperatureC;
  const middle = 0.5 + DRIER_AT_WARM_END * (towardsCool - 0.5) - DRIER_UP_HIGH * high;
  const rises = animal.temperatureC.basking ? WARMER_UP_HIGH_C * high : 0;
  return {
    spot,
    temperatureC: [between(warm[0], cool[0], towardsCool), between(warm[1], cool[1], towardsCool) + rises],
    humidityRh: [within(animal.humidityRh, middle - BAND_HALF), within(animal.humidityRh, middle + BAND_HALF)],
    feet: FEET[animal.climate][spot],
    roomCm:
      spot === "hanging"
        ? Math.max(0, footCm - surfaceCm)
        : Math.max(0, heightCm - (spot === "wood" && (at.upCm ?? null) === null ? surfaceCm : footCm)),
    soilCm: spot === "ground" || spot === "waterEdge" ? soilCm : undefined,
    ppfd:
      habitat.planting.lampLumens === null
        ? undefined
        : ppfdAt(habitat.planting.lampLumens, habitat.shell, heightCm - footCm),
    reached: spot !== "water" && (animal.habit === "climbing" || inGround(spot)),
  };
}

/** The places a builder thinks in. */
export const PLANTING_PLACES = [
  "front",
  "middle",
  "back",
  "warmEnd",
  "coolEnd",
  "pot",
  "wall",
  "woodLow",
  "woodHigh",
  "hanging",
  "waterEdge",
  "water",
] as const;
export type PlantingPlace = (typeof PLANTING_PLACES)[number];

/**
 * Where a named place is in this box.
 *
 * @example placeNamed(habitat, ground, "back") // { xCm: 30, yCm: 41, spot: "ground", upCm: null }
 */
export function placeNamed(
  { shell }: Pick<Habitat, "shell">,
  ground: Ground,
  name: PlantingPlace,
): Required<Pick<Stand, "xCm" | "yCm" | "spot" | "upCm">> {
  const { widthCm, depthCm, heightCm } = shell;
  const [x, y] = [widthCm / 2, depthCm / 2];
  const up = (share: number, at: number) => between(ground.surfaceAt(x, at), heightCm, share);
  const on = (xCm: number, yCm: number, spot: Spot = "ground", upCm: number | null = null) => ({
    xCm,
    yCm,
    spot,
    upCm,
  });
  switch (name) {
    case "front":
      return on(x, depthCm * 0.18);
    case "middle":
      return on(x, y);
    case "back":
      return on(x, depthCm * 0.85);
    case "warmEnd":
      return on(widthCm * 0.15, y);
    case "coolEnd":
      return on(widthCm * 0.85, y);
    case "pot":
      return on(x, depthCm * 0.7, "pot");
    case "wall":
      return on(x, depthCm * 0.96, "wall");
    case "woodLow":
      return on(widthCm * 0.35, depthCm * 0.8, "wood", up(0.25, depthCm * 0.8));
    case "woodHigh":
      return on(widthCm * 0.65, depthCm * 0.8, "wood", up(0.6, depthCm * 0.8));
    case "hanging":
      return on(x, depthCm * 0.8, "hanging");
    case "waterEdge":
      return on(widthCm * 0.8, depthCm * 0.3, "waterEdge");
    case "water":
      return on(widthCm * 0.8, depthCm * 0.2, "water");
  }
}

const LOW_CM = 10;
const MIDDLING_CM = 25;

/** Where a plant usually goes: low ones in front, tall ones at the back, the rest where their kind grows. @example usualPlace(entry("plants", "nervePlant")) // "middle" */
export function usualPlace({ place, grownHeightCm }: Pick<Plant, "place" | "grownHeightCm">): PlantingPlace {
  switch (place) {
    case "floor":
      return grownHeightCm < LOW_CM ? "front" : grownHeightCm < MIDDLING_CM ? "middle" : "back";
    case "wood":
      return "woodLow";
    default:
      return place;
  }
}
