import type { PieceKind } from "../catalog";
import type { Piece } from "../habitat";
import type { Scene } from "../scene";
import { bounds } from "../shape";
import { standsAt, type Ground, type Solid } from "../strata";

/** What roofs something over: branches do not. */
const ROOFS: readonly string[] = ["flat", "tube", "cave", "log"];
const SOLID_PCT = 50;
/** Between these a thing leans: flatter it lies, steeper there is nothing under it. Rincon's own. */
const LEANS_DEG = { min: 20, max: 75 };
/** So much of a half buried piece lies in the ground. Rincon's own. */
const BURIED = { min: 0.3, max: 0.85 };
/** Narrower than this nothing gets under it. Rincon's own. */
const LEAST_SIDE_CM = 6;

type Setting = Pick<Scene, "ground" | "library">;

const roofs = ({ piece, kind, outline }: Solid): boolean => {
  const { left, right, front, back } = bounds(outline);
  const narrow = Math.min(right - left, back - front) < LEAST_SIDE_CM;
  return piece !== undefined && !narrow && ROOFS.includes(kind.form) && kind.solidPct >= SOLID_PCT;
};

/** The dry lee under what leans on the ground. @example isLee(leaningBark, ground) // true */
export function isLee(solid: Solid, { surfaceAt }: Ground): boolean {
  const { piece } = solid;
  if (!piece?.tilt || !roofs(solid)) return false;
  const { deg } = piece.tilt;
  const stands = solid.baseCm <= surfaceAt(...standsAt(piece)) + 0.5;
  return stands && deg >= LEANS_DEG.min && deg <= LEANS_DEG.max;
}

/** Bark and logs lie by nature; what stands has to be laid down. */
export const isLying = ({ form }: PieceKind, { tilt, widthCm, heightCm }: Piece): boolean =>
  tilt === null ? (form === "cave" || form === "log") && heightCm <= widthCm : tilt.deg > LEANS_DEG.max;

/** What is pressed into the ground and still shows, so that something can dig in under it. */
export function isHalfBuried(solid: Solid, { surfaceAt, soilDepthAt }: Ground): boolean {
  const { piece, baseCm, topCm } = solid;
  if (!piece || !roofs(solid)) return false;
  const { xCm, yCm } = piece;
  const inGround = (surfaceAt(xCm, yCm) - baseCm) / Math.max(0.1, topCm - baseCm);
  return isLying(solid.kind, piece) && soilDepthAt(xCm, yCm) > 0 && inGround >= BURIED.min && inGround <= BURIED.max;
}

/** Whether it stays damp under a thing: moss over the ground there, or soil that was not laid dry. */
export function isDampUnder({ piece }: Solid, { ground, library }: Setting): boolean {
  const lying = piece ? ground.terrain.columnAt(piece.xCm, piece.yCm).map(({ patch }) => patch.layer) : [];
  const isMoss = lying.some(
    (layer) => layer.kind === "dressing" && library.get("dressings", layer.materialId).look.texture === "moss",
  );
  const soil = lying.findLast((layer) => layer.kind === "soil");
  return isMoss || soil?.laid === "moist";
}
