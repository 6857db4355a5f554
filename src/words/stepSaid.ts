import type { About, Activity } from "@/core/build";
import type { Design } from "@/core/habitat";
import type { Library } from "@/core/library";
import { mixName } from "./mixName";
import type { WordKey } from "./resources";
import { capital, isWord, type Say } from "./say";

type Speaking = { say: Say; library: Library; mixes: Design["mixes"] };
type Step = Pick<Activity, "job" | "about" | "way" | "name" | "quantities">;

/** Where a step's words stand: by the way it is done, where there are several. */
function wordsOf({ job, way }: Pick<Step, "job" | "way">, part: "title" | "why"): WordKey | undefined {
  const key = way === undefined ? `build:tasks.${job}.${part}` : `build:tasks.${job}.ways.${way}.${part}`;
  return isWord(key) ? key : undefined;
}

/** What a step is about, by its name. */
function aboutSaid(about: About, { say, library, mixes }: Speaking): string {
  switch (about.kind) {
    case "wall":
      return say(`shell:walls.${about.wall}`);
    case "entry":
      return say.nameOf(about.shelf, about.id);
    case "mix":
      return mixName(
        mixes.find(({ id }) => id === about.mixId),
        say,
        library,
      );
  }
}

/** What a step is called. @example stepTitle(step, speaking) // "Lay the soil: forest mix, tree fern" */
export function stepTitle(step: Step, speaking: Speaking): string {
  const { job, about, name, quantities } = step;
  if (job === "own") return name ?? "";
  const { say } = speaking;
  const named = say(wordsOf(step, "title") ?? `build:tasks.${job}.title`);
  const title = about ? say("build:titleOf", { title: named, what: aboutSaid(about, speaking) }) : capital(named);
  return isOneOfCoats({ job, quantities }) ? say("build:coatOf", { title, ...quantities }) : title;
}

/** Whether a finish is told coat by coat. */
const isOneOfCoats = ({ job, quantities }: Pick<Step, "job" | "quantities">): boolean =>
  job === "finishWalls" && (quantities.coatCount ?? 0) > 0;

/** What to do in it, with its figures; nothing for a step of one's own. */
export function stepWhy(step: Step, say: Say): string {
  const { job, quantities } = step;
  if (job === "own") return "";
  if (isOneOfCoats({ job, quantities }) && (quantities.nth ?? 1) > 1) return say("build:nextCoat", quantities);
  const why = wordsOf(step, "why");
  return why ? say(why, quantities) : "";
}
