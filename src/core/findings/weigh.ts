import { provenanceOf, type Animal, type SchoolQuestion, type SchoolView } from "../catalog";
import { decidersOf } from "./deciders";
import type { FindingCode, FindingQuantities } from "./quantities";
import type { Assessed, Finding, Found, OtherSchool, Rests, Weight } from "./types";

/** Findings whose figures a school can change, and the question it answers. */
const ASKED = {
  tooMany: "group",
  drainageMissing: "drainage",
  drainageInArid: "drainage",
  soilTooShallow: "soilDepth",
  uvBlocked: "nocturnalUv",
} as const satisfies Partial<Record<FindingCode, SchoolQuestion>>;
type Asked = keyof typeof ASKED;
const isAsked = (code: FindingCode): code is Asked => code in ASKED;

type Clears = { readonly [C in Asked]: (view: SchoolView, told: FindingQuantities[C]) => boolean };
/** Whether a school's figures would leave nothing to say. What it says nothing of, it does not clear. */
const CLEARS: Clears = {
  tooMany: ({ company, mostTogether }, { count, variant }) =>
    variant === "oneToABox"
      ? company !== undefined && company !== "alone"
      : mostTogether !== undefined && mostTogether >= count,
  drainageMissing: ({ drainage }) => drainage !== undefined && drainage !== "wanted",
  drainageInArid: ({ drainage }) => drainage !== undefined && drainage !== "avoided",
  soilTooShallow: ({ leastSoilCm }, { haveCm }) => leastSoilCm !== undefined && leastSoilCm <= haveCm,
  uvBlocked: ({ uvNeed }) => uvNeed !== undefined && uvNeed !== "needed",
};

const VIEWS = [0, 1] as const;

/** The school by which there would be nothing to say. */
function otherSchoolOf({ code, quantities }: Found, { schools }: Animal): OtherSchool | undefined {
  if (!isAsked(code)) return undefined;
  const question = ASKED[code];
  const school = schools.find(({ about }) => about === question);
  const clears = CLEARS[code] as (view: SchoolView, told: object) => boolean;
  const view = school && VIEWS.find((one) => clears(school.views[one], quantities));
  return view === undefined ? undefined : { question, view };
}

/** From the surest down: a finding rests on the least sure of its figures. */
const SURENESS: readonly Rests[] = ["nature", "published", "practice", "own", "memory"];
const least = (a: Rests, b: Rests): Rests => (SURENESS.indexOf(b) > SURENESS.indexOf(a) ? b : a);

/** That a stone which is dug under sinks is a fact of nature; how an animal lives is only what makes it dig. */
const NATURE: ReadonlySet<FindingCode> = new Set<FindingCode>(["stoneOnSoil"]);

/** What a finding's figures rest on: with none from the catalogue, on geometry, physics or the builder's own word. */
function restsOn(
  found: Pick<Finding, "code" | "quantities" | "follows">,
  { animal, library, climate }: Assessed,
): Rests {
  if (found.follows !== undefined) return "own";
  if (NATURE.has(found.code)) return "nature";
  return decidersOf(found as Finding, animal.id, climate.decidedBy).reduce<Rests>((so, { kind, id, path }) => {
    if (library.ownName(kind, id) !== undefined) return least(so, "own");
    const entry = library.find(kind, id);
    return entry ? least(so, provenanceOf(entry, path).kind) : so;
  }, "nature");
}

/**
 * What is told as a harm only where it is far off: so far that a figure which is remembered a little wrong changes
 * nothing. A box half as large as the least, a whole box past what is borne, a place that burns, a night that kills.
 */
const FAR_OFF: ReadonlySet<FindingCode> = new Set<FindingCode>(["boxTooSmall", "tooHot", "tooCold", "baskingOff"]);

/** A figure remembered makes nothing certain unless it is far off, and what another school allows is an opinion. */
function weightOf({ code, weight }: Found, rests: Rests, otherSchool: OtherSchool | undefined): Weight {
  if (otherSchool) return "opinion";
  return weight === "harm" && rests === "memory" && !FAR_OFF.has(code) ? "look" : weight;
}

/** A finding with its weight, what it rests on, and the schools there are about it. */
export function weighed(found: Found, assessed: Assessed): Omit<Finding, "answered"> {
  const { habitat, library, phase } = assessed;
  const question = isAsked(found.code) ? ASKED[found.code] : undefined;
  const follows = question !== undefined && habitat.brief.schools[question] !== undefined ? question : undefined;
  const asTold = library.get("animals", habitat.brief.animalId);
  const otherSchool = otherSchoolOf(found, asTold);
  const rests = restsOn({ ...found, follows }, assessed);
  return {
    ...found,
    phase,
    rests,
    weight: weightOf(found, rests, otherSchool),
    ...(follows ? { follows } : {}),
    ...(otherSchool ? { otherSchool } : {}),
  };
}
