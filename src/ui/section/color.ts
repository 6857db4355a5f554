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

/** Relative luminance, 0 to 1 (WCAG 2.2, from the sRGB transfer function). */
function luminance(hex: string): number {
  const [r, g, b] = parse(hex).map((c) => {
    const share = c / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as Rgb;
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** How far two colours stand apart, 1 to 21 (WCAG 2.2). @example contrast("#000000", "#ffffff") // 21 */
export function contrast(one: string, other: string): number {
  const [low = 0, high = 0] = [luminance(one), luminance(other)].sort((a, b) => a - b);
  return (high + 0.05) / (low + 0.05);
}

/** The air of a box by night, as in globals.css at its lighter end. */
const NIGHT_AIR = "#2a2721";
/** What must be told apart without being read (WCAG 2.2, 1.4.11). */
const APART = 3;
const STEP = 0.04;

/**
 * A colour light enough to be seen on the dark ground of the night; one that is so already stays as it is.
 *
 * @example byNight("#1f3d2b") // lighter
 */
export function byNight(hex: string): string {
  for (let by = 0; by < MOST_BRIGHT; by += STEP) {
    const brighter = brightened(hex, 1 + by);
    if (contrast(brighter, NIGHT_AIR) >= APART) return brighter;
  }
  for (let by = STEP; by < 1; by += STEP) {
    const paler = shade(brightened(hex, 1 + MOST_BRIGHT), by);
    if (contrast(paler, NIGHT_AIR) >= APART) return paler;
  }
  return "#ffffff";
}

/** Brighter first, which keeps the hue; what is all but black then gets paler. */
const MOST_BRIGHT = 1.2;
const brightened = (hex: string, times: number): string => print(parse(hex).map((c) => c * times) as Rgb);
