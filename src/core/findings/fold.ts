import { WEIGHTS, type Finding, type Weight } from "./types";

type Cause = "tooDry" | "tooDamp" | "tooCold" | "tooHot" | "roomTooHot";
/** What a finding is, by its code and how it is told. */
const named = ({ code, quantities }: Finding): string =>
  "variant" in quantities ? `${code} ${String(quantities.variant)}` : code;

const WARM: readonly string[] = ["plantWrongWarmth tooWarm", "crewWrongWarmth tooWarm"];
/** What comes of air that is off for the animal: plants and crew that suffer from the same air. */
const FOLLOWS: Record<Cause, readonly string[]> = {
  tooDry: ["plantWantsWetter air", "crewWrongAir tooDry"],
  tooDamp: ["plantWantsDrier air", "crewWrongAir tooWet"],
  tooCold: ["plantWrongWarmth tooCool", "crewWrongWarmth tooCool"],
  tooHot: WARM,
  roomTooHot: WARM,
};

const isCause = (finding: Finding): finding is Extract<Finding, { code: Cause }> => finding.code in FOLLOWS;
const heavier = (a: Weight, b: Weight): Weight => (WEIGHTS.indexOf(a) <= WEIGHTS.indexOf(b) ? a : b);

/**
 * One card a cause: what follows from another finding is told under it, and makes it weigh as much. A mend of the cause
 * is held to heal what follows too, as it is told again by itself where it does not.
 *
 * @example folded([tooDry, plantWantsWetter]) // [tooDry, with the plant among what it brings]
 */
export function folded(all: readonly Finding[]): Finding[] {
  const causes = all.filter(isCause);
  const causeOf = (one: Finding) => causes.find(({ code }) => FOLLOWS[code].includes(named(one)));
  return all.flatMap((finding): Finding[] => {
    if (causeOf(finding)) return [];
    if (!isCause(finding)) return [finding];
    const brings = all.filter((one) => causeOf(one) === finding);
    if (brings.length === 0) return [finding];
    const weight = brings.reduce((so, one) => heavier(so, one.weight), finding.weight);
    return [{ ...finding, weight, brings }];
  });
}
