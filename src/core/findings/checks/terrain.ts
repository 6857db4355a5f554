import { weakMapMemoize } from "reselect";
import type { Zone } from "../../habitat";
import { areaCm2, plainNodes, regionAreaCm2, type Point, type Polygon } from "../../shape";
import { innerEdges, tooSteep, type Ground } from "../../strata";
import type { Check, Found } from "../types";

const STEP_THAT_SPILLS_CM = 1;
const PROBES = 9;
const BESIDE_CM = 0.3;

/** Heights on both sides of an edge, here and there along it. */
function stepsAlong([a, b]: [Point, Point], surfaceAt: Ground["surfaceAt"]): { low: number; high: number }[] {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const length = Math.hypot(dx, dy);
  const [nx, ny] = [(-dy / length) * BESIDE_CM, (dx / length) * BESIDE_CM];
  return Array.from({ length: PROBES }, (_, at) => {
    const share = (at + 1) / (PROBES + 1);
    const [x, y] = [a[0] + dx * share, a[1] + dy * share];
    const sides = [surfaceAt(x + nx, y + ny), surfaceAt(x - nx, y - ny)];
    return { low: Math.min(...sides), high: Math.max(...sides) };
  });
}

/** The highest step the ground makes along a zone's inner edges. */
export function worstStep(zone: Zone, { terrain, surfaceAt }: Ground): { low: number; high: number } {
  const steps = innerEdges(zone, terrain.outline).flatMap((edge) => stepsAlong(edge, surfaceAt));
  return steps.reduce((a, b) => (b.high - b.low > a.high - a.low ? b : a), { low: 0, high: 0 });
}

/** How much of a zone's floor there is, cm². */
const floorOf = weakMapMemoize((zone: Zone, outline: Polygon): number =>
  regionAreaCm2({ inside: [zone.points, outline], outside: [] }),
);

function checkZone(zone: Zone, ground: Ground): Found[] {
  const inside = floorOf(zone, ground.terrain.outline);
  if (inside < 1 || inside < areaCm2(zone.points) * 0.5) {
    const quantities = { zone: zone.name };
    return [{ code: "zoneOutside", about: zone.id, weight: "look", step: "strata", quantities }];
  }
  const { low, high } = worstStep(zone, ground);
  const heldCm = zone.retaining?.heightCm ?? 0;
  if (high - low < STEP_THAT_SPILLS_CM || heldCm >= high - STEP_THAT_SPILLS_CM / 2) return [];
  const quantities = { zone: zone.name, stepCm: high - low, highCm: high, heldCm };
  return [{ code: "zoneUnheld", about: zone.id, weight: "look", step: "strata", quantities }];
}

/** Slopes that slide, zones that left the floor, steps that nothing holds back. */
export const checkTerrain: Check = ({ habitat, ground, library }) => {
  const steep = tooSteep(ground.terrain, habitat.mixes, library).map(
    ({ layerId, slopeDeg, standsDeg, xCm, yCm }): Found => ({
      code: "slopeTooSteep",
      about: layerId,
      weight: "look",
      step: "strata",
      quantities: { slopeDeg: Math.round(slopeDeg), standsDeg: Math.round(standsDeg), xCm, yCm },
    }),
  );
  return [...steep, ...habitat.strata.zones.flatMap((zone) => checkZone(zone, ground))];
};

/** Soil that lies in standing water, because nothing of the drainage is under it. */
export const checkSoilInWater: Check = ({ habitat, ground }) => {
  const lineCm = habitat.strata.waterLineCm;
  if (!ground.water || lineCm <= 0) return [];
  const { patches, columnAt } = ground.terrain;
  return patches.flatMap((patch): Found[] => {
    if (patch.layer.kind !== "soil" || (ground.levelOf(patch.layer.id)?.areaCm2 ?? 0) === 0) return [];
    const bottoms = plainNodes(patch.region).map(
      ({ x, y }) => columnAt(x, y).find((slab) => slab.patch === patch)?.bottomCm ?? 0,
    );
    const lowCm = Math.min(...bottoms);
    if (lowCm >= lineCm) return [];
    const quantities = { lineCm, lowCm };
    return [{ code: "soilInWater", about: patch.layer.id, weight: "look", step: "strata", quantities }];
  });
};
