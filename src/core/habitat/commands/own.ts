import { OWN_KINDS, type OwnEntry } from "../../catalog";
import { DesignSchema, type Design } from "../schema";
import { edit } from "./define";

type Own = Design["own"];
/** Entries by kind; a kind that is not told has none. */
export type Carried = { [K in keyof Own]?: Own[K] | undefined };

const newer = (kept: readonly OwnEntry[], added: readonly OwnEntry[]): OwnEntry[] => [
  ...kept.filter((item) => !added.some((other) => other.id === item.id)),
  ...added,
];

/** A design that carries these entries: those it had already take the newer figures. */
export function carrying(habitat: Design, added: Carried): Design {
  const told = OWN_KINDS.filter((kind) => (added[kind]?.length ?? 0) > 0);
  if (told.length === 0) return habitat;
  const changes = Object.fromEntries(told.map((kind) => [kind, newer(habitat.own[kind], added[kind] ?? [])]));
  return { ...habitat, own: { ...habitat.own, ...(changes as Partial<Own>) } };
}

/** Edits of what a habitat carries of its builder's own. */
export const ownEdits = {
  /** Has the habitat carry entries of its builder's own, or their newer figures. */
  carryOwn: edit(DesignSchema.shape.own.partial(), carrying),
};
