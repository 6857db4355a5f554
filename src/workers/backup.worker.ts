import "@/core/library/whole";
import { expose, transfer } from "comlink";
import { readHabitat, type FileProblem } from "@/core/files";
import { packer, unpacked, type BackupFile, type BackupProblem, type Packer, type Unpacked } from "@/core/files/backup";
import type { Habitat } from "@/core/log";
import type { Progress } from "./client";

/** A file that goes into a backup. */
export type ToPack = { file: Pick<BackupFile, "path" | "kind" | "photo">; blob: Blob };

/** What a backup holds: habitats read as far as they read, the rest as it was packed. */
export type BackupRead =
  | {
      ok: true;
      madeAt: string;
      habitats: Habitat[];
      /** Habitats that do not open here, with their text. */
      unread: { path: string; problem: FileProblem; text: string }[];
      parts: Unpacked[];
    }
  | { ok: false; problem: BackupProblem };

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
  const into = packer(madeAt, (piece) => {
    waiting.push(piece.slice());
    bytes += piece.length;
    if (bytes >= PIECE_BYTES) flush();
  });
  const finish = (): void => {
    into.finish();
    flush();
  };
  packing = { into: { ...into, finish }, pieces };
}

async function* bytesOf(blob: Blob): AsyncGenerator<Uint8Array> {
  const reader = blob.stream().getReader();
  for (let read = await reader.read(); !read.done; read = await reader.read()) yield read.value;
}

async function* asText(bytes: Uint8Array): AsyncGenerator<string> {
  yield new TextDecoder().decode(bytes);
}

async function look(zip: Blob, onProgress: Progress): Promise<BackupRead> {
  const opened = unpacked(new Uint8Array(await zip.arrayBuffer()), onProgress);
  if (!opened.ok) return opened;
  const { files, manifest } = opened;
  const habitats: Habitat[] = [];
  const unread: { path: string; problem: FileProblem; text: string }[] = [];
  for (const { file, bytes } of files.filter((one) => one.file.kind === "habitat")) {
    const read = await readHabitat(asText(bytes));
    if (read.ok) habitats.push(read.habitat);
    else unread.push({ path: file.path, problem: read.problem, text: new TextDecoder().decode(bytes) });
  }
  const parts = files.filter((one) => one.file.kind !== "habitat");
  return { ok: true, madeAt: manifest.madeAt, habitats, unread, parts };
}

const jobs = {
  begin: async (madeAt: string): Promise<void> => begin(madeAt),
  add: async ({ file, blob }: ToPack): Promise<void> => packing?.into.add(file, bytesOf(blob)),
  finish: async (_: null): Promise<Blob> => {
    packing?.into.finish();
    const zip = new Blob(packing?.pieces ?? [], { type: "application/zip" });
    packing = undefined;
    return zip;
  },
  look: async (zip: Blob, onProgress: Progress): Promise<BackupRead> => {
    const read = await look(zip, onProgress);
    return read.ok ? transfer(read, [...new Set(read.parts.map(({ bytes }) => bytes.buffer))]) : read;
  },
};
export type BackupJobs = typeof jobs;

expose(jobs);
