import { boxFit, leastBox } from "../../living";
import { entry } from "../../catalog";
import { animalOf, applyAll, LIMITS, STARTING_TOPS, type Habitat, type Wall } from "../../habitat";
import { airing, groundBounds } from "../../shell";
import type { Rule } from "../types";

const WIDER_BY = 1.04;
const MOST_STEPS = 120;

/** A box that is large enough: as this one, but widened until what its floor's shape and its walls leave is floor enough. */
function enoughBox(habitat: Habitat): {
  box: { widthCm: number; depthCm: number; heightCm: number };
  possible: boolean;
} {
  const { shell, brief } = habitat;
  const least = leastBox(animalOf(habitat), brief.count);
  const taken = (...walls: readonly Wall[]) =>
    shell.treatments.reduce((sum, { wall, thicknessCm }) => sum + (walls.includes(wall) ? thicknessCm : 0), 0);
  const first = {
    widthCm: Math.max(shell.widthCm, least.widthCm + taken("left", "right")),
    depthCm: Math.max(shell.depthCm, least.depthCm + taken("front", "back")),
    heightCm: Math.max(shell.heightCm, least.heightCm),
  };
  let box = first;
  for (let step = 0; step < MOST_STEPS; step += 1) {
    // No such box: the finding is told without a mend.
    if (Math.max(box.widthCm, box.depthCm, box.heightCm) > LIMITS.boxCm.max) break;
    const wider = applyAll(habitat, [{ name: "setShell", args: box }]);
    if (!boxFit(wider).some((reason) => reason.code === "floorShort")) return { box, possible: true };
    box = { ...box, widthCm: Math.ceil(box.widthCm * WIDER_BY) };
  }
  return { box: first, possible: false };
}

/** Box too small, too many animals, wrong shape. */
export const boxRules: Rule = ({ habitat, animal, boxReasons }) =>
  boxReasons.flatMap((reason): ReturnType<Rule> => {
    const { code, weight: _weight, ...quantities } = reason;
    const { animalId, count } = habitat.brief;
    switch (code) {
      case "enough":
        return [];
      case "floorShort":
      case "tooLow": {
        const { box, possible } = enoughBox(habitat);
        // The floor's own finding already mends the height with it.
        if (code === "tooLow" && boxReasons.some((other) => other.code === "floorShort")) return [];
        return [
          {
            code: "boxTooSmall",
            about: "box",
            severity: "harm",
            step: "shell",
            quantities: {
              ...box,
              haveWidthCm: habitat.shell.widthCm,
              haveDepthCm: habitat.shell.depthCm,
              haveHeightCm: habitat.shell.heightCm,
              animalId,
              count,
            },
            ...(possible ? { mend: { commands: [{ name: "setShell" as const, args: box }], quantities: box } } : {}),
          },
        ];
      }
      case "tooMany": {
        const mostCount = animal.box.mostTogether;
        return [
          {
            code: "tooMany",
            about: "count",
            severity: "harm",
            step: "brief",
            quantities: { ...quantities, animalId, count, mostCount },
            mend: { commands: [{ name: "setCount", args: { count: mostCount } }], quantities: { mostCount } },
          },
        ];
      }
      case "tooFlat":
      case "tooUpright":
        return [
          {
            code: "boxShape",
            about: code,
            severity: "look",
            step: "shell",
            quantities: { ...quantities, shape: code, animalId },
          },
        ];
    }
  });

/** No opening at all, vents under the ground, and water in a box that does not hold it. */
export const shellRules: Rule = ({ habitat, ground }) => {
  const { shell, strata } = habitat;
  const found: ReturnType<Rule> = [];
  if (airing(shell).totalCm2 === 0) {
    found.push({
      code: "staleAir",
      about: "air",
      severity: "look",
      step: "shell",
      quantities: {},
      mend: { commands: [{ name: "setTop", args: { ...STARTING_TOPS.halfCovered } }], quantities: {} },
    });
  }
  if (
    strata.waterLineCm > 0 &&
    !entry("boxBuilds", shell.buildId).holdsWater &&
    strata.layers.some((layer) => layer.kind === "drainage" || layer.kind === "falseBottom")
  ) {
    found.push({
      code: "boxLeaks",
      about: "water",
      severity: "harm",
      step: "shell",
      quantities: { buildId: shell.buildId, lineCm: strata.waterLineCm },
      mend: { commands: [{ name: "setWaterLine", args: { waterLineCm: 0 } }], quantities: {} },
    });
  }
  const { left, right, front, back } = groundBounds(shell);
  const fillAt = ({ wall, acrossCm, widthCm }: (typeof shell.openings)[number]): number => {
    const along = acrossCm + widthCm / 2;
    const place = { front: [along, front], back: [along, back], left: [left, along], right: [right, along] } as const;
    return ground.surfaceAt(...place[wall]);
  };
  for (const vent of shell.openings) {
    const fillCm = fillAt(vent);
    if (vent.kind !== "vent" || vent.upCm >= fillCm) continue;
    const upCm = fillCm + 1;
    found.push({
      code: "ventBuried",
      about: vent.id,
      severity: "look",
      step: "shell",
      quantities: { haveCm: vent.upCm, fillCm },
      mend: { commands: [{ name: "setOpening", args: { id: vent.id, upCm } }], quantities: { upCm } },
    });
  }
  return found;
};
