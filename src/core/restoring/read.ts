import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex } from "@noble/hashes/utils.js";
import type * as z from "zod";
import { readHabitat, type FileProblem } from "../files";
import {
  isHarmless,
  MANIFEST_PATH,
  readManifest,
  type Archive,
  type BackupFile,
  type BackupProblem,
} from "../files/backup";
import type { Habitat } from "../log";
import { AnyShelfSchema, type OwnShelf } from "../own";
import { BinsSchema, type Bins } from "../supply";
import { TrialsSchema, type Trials } from "../trial";
import {
  asideSchema,
  photoFacts,
  readRows,
  SettingsSchema,
  type AsideCopy,
  type PhotoFacts,
  type RowsRead,
} from "./parts";

/** A photograph of a backup: its pixels are read when they are taken in. */
export type PhotoToTake = { path: string; photo: PhotoFacts };

/** A part that does not come in: it does not agree with its checksum, or does not read as what it should be. */
type LeftOut = { path: string; why: "damaged" | "misshapen" };

/** All that a backup holds, each part read by the reader of its kind. Nothing in it is still to be trusted. */
export type BackupContents = {
  madeAt: string;
  habitats: Habitat[];
  /** Habitats that do not open here, with why. */
  unread: { path: string; problem: FileProblem }[];
  rows: RowsRead[];
  photos: PhotoToTake[];
  bins: Bins | undefined;
  own: OwnShelf | undefined;
  trials: Trials | undefined;
  settings: Record<string, string> | undefined;
  /** Copies that were set aside where it was made, and parts of it that are set aside here. */
  aside: AsideCopy[];
  leftOut: LeftOut[];
};
export type BackupRead = ({ ok: true } & BackupContents) | { ok: false; problem: BackupProblem };

/** The manifest of the largest archive there may be is shorter. */
const MOST_MANIFEST_BYTES = 64_000_000;

/** All of a file, as long as it is no longer than it says. @throws Error where it is, or does not unpack */
async function readAll(archive: Archive, path: string, mostBytes: number): Promise<Uint8Array[]> {
  const pieces: Uint8Array[] = [];
  let bytes = 0;
  for await (const piece of archive.read(path)) {
    bytes += piece.length;
    if (bytes > mostBytes) throw new RangeError(`${path}: longer than it says`);
    pieces.push(piece);
  }
  return pieces;
}

function textOf(pieces: readonly Uint8Array[]): string {
  const decoder = new TextDecoder();
  return pieces.map((piece) => decoder.decode(piece, { stream: true })).join("") + decoder.decode();
}

async function* textIn(pieces: readonly Uint8Array[]): AsyncGenerator<string> {
  const decoder = new TextDecoder();
  for (const piece of pieces) yield decoder.decode(piece, { stream: true });
  yield decoder.decode();
}

/** The bytes of a file that agrees with its checksum; undefined of one that does not. */
async function soundPieces(
  archive: Archive,
  { path, bytes, sha256: told }: BackupFile,
): Promise<Uint8Array[] | undefined> {
  try {
    const pieces = await readAll(archive, path, bytes);
    const hash = sha256.create();
    for (const piece of pieces) hash.update(piece);
    return bytesToHex(hash.digest()) === told ? pieces : undefined;
  } catch {
    return undefined;
  }
}

/** Whether a photograph agrees with its checksum; nothing of it is held. */
async function isSoundPhoto(archive: Archive, { path, bytes, sha256: told }: BackupFile): Promise<boolean> {
  const hash = sha256.create();
  let read = 0;
  try {
    for await (const piece of archive.read(path)) {
      read += piece.length;
      if (read > bytes) return false;
      hash.update(piece);
    }
  } catch {
    return false;
  }
  return bytesToHex(hash.digest()) === told;
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

const nameIn = (path: string): string => path.replace(/^.*\//, "").replace(/\.json$/, "");

/** Takes the files of a backup one after the other; what does not read is set aside, and the rest comes in. */
class Reader {
  readonly contents: BackupContents;

  constructor(
    private readonly archive: Archive,
    madeAt: string,
  ) {
    this.contents = {
      ...{ madeAt, habitats: [], unread: [], rows: [], photos: [], aside: [], leftOut: [] },
      ...{ bins: undefined, own: undefined, trials: undefined, settings: undefined },
    };
  }

  async take(file: BackupFile): Promise<void> {
    if (file.kind === "photo") return this.takePhoto(file);
    const pieces = await soundPieces(this.archive, file);
    if (!pieces) this.leaveOut(file.path, "damaged");
    else if (file.kind === "habitat") await this.takeHabitat(file.path, pieces);
    else this.takePart(file, textOf(pieces));
  }

  private async takePhoto(file: BackupFile): Promise<void> {
    const photo = photoFacts(file.photo, this.contents.madeAt);
    if (!photo) return this.leaveOut(file.path, "misshapen");
    if (await isSoundPhoto(this.archive, file)) this.contents.photos.push({ path: file.path, photo });
    else this.leaveOut(file.path, "damaged");
  }

  private async takeHabitat(path: string, pieces: readonly Uint8Array[]): Promise<void> {
    const read = await readHabitat(textIn(pieces));
    if (read.ok) return void this.contents.habitats.push(read.habitat);
    this.contents.unread.push({ path, problem: read.problem });
    this.setAside(path, textOf(pieces), read.problem.code === "file.newer" ? "newer" : "damaged");
  }

  private takePart({ path, kind }: BackupFile, text: string): void {
    const raw = parsed(text);
    const { contents } = this;
    const read = <T>(schema: z.ZodType<T, unknown>): T | undefined => {
      const told = schema.safeParse(raw);
      if (!told.success) this.misfit(path, text);
      return told.data;
    };
    switch (kind) {
      case "bins":
        contents.bins = read(BinsSchema);
        return;
      case "own":
        contents.own = read(AnyShelfSchema);
        return;
      case "trials":
        contents.trials = read(TrialsSchema);
        return;
      case "settings":
        contents.settings = read(SettingsSchema);
        return;
      case "aside": {
        const copy = read(asideSchema(contents.madeAt));
        if (copy) contents.aside.push({ ...copy, raw: copy.raw ?? null });
        return;
      }
      default:
        return this.takeRows(path, text, raw);
    }
  }

  private takeRows(path: string, text: string, raw: unknown): void {
    const rows = readRows(raw, this.contents.madeAt);
    if (!rows) return this.misfit(path, text);
    this.contents.rows.push(rows);
    if (rows.odd.length > 0) this.setAside(path, rows.odd, "damaged", rows.id);
  }

  /** A part that does not read as what it should be: named, and kept as it lies. */
  private misfit(path: string, text: string): void {
    this.leaveOut(path, "misshapen");
    this.setAside(path, text, "damaged");
  }

  private leaveOut(path: string, why: LeftOut["why"]): void {
    this.contents.leftOut.push({ path, why });
  }

  private setAside(path: string, raw: unknown, why: AsideCopy["why"], habitatId: string | null = null): void {
    const { madeAt: at, aside } = this.contents;
    aside.push({ id: `backup-${at}-${path}`.slice(0, 300), habitatId, name: nameIn(path), why, at, raw });
  }
}

/**
 * Reads a backup: every file is held against its checksum and read by the reader of its kind. One that is bad is set
 * aside and named, and the rest comes in; only an archive that could do harm, or holds no manifest, is refused.
 *
 * @param onProgress told the share that was read, 0 to 1
 * @returns never throws on bad data
 */
export async function readBackup(archive: Archive, onProgress: (share: number) => void): Promise<BackupRead> {
  const refuse = (problem: BackupProblem): BackupRead => ({ ok: false, problem });
  if (!isHarmless(archive)) return refuse({ code: "backup.harmful" });
  if (!archive.entries.some(({ path }) => path === MANIFEST_PATH)) return refuse({ code: "backup.notOurs" });
  const told = await readAll(archive, MANIFEST_PATH, MOST_MANIFEST_BYTES).catch(() => undefined);
  if (!told) return refuse({ code: "backup.notZip" });
  const manifest = readManifest(textOf(told));
  if (!manifest.ok) return manifest;
  const { madeAt, files, odd } = manifest.manifest;
  const reader = new Reader(archive, madeAt);
  reader.contents.leftOut.push(...odd.map((path): LeftOut => ({ path, why: "misshapen" })));
  for (const [at, file] of files.entries()) {
    await reader.take(file);
    onProgress((at + 1) / files.length);
  }
  return { ok: true, ...reader.contents };
}
