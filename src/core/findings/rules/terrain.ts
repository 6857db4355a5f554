import { entry } from "../../catalog";
import { areaCm2, nodes, regionAreaCm2 } from "../../shape";
import { innerEdges, tooSteep } from "../../strata";
import type { Finding, Rule } from "../types";

const STEP_THAT_SPILLS_CM = 1;
const PROBES = 9;

/** Slopes that slide, zones that left the floor, steps that nothing holds back. */
export const terrainRules: Rule = ({ habitat, ground }) => {
  const steep = tooSteep(habitat, ground).map((place): Finding => ({
    code: "slopeTooSteep",
    about: place.layerId,
    severity: "look",
    step: "strata",
    quantities: {
      slopeDeg: Math.round(place.slopeDeg),
      standsDeg: Math.round(place.standsDeg),
      xCm: place.xCm,
      yCm: place.yCm,
    },
  }));
  const { outline } = ground.terrain;
  const zones = habitat.strata.zones.flatMap((zone): Finding[] => {
    const inside = regionAreaCm2({ inside: [zone.points, outline], outside: [] });
    if (inside < 1 || inside < areaCm2(zone.points) * 0.5) {
      return [
        {
          code: "zoneOutside",
          about: zone.id,
          severity: "harm",
          step: "strata",
          quantities: { zone: zone.name },
          mend: { commands: [{ name: "removeZone", args: { id: zone.id } }], quantities: { zone: zone.name } },
        },
      ];
    }
    const step = innerEdges(zone, outline).flatMap(([a, b]) =>
      Array.from({ length: PROBES }, (_, at) => {
        const share = (at + 1) / (PROBES + 1);
        const [x, y] = [a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share];
        const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
        const [nx, ny] = [(-(b[1] - a[1]) / length) * 0.3, ((b[0] - a[0]) / length) * 0.3];
        const sides = [ground.surfaceAt(x + nx, y + ny), ground.surfaceAt(x - nx, y - ny)];
        return { low: Math.min(...sides), high: Math.max(...sides) };
      }),
    );
    const worst = step.reduce((a, b) => (b.high - b.low > a.high - a.low ? b : a), { low: 0, high: 0 });
    const heldCm = zone.retaining?.heightCm ?? 0;
    if (worst.high - worst.low < STEP_THAT_SPILLS_CM || heldCm >= worst.high - STEP_THAT_SPILLS_CM / 2) return [];
    const kind = entry("pieceKinds", zone.retaining?.kindId ?? "corkWall");
    const heightCm = Math.ceil((worst.high + 1) * 2) / 2;
    return [
      {
        code: "zoneUnheld",
        about: zone.id,
        severity: "look",
        step: "strata",
        quantities: { zone: zone.name, stepCm: worst.high - worst.low, heldCm },
        mend: {
          commands: [
            {
              name: "setZone",
              args: {
                id: zone.id,
                retaining: { kindId: kind.id, thicknessCm: zone.retaining?.thicknessCm ?? kind.depthCm, heightCm },
              },
            },
          ],
          quantities: { kindId: kind.id, heightCm },
        },
      },
    ];
  });
  return [...steep, ...zones];
};

/** Soil that lies in standing water, because nothing of the drainage is under it. */
export const soilInWaterRule: Rule = ({ habitat, ground }) => {
  const { waterLineCm } = habitat.strata;
  if (!ground.water || waterLineCm <= 0) return [];
  const { patches, topsAt } = ground.terrain;
  return ground.levels.flatMap((level, at): Finding[] => {
    const patch = patches[at];
    if (level.kind !== "soil" || level.areaCm2 === 0 || !patch) return [];
    const lowCm = Math.min(...nodes(patch.region).map(({ x, y }) => topsAt(x, y)[at - 1] ?? 0));
    if (lowCm >= waterLineCm) return [];
    return [
      {
        code: "soilInWater",
        about: level.layerId,
        severity: "harm",
        step: "strata",
        quantities: { lineCm: waterLineCm, lowCm },
        mend: { commands: [{ name: "setWaterLine", args: { waterLineCm: 0 } }], quantities: {} },
      },
    ];
  });
};
