import type { Shell } from "@/core/habitat";

export const VIEWS = ["front", "side", "plan"] as const;
/**
 * Front: across the width, from the front glass. Side: from the front glass on the left to the back. Plan: from above,
 * front at the bottom.
 */
export type View = (typeof VIEWS)[number];

/** Turns centimetres in the box into pixels on the drawing. */
export type Frame = {
  view: View;
  pxPerCm: number;
  /** Size of the box in this view, cm: in plan its height is the depth of the floor. */
  acrossCm: number;
  heightCm: number;
  depthCm: number;
  /** Pixels from the left edge of the drawing, for centimetres from the left of the view. */
  x: (cm: number) => number;
  /** Pixels from the top of the drawing, for centimetres from the glass up. */
  y: (cm: number) => number;
  /** Centimetres from the glass, for pixels from the top. */
  cmAt: (px: number) => number;
};

export type Margins = { left: number; right: number; top: number; bottom: number };

export const acrossOf = (shell: Pick<Shell, "widthCm" | "depthCm">, view: View): number =>
  view === "side" ? shell.depthCm : shell.widthCm;

export const upOf = (shell: Pick<Shell, "depthCm" | "heightCm">, view: View): number =>
  view === "plan" ? shell.depthCm : shell.heightCm;

/** The scale at which a box fills a space, never so large that a small box looks like a big one. */
export function fittingScale(
  shell: Shell,
  view: View,
  widthPx: number,
  heightPx: number,
  margins: Margins,
  most = 16,
): number {
  const across = (widthPx - margins.left - margins.right) / acrossOf(shell, view);
  const up = (heightPx - margins.top - margins.bottom) / upOf(shell, view);
  return Math.max(0.4, Math.min(across, up, most));
}

export function frameOf(shell: Shell, view: View, pxPerCm: number, left: number, top: number): Frame {
  const floor = top + upOf(shell, view) * pxPerCm;
  return {
    view,
    pxPerCm,
    acrossCm: acrossOf(shell, view),
    heightCm: upOf(shell, view),
    depthCm: shell.depthCm,
    x: (cm) => left + cm * pxPerCm,
    y: (cm) => floor - cm * pxPerCm,
    cmAt: (px) => (floor - px) / pxPerCm,
  };
}

/** Where something that stands in the box stands along a view. */
export const alongOf = (frame: Frame, { xCm, yCm }: { xCm: number; yCm: number }): number =>
  frame.view === "side" ? yCm : xCm;
