import { Zip, ZipDeflate, ZipPassThrough } from "fflate";
import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex } from "@noble/hashes/utils.js";
import { MANIFEST_PATH, printManifest, type BackupFile } from "./manifest";

/** A ZIP without its 64-bit extension counts to four gigabytes. */
const MOST_BYTES = 4_000_000_000;
/** Half the time of the usual level, for a quarter more of an archive that is small as it is (measured on ten years of readings). */
const DEFLATE_LEVEL = 4;

/** A backup grew beyond what one ZIP can hold. */
class BackupTooLargeError extends Error {
  override name = "BackupTooLargeError";
}

export type Packer = {
  /** Puts a file in, piece by piece. */
  add: (file: Pick<BackupFile, "path" | "kind" | "photo">, pieces: AsyncIterable<Uint8Array>) => Promise<void>;
  /** Puts the manifest in and closes the archive. */
  finish: () => void;
};

/**
 * Packs a backup as a ZIP (PKWARE's APPNOTE), piece by piece, so that neither a file nor the archive is ever one piece
 * of memory. Photographs are packed as they are: a JPEG does not get smaller.
 *
 * @param madeAt when, as an ISO instant; files in the archive bear it
 * @param onPiece takes the pieces of the archive, in order
 * @throws BackupTooLargeError from `add`
 */
export function packer(madeAt: string, onPiece: (piece: Uint8Array) => void): Packer {
  const files: BackupFile[] = [];
  let bytesInAll = 0;
  const zip = new Zip((error, piece) => {
    if (error) throw error;
    bytesInAll += piece.length;
    onPiece(piece);
  });
  const begin = (path: string, isPacked: boolean): ZipDeflate | ZipPassThrough => {
    const entry = isPacked ? new ZipPassThrough(path) : new ZipDeflate(path, { level: DEFLATE_LEVEL });
    entry.mtime = madeAt;
    zip.add(entry);
    return entry;
  };
  return {
    add: async (file, pieces) => {
      const entry = begin(file.path, file.kind === "photo");
      const hash = sha256.create();
      let bytes = 0;
      for await (const piece of pieces) {
        hash.update(piece);
        bytes += piece.length;
        entry.push(piece);
        if (bytesInAll > MOST_BYTES) throw new BackupTooLargeError();
      }
      entry.push(new Uint8Array(0), true);
      files.push({ ...file, bytes, sha256: bytesToHex(hash.digest()) });
    },
    finish: () => {
      begin(MANIFEST_PATH, false).push(new TextEncoder().encode(printManifest(madeAt, files)), true);
      zip.end();
    },
  };
}
