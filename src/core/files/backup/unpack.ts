import { unzipSync } from "fflate";
import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex } from "@noble/hashes/utils.js";
import { MANIFEST_PATH, readManifest, type BackupFile, type BackupProblem, type Manifest } from "./manifest";

/** A file of a backup with what is in it. */
export type Unpacked = { file: BackupFile; bytes: Uint8Array<ArrayBuffer> };
export type BackupUnpacked =
  { ok: true; manifest: Manifest; files: Unpacked[] } | { ok: false; problem: BackupProblem };

/** One file out of the archive, found by the directory at its end. @returns undefined when it is not in there */
function taken(zip: Uint8Array, path: string): Uint8Array<ArrayBuffer> | undefined {
  return unzipSync(zip, { filter: ({ name }) => name === path })[path];
}

/** As {@link taken}; what does not unpack counts as not there. */
function sound(zip: Uint8Array, file: BackupFile): Uint8Array<ArrayBuffer> | undefined {
  try {
    const bytes = taken(zip, file.path);
    return bytes?.length === file.bytes && bytesToHex(sha256(bytes)) === file.sha256 ? bytes : undefined;
  } catch {
    return undefined;
  }
}

/**
 * Unpacks a backup and holds every file against its checksum: one that is missing or was changed refuses it all, so that
 * nothing is restored from a broken copy.
 *
 * @param onProgress told the share that was unpacked, 0 to 1
 * @returns never throws on bad data
 */
export function unpacked(zip: Uint8Array, onProgress: (share: number) => void): BackupUnpacked {
  const refuse = (problem: BackupProblem): BackupUnpacked => ({ ok: false, problem });
  let told: Uint8Array | undefined;
  try {
    told = taken(zip, MANIFEST_PATH);
  } catch {
    return refuse({ code: "backup.notZip" });
  }
  if (!told) return refuse({ code: "backup.notOurs" });
  const read = readManifest(new TextDecoder().decode(told));
  if (!read.ok) return read;
  const { files } = read.manifest;
  const found = files.map((file, at) => {
    const bytes = sound(zip, file);
    onProgress((at + 1) / files.length);
    return { file, bytes };
  });
  const lost = found.filter(({ bytes }) => bytes === undefined);
  const [first] = lost;
  if (first) return refuse({ code: "backup.damaged", path: first.file.path, count: lost.length });
  return {
    ok: true,
    manifest: read.manifest,
    files: found.flatMap(({ file, bytes }) => (bytes ? [{ file, bytes }] : [])),
  };
}
