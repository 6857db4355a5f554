import type { SenmlProblem } from "@/core/files/senml";
import type { Say } from "@/words";

/** Why a pack was refused, by the record that is to blame. */
export function senmlSaid({ code, ...rest }: SenmlProblem, say: Say): string {
  return say(`journal:${code}`, rest);
}
