import type { Assessed } from "../../findings";
import type { Command, SoilLayer } from "../../habitat";

const LEAST_LIFT_CM = 0.5;

/** The soil lifts that lie over the whole floor or what zones leave of it, from the lowest up. */
export const soilsOf = ({ habitat }: Assessed): SoilLayer[] =>
  habitat.strata.layers.filter((layer): layer is SoilLayer => layer.kind === "soil" && layer.over.on !== "zone");

export const frontOf = ({ corners }: SoilLayer): number => Math.min(corners.frontLeftCm, corners.frontRightCm);
const spare = (layer: SoilLayer): number => Math.max(0, frontOf(layer) - LEAST_LIFT_CM);

/** How much can be taken off the soil at the front, cm. */
export const spareCm = (soils: readonly SoilLayer[]): number => soils.reduce((sum, layer) => sum + spare(layer), 0);

type Corners = Partial<SoilLayer["corners"]>;
const setCorners = (layerId: string, corners: Corners): Command => ({
  name: "setCorners",
  args: { layerId, ...corners },
});

/** Takes a depth off the soil at the front, from the top lift down, leaving at least a thin layer of each. */
export function lowerFront(soils: readonly SoilLayer[], byCm: number): Command[] {
  let left = byCm;
  return soils.toReversed().flatMap((layer): Command[] => {
    const take = Math.min(left, spare(layer));
    if (take <= 0) return [];
    left -= take;
    const { frontLeftCm, frontRightCm } = layer.corners;
    return [setCorners(layer.id, { frontLeftCm: frontLeftCm - take, frontRightCm: frontRightCm - take })];
  });
}

/** Takes a depth off all of the soil, front and back alike, from the top lift down. */
export function lowerAll(soils: readonly SoilLayer[], byCm: number): Command[] {
  let left = byCm;
  return soils.toReversed().flatMap((layer): Command[] => {
    const least = Math.min(...Object.values(layer.corners));
    const take = Math.min(left, Math.max(0, least - LEAST_LIFT_CM));
    if (take <= 0) return [];
    left -= take;
    return [setCorners(layer.id, shifted(layer.corners, -take))];
  });
}

const shifted = (corners: SoilLayer["corners"], byCm: number): SoilLayer["corners"] =>
  Object.fromEntries(Object.entries(corners).map(([corner, cm]) => [corner, cm + byCm])) as SoilLayer["corners"];

/** Raises the top lift at the back, so that the ground slopes up. */
export function raiseBack(soils: readonly SoilLayer[], byCm: number): Command[] {
  const top = soils.at(-1);
  if (!top || byCm <= 0) return [];
  const { backLeftCm, backRightCm } = top.corners;
  return [setCorners(top.id, { backLeftCm: backLeftCm + byCm, backRightCm: backRightCm + byCm })];
}

/** Raises the lowest lift everywhere: more soil to root in. */
export function raisedLifts(assessed: Assessed, byCm: number): Command[] {
  const [lowest] = soilsOf(assessed);
  return lowest && byCm > 0 ? [setCorners(lowest.id, shifted(lowest.corners, byCm))] : [];
}
