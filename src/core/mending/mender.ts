import type { Command } from "../habitat";
import type { Assessed, FindingOf } from "../findings";
import type { Told } from "../log";
import type { MendableCode, MendQuantities } from "./quantities";

/** One way to mend, before it is known whether it can be offered. Work has no commands, but events. */
export type Draft<Q> = {
  commands: readonly Command[];
  events?: readonly Told[];
  quantities: Q;
  /** It gives something up: never part of a joint mend, and offered after all others. */
  givesUp?: boolean;
  /** It changes what the builder starts from, such as the box: never added to the mend of something else. */
  alone?: boolean;
};

/** What mends one kind of finding: the gentlest way first. */
export type Mender<C extends MendableCode> = (
  finding: FindingOf<C>,
  assessed: Assessed,
) => readonly Draft<MendQuantities[C]>[];
/** One mender, or several of which a later one is asked only where nothing of those before can be offered. */
export type Menders<C extends MendableCode = MendableCode> = { [K in C]: Mender<K> | readonly Mender<K>[] };

/** One way to mend, and what its button says. */
export const one = <Q>(quantities: Q, ...commands: Command[]): Draft<Q>[] => [{ commands, quantities }];
/** One that changes what the builder starts from. */
export const alone = <Q>(quantities: Q, ...commands: Command[]): Draft<Q>[] => [{ commands, quantities, alone: true }];
/** One that gives something up. */
export const last = <Q>(quantities: Q, ...commands: Command[]): Draft<Q>[] => [{ commands, quantities, givesUp: true }];
