import type { Plant, Region } from "../catalog";
import type { Model, Rule, Solution, Sum } from "../solve";
import { sizeAfter } from "../living";

/** The strata of height a planting is made of. */
export const STRATA_OF_HEIGHT = ["cover", "middle", "tall", "upright"] as const;
export type HeightStratum = (typeof STRATA_OF_HEIGHT)[number];

/** A plant that may be taken: how well it fits, and its price where it is known. */
export type PaletteCandidate = { plant: Plant; score: number; price: number | undefined };

/** What a planting should be. Areas in cm², shares of them 0 to 1. */
export type PaletteQuestion = {
  candidates: readonly PaletteCandidate[];
  strata: readonly HeightStratum[];
  floorCm2: number;
  wallCm2: number;
  floorShare: number;
  wallShare: number;
  /** After so many months. */
  months: number;
  leastSturdy: number;
  mostKinds: number;
  budget: number | undefined;
  /** How many more are planted than would cover the share: safety in numbers under heavy animals. */
  factor: number;
  /** Plants that stay, and how many of each there are at the least. */
  locked: Readonly<Record<string, number>>;
};

export type PaletteFilter = { region: Region | undefined; onlyEdible: boolean; onlyEasy: boolean };

const COVER_CM = 10;
const TALL_CM = 25;

const UPRIGHT: readonly Plant["place"][] = ["wall", "wood", "hanging"];

/** The stratum of height a grown plant belongs to. @example stratumOf(entry("plants", "nervePlant")) // "middle" */
export function stratumOf(plant: Pick<Plant, "place" | "grownHeightCm" | "form">): HeightStratum {
  if (UPRIGHT.includes(plant.place)) return "upright";
  return plant.grownHeightCm < COVER_CM ? "cover" : plant.grownHeightCm < TALL_CM ? "middle" : "tall";
}

/** Keeps what may be taken: no misfits, nothing that floats, and what the filter asks. @example offered(candidates, { region: "southAmerica", onlyEdible: false, onlyEasy: true }) */
export const offered = (
  candidates: readonly PaletteCandidate[],
  { region, onlyEdible, onlyEasy }: PaletteFilter,
): PaletteCandidate[] =>
  candidates.filter(
    ({ plant, score }) =>
      score >= LEAST_SCORE &&
      plant.place !== "water" &&
      (!region || plant.region === region) &&
      (!onlyEdible || plant.eaten === "edible") &&
      (!onlyEasy || plant.ease === "easy"),
  );

/** With care at the least. */
const LEAST_SCORE = 0.3;
const MOST_OF_ONE = 9;
const LEAVES = ["fine", "medium", "bold"] as const;

const taken = ({ plant }: PaletteCandidate) => `y_${plant.id}`;
const count = ({ plant }: PaletteCandidate) => `n_${plant.id}`;

const coverCm2 = (plant: Plant, months: number): number => Math.PI * (sizeAfter(plant, months).spreadCm / 2) ** 2;

const sum = (
  items: readonly PaletteCandidate[],
  name: (item: PaletteCandidate) => string,
  weight: (item: PaletteCandidate) => number = () => 1,
): Sum => Object.fromEntries(items.map((item) => [name(item), weight(item)]));

/** What each part of the aim weighs: cover, then what is missing of strata and leaves, then how well the plants fit; each further kind is welcome. */
const WEIGHTS = { area: 1, stratum: 0.6, leaf: 0.25, fit: 0.2, kind: -0.03 } as const;

/**
 * The palette as a mixed-integer programme: which plants, and how many of each, so that the floor and walls are covered as wanted after
 * some months, every stratum of height and every size of leaf is there, and the plants fit. What cannot be reached is left short rather
 * than refused; sturdiness, kinds, budget and locked picks are kept.
 *
 * @param unlike sets found before: another one must leave out two of each at the least
 * @example toLp(paletteModel(question))
 */
export function paletteModel(question: PaletteQuestion, unlike: readonly (readonly string[])[] = []): Model {
  const { candidates, strata, months, locked } = question;
  const upright = (item: PaletteCandidate) => stratumOf(item.plant) === "upright";
  const inWater = (item: PaletteCandidate) => item.plant.place === "water";
  const cover = (items: readonly PaletteCandidate[], area: number) =>
    sum(items, count, ({ plant }) => coverCm2(plant, months) / Math.max(1, area));
  const floor = candidates.filter((item) => !upright(item) && !inWater(item));
  const wall = candidates.filter(upright);
  const areaRules = (name: string, items: readonly PaletteCandidate[], area: number, share: number): Rule[] =>
    area <= 0 || items.length === 0
      ? []
      : [
          {
            name: `${name}_least`,
            sum: { ...cover(items, area), [`d_${name}`]: 1 },
            is: ">=",
            to: share * question.factor,
          },
          {
            name: `${name}_most`,
            sum: { ...cover(items, area), [`d_${name}`]: -1 },
            is: "<=",
            to: share * question.factor,
          },
        ];
  const there = (name: string, items: readonly PaletteCandidate[]): Rule => ({
    name,
    sum: { ...sum(items, taken), [`m_${name}`]: 1 },
    is: ">=",
    to: 1,
  });
  const of = (stratum: HeightStratum) => candidates.filter((item) => stratumOf(item.plant) === stratum);
  const priced = candidates.filter((item) => item.price !== undefined);
  const unpriced = candidates.filter((item) => item.price === undefined);
  const mostOf = ({ plant }: PaletteCandidate) => Math.max(MOST_OF_ONE, locked[plant.id] ?? 0);
  return {
    minimise: {
      d_floor: WEIGHTS.area,
      d_wall: WEIGHTS.area,
      ...Object.fromEntries(strata.map((stratum) => [`m_s_${stratum}`, WEIGHTS.stratum])),
      ...Object.fromEntries(LEAVES.map((leaf) => [`m_l_${leaf}`, WEIGHTS.leaf])),
      ...sum(candidates, taken, ({ score }) => WEIGHTS.kind + WEIGHTS.fit * (1 - score)),
    },
    rules: [
      ...areaRules("floor", floor, question.floorCm2, question.floorShare),
      ...areaRules("wall", wall, question.wallCm2, question.wallShare),
      ...strata.map((stratum) => there(`s_${stratum}`, of(stratum))),
      ...LEAVES.map((leaf) =>
        there(
          `l_${leaf}`,
          candidates.filter(({ plant }) => plant.leaf === leaf),
        ),
      ),
      ...STRATA_OF_HEIGHT.filter((stratum) => !strata.includes(stratum)).map((stratum): Rule => ({
        name: `no_${stratum}`,
        sum: sum(
          of(stratum).filter(({ plant }) => locked[plant.id] === undefined),
          taken,
        ),
        is: "<=",
        to: 0,
      })),
      {
        name: "sturdy",
        sum: sum(
          candidates.filter(({ plant }) => plant.sturdy === "tough"),
          taken,
        ),
        is: ">=",
        to: Math.min(question.leastSturdy, candidates.filter(({ plant }) => plant.sturdy === "tough").length),
      },
      { name: "kinds", sum: sum(candidates, taken), is: "<=", to: question.mostKinds },
      ...(question.budget === undefined
        ? []
        : [
            {
              name: "budget",
              sum: sum(priced, count, ({ price }) => price ?? 0),
              is: "<=" as const,
              to: question.budget,
            },
            {
              name: "unpriced",
              sum: sum(
                unpriced.filter(({ plant }) => locked[plant.id] === undefined),
                taken,
              ),
              is: "<=" as const,
              to: 0,
            },
          ]),
      ...candidates.flatMap((item): Rule[] => [
        { name: `least_${item.plant.id}`, sum: { [count(item)]: 1, [taken(item)]: -1 }, is: ">=", to: 0 },
        { name: `most_${item.plant.id}`, sum: { [count(item)]: 1, [taken(item)]: -mostOf(item) }, is: "<=", to: 0 },
        ...(locked[item.plant.id] === undefined
          ? []
          : [
              {
                name: `held_${item.plant.id}`,
                sum: { [count(item)]: 1 },
                is: ">=" as const,
                to: locked[item.plant.id] ?? 1,
              },
            ]),
      ]),
      ...unlike.map((ids, at): Rule => {
        const free = candidates.filter(({ plant }) => ids.includes(plant.id) && locked[plant.id] === undefined);
        return { name: `unlike_${at}`, sum: sum(free, taken), is: "<=", to: Math.max(0, free.length - 2) };
      }),
    ],
    bounds: Object.fromEntries(
      candidates.flatMap((item) => [
        [taken(item), [0, 1] as const],
        [count(item), [0, mostOf(item)] as const],
      ]),
    ),
    whole: candidates.flatMap((item) => [taken(item), count(item)]),
    closeEnough: 0.01,
  };
}

/** A planting: what, and how many; what it covers, and what it leaves wanting. */
export type Palette = {
  picks: { plantId: string; count: number }[];
  floorShare: number;
  wallShare: number;
  missing: HeightStratum[];
  cost: number | undefined;
};

const HALF = 0.5;

/** Reads a planting out of a solution; undefined when the rules left none. @example paletteOf(question, solution)?.picks.length // 7 */
export function paletteOf(
  { candidates, floorCm2, wallCm2, months, strata }: PaletteQuestion,
  { status, values }: Solution,
): Palette | undefined {
  if (status !== "solved") return undefined;
  const chosen = candidates.flatMap((item) => {
    const n = Math.round(values[count(item)] ?? 0);
    return n > HALF ? [{ item, n }] : [];
  });
  const share = (upright: boolean, area: number) =>
    area <= 0
      ? 0
      : chosen
          .filter(({ item }) => (stratumOf(item.plant) === "upright") === upright && item.plant.place !== "water")
          .reduce((all, { item, n }) => all + n * coverCm2(item.plant, months), 0) / area;
  return {
    picks: chosen.map(({ item, n }) => ({ plantId: item.plant.id, count: n })),
    floorShare: share(false, floorCm2),
    wallShare: share(true, wallCm2),
    missing: strata.filter((stratum) => !chosen.some(({ item }) => stratumOf(item.plant) === stratum)),
    cost: chosen.every(({ item }) => item.price !== undefined)
      ? chosen.reduce((all, { item, n }) => all + n * (item.price ?? 0), 0)
      : undefined,
  };
}
