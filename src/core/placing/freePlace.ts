import type { Piece } from "../habitat";
import type { Scene } from "../scene";
import { areaCm2, bounds, regionAreaCm2 } from "../shape";
import { bodiesAt, solidOf, type Solid } from "../strata";
import { throughShare } from "./through";

/** Where a piece has room. */
type Placed = Pick<Piece, "xCm" | "yCm" | "turnDeg" | "rest">;
type Where = Pick<Scene, "ground" | "library"> & {
  habitat: Pick<Scene["habitat"], "pieces" | "plants" | "shell">;
};

const STEP_SHARE = 1 / 14;
const NEARLY_ALL = 0.97;
const HAIR_CM = 0.05;
/** What hangs or leans so high over a plant's foot leaves it its place. */
const OVER_PLANTS_CM = 4;
const TURNS_DEG = [0, 90, 45, -45];

const steps = (from: number, to: number, stepCm: number): number[] => {
  const count = Math.max(1, Math.round((to - from) / stepCm));
  return Array.from({ length: count }, (_, at) => from + ((to - from) * (at + 0.5)) / count);
};

/** Points over the floor, or for what hangs along the back wall and the side walls. */
function pointsFor(piece: Piece, { ground, habitat }: Where): [number, number][] {
  const { left, right, front, back } = bounds(ground.terrain.outline);
  const stepCm = Math.max(1.5, Math.max(right - left, back - front) * STEP_SHARE);
  const across = steps(left, right, stepCm);
  const rows = steps(front, back, stepCm);
  if (piece.rest.on !== "wall") return across.flatMap((x) => rows.map((y): [number, number] => [x, y]));
  const half = Math.min(piece.depthCm, habitat.shell.depthCm) / 2;
  return across.map((x): [number, number] => [x, back - half]);
}

/** Heights to try for what hangs: as wished, then further and further from it. */
function restsFor({ rest, heightCm }: Piece, rimCm: number): Piece["rest"][] {
  if (rest.on !== "wall") return [rest];
  const most = Math.max(0, rimCm - heightCm);
  const heights = [0, 0.12, -0.12, 0.24, -0.24, 0.36, -0.36].map((share) => rest.upCm + share * rimCm);
  return heights.filter((upCm) => upCm >= 0 && upCm <= most).map((upCm) => ({ on: "wall", upCm }));
}

/** Whether a solid thing stands within the walls, under the rim, through nothing and on nobody's roots. */
function isFree(solid: Solid, { ground, habitat }: Where): boolean {
  if (solid.topCm > habitat.shell.heightCm + HAIR_CM) return false;
  const onFloorCm2 = regionAreaCm2({ inside: [solid.outline, ground.terrain.outline], outside: [] });
  if (onFloorCm2 < areaCm2(solid.outline) * NEARLY_ALL) return false;
  if (ground.solids.some((other) => other.id !== solid.id && throughShare(solid, other) > 0)) return false;
  return !habitat.plants.some(({ xCm, yCm }) => {
    const surfaceCm = ground.surfaceAt(xCm, yCm);
    return bodiesAt(solid, xCm, yCm).some(({ fromCm }) => solid.baseCm + fromCm <= surfaceCm + OVER_PLANTS_CM);
  });
}

/**
 * The free place nearest to where a piece was wished: within the walls, under the rim, through no other piece and on no
 * plant. It may be turned for it; what hangs may hang higher or lower.
 *
 * @returns undefined where there is none
 * @example freePlace(scene, { ...boulder, xCm: 30, yCm: 22 }) // { xCm: 38.6, yCm: 12.1, turnDeg: 0, rest: { on: "glass" } }
 */
export function freePlace(where: Where, piece: Piece): Placed | undefined {
  const far = ([x, y]: [number, number]): number => Math.hypot(x - piece.xCm, y - piece.yCm);
  const points = [[piece.xCm, piece.yCm] as [number, number], ...pointsFor(piece, where)].toSorted(
    (a, b) => far(a) - far(b),
  );
  const at = { terrain: where.ground.terrain, library: where.library, others: where.habitat.pieces };
  for (const rest of restsFor(piece, where.habitat.shell.heightCm)) {
    for (const [x, y] of points) {
      for (const turn of TURNS_DEG) {
        const placed = { xCm: round(x), yCm: round(y), turnDeg: turned(piece.turnDeg + turn), rest };
        if (isFree(solidOf({ ...piece, ...placed }, at), where)) return placed;
      }
    }
  }
  return undefined;
}

const round = (cm: number): number => Math.round(cm * 10) / 10;
const turned = (deg: number): number => ((deg + 180) % 360) - 180;
