import type { Command, Design } from "../habitat";
import type { Told } from "../log";
import type { Scene } from "../scene";
import { daysBetween } from "../units";
import { rework, type Dug } from "./activities/rework";
import { planOfSteps, type Progress, type Scheduled } from "./schedule";

/** The plan of a running box opened again: its steps by their days, what comes out, and how long the animals wait. */
export type ReworkPlan = { steps: readonly Scheduled[]; dug: readonly Dug[]; newL: number; waitDays: number };

const NOTHING_DONE: Progress = { doneOn: {}, begunOn: {} };

/**
 * Plans a rework from a day on.
 *
 * @param startOn the day it is begun; calendar day, ISO 8601
 * @param today the day nothing undone is planned before
 * @param progress what of it is begun and done
 * @example reworkPlan(now, deeper, "2026-03-02").waitDays // 9
 */
export function reworkPlan(
  before: Scene,
  after: Scene,
  startOn: string,
  { today = startOn, progress = NOTHING_DONE }: { today?: string; progress?: Progress } = {},
): ReworkPlan {
  const { steps: made, dug, newL } = rework(before, after);
  const begun = {
    ...after,
    habitat: { ...after.habitat, build: { ...after.habitat.build, startOn, changes: [], own: [] } },
  };
  const { steps } = planOfSteps({ steps: made, problems: [] }, begun, progress, today);
  const on = (job: Scheduled["job"]) => steps.find((step) => step.job === job)?.startOn ?? startOn;
  return { steps, dug, newL, waitDays: daysBetween(on("moveOut"), on("moveBack")) };
}

/** What is written when a step of a rework is ticked; the last closes the box and makes it what it was to become. */
export function reworkMarking(
  step: Scheduled,
  like: Pick<Design, (typeof BECOMES)[number]>,
  on: string,
): { told: Told[]; commands: Command[] } {
  const taskId = step.id;
  if (step.job !== "moveBack") {
    const begins = step.state === "todo" && step.wait[1] > 0;
    return { told: [{ kind: begins ? "taskBegun" : "taskDone", on, taskId }, ...crewOf(step, like, on)], commands: [] };
  }
  const standing = Object.fromEntries(BECOMES.map((part) => [part, like[part]])) as Pick<
    Design,
    (typeof BECOMES)[number]
  >;
  return {
    told: [
      { kind: "taskDone", on, taskId },
      { kind: "closed", on },
    ],
    commands: [{ name: "become", args: { like: standing, on } }],
  };
}

const BECOMES = [
  "shell",
  "strata",
  "own",
  "mixes",
  "pieces",
  "plants",
  "crew",
  "starters",
  "gear",
  "power",
] as const satisfies readonly (keyof Design)[];

/** New crew that went in. */
const crewOf = ({ job, about, state }: Scheduled, { crew }: Pick<Design, "crew">, on: string): Told[] =>
  job === "seedCrew" && state === "todo" && about?.kind === "entry"
    ? crew.flatMap(({ crewId, count }): Told[] => (crewId === about.id ? [{ kind: "seeded", on, crewId, count }] : []))
    : [];
