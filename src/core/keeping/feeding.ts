import type { Animal } from "../catalog";
import type { SUPPLEMENTS } from "../habitat";
import { type Individual } from "../habitat";
import type { LogState } from "../log";
import { daysBetween } from "../units";

export type Supplement = (typeof SUPPLEMENTS)[number];

const DAYS_A_MONTH = 30.4;
/** Where an entry tells no age at which its kind is grown: most species grow fastest in their first year; from memory. */
const USUAL_MONTHS = 12;

/** Days after hatching in which an animal is kept as a young one. */
const youngDays = ({ young }: Pick<Animal, "young">): number => (young.untilMonths?.[1] ?? USUAL_MONTHS) * DAYS_A_MONTH;

/**
 * How often the animals are fed, by the entry and by their age: as the young are while any of them is not grown.
 *
 * @param on calendar day, ISO 8601
 * @example feedEveryDays(animal, [], "2026-03-02") // 3
 */
export function feedEveryDays(
  animal: Pick<Animal, "food" | "young">,
  individuals: readonly Individual[],
  on: string,
): number {
  const { food } = animal;
  const until = youngDays(animal);
  const anyYoung = individuals.some(({ hatchedOn }) => hatchedOn !== null && daysBetween(hatchedOn, on) < until);
  const [least, most] = anyYoung ? food.youngEveryDays : food.adultEveryDays;
  return Math.max(1, Math.round((least + most) / 2));
}

type Fed = LogState["fed"][number];

/** Meals that were eaten, in part at the least: what was refused fed nobody. */
export const eaten = (fed: readonly Fed[]): Fed[] => fed.filter(({ taken }) => taken !== "refused");

/** Feedings since one was dusted so; all of them where none was. */
const feedingsSince = (fed: readonly Fed[], supplement: Supplement): number =>
  fed.length - 1 - fed.findLastIndex(({ dusted }) => dusted.includes(supplement));

/**
 * What the next feeding is dusted with: calcium every so many feedings, vitamins when their days are over.
 *
 * @param on the day of that feeding; calendar day, ISO 8601
 * @example dustingFor(animal, state.fed, "2026-03-02") // ["calcium"]
 */
export function dustingFor({ food }: Pick<Animal, "food">, offered: readonly Fed[], on: string): Supplement[] {
  const { calciumEveryNthFeeding, vitaminsEveryDays } = food;
  const fed = eaten(offered);
  const calcium = calciumEveryNthFeeding !== null && feedingsSince(fed, "calcium") + 1 >= calciumEveryNthFeeding;
  const lastVitaminsOn = fed.findLast(({ dusted }) => dusted.includes("vitamins"))?.on;
  const vitamins =
    vitaminsEveryDays !== null &&
    (lastVitaminsOn === undefined || daysBetween(lastVitaminsOn, on) >= vitaminsEveryDays);
  return [...(calcium ? ["calcium" as const] : []), ...(vitamins ? ["vitamins" as const] : [])];
}

/** A shed so soon after a refusal explains it: common practice. */
const BEFORE_SHED_DAYS = 14;

/**
 * Refusals that a shed soon after explains: animals go off food before it.
 *
 * @returns the days refused, with the day of the shed that followed
 */
export function refusedBeforeShed(
  fed: readonly Fed[],
  sheds: readonly { on: string; individualId?: string | undefined }[],
): { on: string; shedOn: string }[] {
  return fed
    .filter(({ taken }) => taken === "refused")
    .flatMap(({ on, individualId }) => {
      const shed = sheds.find((one) => {
        const days = daysBetween(on, one.on);
        return (
          days >= 0 &&
          days <= BEFORE_SHED_DAYS &&
          (one.individualId ?? individualId) === (individualId ?? one.individualId)
        );
      });
      return shed ? [{ on, shedOn: shed.on }] : [];
    });
}
