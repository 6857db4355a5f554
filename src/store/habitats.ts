import type { Habitat } from "@/core/habitat";
import { readDocument, type FileProblem } from "@/core/files";
import { teachNames } from "@/words";
import { db } from "./db";
import { takeUnsaved } from "./journal";

/** A habitat as it opens, or why it does not, with the raw document so that nothing is lost. */
export type Kept =
  | { ok: true; habitat: Habitat; updatedAt: string }
  | { ok: false; id: string; updatedAt: string; problem: FileProblem; raw: unknown };

const open = (id: string, updatedAt: string, raw: unknown): Kept => {
  const read = readDocument(raw);
  if (read.ok) teachNames(Object.values(read.habitat.own).flat());
  return read.ok
    ? { ok: true, habitat: read.habitat, updatedAt }
    : { ok: false, id, updatedAt, problem: read.problem, raw };
};

/** Every habitat on this device, oldest first, as they were started. */
export async function listHabitats(): Promise<Kept[]> {
  const rows = await db().habitats.toArray();
  const startedAt = (kept: Kept) => (kept.ok ? kept.habitat.createdAt : "");
  return rows
    .map((row) => open(row.id, row.updatedAt, row.document))
    .sort((a, b) => startedAt(a).localeCompare(startedAt(b)));
}

/** One habitat, with anything a closing page had not written yet. */
export async function getHabitat(id: string): Promise<Kept | undefined> {
  const unsaved = takeUnsaved(id);
  if (unsaved) await putHabitat(unsaved);
  const row = await db().habitats.get(id);
  return row && open(row.id, row.updatedAt, row.document);
}

/** Writes a habitat; the time it was written is returned. */
export async function putHabitat(habitat: Habitat): Promise<string> {
  const updatedAt = new Date().toISOString();
  await db().habitats.put({ id: habitat.id, updatedAt, document: habitat });
  return updatedAt;
}

export async function putHabitats(habitats: readonly Habitat[]): Promise<void> {
  const updatedAt = new Date().toISOString();
  await db().habitats.bulkPut(habitats.map((habitat) => ({ id: habitat.id, updatedAt, document: habitat })));
}

export const removeHabitat = (id: string): Promise<void> => db().habitats.delete(id);

/**
 * Takes a habitat from a file in. One with the same id is replaced, and the one before is kept beside it
 * under a new id, unless both are the same.
 */
export async function takeIn(habitat: Habitat): Promise<"added" | "replaced" | "same"> {
  const { habitats } = db();
  return db().transaction("rw", habitats, async () => {
    const before = await habitats.get(habitat.id);
    if (before && JSON.stringify(before.document) === JSON.stringify(habitat)) return "same";
    if (before) {
      const id = crypto.randomUUID();
      await habitats.put({ ...before, id, document: { ...(before.document as object), id } });
    }
    await putHabitat(habitat);
    return before ? "replaced" : "added";
  });
}
