import { CM_PER_INCH } from "../../units";
import { memory, practice, published } from "../provenance";
import type { BoxBuild, BoxSize } from "../schema";

const weighed = { ...memory, note: "order of size of the board's or pane's density, recalled" };

/** What boxes are built of. */
export const boxBuilds: readonly BoxBuild[] = [
  {
    id: "glass", densityKgPerM3: 2500, conductsWPerMK: 1, usualWallMm: 5, openSidesPct: 0, holdsWater: true, cautions: ["weight", "blades"], from: weighed,
    fieldFrom: { densityKgPerM3: published("EN 572-1, Glass in building: basic soda-lime silicate glass products", "2500 kg a cubic metre") },
  },
  { id: "pvcBoard", densityKgPerM3: 600, conductsWPerMK: 0.08, usualWallMm: 10, openSidesPct: 0, holdsWater: false, cautions: ["weight"], from: weighed },
  {
    id: "plywood", densityKgPerM3: 650, conductsWPerMK: 0.13, usualWallMm: 15, openSidesPct: 0, holdsWater: false, coats: 2, m2PerL: 10, coatDays: 1, airDays: 7, cautions: ["weight", "dust", "fumes"], from: weighed,
    fieldFrom: {
      coats: { ...practice, note: "drilled or raw wood is sealed with two coats" },
      airDays: { ...memory, note: "a water-borne lacquer hardens through in about a week; two where it still smells" },
    },
  },
  {
    id: "meshSided", densityKgPerM3: 2700, conductsWPerMK: 200, usualWallMm: 1, openSidesPct: 60, holdsWater: false, cautions: ["blades"],
    from: { ...memory, note: "frame and mesh taken as a millimetre of aluminium all round" },
  },
];

/** Inches: width, depth, height. */
const FRONT_OPENING = [
  [12, 12, 18], [12, 12, 24], [18, 18, 18], [18, 18, 24], [18, 18, 36], [24, 18, 18], [24, 18, 24], [36, 18, 12], [36, 18, 18], [36, 18, 24],
  [48, 24, 24], [60, 24, 24],
] as const;
const AQUARIA = [["gal10", 20, 10, 12], ["gal20Long", 30, 12, 12], ["gal29", 30, 12, 18], ["gal40Wide", 36, 18, 16], ["gal55", 48, 13, 21], ["gal75", 48, 18, 21]] as const;

const inCm = (width: number, depth: number, height: number) => ({
  widthCm: Number((width * CM_PER_INCH).toFixed(2)), depthCm: Number((depth * CM_PER_INCH).toFixed(2)), heightCm: Number((height * CM_PER_INCH).toFixed(2)),
});

/** Sizes boxes are commonly sold in, as starting points. */
export const boxSizes: readonly BoxSize[] = [
  ...FRONT_OPENING.map(([w, d, h]): BoxSize => ({ id: `front${w}x${d}x${h}`, kind: "frontOpening", ...inCm(w, d, h), from: { ...practice, note: "a common size, in inches" } })),
  ...AQUARIA.map(([id, w, d, h]): BoxSize => ({ id, kind: "aquarium", ...inCm(w, d, h), from: { ...memory, note: "usual outer size of this volume, in inches; measure yours" } })),
];
