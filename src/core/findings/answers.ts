import type { Answer } from "../habitat";
import type { Finding } from "./types";

type Asked = Pick<Finding, "code" | "about" | "quantities">;

/** Figures are held to be the same to so many digits: a hair is no other cause. */
const DIGITS = 2;
const told = (value: unknown): unknown => (typeof value === "number" ? Number(value.toPrecision(DIGITS)) : value);

/**
 * What caused a finding, as text that is the same as long as the cause is.
 *
 * @example causeOf(shallow) // "animalId=rosyBoa haveCm=4 needCm=10"
 */
export const causeOf = ({ quantities }: Pick<Asked, "quantities">): string =>
  Object.entries(quantities)
    .map(([name, value]) => `${name}=${String(told(value))}`)
    .toSorted()
    .join(" ");

/** What was answered to a finding, if anything, and whether it still holds. */
export function answeredTo(
  { code, about, quantities }: Asked,
  answers: readonly Answer[],
): { answer: Answer; holds: boolean } | undefined {
  const answer = answers.find((one) => one.code === code && one.about === about);
  return answer && { answer, holds: answer.cause === causeOf({ quantities }) };
}

/**
 * Whether a finding is to be told on a day: it was not answered, its cause changed since, or the day to be reminded has
 * come.
 *
 * @param today calendar day, ISO 8601
 * @example isOpen(finding, "2026-03-02")
 */
export function isOpen({ answered }: Pick<Finding, "answered">, today: string): boolean {
  if (!answered?.holds) return true;
  const { answer } = answered.answer;
  return answer.kind === "later" && answer.untilOn <= today;
}
