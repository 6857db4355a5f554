import equal from "fast-deep-equal/es6";
import { copyOf, type Command, type Design } from "@/core/habitat";
import type { Habitat } from "@/core/log";
import { db } from "./db";
import { commit } from "./commit";
import { getDesign, mustBeSound, putDesign, writeDesign } from "./designs";
import { blocksIn, dropLog, eventsOf, logRevOf, logTables, putLog } from "./log";
import { zoned } from "./zone";

/** A whole habitat, as it goes into a file. @returns undefined when it is not here or does not open */
export async function wholeHabitat(id: string): Promise<Habitat | undefined> {
  const found = await getDesign(id);
  if (!found?.ok) return undefined;
  return { design: found.design, events: await eventsOf(id), samples: await blocksIn(id) };
}

/**
 * Puts whole habitats in, in the place of what stands under their ids.
 *
 * @throws EditRefused for one that could never be opened again: then nothing is put
 */
export async function putHabitats(habitats: readonly Habitat[]): Promise<void> {
  await mustBeSound(habitats.map(({ design }) => design));
  await writeHabitats(habitats);
}

/** Writes whole habitats whose designs are sound. */
export async function writeHabitats(habitats: readonly Habitat[]): Promise<void> {
  await db().transaction("rw", logTables(), async () => {
    for (const { design, events, samples } of habitats) {
      const before = await logRevOf(design.id);
      await dropLog(design.id);
      await writeDesign(design);
      await putLog(design.id, events, samples, zoned(design).timeZone);
      await db().logs.put({ habitatId: design.id, rev: before + 1 });
    }
  });
}

/** Takes a habitat away, log and all. */
export async function removeHabitat(id: string): Promise<void> {
  await db().transaction("rw", logTables(), async () => {
    await dropLog(id);
    await db().designs.delete(id);
  });
}

/** What stands on this device under a habitat's id: nothing, the same, or another, by its name. */
export type Met = { kind: "new" | "same" } | { kind: "other"; name: string };

export async function metBefore({ design: told, events, samples }: Habitat): Promise<Met> {
  const design = zoned(told);
  const row = await db().designs.get(design.id);
  if (!row) return { kind: "new" };
  const before = await wholeHabitat(design.id);
  if (before && equal(before, { design, events, samples })) return { kind: "same" };
  return { kind: "other", name: before?.design.name ?? design.name };
}

/**
 * Takes a habitat from a file in: in the place of what stands under its id, or beside it under an id of its own. One
 * that does not open is never lost: it is kept beside as it lies.
 *
 * @returns the id it stands under, and what it took the place of
 */
export async function takeIn(
  habitat: Habitat,
  how: "replace" | "keepBoth",
): Promise<{ id: string; before: Habitat | undefined }> {
  await mustBeSound([habitat.design]);
  return db().transaction("rw", logTables(), async () => {
    const { id } = habitat.design;
    const row = await db().designs.get(id);
    if (row && how === "keepBoth") {
      const besideId = crypto.randomUUID();
      await writeHabitats([{ ...habitat, design: { ...habitat.design, id: besideId } }]);
      return { id: besideId, before: undefined };
    }
    const before = await wholeHabitat(id);
    if (row && !before) await db().designs.put({ ...row, id: crypto.randomUUID() });
    await writeHabitats([habitat]);
    return { id, before };
  });
}

/** Edits a habitat that is not open on the bench. @returns whether it could be */
export async function editOnShelf(id: string, commands: readonly Command[]): Promise<boolean> {
  const found = await getDesign(id);
  if (!found?.ok) return false;
  const committed = await commit(id, found.rev, [{ commands }]);
  return committed.kind === "written";
}

/** Puts a copy of a design on the shelf, without its log. @returns the copy's id */
export async function copyOnShelf(design: Design, name: string, asVariant: boolean): Promise<string> {
  const id = crypto.randomUUID();
  await putDesign(copyOf(design, { id, name, createdAt: new Date().toISOString(), asVariant }));
  return id;
}
