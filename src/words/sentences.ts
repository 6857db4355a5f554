import type { Finding } from "@/core/findings";
import type { CsvProblem, FileProblem } from "@/core/files";
import type { BoxReason, FitReason } from "@/core/living";
import type { OwnProblem } from "@/core/own";
import { capital, isWord, type Say } from "./say";

/** A finding in words: what, why, and what its button does. */
export type SpokenFinding = { title: string; why: string; mend: string | undefined };

/** The first key there is a word for; the more particular ones come first. */
const pick = (say: Say, keys: readonly string[], quantities: Record<string, number | string>): string => {
  const key = keys.find(isWord);
  return key ? say(key, quantities) : "";
};

/** @example sayFinding(finding, say).title // "The fill passes the door sill." */
export function sayFinding({ code, quantities, mend }: Finding, say: Say): SpokenFinding {
  const { shape, what, side, place, problem, which, wall, cause } = quantities;
  const spokenPlace =
    typeof place === "string" && isWord(`keeping:places.${place}`)
      ? say(`keeping:places.${place}` as "keeping:places.warmEnd")
      : "";
  const spokenWall =
    typeof wall === "string" && isWord(`shell:walls.${wall}`) ? say(`shell:walls.${wall}` as "shell:walls.back") : "";
  const keys = [`${what}.${side}`, shape, problem, which, cause].map((more) => `findings:${code}.why.${more}`);
  const why = pick(say, [...keys, `findings:${code}.why`], { ...quantities, place: spokenPlace, wall: spokenWall });
  return {
    title: say(`findings:${code}.title`),
    why: capital(why),
    mend:
      mend && pick(say, [`findings:${code}.mend.${mend.quantities.edit}`, `findings:${code}.mend`], mend.quantities),
  };
}

/** @example sayFit(reason, say) // "Too dry: it thrives at 60 % to 90 %, …" */
export const sayFit = ({ code, score: _score, verdict: _verdict, ...quantities }: FitReason, say: Say): string =>
  say(`fits:${code}` as const, quantities);

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
  return say(`problems:${code}` as "problems:file.notJson", rest as Record<string, string>);
}
