import type { OwnEntry, OwnKind } from "@/core/catalog";
import { keepEntry, type OwnShelf } from "@/core/own";
import { putOwn } from "@/store";
import { capital, type Say } from "@/words";
import type { Shown } from "./entries";
import { newOwnId, stockNames } from "./OwnTools";

/** A name no other entry has: the base, or with a number behind it. */
function freeName(base: string, taken: readonly string[]): string {
  const numbered = taken.map((_, at) => `${base} ${at + 2}`);
  return [base, ...numbered].find((name) => !taken.includes(name)) ?? base;
}

/**
 * Copies an entry onto the builder's own shelf.
 *
 * @returns the copy's id, or undefined when it could not be kept
 */
export async function copyEntry(own: OwnShelf, kind: OwnKind, from: Shown, say: Say): Promise<string | undefined> {
  const stocked = stockNames(kind, say);
  const base = say("library:own.copyName", { name: capital(say.nameOf(kind, from.id)) });
  const name = freeName(base, [...stocked, ...own[kind].map((entry) => entry.name)]);
  const id = newOwnId();
  const copy = { ...from, id, name, basedOn: from.id } as unknown as OwnEntry;
  const kept = keepEntry(own, kind, copy, stocked);
  if (!kept.ok) return undefined;
  await putOwn(kept.shelf);
  return id;
}
