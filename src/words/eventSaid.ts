import { jobOf } from "@/core/habitat";
import type { LogEvent } from "@/core/log";
import { isWord, type Say } from "./say";

type Kind = LogEvent["kind"];
type SaidOf = { [K in Kind]: (event: Extract<LogEvent, { kind: K }>, say: Say) => string };

const titleOf = (key: string, say: Say): string => (isWord(key) ? say(key) : "");

/** Of a step of the build: what it was. */
const taskSaid = (event: Extract<LogEvent, { kind: "taskBegun" | "taskDone" }>, say: Say): string =>
  say(`keeping:last.${event.kind}`, {
    what: titleOf(`build:tasks.${jobOf(event.taskId)}.title`, say),
    doneOn: event.on,
  });

/** That it happened, and when. */
const plainly = (event: Extract<LogEvent, { kind: "opened" | "closed" | "renewed" | "noted" }>, say: Say): string =>
  say(`keeping:last.${event.kind}`, { doneOn: event.on });

const SAID: SaidOf = {
  tick: ({ dutyId, on }, say) =>
    say("keeping:last.tick", { what: titleOf(`keeping:duties.${dutyId}.title`, say), doneOn: on }),
  taskBegun: taskSaid,
  taskDone: taskSaid,
  checked: ({ gate, on }, say) =>
    say("keeping:last.checked", { what: titleOf(`build:gates.${gate}.title`, say), doneOn: on }),
  movedIn: ({ on, reason }, say) =>
    [say("keeping:last.movedIn", { doneOn: on }), reason].filter((part) => part !== undefined).join(": "),
  seeded: ({ count, crewId, on }, say) => say("keeping:last.seeded", { count, crewId, doneOn: on }),
  toppedUp: ({ volumeL, on }, say) => say("keeping:last.toppedUp", { volumeL, doneOn: on }),
  lost: ({ how, plantId, on }, say) => say(`keeping:last.lost.${how}`, { plantId, doneOn: on }),
  drawnOff: ({ waterL, on }, say) => say("keeping:last.drawnOff", { drawnWaterL: waterL, doneOn: on }),
  opened: plainly,
  closed: plainly,
  renewed: plainly,
  noted: plainly,
  metered: ({ uvIndex, belowCm, on }, say) => say("keeping:last.metered", { index: `${uvIndex}`, belowCm, doneOn: on }),
  struck: () => "",
};

/** What an event says happened. @example sayEvent(event, say) // "litter topped up, Wed 25 Nov" */
export const sayEvent = <K extends Kind>(event: Extract<LogEvent, { kind: K }>, say: Say): string =>
  (SAID[event.kind] as (event: LogEvent, say: Say) => string)(event, say);
