/** Turns a document of version n into one of version n + 1. */
export type Migration = (document: Record<string, unknown>) => Record<string, unknown>;
