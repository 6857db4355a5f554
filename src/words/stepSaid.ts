import type { About, Activity } from "@/core/build";
import type { Design } from "@/core/habitat";
import type { Library } from "@/core/library";
import { mixName } from "./mixName";
import { capital, type Say } from "./say";

type Speaking = { say: Say; library: Library; mixes: Design["mixes"] };
type Step = Pick<Activity, "job" | "about" | "name" | "quantities">;

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
export function stepTitle({ job, about, name }: Step, speaking: Speaking): string {
  if (job === "own") return name ?? "";
  const title = speaking.say(`build:tasks.${job}.title`);
  return about ? speaking.say("build:titleOf", { title, what: aboutSaid(about, speaking) }) : capital(title);
}

/** What to do in it, with its figures; nothing for a step of one's own. */
export const stepWhy = ({ job, quantities }: Step, say: Say): string =>
  job === "own" ? "" : say(`build:tasks.${job}.why`, quantities);
