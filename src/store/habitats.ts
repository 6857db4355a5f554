import equal from "fast-deep-equal/es6";
import type { Habitat } from "@/core/log";
import { db } from "./db";
import { getDesign, putDesign } from "./designs";
import { blocksIn, dropLog, eventsOf, putLog } from "./log";

const tables = () => {
  const { designs, events, samples, rollups } = db();
  return [designs, events, samples, rollups];
};

/** A whole habitat, as it goes into a file. @returns undefined when it is not here or does not open */
export async function wholeHabitat(id: string): Promise<Habitat | undefined> {
  const found = await getDesign(id);
  if (!found?.ok) return undefined;
  return { design: found.design, events: await eventsOf(id), samples: await blocksIn(id) };
}

/** Puts whole habitats in, in the place of what stands under their ids. */
export async function putHabitats(habitats: readonly Habitat[]): Promise<void> {
  await db().transaction("rw", tables(), async () => {
    for (const { design, events, samples } of habitats) {
      await dropLog(design.id);
      await putDesign(design);
      await putLog(design.id, events, samples);
      await db().designs.update(design.id, (row) => {
        row.logRev += 1;
      });
    }
  });
}

/** Takes a habitat away, log and all. */
export async function removeHabitat(id: string): Promise<void> {
  await db().transaction("rw", tables(), async () => {
    await dropLog(id);
    await db().designs.delete(id);
  });
}

/**
 * Takes a habitat from a file in. One with the same id is replaced, and the one before is kept beside it
 * under a new id, unless both are the same.
 */
export async function takeIn(habitat: Habitat): Promise<"added" | "replaced" | "same"> {
  return db().transaction("rw", tables(), async () => {
    const { id } = habitat.design;
    const row = await db().designs.get(id);
    const before = await wholeHabitat(id);
    if (before && equal(before, habitat)) return "same";
    const besideId = crypto.randomUUID();
    if (before) await putHabitats([{ ...before, design: { ...before.design, id: besideId } }]);
    // One that does not open is kept as it lies.
    else if (row) await db().designs.put({ ...row, id: besideId });
    await putHabitats([habitat]);
    return row ? "replaced" : "added";
  });
}
