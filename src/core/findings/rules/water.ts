import { entry, rule } from "../../catalog";
import type { Command } from "../../habitat";
import { floorAreaCm2 } from "../../strata";
import type { Finding, Rule } from "../types";

const middle = ([low, high]: readonly [number, number]): number => (low + high) / 2;

/** Standing water over the safe line: as designed, or as last read off the glass. */
export const waterLineRule: Rule = ({ habitat, ground, bands }) => {
  const { water } = ground;
  if (!water) return [];
  const read = bands.find((check) => check.what === "waterLineCm");
  const lineCm = Math.max(habitat.strata.waterLineCm, read?.value ?? 0);
  if (lineCm <= water.safeLineCm + 1e-6) return [];
  const designed = habitat.strata.waterLineCm > water.safeLineCm;
  const lowest = habitat.strata.layers.find((layer) => layer.kind === "drainage" || layer.kind === "falseBottom");
  if (!lowest) return [];
  const deepenToCm = Math.ceil((lowest.depthCm + lineCm - water.safeLineCm) * 2) / 2;
  const mend: Finding["mend"] = designed
    ? {
        commands: [
          { name: "setWaterLine", args: { waterLineCm: Math.min(rule("keptWaterLineCm"), water.safeLineCm) } },
        ],
        quantities: { lineCm: Math.min(rule("keptWaterLineCm"), water.safeLineCm), edit: "lower" },
      }
    : {
        commands: [{ name: "setDepth", args: { layerId: lowest.id, depthCm: deepenToCm } }],
        quantities: { depthCm: deepenToCm, edit: "deepen" },
      };
  return [
    {
      code: "waterOverSafeLine",
      about: designed ? "design" : "reading",
      severity: "harm",
      step: designed ? "strata" : "keeping",
      quantities: {
        lineCm,
        safeCm: water.safeLineCm,
        barrierCm: water.topCm,
        drawWaterL: Math.max(0, water.atL(lineCm) - water.atL(Math.min(rule("keptWaterLineCm"), water.safeLineCm))),
      },
      mend,
    },
  ];
};

/** Drainage missing in a wet build, present in an arid one; barrier missing between drainage and soil. */
export const drainageRules: Rule = ({ habitat, animal, ground }) => {
  const { layers } = habitat.strata;
  const drainage = layers.filter((layer) => layer.kind === "drainage" || layer.kind === "falseBottom");
  const barrier = layers.filter((layer) => layer.kind === "barrier");
  const wet = middle(animal.humidityRh) > rule("moistNeedRh");
  const depthCm = rule("drainageDepthCm");
  const layBarrier: Command = {
    name: "addLayer",
    args: { layer: { id: "barrier-1", kind: "barrier", materialId: "insectScreen" } },
  };

  if (drainage.length === 0 && animal.drainage === "wanted" && wet) {
    const clayPebbles = entry("drainageMedia", "clayPebbles");
    return [
      {
        code: "drainageMissing",
        about: "drainage",
        severity: "harm",
        step: "strata",
        quantities: { lowRh: animal.humidityRh[0], highRh: animal.humidityRh[1] },
        mend: {
          commands: [
            {
              name: "addLayer",
              args: { layer: { id: "drainage-1", kind: "drainage", materialId: clayPebbles.id, depthCm } },
            },
            ...(barrier.length === 0 ? [layBarrier] : []),
            { name: "setWaterLine", args: { waterLineCm: rule("keptWaterLineCm") } },
          ],
          quantities: {
            depthCm,
            materialId: clayPebbles.id,
            holdsWaterL: (floorAreaCm2(habitat.shell) * depthCm * clayPebbles.voidPct) / 100_000,
          },
        },
      },
    ];
  }
  if (drainage.length > 0 && animal.drainage === "avoided") {
    return [
      {
        code: "drainageInArid",
        about: "drainage",
        severity: "look",
        step: "strata",
        quantities: { animalId: animal.id, depthCm: ground.water?.topCm ?? 0 },
        mend: {
          commands: [
            { name: "removeLayers", args: { layerIds: [...drainage, ...barrier].map((layer) => layer.id) } },
            { name: "setWaterLine", args: { waterLineCm: 0 } },
          ],
          quantities: {},
        },
      },
    ];
  }
  if (drainage.length > 0 && barrier.length === 0 && layers.some((layer) => layer.kind === "soil")) {
    return [
      {
        code: "barrierMissing",
        about: "barrier",
        severity: "harm",
        step: "strata",
        quantities: {},
        mend: { commands: [layBarrier], quantities: { materialId: "insectScreen" } },
      },
    ];
  }
  return [];
};
