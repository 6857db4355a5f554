import type { Habitat } from "../habitat";
import { contains, probes } from "../shape";
import { legAreaCm2, legPlans, type LegPlan } from "./falseBottom";
import { levels, type Level, type Slope } from "./levels";
import { mixtureOf, soilMass } from "./mass";
import { solids, type Solid } from "./solids";
import { terrainOf, type Terrain } from "./terrain";
import { waterStore, type WaterStore } from "./water";

/** The whole ground of a habitat, worked out from its layers and what stands in them. */
export type Ground = {
  terrain: Terrain;
  solids: readonly Solid[];
  levels: Level[];
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

function soilDepths({ patches }: Terrain, standing: readonly Solid[]): Ground["soilDepthAt"] {
  const soils = patches.filter(({ layer }) => layer.kind === "soil");
  const filled = standing.filter((solid) => solid.fillL > 0 && solid.hole);
  return (x, y) => {
    const tube = filled.find((solid) => contains(solid.hole ?? [], [x, y]));
    if (tube) return tube.topCm - tube.baseCm;
    return soils.reduce((sum, patch) => sum + (patch.lies(x, y) ? patch.thicknessCm(x, y) : 0), 0);
  };
}

/** Places where a height field can be highest: the corners of the floor and of its zones, and the tops of its heaps. */
function summits(habitat: Habitat, terrain: Terrain): (readonly [number, number])[] {
  const heaps = habitat.strata.layers.flatMap((layer) =>
    layer.kind === "soil" ? layer.mounds.map((mound) => [mound.xCm, mound.yCm] as const) : [],
  );
  return [
    ...terrain.outline,
    ...heaps,
    ...habitat.strata.zones.flatMap((zone) => zone.points),
    ...probes(terrain.outline, PROBES_ALONG),
  ];
}

/** Works the ground out. @example ground(habitat).surface.frontCm // 14.5 */
export function ground(habitat: Habitat): Ground {
  const terrain = terrainOf(habitat);
  const standing = solids(habitat, terrain);
  const all = levels(habitat, terrain, standing);
  const surfaceAt = (x: number, y: number) => terrain.topsAt(x, y).at(-1) ?? 0;
  const soilDepthAt = soilDepths(terrain, standing);
  const places = summits(habitat, terrain);
  const ys = terrain.outline.map(([, y]) => y);
  const [frontCm, backCm] = [Math.min(...ys), Math.max(...ys)];
  const xs = terrain.outline.filter(([, y]) => y <= frontCm + 1e-6).map(([x]) => x);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const highestFrontCm = Math.max(
    0,
    ...Array.from({ length: FRONT_STEPS + 1 }, (_, at) =>
      surfaceAt(left + ((right - left) * at) / FRONT_STEPS, frontCm),
    ),
  );
  const highestCm = Math.max(highestFrontCm, ...places.map(([x, y]) => surfaceAt(x, y)));
  const middle = (left + right) / 2;
  const slope = (at: (x: number, y: number) => number): Slope => ({
    frontCm: at(middle, frontCm),
    backCm: at(middle, backCm - HAIR_CM),
  });
  const sum = (pick: (level: Level) => number, from: readonly Level[] = all) =>
    from.reduce((total, level) => total + pick(level), 0);
  const fillings = habitat.pieces.flatMap((piece) =>
    piece.fillMixId
      ? [soilMass(standing.find((solid) => solid.piece === piece)?.fillL ?? 0, mixtureOf(habitat, piece.fillMixId))]
      : [],
  );
  const soils = all.filter((level) => level.kind === "soil");
  const base = {
    terrain,
    solids: standing,
    levels: all,
    surface: all.length > 0 ? slope(surfaceAt) : FLOOR,
    soil: slope(soilDepthAt),
    deepestSoilCm: Math.max(
      0,
      ...places.map(([x, y]) => soilDepthAt(x, y)),
      ...standing.filter((solid) => solid.fillL > 0).map((solid) => solid.topCm - solid.baseCm),
    ),
    highestFrontCm,
    highestCm,
    underSillCm: habitat.shell.sillCm > 0 ? habitat.shell.sillCm - highestFrontCm : undefined,
    underRimCm: habitat.shell.heightCm - highestCm,
    soilVolumeL: sum((level) => level.volumeL, soils),
    fillingL: standing.reduce((total, solid) => total + solid.fillL, 0),
    dryKg: sum((level) => level.dryKg) + fillings.reduce((total, fill) => total + fill.dryKg, 0),
    surfaceAt,
    soilDepthAt,
  };
  const legs = legPlans(base);
  const legShare = new Map(
    legs.map((plan) => [
      plan.layerId,
      legAreaCm2(plan) / Math.max(1, all.find((level) => level.layerId === plan.layerId)?.areaCm2 ?? 1),
    ]),
  );
  const water = waterStore(habitat, terrain, standing, legShare);
  return {
    ...base,
    legs,
    water,
    wetKg: sum((level) => level.wetKg) + fillings.reduce((total, fill) => total + fill.wetKg, 0) + (water?.keptL ?? 0),
  };
}
