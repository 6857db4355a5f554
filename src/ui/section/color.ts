type Rgb = [number, number, number];

const parse = (hex: string): Rgb => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as Rgb;
const print = (rgb: Rgb): string =>
  `#${rgb
    .map((c) =>
      Math.round(Math.min(255, Math.max(0, c)))
        .toString(16)
        .padStart(2, "0"),
    )
    .join("")}`;

/** Lighter above 0, darker below. @example shade("#808080", 0.5) // "#c0c0c0" */
export const shade = (hex: string, by: number): string =>
  print(parse(hex).map((c) => (by >= 0 ? c + (255 - c) * by : c * (1 + by))) as Rgb);

/** The mean of colours by weight. @example blendColors([["#000000", 1], ["#ffffff", 1]]) // "#808080" */
export function blendColors(weighted: readonly [color: string, weight: number][]): string {
  const total = weighted.reduce((sum, [, weight]) => sum + weight, 0);
  if (total <= 0) return "#9a927f";
  return print(
    [0, 1, 2].map(
      (at) => weighted.reduce((sum, [color, weight]) => sum + (parse(color)[at] ?? 0) * weight, 0) / total,
    ) as Rgb,
  );
}
