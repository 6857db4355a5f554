import { contours } from "d3-contour";
import type { Frame } from "@/ui/section";

const ACROSS = 56;
const UP = 48;

/** A line of equal value of a field over the section, as a path in pixels, and how far down it reaches under its lamp. */
export type Contour = { value: number; path: string; label: { x: number; y: number } | undefined };

/** Value at so many cm along the view and up from the glass. */
export type Field = (acrossCm: number, upCm: number) => number;

type Ring = readonly (readonly number[])[];

/**
 * Lines of equal value of a field over a view across the box.
 *
 * @param at value at so many cm along the view and up from the glass
 * @param thresholds rising
 * @param under cm along the view: where the labels stand
 */
export function contoursOf(frame: Frame, at: Field, thresholds: number[], under: number): Contour[] {
  const { acrossCm, heightCm } = frame;
  const values = Array.from({ length: ACROSS * UP }, (_, n) => {
    const across = ((n % ACROSS) + 0.5) / ACROSS;
    const up = 1 - (Math.floor(n / ACROSS) + 0.5) / UP;
    return at(across * acrossCm, up * heightCm);
  });
  const px = ([x = 0, y = 0]: readonly number[]): [number, number] => [
    frame.x((x / ACROSS) * acrossCm),
    frame.y(heightCm - (y / UP) * heightCm),
  ];
  const drawn = (ring: Ring) =>
    `M${ring
      .map((point) =>
        px(point)
          .map((n) => n.toFixed(1))
          .join(","),
      )
      .join("L")}Z`;
  return contours()
    .size([ACROSS, UP])
    .thresholds(thresholds)(values)
    .map(({ value, coordinates }) => {
      const rings = coordinates.flat() as Ring[];
      return { value, path: rings.map(drawn).join(""), label: labelOf(frame, at, value, under) };
    });
}

/** Where a field falls under a value straight below its lamp; nowhere where it does not within the box. */
function labelOf(frame: Frame, at: Field, value: number, under: number): Contour["label"] {
  const ups = Array.from({ length: UP * 2 }, (_, n) => frame.heightCm * (1 - (n + 0.5) / (UP * 2)));
  const first = ups.findIndex((up) => at(under, up) >= value);
  const last = ups.findIndex((up, n) => n > first && at(under, up) < value);
  const up = ups[last];
  return first < 0 || up === undefined ? undefined : { x: frame.x(under), y: frame.y(up) };
}
