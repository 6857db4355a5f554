import type { Library } from "../library";
import { rule } from "../catalog";
import { floorOutline, type Shell, type Treatment, type Wall } from "../habitat";
import { areaCm2, bounds, clipped, type Polygon } from "../shape";

const CM2_PER_M2 = 10_000;
const CM3_PER_L = 1000;
const HAIR_CM = 1e-6;
/** However much is carved off, so much of it stays. */
const LEAST_LEFT = 0.05;

/** How long a wall runs along the floor, cm: what of the floor's edge lies against that side of the box. */
export function wallLengthCm(shell: Shell, wall: Wall): number {
  const outline = floorOutline(shell);
  const at = { front: 0, back: shell.depthCm, left: 0, right: shell.widthCm }[wall];
  const axis = wall === "front" || wall === "back" ? 1 : 0;
  return outline.reduce((sum, point, n) => {
    const next = outline[(n + 1) % outline.length] ?? point;
    const lies = Math.abs(point[axis] - at) < HAIR_CM && Math.abs(next[axis] - at) < HAIR_CM;
    return lies ? sum + Math.hypot(next[0] - point[0], next[1] - point[1]) : sum;
  }, 0);
}

/** How thick a wall is built below a height. */
const thicknessOn = ({ treatments }: Shell, wall: Wall, belowCm: number): number =>
  treatments.find((built) => built.wall === wall && built.fromCm < belowCm - HAIR_CM)?.thicknessCm ?? 0;

/**
 * The floor the ground lies on: what the walls' builds leave of it. A drawn floor that they would fill wholly stays as
 * it is.
 *
 * @param belowCm what lies no higher than this runs on under what is built from there up
 * @example groundOutline(shell) // a 60 x 45 floor with 5 cm of foam behind: 60 x 40
 */
export function groundOutline(shell: Shell, belowCm = Infinity): Polygon {
  const outline = floorOutline(shell);
  const left = clipped(outline, {
    left: thicknessOn(shell, "left", belowCm),
    right: shell.widthCm - thicknessOn(shell, "right", belowCm),
    front: thicknessOn(shell, "front", belowCm),
    back: shell.depthCm - thicknessOn(shell, "back", belowCm),
  });
  return left.length >= 3 && areaCm2(left) > 1 ? left : outline;
}

/** The ground's outermost edges. @example groundBounds(shell).back // 40 */
export const groundBounds = (shell: Shell) => bounds(groundOutline(shell));

/** What a wall's build takes: materials, mass, room and days. */
export type WallWork = {
  wall: Wall;
  areaCm2: number;
  /** Room it takes from the box, and floor from the ground. */
  roomL: number;
  floorCm2: number;
  /** Whole things to buy. */
  foamCans: number;
  cartridges: number;
  paintL: number;
  fibreL: number;
  sheetCm2: number;
  clayL: number;
  massKg: number;
  /**
   * Days it sets before it can be carved or finished, days the finish takes, and days of airing before anything lives
   * with it.
   */
  setDays: number;
  finishDays: number;
  airDays: number;
};

const circleCm2 = (acrossMm: number): number => Math.PI * (acrossMm / 20) ** 2;

/** A bead round the edge, and rows across so far apart. */
function beadL(lengthCm: number, heightCm: number, everyCm: number): number {
  if (everyCm === 0) return 0;
  const rows = Math.max(0, Math.floor(heightCm / everyCm));
  return ((2 * (lengthCm + heightCm) + rows * lengthCm) * circleCm2(rule("siliconeBeadMm"))) / CM3_PER_L;
}

/** A wall left as its build leaves it. */
const NO_FINISH = {
  coats: 0,
  coatDays: 0,
  cureDays: 0,
  airDays: 0,
  m2PerL: 0,
  cartridgesPerM2: 0,
  fibreLPerM2: 0,
  kgPerM2: 0,
} as const;

/**
 * What one wall's build takes. Cans and cartridges are whole, as they are bought.
 *
 * @param setInL room that things set in it take

 * @example wallWork(shell, { wall: "back", treatmentId: "foam", finishId: "siliconeFibre", thicknessCm: 5 }).foamCans // 2
 */
export function wallWork(shell: Shell, treatment: Treatment, library: Library, setInL = 0): WallWork {
  const kind = library.get("wallTreatments", treatment.treatmentId);
  const finish = treatment.finishId === null ? NO_FINISH : library.get("wallFinishes", treatment.finishId);
  const lengthCm = wallLengthCm(shell, treatment.wall);
  const highCm = Math.max(0, shell.heightCm - treatment.fromCm);
  const area = lengthCm * highCm;
  const m2 = area / CM2_PER_M2;
  const roomL = (area * treatment.thicknessCm) / CM3_PER_L;
  const builtL = Math.max(0, roomL - setInL);
  // What is torn off had to rise first: of a hundred litres of foam sixty-five stay where thirty-five are carved off.
  const putOnL = builtL / Math.max(LEAST_LEFT, 1 - kind.wastePct / 100);
  const foamL = kind.foamLPerCan > 0 ? putOnL : 0;
  const siliconeL = beadL(lengthCm, highCm, kind.beadEveryCm) + (foamL > 0 ? m2 * rule("roughenBeadLPerM2") : 0);
  const coats = (coatCount: number, m2PerL: number) => (m2PerL > 0 ? (m2 * coatCount) / m2PerL : 0);
  return {
    wall: treatment.wall,
    areaCm2: area,
    roomL,
    floorCm2: lengthCm * treatment.thicknessCm,
    foamCans: foamL > 0 ? Math.ceil(foamL / kind.foamLPerCan - HAIR_CM) : 0,
    cartridges: Math.ceil(siliconeL / rule("siliconeCartridgeL") + m2 * finish.cartridgesPerM2 - HAIR_CM),
    paintL: coats(kind.coats, kind.m2PerL) + coats(finish.coats, finish.m2PerL),
    fibreL: m2 * finish.fibreLPerM2,
    sheetCm2: SHEETS.includes(treatment.treatmentId) ? area : 0,
    clayL: treatment.treatmentId === "sculptedClay" ? putOnL : 0,
    massKg: m2 * (treatment.thicknessCm * kind.kgPerM2PerCm + finish.kgPerM2),
    setDays: kind.setDays,
    finishDays: Math.ceil(finish.coats * finish.coatDays) + finish.cureDays,
    airDays: Math.max(kind.airDays, finish.airDays),
  };
}

/**
 * A rigid panel cut so that it goes in against a wall: less the play it wants each way.
 *
 * @example panelSize(shell, { wall: "back", fromCm: 0 }) // { widthCm: 59.7, heightCm: 44.7 }
 */
export function panelSize(shell: Shell, { wall, fromCm }: Pick<Treatment, "wall" | "fromCm">) {
  const ease = rule("panelEaseCm");
  return {
    widthCm: Math.max(ease, wallLengthCm(shell, wall) - ease),
    heightCm: Math.max(ease, shell.heightCm - fromCm - ease),
  };
}

/** What is built of a sheet. */
const SHEETS: readonly string[] = ["corkPanel", "removablePanel"];

/** Every built wall's work. @example wallWorks(shell).map((work) => work.wall) // ["back"] */
export const wallWorks = (shell: Shell, library: Library): WallWork[] =>
  shell.treatments.map((treatment) => wallWork(shell, treatment, library));
