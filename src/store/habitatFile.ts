import { fileName, rawText } from "@/core/files";
import type { Habitat } from "@/core/log";
import type { Progress } from "@/workers";
import { wholeHabitat } from "./habitats";
import { unreadRows } from "./rawRows";

export type FileToSave = { name: string; blob: Blob };

/** Prints a habitat in a worker, which is read when a file is wanted: the Shelf needs none to be seen. */
export async function printed(habitat: Habitat, onProgress?: Progress): Promise<FileToSave> {
  const { printFile } = await import("@/workers/files");
  return { name: fileName(habitat.design), blob: await printFile(habitat, { onProgress }) };
}

/**
 * A habitat with its whole log, printed as its file.
 *
 * @returns undefined when it is not here or does not open
 */
export async function habitatFile(id: string, onProgress?: Progress): Promise<FileToSave | undefined> {
  const habitat = await wholeHabitat(id);
  return habitat && printed(habitat, onProgress);
}

/**
 * All that is kept of a habitat as it lies, log and all, whatever is wrong with it: no reader looks at it.
 *
 * @param document what is known of it, where even its rows cannot be read
 */
export async function rawFile(id: string, document?: unknown): Promise<FileToSave> {
  const rows = await unreadRows(id).catch(() => undefined);
  return { name: `${id}.json`, blob: new Blob([rawText(rows ?? document ?? null)], { type: "application/json" }) };
}
