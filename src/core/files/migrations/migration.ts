/** A document before it is checked: whatever a file held. */
export type Plain = Record<string, unknown>;

/** A part of it; nothing at all where something else stands in its place. @example plainOf(7) // {} */
export const plainOf = (value: unknown): Plain => (typeof value === "object" && value !== null ? (value as Plain) : {});

/** Turns a document of version n into one of version n + 1. */
export type Migration = (document: Plain) => Plain;
