import { leastBox } from "../../living";
import { findEntry } from "../../catalog";
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
