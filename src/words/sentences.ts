import type { Finding } from "@/core/findings";
import type { Choice, Mend, MendPart } from "@/core/mending";
import type { CsvProblem, FileProblem } from "@/core/files";
import type { BoxReason, FitReason } from "@/core/living";
import type { OwnProblem } from "@/core/own";
import { EditRefused, type Problem } from "@/core/habitat";
import type { Quantities } from "./quantities";
import type { WordKey } from "./resources";
import { capital, isWord, type Say } from "./say";

/** A finding in words: what is wrong, and why. */
export type SpokenFinding = { title: string; why: string };
/** A mend in words: what its button does, and for work what is to be done. */
export type SpokenMend = { button: string; also: string | undefined; work: string | undefined };

/** The first key there is a word for; the more particular ones come first. */
const pick = (say: Say, keys: readonly string[], quantities: Quantities): string => {
  const key = keys.find(isWord);
  return key ? say(key, quantities) : "";
};

const variantOf = (quantities: object): string | undefined =>
  "variant" in quantities && typeof quantities.variant === "string" ? quantities.variant : undefined;

/** A place, a wall, and where a plant stands, are told by words of their own. */
function wordsFor({ place, wall, spot }: Quantities, say: Say): Quantities {
  const spoken = (under: string, id: unknown): string => {
    const key = `${under}.${String(id)}`;
    return isWord(key) ? say(key) : "";
  };
  return {
    ...(place === undefined ? {} : { place: spoken("journal:places", place) }),
    ...(spot === undefined ? {} : { spot: spoken("planting:spots", spot) }),
    ...(wall === undefined ? {} : { wall: spoken("shell:walls", wall) }),
  };
}

/** @example sayFinding(finding, say).title // "The fill passes the door sill." */
export function sayFinding({ code, quantities }: Finding, say: Say): SpokenFinding {
  const told: Quantities = { ...quantities };
  const why = pick(say, [`findings:${code}.why.${variantOf(quantities)}`, `findings:${code}.why`], {
    ...told,
    ...wordsFor(told, say),
  });
  return { title: say(`titles:${code}`), why: capital(why) };
}

const lowerFirst = (text: string): string => text.charAt(0).toLocaleLowerCase() + text.slice(1);

const sayPart = ({ code, quantities }: MendPart, say: Say): string =>
  pick(say, [`findings:${code}.mend.${variantOf(quantities)}`, `findings:${code}.mend`], { ...quantities });

/** @example sayMend(mend, say).button // "Lower the soil 2 cm" */
export function sayMend({ how, parts }: Mend, say: Say): SpokenMend {
  const [first, ...others] = parts;
  const what = sayPart(first, say);
  const also = others.map((part) => lowerFirst(sayPart(part, say))).join(", ");
  const work = pick(say, [`findings:${first.code}.work.${variantOf(first.quantities)}`], { ...first.quantities });
  return {
    button: how === "rebuild" ? say("findings:rebuild", { what: lowerFirst(what) }) : what,
    also: also === "" ? undefined : say("findings:also", { what: also }),
    work: how === "work" ? work : undefined,
  };
}

/** Who suffers from what a finding tells, by name; undefined where nobody does. */
export function sayBrought({ brings }: Finding, say: Say): string | undefined {
  const named = (brings ?? []).flatMap(({ quantities }) => {
    if ("plantId" in quantities) return [say.nameOf("plants", quantities.plantId)];
    return "crewId" in quantities ? [say.nameOf("crew", quantities.crewId)] : [];
  });
  const names = [...new Set(named)];
  return names.length === 0 ? undefined : say("findings:brings", { names: names.join(", ") });
}

/** What is left to choose from, in one line. @example sayChoices(["higherSill", "otherAnimal"], say) */
export const sayChoices = (choices: readonly Choice[], say: Say): string =>
  say("advice:left", { choices: choices.map((choice) => say(`advice:choices.${choice}`)).join(say("advice:or")) });

/** @example sayFit(reason, say) // "Too dry: it thrives at 60 % to 90 %, …" */
export const sayFit = ({ code, score: _score, verdict: _verdict, ...quantities }: FitReason, say: Say): string =>
  capital(say(`fits:${code}` as const, { ...quantities, ...namedIn(quantities, say) }));

/** Spots and hazards have words of their own. */
function namedIn({ spot, hazard }: Quantities, say: Say): Quantities {
  const spoken = (under: string, id: unknown): string => {
    const key = `${under}.${String(id)}`;
    return isWord(key) ? say(key) : "";
  };
  return {
    ...(spot === undefined ? {} : { spot: spoken("planting:spots", spot) }),
    ...(hazard === undefined ? {} : { hazard: spoken("library:values.hazards", hazard) }),
  };
}

export const sayBox = ({ code, weight: _weight, ...quantities }: BoxReason, say: Say): string =>
  say(`brief:box.${code}`, quantities);

/** Why something of one's own was not kept. */
export function sayOwnProblem(problem: OwnProblem, say: Say): string {
  switch (problem.code) {
    case "own.nameTaken":
      return say("mix:problems.nameTaken", { name: problem.name });
    case "own.badField":
      return problem.path === "name"
        ? say("mix:problems.badName")
        : say("mix:problems.badField", { path: fieldName(problem.path, say) });
    case "own.unknownIngredient":
      return say("mix:problems.unknownIngredient", { id: problem.id });
    case "own.full":
      return say("mix:problems.full", { most: problem.most });
    case "own.emptyRecipe":
      return say("mix:problems.emptyRecipe");
  }
}

/** The name of a figure as it stands in the library, else the field's own. */
const fieldName = (field: string, say: Say): string =>
  isWord(`figures:${field}`) ? say(`figures:${field}` as "figures:pH") : field;

/** What is wrong with a table of ingredients, by row and column. */
export function sayCsvProblem(problem: CsvProblem, say: Say): string {
  const { code, ...rest } = problem;
  return say(`library:table.${code.slice("csv.".length) as "empty"}`, {
    ...rest,
    ...("column" in rest ? { heading: fieldName(rest.column, say) } : {}),
  });
}

/** Why a file was refused. */
export function sayFileProblem(problem: FileProblem, say: Say): string {
  const { code, ...rest } = problem;
  if (problem.code === "file.badField") return say(`problems:file.badField.${problem.why}`, { path: problem.path });
  if (problem.code === "file.broken")
    return say(`problems:file.broken.${problem.why}` as WordKey, { path: problem.path });
  return say(`problems:${code}` as "problems:file.notJson", rest);
}

/** The last name in a path that is no number: `strata.layers.2.depthCm` is about a depth. */
const fieldIn = (path: string): string => path.split(".").findLast((part) => !/^\d+$/.test(part)) ?? "";

const editField = (path: string, say: Say): string => {
  const key = `problems:fields.${fieldIn(path)}`;
  return isWord(key) ? say(key) : fieldName(fieldIn(path), say);
};

const ENDINGS = ["Cm", "Mm", "Kg", "Pct", "Rh", "C"] as const;

/** A limit in the unit its field's name ends in. */
function limitPrinted(field: string, side: "least" | "most", limit: number, say: Say): string {
  const name = `${side}${ENDINGS.find((ending) => field.endsWith(ending)) ?? ""}` as const;
  return say(`problems:limit.${name}`, { [name]: limit });
}

/**
 * Why an edit was refused, by the field that is to blame.
 *
 * @example sayProblem(problem, say) // "Depth: at most 200 cm."
 */
export function sayProblem({ path, code, id, least, most }: Problem, say: Say): string {
  const field = editField(path, say);
  const side = most === undefined ? "least" : "most";
  const limit = most ?? least;
  if (limit === undefined) return say(`problems:edit.${code}`, { field, id });
  return say(`problems:edit.${side}`, { field, limit: limitPrinted(fieldIn(path), side, limit, say) });
}

/** Why something could not be kept: the field that is to blame, or that this device refused it. */
export const sayNotKept = (error: unknown, say: Say): string =>
  error instanceof EditRefused ? sayProblem(error.problem, say) : say("problems:notKept");
