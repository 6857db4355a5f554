import type { Animal } from "../catalog";
import type { SUPPLEMENTS } from "../habitat";
import { type Individual } from "../habitat";
import type { LogState } from "../log";
import { daysBetween } from "../units";

export type Supplement = (typeof SUPPLEMENTS)[number];

/** Younger than a year: fed as the young are. Most species grow fastest in it; from memory. */
const YOUNG_DAYS = 365;

/**
 * How often the animals are fed, by the entry and by their age: as the young are while any is younger than a year.
 *
 * @param on calendar day, ISO 8601
 * @example feedEveryDays(animal, [], "2026-03-02") // 3
 */
export function feedEveryDays({ food }: Pick<Animal, "food">, individuals: readonly Individual[], on: string): number {
  const anyYoung = individuals.some(({ hatchedOn }) => hatchedOn !== null && daysBetween(hatchedOn, on) < YOUNG_DAYS);
  const [least, most] = anyYoung ? food.youngEveryDays : food.adultEveryDays;
  return Math.max(1, Math.round((least + most) / 2));
}

type Fed = LogState["fed"][number];

/** Feedings since one was dusted so; all of them where none was. */
const feedingsSince = (fed: readonly Fed[], supplement: Supplement): number =>
  fed.length - 1 - fed.findLastIndex(({ dusted }) => dusted.includes(supplement));

/**
 * What the next feeding is dusted with: calcium every so many feedings, vitamins when their days are over.
 *
 * @param on the day of that feeding; calendar day, ISO 8601
 * @example dustingFor(animal, state.fed, "2026-03-02") // ["calcium"]
 */
export function dustingFor({ food }: Pick<Animal, "food">, fed: readonly Fed[], on: string): Supplement[] {
  const { calciumEveryNthFeeding, vitaminsEveryDays } = food;
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
