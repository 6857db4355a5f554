import { namesInLog, type Command, type Design } from "../habitat";
import { doneEvents, standing, type LogEvent, type Told } from "../log";
import type { Scheduled } from "./schedule";

type Marked = { told: Told[]; commands: Command[] };

const entryOf = ({ about }: Scheduled): string | undefined => (about?.kind === "entry" ? about.id : undefined);

/** What a step means for what grows and lives there, once its work is done. */
function meaning(step: Scheduled, { crew }: Design, on: string): Marked {
  const id = entryOf(step);
  if (step.job === "plantOut" && id !== undefined)
    return { told: [], commands: [{ name: "plantedOn", args: { on, plantId: id } }] };
  if (step.job !== "seedCrew") return { told: [], commands: [] };
  const seeded = crew.filter(({ crewId }) => crewId === id);
  return { told: seeded.map(({ crewId, count }): Told => ({ kind: "seeded", on, crewId, count })), commands: [] };
}

const waits = ({ wait }: Scheduled): boolean => wait[1] > 0;

/**
 * What is written when a step is ticked: that its work is done and it waits, that its wait is over, or that it is done
 * where it waits for nothing.
 *
 * @param usedL litres it took, where they are not those planned
 */
export function marking(step: Scheduled, design: Design, on: string, usedL?: number): Marked {
  const taskId = step.id;
  const done: Told = { kind: "taskDone", on, taskId, ...(usedL === undefined ? {} : { usedL }) };
  if (step.state === "waiting") return { told: [done], commands: [] };
  const { told, commands } = meaning(step, design, on);
  return { told: [waits(step) ? { kind: "taskBegun", on, taskId } : done, ...told], commands };
}

/** What has to be struck when a step is not done after all: its own events, and what they meant. */
export function unmarking(step: Scheduled, events: readonly LogEvent[]): LogEvent[] {
  const own = namesInLog(step.id).flatMap((name) => doneEvents(events, name));
  const days = own.map(({ on }) => on);
  const id = entryOf(step);
  const meant = standing(events).filter(
    (event) =>
      days.includes(event.on) &&
      ((step.job === "moveIn" && event.kind === "movedIn") ||
        (step.job === "seedCrew" && event.kind === "seeded" && event.crewId === id)),
  );
  return [...own, ...meant];
}
