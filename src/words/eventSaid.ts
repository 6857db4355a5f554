import { jobOf } from "@/core/habitat";
import type { LogEvent } from "@/core/log";
import { isWord, type Say } from "./say";

type Kind = LogEvent["kind"];
type SaidOf = { [K in Kind]: (event: Extract<LogEvent, { kind: K }>, say: Say) => string };

const titleOf = (key: string, say: Say): string => (isWord(key) ? say(key) : "");

/** Of a step of the build: what it was. */
const taskSaid = (event: Extract<LogEvent, { kind: "taskBegun" | "taskDone" }>, say: Say): string =>
  say(`journal:last.${event.kind}`, {
    what: titleOf(`build:tasks.${jobOf(event.taskId)}.title`, say),
    doneOn: event.on,
  });

/** Of a duty, by its name where it is not a keeper's own. */
const dutySaid = (event: Extract<LogEvent, { kind: "tick" | "skipped" | "snoozed" }>, say: Say): string =>
  say(`journal:last.${event.kind}`, { what: titleOf(`keeping:duties.${event.dutyId}.title`, say), doneOn: event.on });

type Plain = Exclude<
  Kind,
  | "tick"
  | "skipped"
  | "snoozed"
  | "taskBegun"
  | "taskDone"
  | "checked"
  | "movedIn"
  | "seeded"
  | "toppedUp"
  | "lost"
  | "drawnOff"
  | "metered"
  | "struck"
>;
/** That it happened, and when. */
const plainly = (event: Extract<LogEvent, { kind: Plain }>, say: Say): string =>
  say(`journal:last.${event.kind}`, { doneOn: event.on });

const SAID: SaidOf = {
  tick: dutySaid,
  skipped: dutySaid,
  snoozed: dutySaid,
  taskBegun: taskSaid,
  taskDone: taskSaid,
  checked: ({ gate, on }, say) =>
    say("journal:last.checked", { what: titleOf(`build:gates.${gate}.title`, say), doneOn: on }),
  movedIn: ({ on, reason }, say) =>
    [say("journal:last.movedIn", { doneOn: on }), reason].filter((part) => part !== undefined).join(": "),
  seeded: ({ count, crewId, on }, say) => say("journal:last.seeded", { count, crewId, doneOn: on }),
  toppedUp: ({ volumeL, on }, say) => say("journal:last.toppedUp", { volumeL, doneOn: on }),
  lost: ({ how, plantId, on }, say) => say(`journal:last.lost.${how}`, { plantId, doneOn: on }),
  drawnOff: ({ waterL, on }, say) => say("journal:last.drawnOff", { drawnWaterL: waterL, doneOn: on }),
  opened: plainly,
  closed: plainly,
  renewed: plainly,
  noted: plainly,
  fed: plainly,
  shed: plainly,
  weighed: plainly,
  bred: plainly,
  health: plainly,
  left: plainly,
  saw: plainly,
  changed: plainly,
  grew: plainly,
  counted: plainly,
  spent: plainly,
  metered: ({ uvIndex, belowCm, on }, say) => say("journal:last.metered", { index: `${uvIndex}`, belowCm, doneOn: on }),
  struck: () => "",
};

/** What an event says happened. @example sayEvent(event, say) // "litter topped up, Wed 25 Nov" */
export const sayEvent = <K extends Kind>(event: Extract<LogEvent, { kind: K }>, say: Say): string =>
  (SAID[event.kind] as (event: LogEvent, say: Say) => string)(event, say);
