import type { Animal } from "@/core/catalog";
import { dustingFor, feedEveryDays } from "@/core/keeping";
import type { LogEvent, Told } from "@/core/log";
import { seeded } from "@/core/random";
import { daysAfter } from "@/core/units";

/** The made-up life of a box: what its animals weigh at first and now, and what else was seen, days ago. */
export type Life = {
  seed: number;
  massG: readonly [first: number, now: number];
  /** Days between sheds; none of what does not shed in one go. */
  shedEveryDays?: number;
  seen?: readonly { ago: number; told: Happening }[];
};
type Happening = Told extends infer T ? (T extends { on: string } ? Omit<T, "on"> : never) : never;

const WEIGH_EVERY_DAYS = 30;
/** Food is refused so many days before a shed. */
const OFF_FOOD_DAYS = 4;
const WOBBLE = 0.02;

type Span = { animal: Animal; sinceOn: string; days: number };

/** Days since the start on which it shed. */
const shedDays = ({ shedEveryDays }: Life, days: number): number[] =>
  shedEveryDays === undefined
    ? []
    : Array.from({ length: Math.floor(days / shedEveryDays) }, (_, n) => (n + 1) * shedEveryDays - 5);

/** Meals at the pace of the animal's entry, dusted as it asks, refused some days before a shed. */
function meals(life: Life, { animal, sinceOn, days }: Span, random: () => number): Told[] {
  const everyDays = feedEveryDays(animal, [], sinceOn);
  const sheds = shedDays(life, days);
  const fed: Extract<Told, { kind: "fed" }>[] = [];
  for (let day = 2; day <= days; day += everyDays) {
    const on = daysAfter(sinceOn, day);
    const isOff = sheds.some((shed) => shed >= day && shed - day <= OFF_FOOD_DAYS);
    const foods = animal.food.foods;
    const told = fed.map((one, at) => ({ ...one, id: `${at}`, at: "" }));
    fed.push({
      kind: "fed",
      on,
      food: foods[Math.floor(random() * Math.min(2, foods.length))] ?? "insects",
      dusted: dustingFor(animal, told.slice(-40), on),
      taken: isOff ? "refused" : random() < 0.1 ? "some" : "all",
      apart: false,
    });
  }
  return fed;
}

function weights({ massG: [first, now] }: Life, { sinceOn, days }: Span, random: () => number): Told[] {
  const all: Told[] = [];
  for (let day = 1; day <= days; day += WEIGH_EVERY_DAYS) {
    // Growth is quick at first and levels off.
    const share = 1 - (1 - day / Math.max(1, days)) ** 2;
    const massG = (first + (now - first) * share) * (1 + (random() - 0.5) * 2 * WOBBLE);
    all.push({ kind: "weighed", on: daysAfter(sinceOn, day), massG: Number(massG.toPrecision(3)) });
  }
  return all;
}

/**
 * Made-up meals, sheds and weights from the move-in to yesterday, and what else was seen.
 *
 * @example lifeOf(life, animal, { sinceOn: "2024-03-01", today: "2026-03-01" }).length
 */
export function lifeOf(
  life: Life | undefined,
  animal: Animal,
  { sinceOn, days }: { sinceOn: string; days: number },
): LogEvent[] {
  if (!life) return [];
  const random = seeded(life.seed);
  const span = { animal, sinceOn, days: days - 1 };
  const today = daysAfter(sinceOn, days);
  const told: Told[] = [
    ...meals(life, span, random),
    ...weights(life, span, random),
    ...shedDays(life, span.days).map((day): Told => ({ kind: "shed", on: daysAfter(sinceOn, day), whole: true })),
    ...(life.seen ?? []).map(({ ago, told: seen }) => ({ ...seen, on: daysAfter(today, -ago) })),
  ];
  return told.map((one, at): LogEvent => ({ ...one, id: `life-${at}`, at: `${one.on}T19:00:00.000Z` }));
}
