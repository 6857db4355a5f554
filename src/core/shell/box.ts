import type { Library } from "../library";
import { floorOutline, type Shell } from "../habitat";
import { areaCm2, perimeterCm } from "../shape";

const MM_PER_CM = 10;
const CM3_PER_M3 = 1_000_000;

/**
 * Volume of what the box is built of: floor, walls, and the lid where it is a pane.
 * Walls stand outside the inner size; at right-angled corners this is exact, elsewhere a wall's thickness squared off.
 *
 * @returns cm³
 * @example wallVolumeCm3(shell) // 7875.5 for 60 x 45 x 45 cm of 5 mm, open above
 */
export function wallVolumeCm3(shell: Shell): number {
  const wallCm = shell.wallMm / MM_PER_CM;
  const outline = floorOutline(shell);
  const inner = areaCm2(outline);
  const outer = inner + perimeterCm(outline) * wallCm + 4 * wallCm * wallCm;
  const panes = shell.top.lid === "glass" ? 2 : 1;
  return outer * (shell.heightCm + wallCm * panes) - inner * shell.heightCm;
}

/**
 * Mass of the empty box, kg. Mesh lids and doors' fittings are left out.
 *
 * @example boxKg(shell) // 19.7 for 60 x 45 x 45 of 5 mm glass
 */
export const boxKg = (shell: Shell, library: Library): number =>
  (wallVolumeCm3(shell) * library.get("boxBuilds", shell.buildId).densityKgPerM3) / CM3_PER_M3;

/** How air gets in and out. */
export type Airing = {
  /** Open area of the top, of low and of high vents, and of mesh sides, cm². */
  topCm2: number;
  lowVentsCm2: number;
  highVentsCm2: number;
  sidesCm2: number;
  totalCm2: number;
};

/**
 * The open area of a box by where it is: a vent below the middle is an inlet, above it an outlet.
 *
 * @example airing(shell).totalCm2 // 1350 for a 60 x 45 mesh top half covered
 */
export function airing(shell: Shell, library: Library): Airing {
  const outline = floorOutline(shell);
  const vents = shell.openings.filter((opening) => opening.kind === "vent");
  const area = (of: typeof vents) => of.reduce((sum, vent) => sum + vent.widthCm * vent.heightCm, 0);
  const isHigh = (vent: (typeof vents)[number]) => vent.upCm + vent.heightCm / 2 > shell.heightCm / 2;
  const topCm2 = shell.top.lid === "glass" ? 0 : areaCm2(outline) * (1 - shell.top.coveredPct / 100);
  const sidesCm2 = (perimeterCm(outline) * shell.heightCm * library.get("boxBuilds", shell.buildId).openSidesPct) / 100;
  const lowVentsCm2 = area(vents.filter((vent) => !isHigh(vent)));
  const highVentsCm2 = area(vents.filter(isHigh));
  return { topCm2, lowVentsCm2, highVentsCm2, sidesCm2, totalCm2: topCm2 + sidesCm2 + lowVentsCm2 + highVentsCm2 };
}
