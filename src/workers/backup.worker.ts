import "@/core/library/whole";
import { transfer } from "comlink";
import { packer, type Archive, type BackupFile, type Packer } from "@/core/files/backup";
import { readBackup, type BackupRead } from "@/core/restoring";
import { openArchive } from "./archive";
import type { Progress } from "./client";
import { deflate } from "./deflate";
import { exposeJobs } from "./alive";

/** A file that goes into a backup. */
export type ToPack = { file: Pick<BackupFile, "path" | "kind" | "photo">; blob: Blob };

/** The archive that is being packed: one at a time. */
let packing: { into: Packer; pieces: Blob[] } | undefined;

/** Pieces of the archive leave the worker's memory once they are this long. */
const PIECE_BYTES = 1 << 20;

function begin(madeAt: string): void {
  const pieces: Blob[] = [];
  let [waiting, bytes] = [[] as Uint8Array<ArrayBuffer>[], 0];
  const flush = (): void => {
    if (bytes > 0) pieces.push(new Blob(waiting));
    [waiting, bytes] = [[], 0];
  };
  const into = packer(madeAt, deflate, (piece) => {
    waiting.push(piece.slice());
    bytes += piece.length;
    if (bytes >= PIECE_BYTES) flush();
  });
  const finish = async (): Promise<void> => {
    await into.finish();
    flush();
  };
  packing = { into: { ...into, finish }, pieces };
}

async function* bytesOf(blob: Blob): AsyncGenerator<Uint8Array> {
  const reader = blob.stream().getReader();
  for (let read = await reader.read(); !read.done; read = await reader.read()) yield read.value;
}

/** The archive that was looked into last, by its length: its directory need not be read again for each photograph. */
let opened: { bytes: number; archive: Archive } | undefined;

async function archiveOf(zip: Blob, isNew: boolean): Promise<Archive> {
  if (isNew || opened?.bytes !== zip.size) opened = { bytes: zip.size, archive: await openArchive(zip) };
  return opened.archive;
}

async function look(zip: Blob, onProgress: Progress): Promise<BackupRead> {
  const archive = await archiveOf(zip, true).catch(() => undefined);
  return archive ? readBackup(archive, onProgress) : { ok: false, problem: { code: "backup.notZip" } };
}

/** The pixels of some photographs of an archive, by their paths. */
async function pixels({ zip, paths }: { zip: Blob; paths: readonly string[] }): Promise<Uint8Array<ArrayBuffer>[]> {
  const archive = await archiveOf(zip, false);
  const read: Uint8Array<ArrayBuffer>[] = [];
  for (const path of paths) {
    const pieces: Uint8Array<ArrayBuffer>[] = [];
    for await (const piece of archive.read(path)) pieces.push(piece as Uint8Array<ArrayBuffer>);
    read.push(new Uint8Array(await new Blob(pieces).arrayBuffer()));
  }
  return transfer(
    read,
    read.map(({ buffer }) => buffer),
  );
}

const jobs = {
  begin: async (madeAt: string): Promise<void> => begin(madeAt),
  add: async ({ file, blob }: ToPack): Promise<void> => packing?.into.add(file, bytesOf(blob)),
  finish: async (_: null): Promise<Blob> => {
    await packing?.into.finish();
    const zip = new Blob(packing?.pieces ?? [], { type: "application/zip" });
    packing = undefined;
    return zip;
  },
  look,
  pixels,
};
export type BackupJobs = typeof jobs;

exposeJobs(jobs);
