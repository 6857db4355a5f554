import { leastBox } from "../../living";
import { entry, findEntry } from "../../catalog";
import { STARTING_TOPS } from "../../habitat";
import { airing } from "../../shell";
import type { Rule } from "../types";

/** Box too small, too many animals, wrong shape. */
export const boxRules: Rule = ({ habitat, boxReasons }) =>
  boxReasons.flatMap((reason): ReturnType<Rule> => {
    const { code, weight: _weight, ...quantities } = reason;
    const { animalId, count } = habitat.brief;
    switch (code) {
      case "enough":
        return [];
      case "floorShort":
      case "tooLow": {
        const least = leastBox(animalId, count);
        const box = {
          widthCm: Math.max(habitat.shell.widthCm, least.widthCm),
          depthCm: Math.max(habitat.shell.depthCm, least.depthCm),
          heightCm: Math.max(habitat.shell.heightCm, least.heightCm),
        };
        // The floor's own finding already mends the height with it.
        if (code === "tooLow" && boxReasons.some((other) => other.code === "floorShort")) return [];
        return [{
          code: "boxTooSmall", about: "box", severity: "harm", step: "shell",
          quantities: { ...box, haveWidthCm: habitat.shell.widthCm, haveDepthCm: habitat.shell.depthCm, haveHeightCm: habitat.shell.heightCm, animalId, count },
          mend: { commands: [{ name: "setShell", args: box }], quantities: box },
        }];
      }
      case "tooMany": {
        const mostCount = findEntry("animals", animalId)?.box.mostTogether ?? 1;
        return [{
          code: "tooMany", about: "count", severity: "harm", step: "brief", quantities: { ...quantities, animalId, count, mostCount },
          mend: { commands: [{ name: "setCount", args: { count: mostCount } }], quantities: { mostCount } },
        }];
      }
      case "tooFlat":
      case "tooUpright":
        return [{ code: "boxShape", about: code, severity: "look", step: "shell", quantities: { ...quantities, shape: code, animalId } }];
    }
  });

/** No opening at all, vents under the ground, and water in a box that does not hold it. */
export const shellRules: Rule = ({ habitat, ground }) => {
  const { shell, strata } = habitat;
  const found: ReturnType<Rule> = [];
  if (airing(shell).totalCm2 === 0) {
    found.push({
      code: "staleAir", about: "air", severity: "look", step: "shell", quantities: {},
      mend: { commands: [{ name: "setTop", args: { ...STARTING_TOPS.halfCovered } }], quantities: {} },
    });
  }
  if (strata.waterLineCm > 0 && !entry("boxBuilds", shell.buildId).holdsWater && strata.layers.some((layer) => layer.kind === "drainage")) {
    found.push({
      code: "boxLeaks", about: "water", severity: "harm", step: "shell", quantities: { buildId: shell.buildId, lineCm: strata.waterLineCm },
      mend: { commands: [{ name: "setWaterLine", args: { waterLineCm: 0 } }], quantities: {} },
    });
  }
  const groundAt = { front: ground.surface.frontCm, back: ground.surface.backCm, left: ground.surface.frontCm, right: ground.surface.frontCm };
  for (const vent of shell.openings) {
    const fillCm = groundAt[vent.wall];
    if (vent.kind !== "vent" || vent.upCm >= fillCm) continue;
    const upCm = fillCm + 1;
    found.push({
      code: "ventBuried", about: vent.id, severity: "look", step: "shell", quantities: { haveCm: vent.upCm, fillCm },
      mend: { commands: [{ name: "setOpening", args: { id: vent.id, upCm } }], quantities: { upCm } },
    });
  }
  return found;
};
