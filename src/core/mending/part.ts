import type { MendableCode, MendQuantities } from "./quantities";

/** One thing a mend does, as its button tells it. */
export type MendPart = { [C in MendableCode]: { code: C; quantities: MendQuantities[C] } }[MendableCode];
