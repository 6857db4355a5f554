import { sizeAfter, usualSite } from "../living";
import { atLeast, atMost, boundsOf, sumOver, type Constraint, type Model, type Sum } from "../solve";
import type { Plant } from "../catalog";
import {
  STRATA_OF_HEIGHT,
  stratumOf,
  type HeightStratum,
  type PaletteCandidate,
  type PaletteQuestion,
} from "./question";

const MOST_OF_ONE = 9;
const LEAVES = ["fine", "medium", "bold"] as const;
/** An answer this near the best is as good as the best. */
const CLOSE_ENOUGH = 0.01;
/** Another set leaves out so many of those found before. */
const OTHERS_AT_LEAST = 2;

/**
 * What each part of the aim weighs: cover, then what is missing of strata and leaves, then how well the plants fit;
 * each further kind is welcome.
 */
const WEIGHTS = { area: 1, stratum: 0.6, leaf: 0.25, fit: 0.2, kind: -0.03 } as const;

/** Whether a plant is taken: 0 or 1. */
const takenOf = ({ plant }: PaletteCandidate): string => `y_${plant.id}`;
/** How many of a plant. */
export const countOf = ({ plant }: PaletteCandidate): string => `n_${plant.id}`;
/** How far a surface is from its share, as a share of it. */
const distanceOf = (surface: Surface): string => `d_${surface}`;
/** Whether a stratum or a size of leaf is missing. */
const missingOf = (what: string): string => `m_${what}`;

type Surface = "floor" | "wall";
const surfaceOf = (plant: Plant): Surface => (stratumOf(plant) === "upright" ? "wall" : "floor");

/** What one plant covers after some months, cm². */
export const coverCm2 = (plant: Plant, months: number): number =>
  Math.PI * (sizeAfter(plant, months).spreadCm / 2) ** 2;

/** Plants that cover a surface; what stands in water covers none. */
export const coverOn = (candidates: readonly PaletteCandidate[], surface: Surface): PaletteCandidate[] =>
  candidates.filter(({ plant }) => usualSite(plant) !== "inWater" && surfaceOf(plant) === surface);

/** A surface is covered as wanted, or its distance says by how much it is not. */
function covering(question: PaletteQuestion, surface: Surface): Constraint[] {
  const areaCm2 = surface === "floor" ? question.floorCm2 : question.wallCm2;
  const share = surface === "floor" ? question.floorShare : question.wallShare;
  const plants = coverOn(question.candidates, surface);
  if (areaCm2 <= 0 || plants.length === 0) return [];
  const covered = sumOver(plants, countOf, ({ plant }) => coverCm2(plant, question.months) / Math.max(1, areaCm2));
  const wanted = share * question.factor;
  return [
    atLeast(`${surface}_least`, { ...covered, [distanceOf(surface)]: 1 }, wanted),
    atMost(`${surface}_most`, { ...covered, [distanceOf(surface)]: -1 }, wanted),
  ];
}

/** One of them is taken, or it is said to be missing. */
const present = (what: string, plants: readonly PaletteCandidate[]): Constraint =>
  atLeast(what, { ...sumOver(plants, takenOf), [missingOf(what)]: 1 }, 1);

/** Every stratum wanted and every size of leaf is there; of a stratum that is not wanted only what stays. */
function strataAndLeaves({ candidates, strata, locked }: PaletteQuestion): Constraint[] {
  const inStratum = (stratum: HeightStratum) => candidates.filter(({ plant }) => stratumOf(plant) === stratum);
  const withLeaf = (leaf: string) => candidates.filter(({ plant }) => plant.leaf === leaf);
  const unwanted = STRATA_OF_HEIGHT.filter((stratum) => !strata.includes(stratum));
  return [
    ...strata.map((stratum) => present(`s_${stratum}`, inStratum(stratum))),
    ...LEAVES.map((leaf) => present(`l_${leaf}`, withLeaf(leaf))),
    ...unwanted.map((stratum) => {
      const free = inStratum(stratum).filter(({ plant }) => locked[plant.id] === undefined);
      return atMost(`no_${stratum}`, sumOver(free, takenOf), 0);
    }),
  ];
}

/** So many sturdy kinds as were asked for, or as there are; and not too many kinds. */
function kinds({ candidates, leastSturdy, mostKinds }: PaletteQuestion): Constraint[] {
  const tough = candidates.filter(({ plant }) => plant.sturdy === "tough");
  return [
    atLeast("sturdy", sumOver(tough, takenOf), Math.min(leastSturdy, tough.length)),
    atMost("kinds", sumOver(candidates, takenOf), mostKinds),
  ];
}

/** Within the budget; what has no price is left out, but for what stays. */
function withinBudget({ candidates, budget, locked }: PaletteQuestion): Constraint[] {
  if (budget === undefined) return [];
  const priced = candidates.filter(({ price }) => price !== undefined);
  const unpriced = candidates.filter(({ plant, price }) => price === undefined && locked[plant.id] === undefined);
  return [
    atMost(
      "budget",
      sumOver(priced, countOf, ({ price }) => price ?? 0),
      budget,
    ),
    atMost("unpriced", sumOver(unpriced, takenOf), 0),
  ];
}

const mostOf = ({ plant }: PaletteCandidate, { locked }: PaletteQuestion): number =>
  Math.max(MOST_OF_ONE, locked[plant.id] ?? 0);

/**
 * A plant that is taken is there once at the least, one that is not is not there; what stays is there as often as it
 * was.
 */
function counts(item: PaletteCandidate, question: PaletteQuestion): Constraint[] {
  const { id } = item.plant;
  const held = question.locked[id];
  return [
    atLeast(`least_${id}`, { [countOf(item)]: 1, [takenOf(item)]: -1 }, 0),
    atMost(`most_${id}`, { [countOf(item)]: 1, [takenOf(item)]: -mostOf(item, question) }, 0),
    ...(held === undefined ? [] : [atLeast(`held_${id}`, { [countOf(item)]: 1 }, held)]),
  ];
}

/** Another set than those found before. */
const unlikeThose = ({ candidates, locked }: PaletteQuestion, found: readonly (readonly string[])[]): Constraint[] =>
  found.map((ids, at) => {
    const free = candidates.filter(({ plant }) => ids.includes(plant.id) && locked[plant.id] === undefined);
    return atMost(`unlike_${at}`, sumOver(free, takenOf), Math.max(0, free.length - OTHERS_AT_LEAST));
  });

function objective({ candidates, strata }: PaletteQuestion): Sum {
  return {
    [distanceOf("floor")]: WEIGHTS.area,
    [distanceOf("wall")]: WEIGHTS.area,
    ...sumOver(
      strata,
      (stratum) => missingOf(`s_${stratum}`),
      () => WEIGHTS.stratum,
    ),
    ...sumOver(
      LEAVES,
      (leaf) => missingOf(`l_${leaf}`),
      () => WEIGHTS.leaf,
    ),
    ...sumOver(candidates, takenOf, ({ score }) => WEIGHTS.kind + WEIGHTS.fit * (1 - score)),
  };
}

/**
 * The palette as a mixed-integer programme: which plants, and how many of each, so that the floor and walls are covered
 * as wanted after some months, every stratum of height and every size of leaf is there, and the plants fit. What cannot
 * be reached is left short rather than refused; sturdiness, kinds, budget and locked picks are kept.
 *
 * @param unlike sets found before: another one must leave out two of each at the least
 * @example toLp(paletteModel(question))
 */
export function paletteModel(question: PaletteQuestion, unlike: readonly (readonly string[])[] = []): Model {
  const { candidates } = question;
  const countBounds = candidates.map((item) => [countOf(item), [0, mostOf(item, question)] as const] as const);
  return {
    minimise: objective(question),
    constraints: [
      ...covering(question, "floor"),
      ...covering(question, "wall"),
      ...strataAndLeaves(question),
      ...kinds(question),
      ...withinBudget(question),
      ...candidates.flatMap((item) => counts(item, question)),
      ...unlikeThose(question, unlike),
    ],
    bounds: { ...boundsOf(candidates.map(takenOf), 0, 1), ...Object.fromEntries(countBounds) },
    whole: candidates.flatMap((item) => [takenOf(item), countOf(item)]),
    closeEnough: CLOSE_ENOUGH,
  };
}
