import { attempt, COMMAND_ARGS, type Command, type CommandName, type Design } from "../habitat";
import { STOCK } from "../library";
import { checkedEvents, EventSchema, type LogEvent } from "../log";
import { anyValue, pick, type Chance } from "./anyValue";

const NAMES = Object.keys(COMMAND_ARGS) as CommandName[];
/** What would bring in a whole other design is tried by itself. */
const LEFT_OUT: readonly CommandName[] = ["become", "carryOwn"];

/** Any edit, mostly sane. */
function anyCommand(design: Design, chance: Chance): Command {
  const name = pick(
    chance,
    NAMES.filter((one) => !LEFT_OUT.includes(one)),
  );
  return { name, args: anyValue(COMMAND_ARGS[name], "", design, chance) } as Command;
}

/** Any event a person could write, mostly sane; undefined where it is refused. */
function anyEvent(design: Design, chance: Chance, n: number): LogEvent | undefined {
  const told = anyValue(pick(chance, EventSchema.options), "", design, chance) as object;
  const checked = checkedEvents([{ ...told, id: `e${n}` }]);
  return checked.ok ? checked.events[0] : undefined;
}

/** A walk of edits and events: each is taken or refused as if a person had asked for it. */
export function walked(
  from: Design,
  steps: number,
  chance: Chance,
): { design: Design; events: LogEvent[]; taken: number } {
  let [design, taken] = [from, 0];
  const events: LogEvent[] = [];
  for (let n = 0; n < steps; n += 1) {
    if (chance() < 0.25) {
      const event = anyEvent(design, chance, n);
      if (event) events.push(event);
      continue;
    }
    const tried = attempt(design, [anyCommand(design, chance)], STOCK);
    if (tried.ok) [design, taken] = [tried.design, taken + 1];
  }
  return { design, events, taken };
}
