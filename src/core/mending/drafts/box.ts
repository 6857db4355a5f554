import { LIMITS, STARTING_TOPS, applyAll, builtCm } from "../../habitat";
import type { Assessed } from "../../findings";
import { boxFit, leastBox } from "../../living";
import { ground } from "../../strata";
import { alone, last, one, type Draft, type Menders } from "../mender";
import type { MendQuantities } from "../quantities";

type Size = { widthCm: number; depthCm: number; heightCm: number };

const WIDER_BY = 1.04;
const MOST_STEPS = 120;

/**
 * The least box for the animal and its number, with room for what is built on the walls, and no smaller than this one.
 */
function firstTry({ habitat, animal, ground }: Assessed): Size {
  const { shell, brief } = habitat;
  const least = leastBox(animal, brief.count);
  return {
    widthCm: Math.max(shell.widthCm, least.widthCm + builtCm(shell, "left", "right")),
    depthCm: Math.max(shell.depthCm, least.depthCm + builtCm(shell, "front", "back")),
    heightCm: Math.max(shell.heightCm, Math.ceil(ground.highestCm + least.clearCm)),
  };
}

const isPossible = (box: Size): boolean => Math.max(box.widthCm, box.depthCm, box.heightCm) <= LIMITS.boxCm.max;

/** The box as tried, made as high over its fill as the animal asks, or wider where its floor is short; itself when it is enough. */
function grown(box: Size, { habitat, animal, library }: Assessed): Size {
  const wider = applyAll(habitat, [{ name: "setShell", args: box }], library);
  const land = ground(wider, library);
  const codes = boxFit({ animal, ground: land, habitat: wider }).map(({ code }) => code);
  // A heap that lay against a wall shows its whole height in a larger box.
  if (codes.includes("tooLow")) return { ...box, heightCm: Math.ceil(land.highestCm + animal.box.clearHeightCm) };
  return codes.includes("floorShort") ? { ...box, widthCm: Math.ceil(box.widthCm * WIDER_BY) } : box;
}

/**
 * A box that is large enough: as this one, but widened until what its floor's shape and its walls leave is floor
 * enough.
 *
 * @returns undefined where no box is: two hundred boas want more than any box may be
 */
function enoughBox(assessed: Assessed): Size | undefined {
  let box = firstTry(assessed);
  for (let step = 0; step < MOST_STEPS && isPossible(box); step += 1) {
    const next = grown(box, assessed);
    if (next === box) return box;
    box = next;
  }
  return undefined;
}

/** Clear of the fill, a vent starts so far above it, cm. */
const ABOVE_FILL_CM = 1;

type BoxWays = Draft<MendQuantities["boxTooSmall"]>[];

/** As many as this box is large enough for, where it is for any. */
function fewer(assessed: Assessed): BoxWays {
  const { animal, ground: land, habitat } = assessed;
  const counts = Array.from({ length: habitat.brief.count - 1 }, (_, at) => habitat.brief.count - 1 - at);
  const mostCount = counts.find((count) => {
    const brief = { ...habitat.brief, count };
    const codes = boxFit({ animal, ground: land, habitat: { ...habitat, brief } }).map(({ code }) => code);
    return !codes.includes("floorShort") && !codes.includes("tooLow");
  });
  if (mostCount === undefined) return [];
  return last({ mostCount, variant: "fewer" }, { name: "setCount", args: { count: mostCount } });
}

export const boxMenders = {
  /** A box that is bought is not made larger: fewer live in it. */
  boxTooSmall: (_finding, assessed) => {
    const box = assessed.habitat.shell.bought ? undefined : enoughBox(assessed);
    const larger: BoxWays = box ? alone({ ...box, variant: "larger" }, { name: "setShell", args: box }) : [];
    return [...larger, ...fewer(assessed)];
  },
  /** A box that is bought is not made smaller: who is grown may have it. */
  boxTooLarge: ({ quantities }, { habitat, animal }) => {
    const { shell, brief } = habitat;
    const least = leastBox(animal, brief.count);
    const box = {
      widthCm: Math.max(least.widthCm, Math.min(shell.widthCm, quantities.widthCm)),
      depthCm: Math.max(least.depthCm, Math.min(shell.depthCm, quantities.depthCm)),
    };
    type Ways = Draft<MendQuantities["boxTooLarge"]>[];
    const smaller: Ways = shell.bought ? [] : alone({ ...box, variant: "smaller" }, { name: "setShell", args: box });
    const asGrown: Ways = last({ ...box, variant: "grown" }, { name: "setStage", args: { stage: null } });
    return [...smaller, ...asGrown];
  },
  /** A box that is bought is not made lower. */
  farToFall: ({ quantities }, { habitat, ground }) => {
    const heightCm = Math.floor(ground.highestCm + quantities.mostCm);
    return habitat.shell.bought ? [] : alone({ heightCm }, { name: "setShell", args: { heightCm } });
  },
  uvBlocked: () => alone({}, { name: "setTop", args: { ...STARTING_TOPS.halfCovered } }),
  tooMany: ({ quantities }) => {
    const { mostCount } = quantities;
    return last({ mostCount }, { name: "setCount", args: { count: mostCount } });
  },
  matesMisfit: ({ about }) => last({ mateId: about }, { name: "removeMate", args: { animalId: about } }),
  staleAir: () => alone({}, { name: "setTop", args: { ...STARTING_TOPS.halfCovered } }),
  boxLeaks: () => one({}, { name: "setWaterLine", args: { waterLineCm: 0 } }),
  ventBuried: ({ about, quantities }) => {
    const upCm = quantities.fillCm + ABOVE_FILL_CM;
    return one({ upCm }, { name: "setOpening", args: { id: about, upCm } });
  },
  paneOverloaded: () => one({}, { name: "setStandsOn", args: { under: "whole" } }),
  foamUnfinished: ({ quantities }, { habitat }) => {
    const { wall } = quantities;
    const treatment = habitat.shell.treatments.find((other) => other.wall === wall);
    if (!treatment) return [];
    const finishId = "siliconeFibre";
    const { treatmentId } = treatment;
    return one({ finishId }, { name: "setTreatment", args: { wall, treatmentId, finishId } });
  },
} satisfies Partial<Menders>;
