import type { Library } from "../library";
import { rule, type FalseBottom } from "../catalog";
import { bounds, contains, type Point } from "../shape";
import type { Level } from "./levels";
import type { Solid } from "./solids";
import type { Patch, Terrain } from "./terrain";

/** What a false bottom is cut and built from. */
export type LegPlan = {
  layerId: string;
  materialId: string;
  /** How far apart legs may stand, cm, and where they do stand. */
  spacingCm: number;
  legs: readonly Point[];
  /** Length each leg is cut to, and all of the pipe with the saw cuts, cm. */
  legCm: number;
  pipeCm: number;
  /** The plate to cut, and what it carries. */
  plate: { widthCm: number; depthCm: number };
  loadKPa: number;
  kgPerLeg: number;
  /** How far it sags between legs, cm. */
  sagCm: number;
};

const G_M_PER_S2 = 9.80665;
const PA_PER_GPA = 1e9;
const PA_PER_MPA = 1e6;
/** Wider than this a plate is felt to give under a hand, whatever the sum says. */
const WIDEST_CM = 20;
const SAW_CUT_CM = 0.3;
const EDGE_CM = 2;

type Strip = { modulusM3: number; inertiaM4: number; stiffPa: number; strengthPa: number };

/** A metre's width of the plate as a beam: section modulus and second moment of a rectangle, thinned by its holes. */
function strip({ thicknessCm, solidPct, elasticGPa, lastingMPa }: FalseBottom): Strip {
  const [t, solid] = [thicknessCm / 100, solidPct / 100];
  return {
    modulusM3: (solid * t ** 2) / 6,
    inertiaM4: (solid * t ** 3) / 12,
    stiffPa: elasticGPa * PA_PER_GPA * rule("plasticCreepShare"),
    strengthPa: lastingMPa * PA_PER_MPA,
  };
}

/**
 * How far legs may stand apart: the plate taken as simply supported strips under an even load. The bending moment is q
 * s² / 8, the sag 5 q s⁴ / (384 E I) (Young & Budynas, Roark's Formulas for Stress and Strain, beams, uniform load on
 * simple supports).
 *
 * @param loadKPa what lies on it, wet
 * @returns cm
 * @example legSpacingCm(entry("falseBottoms", "diffuserGrid"), 1)
 */
export function legSpacingCm(plate: FalseBottom, loadKPa: number): number {
  const q = Math.max(loadKPa, 0.05) * 1000;
  const { modulusM3, inertiaM4, stiffPa, strengthPa } = strip(plate);
  const byStrength = Math.sqrt((8 * strengthPa * modulusM3) / q);
  const bySag = Math.cbrt((384 * stiffPa * inertiaM4) / (5 * q * rule("sagSpanShare")));
  return Math.min(WIDEST_CM, 100 * Math.min(byStrength, bySag));
}

const sagCm = (plate: FalseBottom, loadKPa: number, spanCm: number): number => {
  const { inertiaM4, stiffPa } = strip(plate);
  return ((5 * loadKPa * 1000 * (spanCm / 100) ** 4) / (384 * stiffPa * inertiaM4)) * 100;
};

const along = (from: number, to: number, spacing: number): number[] => {
  const spans = Math.max(1, Math.ceil((to - from) / spacing - 1e-9));
  return Array.from({ length: spans + 1 }, (_, at) => from + ((to - from) * at) / spans);
};

/** What bears down on a plate: the wet ground above it, and what stands in that ground. */
function loadOn(level: Level, { levels, solids }: Laid): number {
  const above = levels.slice(levels.indexOf(level) + 1);
  const shareOn = (other: Level) => Math.min(1, level.areaCm2 / Math.max(1, other.areaCm2));
  const groundKg = above.reduce((sum, other) => sum + other.wetKg * shareOn(other), 0);
  return solids.filter((solid) => solid.baseCm > 0).reduce((sum, solid) => sum + solid.emptyKg, groundKg);
}

/** Places for legs in rows over a plate, where it lies and no column stands. */
function legPlaces(patch: Patch, spacingCm: number, columns: readonly Solid[]): Point[] {
  const { left, right, front, back } = bounds(patch.region.inside.at(-1) ?? []);
  const inset = Math.min(EDGE_CM, (right - left) / 4, (back - front) / 4);
  const lies = ([x, y]: Point) =>
    patch.lies(x, y) &&
    patch.region.inside.every((outline) => contains(outline, [x, y])) &&
    !columns.some((solid) => contains(solid.outline, [x, y]));
  return along(front + inset, back - inset, spacingCm).flatMap((y) =>
    along(left + inset, right - inset, spacingCm)
      .map((x): Point => [x, y])
      .filter(lies),
  );
}

/** The ground as far as legs carry it. */
type Laid = { terrain: Terrain; levels: readonly Level[]; solids: readonly Solid[] };

/**
 * Legs, pipe and plate of every false bottom, under the wet ground that lies on it.
 *
 * @example legPlans(ground(habitat, library), library)[0]?.legs.length // 20
 */
export function legPlans(ground: Laid, library: Library): LegPlan[] {
  const columns = ground.solids.filter((solid) => solid.baseCm === 0);
  return ground.terrain.patches.flatMap((patch): LegPlan[] => {
    const { layer } = patch;
    const level = ground.levels.find((other) => other.layerId === layer.id);
    if (layer.kind !== "falseBottom" || !level || level.areaCm2 === 0) return [];
    const plate = library.get("falseBottoms", layer.materialId);
    const loadKg = loadOn(level, ground);
    const loadKPa = (loadKg * G_M_PER_S2) / (level.areaCm2 / 10_000) / 1000;
    const spacingCm = legSpacingCm(plate, loadKPa);
    const legs = legPlaces(patch, spacingCm, columns);
    const legCm = Math.max(0.1, layer.depthCm - plate.thicknessCm);
    const { left, right, front, back } = bounds(patch.region.inside.at(-1) ?? []);
    return [
      {
        layerId: layer.id,
        materialId: plate.id,
        spacingCm,
        legs,
        legCm,
        pipeCm: legs.length * (legCm + SAW_CUT_CM),
        plate: { widthCm: right - left, depthCm: back - front },
        loadKPa,
        kgPerLeg: legs.length > 0 ? loadKg / legs.length : 0,
        sagCm: sagCm(plate, loadKPa, spacingCm),
      },
    ];
  });
}

/** Floor the legs themselves take, cm²: the pipe's wall, as water stands inside it too. */
export const legAreaCm2 = (plan: LegPlan, library: Library): number => {
  const { legMm, legWallMm } = library.get("falseBottoms", plan.materialId);
  const inner = Math.max(0, legMm - 2 * legWallMm);
  return (plan.legs.length * Math.PI * (legMm ** 2 - inner ** 2)) / 400;
};
