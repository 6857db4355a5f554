import { createSelector } from "reselect";
import type { Library } from "../library";
import { contains, probes, type Point } from "../shape";
import { legAreaCm2, legPlans, type LegPlan } from "./falseBottom";
import { levels, type Level, type Slope } from "./levels";
import { mixtureOf, soilMass } from "./mass";
import { solids, type Solid } from "./solids";
import { terrainOf, type GroundPlan, type Terrain } from "./terrain";
import { waterStore, type WaterStore } from "./water";

/** The whole ground of a habitat, worked out from its layers and what stands in them. */
export type Ground = {
  terrain: Terrain;
  solids: readonly Solid[];
  /** From the glass up. */
  levels: readonly Level[];
  levelOf: (layerId: string) => Level | undefined;
  legs: readonly LegPlan[];
  /** Top of everything in the middle of the front and of the back, from the glass. */
  surface: Slope;
  /** Depth of all soil together in the same places, and the deepest there is anywhere, fillings counted. */
  soil: Slope;
  deepestSoilCm: number;
  water: WaterStore | undefined;
  /** Highest ground along the front glass, and anywhere. */
  highestFrontCm: number;
  highestCm: number;
  /** Room between the fill and the sill at the front; undefined without a sill. Negative: over it. */
  underSillCm: number | undefined;
  /** Room between the highest ground and the rim. Negative: above it. */
  underRimCm: number;
  soilVolumeL: number;
  /** Soil in filled pieces. */
  fillingL: number;
  dryKg: number;
  /** Soaked, with the kept water standing in the drainage; without the box and what stands in it. */
  wetKg: number;
  /** Height of the surface at a place, from the glass. */
  surfaceAt: (xCm: number, yCm: number) => number;
  /** How deep the soil is at a place: in a filled tube, the tube's own. */
  soilDepthAt: (xCm: number, yCm: number) => number;
};

const FLOOR: Slope = { frontCm: 0, backCm: 0 };
const FRONT_STEPS = 24;
const PROBES_ALONG = 12;
/** The back edge of a figure is not inside it; a hair before it is. */
const HAIR_CM = 1e-9;

type At = (x: number, y: number) => number;

function soilDepths({ patches }: Terrain, standing: readonly Solid[]): At {
  const soils = patches.filter(({ layer }) => layer.kind === "soil");
  const filled = standing.filter((solid) => solid.fillL > 0 && solid.hole);
  return (x, y) => {
    const tube = filled.find((solid) => contains(solid.hole ?? [], [x, y]));
    if (tube) return tube.topCm - tube.baseCm;
    return soils.reduce((sum, patch) => sum + (patch.lies(x, y) ? patch.thicknessCm(x, y) : 0), 0);
  };
}

/** Places where a height field can be highest: the corners of the floor and of its zones, and the tops of its heaps. */
function summits({ outline, patches, zones }: Terrain): Point[] {
  const heaps = patches.flatMap(({ mounds }) => mounds.map(({ xCm, yCm }): Point => [xCm, yCm]));
  return [...outline, ...heaps, ...zones.flatMap((zone) => zone.points), ...probes(outline, PROBES_ALONG)];
}

/** The line along the front glass: where it begins and ends, and how far the floor goes back. */
function frontOf({ outline }: Terrain): { left: number; right: number; frontCm: number; backCm: number } {
  const ys = outline.map(([, y]) => y);
  const [frontCm, backCm] = [Math.min(...ys), Math.max(...ys)];
  const xs = outline.filter(([, y]) => y <= frontCm + 1e-6).map(([x]) => x);
  return { left: Math.min(...xs), right: Math.max(...xs), frontCm, backCm };
}

function highestAlongFront(surfaceAt: At, { left, right, frontCm }: ReturnType<typeof frontOf>): number {
  const along = Array.from({ length: FRONT_STEPS + 1 }, (_, at) => left + ((right - left) * at) / FRONT_STEPS);
  return Math.max(0, ...along.map((x) => surfaceAt(x, frontCm)));
}

/** Heights in the middle of the front and of the back. */
function slopeOf(at: At, { left, right, frontCm, backCm }: ReturnType<typeof frontOf>): Slope {
  const middle = (left + right) / 2;
  return { frontCm: at(middle, frontCm), backCm: at(middle, backCm - HAIR_CM) };
}

/** Share of a plate's floor that its legs take. */
function legShares(
  legs: readonly LegPlan[],
  levelOf: Ground["levelOf"],
  library: Library,
): ReadonlyMap<string, number> {
  const areaUnder = ({ layerId }: LegPlan) => Math.max(1, levelOf(layerId)?.areaCm2 ?? 1);
  return new Map(legs.map((plan) => [plan.layerId, legAreaCm2(plan, library) / areaUnder(plan)]));
}

const total = <T>(items: readonly T[], pick: (item: T) => number): number =>
  items.reduce((sum, item) => sum + pick(item), 0);

function workOut(habitat: GroundPlan, library: Library): Ground {
  const { sillCm, heightCm } = habitat.shell;
  const terrain = terrainOf(habitat, library);
  const { surfaceAt } = terrain;
  const standing = solids(habitat, terrain, library);
  const filled = standing.filter((solid) => solid.fillL > 0);
  const all = levels(habitat, terrain, standing, library);
  const byLayer = new Map(all.map((level) => [level.layerId, level]));
  const levelOf: Ground["levelOf"] = (layerId) => byLayer.get(layerId);

  const soilDepthAt = soilDepths(terrain, standing);
  const places = summits(terrain);
  const front = frontOf(terrain);
  const highestFrontCm = highestAlongFront(surfaceAt, front);
  const highestCm = Math.max(highestFrontCm, ...places.map(([x, y]) => surfaceAt(x, y)));
  const depths = [...places.map(([x, y]) => soilDepthAt(x, y)), ...filled.map((solid) => solid.topCm - solid.baseCm)];

  const fillings = filled.flatMap(({ piece, fillL, topCm, baseCm }) =>
    piece?.fillMixId
      ? [soilMass(fillL, mixtureOf(habitat, piece.fillMixId, library), { footCm: 0, depthCm: topCm - baseCm })]
      : [],
  );
  const legs = legPlans({ terrain, levels: all, solids: standing }, library);
  const water = waterStore(habitat, terrain, standing, library, legShares(legs, levelOf, library));
  return {
    terrain,
    solids: standing,
    levels: all,
    levelOf,
    legs,
    surface: all.length > 0 ? slopeOf(surfaceAt, front) : FLOOR,
    soil: slopeOf(soilDepthAt, front),
    deepestSoilCm: Math.max(0, ...depths),
    water,
    highestFrontCm,
    highestCm,
    underSillCm: sillCm > 0 ? sillCm - highestFrontCm : undefined,
    underRimCm: heightCm - highestCm,
    soilVolumeL: total(
      all.filter((level) => level.kind === "soil"),
      (level) => level.volumeL,
    ),
    fillingL: total(standing, (solid) => solid.fillL),
    dryKg: total(all, (level) => level.dryKg) + total(fillings, (fill) => fill.dryKg),
    wetKg: total(all, (level) => level.wetKg) + total(fillings, (fill) => fill.wetKg) + (water?.keptL ?? 0),
    surfaceAt,
    soilDepthAt,
  };
}

/**
 * Works the ground out. It reads the shell, the strata, the mixes and the pieces, and is worked out anew only when one
 * of them changed.
 *
 * @example ground(habitat, library).surface.frontCm // 14.5
 */
export const ground: (habitat: GroundPlan, library: Library) => Ground = createSelector(
  [
    ({ shell }: GroundPlan) => shell,
    ({ strata }: GroundPlan) => strata,
    ({ mixes }: GroundPlan) => mixes,
    ({ pieces }: GroundPlan) => pieces,
    (_: GroundPlan, library: Library) => library,
  ],
  (shell, strata, mixes, pieces, library) => workOut({ shell, strata, mixes, pieces }, library),
);
