import type { Library } from "../library";
import { rule } from "../catalog";
import { bounds, perimeterCm, type Polygon } from "../shape";
import type { Ground } from "./ground";

/** A hole to cut for what passes through. From the sheet's own left and front edge. */
type Notch = {
  solidId: string;
  kindId: string;
  round: boolean;
  xCm: number;
  yCm: number;
  widthCm: number;
  depthCm: number;
};

/** How a barrier is cut. */
export type CutSheet = {
  layerId: string;
  materialId: string;
  widthCm: number;
  depthCm: number;
  turnUpCm: number;
  /** The floor it lies on, from the sheet's own left and front edge: what is outside it is turned up. */
  floor: Polygon;
  notches: readonly Notch[];
  /**
   * Strips side by side when the roll is narrower: how many, how wide each, where the seams lie from the left, with
   * their overlap.
   */
  strips: number;
  stripWidthCm: number;
  seamsCm: readonly number[];
  overlapCm: number;
  /** Sheet off the roll in all, cm of it. */
  rollCm: number;
  rollWidthCm: number;
  /** Instead of turning it up: strips along the walls. */
  edgeStrip: { lengthCm: number; widthCm: number };
};

/**
 * The cut sheets of a habitat's barriers: turn-ups, holes for what passes through, seams where the roll is too narrow.
 *
 * @example cutSheets(ground, library)[0]?.widthCm // 65 for a 60 cm floor
 */
export function cutSheets(ground: Pick<Ground, "terrain" | "solids">, library: Library): CutSheet[] {
  const turnUp = rule("barrierTurnUpCm");
  return ground.terrain.patches.flatMap((patch): CutSheet[] => {
    const { layer, region } = patch;
    if (layer.kind !== "barrier") return [];
    const floor = region.inside.at(-1) ?? ground.terrain.outline;
    const { left, right, front, back } = bounds(floor);
    const [widthCm, depthCm] = [right - left + 2 * turnUp, back - front + 2 * turnUp];
    const heightCm = (x: number, y: number) => ground.terrain.topOf(patch, x, y);
    const notches = ground.solids.flatMap((solid): Notch[] => {
      if (!solid.piece) return [];
      const edge = bounds(solid.outline);
      const [x, y] = [(edge.left + edge.right) / 2, (edge.front + edge.back) / 2];
      if (
        x < left ||
        x > right ||
        y < front ||
        y > back ||
        solid.baseCm >= heightCm(x, y) ||
        solid.topCm <= heightCm(x, y)
      )
        return [];
      return [
        {
          solidId: solid.id,
          kindId: solid.kind.id,
          round: solid.kind.plan === "round",
          xCm: edge.left - left + turnUp,
          yCm: edge.front - front + turnUp,
          widthCm: edge.right - edge.left,
          depthCm: edge.back - edge.front,
        },
      ];
    });
    const { rollWidthCm } = library.get("barriers", layer.materialId);
    // The roll runs along the longer side, so the shorter one decides how many strips lie side by side.
    const [across, long] = [Math.min(widthCm, depthCm), Math.max(widthCm, depthCm)];
    const overlapCm = rule("barrierOverlapCm");
    const strips = across <= rollWidthCm ? 1 : Math.ceil((across - overlapCm) / (rollWidthCm - overlapCm));
    const stripWidthCm = strips === 1 ? across : (across + (strips - 1) * overlapCm) / strips;
    return [
      {
        layerId: layer.id,
        materialId: layer.materialId,
        widthCm,
        depthCm,
        turnUpCm: turnUp,
        floor: floor.map(([x, y]) => [x - left + turnUp, y - front + turnUp] as const),
        notches,
        strips,
        stripWidthCm,
        seamsCm: Array.from({ length: strips - 1 }, (_, n) => (n + 1) * (stripWidthCm - overlapCm)),
        overlapCm,
        rollCm: strips * long,
        rollWidthCm,
        edgeStrip: { lengthCm: perimeterCm(floor), widthCm: rule("edgeStripCm") },
      },
    ];
  });
}
