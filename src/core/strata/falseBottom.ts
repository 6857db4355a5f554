import { entry, rule, type FalseBottom } from "../catalog";
import { contains, type Point } from "../shape";
import type { Level } from "./levels";
import type { Solid } from "./solids";
import type { Terrain } from "./terrain";

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
 * How far legs may stand apart: the plate taken as simply supported strips under an even load. The bending moment is q s² / 8, the
 * sag 5 q s⁴ / (384 E I) (Young & Budynas, Roark's Formulas for Stress and Strain, beams, uniform load on simple supports).
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

/**
 * Legs, pipe and plate of every false bottom, under the wet ground that lies on it.
 *
 * @example legPlans(ground(habitat))[0]?.legs.length // 20
 */
export function legPlans(ground: { terrain: Terrain; levels: readonly Level[]; solids: readonly Solid[] }): LegPlan[] {
  return ground.levels.flatMap((level, at): LegPlan[] => {
    const patch = ground.terrain.patches[at];
    if (!patch || patch.layer.kind !== "falseBottom" || level.areaCm2 === 0) return [];
    const plate = entry("falseBottoms", patch.layer.materialId);
    const above = ground.levels
      .slice(at + 1)
      .reduce((sum, other) => sum + other.wetKg * Math.min(1, level.areaCm2 / Math.max(1, other.areaCm2)), 0);
    const standing = ground.solids.filter((solid) => solid.baseCm > 0).reduce((sum, solid) => sum + solid.emptyKg, 0);
    const loadKPa = ((above + standing) * G_M_PER_S2) / (level.areaCm2 / 10_000) / 1000;
    const spacingCm = legSpacingCm(plate, loadKPa);
    const points = patch.region.inside.at(-1) ?? [];
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    const box = { left: Math.min(...xs), right: Math.max(...xs), front: Math.min(...ys), back: Math.max(...ys) };
    const columns = ground.solids.filter((solid) => solid.baseCm === 0);
    const lies = ([x, y]: Point) =>
      patch.lies(x, y) &&
      patch.region.inside.every((outline) => contains(outline, [x, y])) &&
      !columns.some((solid) => contains(solid.outline, [x, y]));
    const inset = Math.min(EDGE_CM, (box.right - box.left) / 4, (box.back - box.front) / 4);
    const legs = along(box.front + inset, box.back - inset, spacingCm).flatMap((y) =>
      along(box.left + inset, box.right - inset, spacingCm)
        .map((x): Point => [x, y])
        .filter(lies),
    );
    const legCm = Math.max(0.1, patch.layer.depthCm - plate.thicknessCm);
    return [
      {
        layerId: level.layerId,
        materialId: plate.id,
        spacingCm,
        legs,
        legCm,
        pipeCm: legs.length * (legCm + SAW_CUT_CM),
        plate: { widthCm: box.right - box.left, depthCm: box.back - box.front },
        loadKPa,
        kgPerLeg: legs.length > 0 ? (above + standing) / legs.length : 0,
        sagCm: sagCm(plate, loadKPa, spacingCm),
      },
    ];
  });
}

/** Floor the legs themselves take, cm²: the pipe's wall, as water stands inside it too. */
export const legAreaCm2 = (plan: LegPlan): number => {
  const { legMm, legWallMm } = entry("falseBottoms", plan.materialId);
  const inner = Math.max(0, legMm - 2 * legWallMm);
  return (plan.legs.length * Math.PI * (legMm ** 2 - inner ** 2)) / 400;
};
