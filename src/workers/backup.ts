import type { BackupRead } from "@/core/restoring";
import type { BackupJobs, ToPack } from "./backup.worker";
import { workerClient, type Options } from "./client";

const backup = workerClient<BackupJobs>(
  () => new Worker(new URL("./backup.worker.ts", import.meta.url), { type: "module" }),
);

/**
 * Packs a backup away from the page, one file after the other as they are told.
 *
 * @param madeAt an ISO instant
 * @throws Error when it grows beyond what one archive can hold
 */
export async function packBackup(madeAt: string, files: AsyncIterable<ToPack>, options?: Options): Promise<Blob> {
  await backup.call("begin", madeAt, options);
  for await (const file of files) await backup.call("add", file, options);
  return backup.call("finish", null, options);
}

/** Reads a backup away from the page, and holds it against its checksums. Its photographs stay in it. */
export const lookIntoBackup = (zip: Blob, options?: Options): Promise<BackupRead> => backup.call("look", zip, options);

/** The pixels of some photographs of a backup, in the order of their paths. */
export const readPixels = (
  zip: Blob,
  paths: readonly string[],
  options?: Options,
): Promise<Uint8Array<ArrayBuffer>[]> => backup.call("pixels", { zip, paths }, options);
export type { ToPack };
