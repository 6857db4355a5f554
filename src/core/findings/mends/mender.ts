import type { Command } from "../../habitat";
import type { Told } from "../../log";
import type { MendableCode, MendQuantities } from "../quantities";
import type { Assessed, FindingOf } from "../types";

/**
 * A mend before it is told whether it is an edit or a rebuild, with what its button says. Work has no commands, but
 * events.
 */
export type Draft<Q> = { commands: readonly Command[]; events?: readonly Told[]; quantities: Q };

/** What mends one kind of finding: the first way is the one to take. */
type Mender<C extends MendableCode> = (
  finding: FindingOf<C>,
  assessed: Assessed,
) => readonly Draft<MendQuantities[C]>[];
export type Menders<C extends MendableCode = MendableCode> = { [K in C]: Mender<K> };

/** One way to mend, and what its button says. */
export const one = <Q>(quantities: Q, ...commands: Command[]): Draft<Q>[] => [{ commands, quantities }];
