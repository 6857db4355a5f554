import { fileName } from "@/core/files";
import type { Progress } from "@/workers";
import { wholeHabitat } from "./habitats";

/**
 * A habitat with its whole log, printed as its file in a worker.
 *
 * @returns undefined when it is not here or does not open
 */
export async function habitatFile(
  id: string,
  onProgress?: Progress,
): Promise<{ name: string; blob: Blob } | undefined> {
  const habitat = await wholeHabitat(id);
  if (!habitat) return undefined;
  // Read when a file is wanted: the Shelf needs no workers to be seen.
  const { printFile } = await import("@/workers/files");
  return { name: fileName(habitat.design), blob: await printFile(habitat, { onProgress }) };
}
