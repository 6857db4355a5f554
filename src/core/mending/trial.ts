import { derive, type Derived } from "../derive";
import { WEIGHTS, type Finding, type Weight } from "../findings";
import { attempt, type Command } from "../habitat";

type Tryable = Pick<Derived, "habitat" | "log" | "library">;

/** A habitat as it would be after some edits; undefined where they would be refused. */
export function triedOut(before: Tryable, commands: readonly Command[]): Derived | undefined {
  const tried = attempt(before.habitat, commands, before.library);
  return tried.ok ? derive(tried.design, before.log, before.library) : undefined;
}

const keyOf = ({ code, about }: Pick<Finding, "code" | "about">): string => `${code} ${about}`;

/** Whether a finding is told of a habitat. */
export const isTold = (finding: Pick<Finding, "code" | "about">, { findings }: Derived): boolean =>
  findings.some((other) => keyOf(other) === keyOf(finding));

const rank = (weight: Weight): number => WEIGHTS.indexOf(weight);
const NOTICEABLE = 0.1;

/** How bad one is, in its own measure, so that it can be told whether an edit makes it worse; 0 where there is none. */
function badness({ code, quantities }: Finding): number {
  switch (code) {
    case "overSill":
    case "aboveRim":
      return quantities.overCm;
    case "soilTooShallow":
      return quantities.needCm - quantities.haveCm;
    case "boxTooSmall":
      return (
        Math.max(0, quantities.widthCm - quantities.haveWidthCm) +
        Math.max(0, quantities.depthCm - quantities.haveDepthCm) +
        Math.max(0, quantities.clearCm - quantities.haveClearCm)
      );
    case "waterOverSafeLine":
      return quantities.lineCm - quantities.safeCm;
    case "standOverloaded":
      return quantities.floodedKg;
    case "tooMany":
      return quantities.count;
    default:
      return 0;
  }
}

/** Findings of a weight or more that edits bring, make heavier or make worse. */
export function raisedBy(before: Derived, after: Derived, weight: Weight): Finding[] {
  const known = new Map(before.findings.map((finding) => [keyOf(finding), finding]));
  const isNews = (finding: Finding): boolean => {
    const was = known.get(keyOf(finding));
    return !was || rank(finding.weight) < rank(was.weight) || badness(finding) > badness(was) + NOTICEABLE;
  };
  return after.findings.filter((finding) => rank(finding.weight) <= rank(weight) && isNews(finding));
}
