import { weakMapMemoize } from "reselect";
import type { Animal, Moisture, Plant, PlantSite, Roots } from "../catalog";
import type { Conditions } from "../climate";
import { fitted } from "../gear";
import type { Design, Spot, Stand } from "../habitat";
import { plantLamps, ppfdAtPlace, type PlantLamp, type Point } from "../light";
import type { Setting } from "../scene";
import type { Ground, Solid } from "../strata";
import { grownHeightCm } from "../grown";

/** A place in plan, from the left and from the front glass, and what a plant would stand on or in there. */
export type Place = {
  xCm: number;
  yCm: number;
  spot?: Spot | null;
  upCm?: number | null;
  keptCm?: number | null;
  inId?: string | null;
};

/** What a plant finds at a place. */
export type Found = Conditions & {
  spot: Spot;
  /** What roots can have there. */
  roots: readonly Roots[];
  /**
   * Room to grow into: up to the rim, on wood that may hang anywhere from the ground; for what hangs down to the
   * ground.
   */
  roomCm: number;
  /** Depth of soil; undefined where it does not root in the ground. */
  soilCm: number | undefined;
  /** Light at its foot, µmol/m²/s; undefined while the lamps are not told. */
  ppfd: number | undefined;
  /** Whether it stands in a planter or a filled tube. */
  inPlanter: boolean;
  /** Whether the animal gets there. */
  reached: boolean;
};

/** The spot of a box that each kind of site is. */
export const SPOT_OF: Record<PlantSite, Spot> = {
  floor: "ground",
  pot: "pot",
  wall: "wall",
  drippingWall: "wall",
  wood: "wood",
  hanging: "hanging",
  waterEdge: "waterEdge",
  inWater: "water",
};

/** The site a plant usually has. */
export const usualSite = ({ places }: Pick<Plant, "places">): PlantSite => places[0] ?? "floor";

/**
 * Where a plant stands, told or by its kind.
 *
 * @example spotOf(entry("plants", "goldenPothos"), { spot: null }) // "hanging"
 */
export const spotOf = (plant: Pick<Plant, "places">, { spot }: { spot?: Spot | null | undefined }): Spot =>
  spot ?? SPOT_OF[usualSite(plant)];

const ROOTED: readonly Spot[] = ["ground", "pot", "waterEdge"];
const inGround = (spot: Spot): boolean => ROOTED.includes(spot) || spot === "water";

/** A plant on wood begins at this share of the room over the ground, one that hangs near the top. */
const WOOD_SHARE = 0.45;
const HANGING_SHARE = 0.88;
const LEAST_WOOD_CM = 5;

/**
 * Height of a plant's foot over the glass: on the ground; on a wall from the ground; on wood in the air, low enough for
 * it to stand under the rim; hanging near the top.
 *
 * @example plantFootCm(habitat, ground, stand, plant) // 14.5
 */
export const plantFootCm = (
  habitat: Pick<Design, "shell">,
  ground: Ground,
  at: Place,
  plant: Pick<Plant, "places" | "grown">,
): number => {
  const holder = holderOf(ground, at);
  return holder ? soilTopCm(holder) : footOver(ground.surfaceAt(at.xCm, at.yCm), habitat.shell.heightCm, at, plant);
};

/** What a plant stands in, where it stands in something. */
const holderOf = ({ solids }: Pick<Ground, "solids">, { inId }: Place): Solid | undefined =>
  inId ? solids.find(({ id }) => id === inId) : undefined;

/** Higher over the ground than this, what trails has room to fall. */
const FALLS_FROM_CM = 5;

/**
 * Whether a plant grows down from its foot and not up: what hangs, and what trails from wood or from a pocket over the
 * ground.
 *
 * @example hangsDown(ground, { ...stand, spot: "hanging" }, plant) // true
 */
export function hangsDown(ground: Ground, at: Place, plant: Pick<Plant, "places" | "form">): boolean {
  const holder = holderOf(ground, at);
  const spot = holder ? "pot" : spotOf(plant, at);
  if (spot === "hanging") return true;
  if (plant.form !== "trailing") return false;
  if (holder) return soilTopCm(holder) > ground.surfaceAt(at.xCm, at.yCm) + FALLS_FROM_CM;
  return spot === "wood";
}

/** A finger's width is left free under the rim of what is filled. */
const UNDER_RIM_CM = 1;
const soilTopCm = ({ topCm, baseCm }: Solid): number => Math.max(baseCm, topCm - UNDER_RIM_CM);
/** Its floor takes as much as its wall is thick. */
const soilDepthIn = (holder: Solid): number =>
  Math.max(0, soilTopCm(holder) - holder.baseCm - (holder.kind.hollow?.wallCm ?? 0));

function footOver(
  floor: number,
  rim: number,
  { spot, upCm }: Pick<Place, "spot" | "upCm">,
  plant: Pick<Plant, "places" | "grown">,
): number {
  const stands = spotOf(plant, { spot });
  if (inGround(stands)) return floor;
  if (upCm !== null && upCm !== undefined) return Math.min(rim, Math.max(floor, upCm));
  const room = Math.max(0, rim - floor);
  if (stands === "wood")
    return Math.max(floor + LEAST_WOOD_CM, Math.min(floor + room * WOOD_SHARE, rim - grownHeightCm(plant) * 0.95));
  return stands === "hanging" ? floor + room * HANGING_SHARE : floor;
}

/** What roots find in ground of each dampness. */
const ROOTS_IN: Record<Moisture, Roots> = { dry: "desert", slightlyMoist: "dryBetween", moist: "moist", wet: "wet" };
/** Sprayed this often a week, what grows on walls and wood is wetted enough. */
const SPRAYED_OFTEN = 3;

/** What roots can have at a spot: in the ground what the animal's soil is kept at, elsewhere what spraying gives. */
function rootsAt(spot: Spot, { soil, mistingsPerWeek, water }: Setting["animal"]): readonly Roots[] {
  const sprayed = mistingsPerWeek[1] >= SPRAYED_OFTEN || water.kind === "partLand" || water.kind === "aquatic";
  switch (spot) {
    case "ground":
      return [...new Set([ROOTS_IN[soil.surface], ROOTS_IN[soil.deep]])];
    case "pot":
      return ["desert", "dryBetween", "moist"];
    case "waterEdge":
      return ["moist", "wet"];
    case "water":
      return ["wet", "submerged", "floating"];
    default:
      return sprayed ? ["epiphyte", "dryBetween", "moist"] : ["epiphyte", "desert"];
  }
}

/**
 * What a plant finds at a place in the box: the climate there, by the scene's, what its roots stand in, room,
 * light, and whether the animal gets there.
 *
 * @example foundAt(scene, { xCm: 10, yCm: 20, spot: "ground" }, plant).temperatureC // [24.6, 26.6]
 */
export const foundAt = (scene: Setting, at: Place, plant: Plant): Found => foundOn(siteAt(scene, at), at, plant);

/**
 * The lamps plants grow under, worked out once for a setting: none, and light not judged, until one hangs that is meant
 * for plants.
 */
const lampsOver = weakMapMemoize(({ habitat, library, ground }: Setting): PlantLamp[] => {
  const all = fitted(habitat.gear, library);
  const told = all.some(({ kind }) => kind.purpose === "plantLight");
  return told ? plantLamps(all, habitat.shell, ground.surfaceAt) : [];
});

/** Leaves stand at these shares of a plant's height: what falls on them is looked at there (ours). */
const LEAVES_AT = [1 / 3, 2 / 3, 1] as const;
/** Leaves are kept so far under the rim: from memory. */
const UNDER_TOP_CM = 2;

/**
 * Light on a grown plant's leaves, in the middle of what the lamps may give; undefined where none hangs.
 *
 * @param leavesCm how far its leaves reach over its foot; below nothing where they hang
 * @param rimCm height of the box
 */
function lightOn(lamps: readonly PlantLamp[], foot: Point, leavesCm: number, rimCm: number): number | undefined {
  if (lamps.length === 0) return undefined;
  const each = LEAVES_AT.map((share) => {
    const zCm = Math.max(0, Math.min(rimCm - UNDER_TOP_CM, foot.zCm + leavesCm * share));
    const [low, high] = ppfdAtPlace(lamps, { ...foot, zCm });
    return (low + high) / 2;
  });
  return each.reduce((sum, light) => sum + light, 0) / each.length;
}

/** What is the same at a place for every plant, so that many can be held against it. */
export type Site = { scene: Setting; surfaceCm: number; soilCm: number; lamps: readonly PlantLamp[] };

export const siteAt = (scene: Setting, { xCm, yCm }: Pick<Place, "xCm" | "yCm">): Site => ({
  scene,
  surfaceCm: scene.ground.surfaceAt(xCm, yCm),
  soilCm: scene.ground.soilDepthAt(xCm, yCm),
  lamps: lampsOver(scene),
});

/** Room over a plant's foot, or for what hangs below it. */
function roomOf(spot: Spot, at: Place, hangs: boolean, footCm: number, surfaceCm: number, rimCm: number): number {
  if (hangs) return Math.max(0, footCm - surfaceCm);
  const anywhere = spot === "wood" && (at.upCm ?? null) === null;
  return Math.max(0, rimCm - (anywhere ? surfaceCm : footCm));
}

/** {@link foundAt} for one of many plants at a site. */
export function foundOn({ scene, surfaceCm, soilCm, lamps }: Site, at: Place, plant: Plant): Found {
  const { animal, climate } = scene;
  const { shell } = scene.habitat;
  const holder = holderOf(scene.ground, at);
  const spot = holder ? "pot" : spotOf(plant, at);
  const footCm = holder ? soilTopCm(holder) : footOver(surfaceCm, shell.heightCm, at, plant);
  const isHigh = holder !== undefined && holder.baseCm > surfaceCm;
  const hangs = hangsDown(scene.ground, at, plant);
  return {
    ...climate.at({ xCm: at.xCm, yCm: at.yCm, zCm: footCm }),
    spot,
    inPlanter: holder !== undefined,
    roots: rootsAt(spot, animal),
    roomCm: roomOf(spot, at, hangs, footCm, surfaceCm, shell.heightCm),
    soilCm: holder ? soilDepthIn(holder) : spot === "ground" || spot === "waterEdge" ? soilCm : undefined,
    ppfd: lightOn(
      lamps,
      { xCm: at.xCm, yCm: at.yCm, zCm: footCm },
      grownHeightCm(plant) * (hangs ? -1 : 1),
      shell.heightCm,
    ),
    reached: spot !== "water" && (animal.lives === "climbing" || (inGround(spot) && !isHigh)),
  };
}

const between = (a: number, b: number, share: number): number => a + (b - a) * share;

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
  { shell }: Pick<Design, "shell">,
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

/**
 * Where a plant usually goes: low ones in front, tall ones at the back, the rest where their kind grows.
 *
 * @param animal in a box that is all water, what can grow under water does so
 * @example usualPlace(entry("plants", "nervePlant")) // "middle"
 */
function usualPlace(plant: Pick<Plant, "places" | "grown">, animal?: Pick<Animal, "water">): PlantingPlace {
  const spot = spotOf(plant, { spot: null });
  if (animal?.water.kind === "aquatic" && plant.places.includes("inWater")) return "water";
  if (spot === "wood") return "woodLow";
  if (spot !== "ground") return spot;
  const heightCm = grownHeightCm(plant);
  return heightCm < LOW_CM ? "front" : heightCm < MIDDLING_CM ? "middle" : "back";
}

/**
 * How a plant stands where it usually goes: its spot is told only where it is another than its kind's.
 *
 * @example usualStand(scene, plant) // { xCm: 30, yCm: 22.5, spot: null, upCm: null }
 */
export function usualStand(
  { habitat, ground, animal }: Setting,
  plant: Plant,
): Required<Pick<Stand, "xCm" | "yCm" | "spot" | "upCm">> {
  const { spot, ...at } = placeNamed(habitat, ground, usualPlace(plant, animal));
  return { ...at, spot: spot === "water" && spotOf(plant, { spot: null }) !== "water" ? spot : null, upCm: null };
}
