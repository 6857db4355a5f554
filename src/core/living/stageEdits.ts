import type { Command, Design } from "../habitat";
import type { Library } from "../library";
import { youngOf } from "../scene";
import { usualCount } from "./usualCount";

/**
 * The edits that say who moves in. Where as many were told as grown ones are usually begun with, it becomes as many as
 * young ones are, and back: a number that somebody chose stays.
 *
 * @example stageEdits(design, library, true).map(({ name }) => name) // ["setStage", "setCount"]
 */
export function stageEdits({ brief }: Pick<Design, "brief">, library: Library, isYoung: boolean): Command[] {
  const grown = library.get("animals", brief.animalId);
  const [was, is] = isYoung ? [grown, youngOf(grown)] : [youngOf(grown), grown];
  const count = usualCount(is);
  const stage: Command = { name: "setStage", args: { stage: isYoung ? "young" : null } };
  const isUsual = brief.count === usualCount(was) && brief.count !== count;
  return isUsual ? [stage, { name: "setCount", args: { count } }] : [stage];
}
