import { Zip, ZipPassThrough } from "fflate";
import { sha256 } from "@noble/hashes/sha2.js";
import { bytesToHex } from "@noble/hashes/utils.js";
import { MANIFEST_PATH, printManifest, type BackupFile } from "./manifest";

/** A ZIP without its 64-bit extension counts to four gigabytes. */
const MOST_BYTES = 4_000_000_000;
/** DEFLATE (RFC 1951), as whoever packs has it: a browser's own is several times as fast as one in script. */
type Deflater = {
  write: (piece: Uint8Array<ArrayBuffer>) => Promise<void>;
  /** Settles once the last piece was given. */
  end: () => Promise<void>;
};
export type Deflate = (give: (piece: Uint8Array<ArrayBuffer>) => void) => Deflater;

/** A backup grew beyond what one ZIP can hold. */
class BackupTooLargeError extends Error {
  override name = "BackupTooLargeError";
}

const DEFLATED = 8;

/** A file of the archive that is made smaller on its way in. */
class DeflatedEntry extends ZipPassThrough {
  override compression = DEFLATED;
  private readonly deflater: Deflater;
  /** Settles once all that was pushed is taken. */
  taken: Promise<void> = Promise.resolve();

  constructor(path: string, deflate: Deflate) {
    super(path);
    this.deflater = deflate((piece) => this.ondata(null, piece, false));
  }

  protected override process(piece: Uint8Array<ArrayBuffer>, isLast: boolean): void {
    if (piece.length > 0) this.taken = this.taken.then(() => this.deflater.write(piece));
    if (isLast)
      this.taken = this.taken.then(() => this.deflater.end()).then(() => this.ondata(null, new Uint8Array(0), true));
  }
}

export type Packer = {
  /** Puts a file in, piece by piece. */
  add: (file: Pick<BackupFile, "path" | "kind" | "photo">, pieces: AsyncIterable<Uint8Array>) => Promise<void>;
  /** Puts the manifest in and closes the archive. */
  finish: () => Promise<void>;
};

/**
 * Packs a backup as a ZIP (PKWARE's APPNOTE), piece by piece, so that neither a file nor the archive is ever one piece
 * of memory. Photographs are packed as they are: a JPEG does not get smaller.
 *
 * @param madeAt when, as an ISO instant; files in the archive bear it
 * @param onPiece takes the pieces of the archive, in order
 * @throws BackupTooLargeError from `add`
 */
export function packer(madeAt: string, deflate: Deflate, onPiece: (piece: Uint8Array) => void): Packer {
  const files: BackupFile[] = [];
  let bytesInAll = 0;
  const zip = new Zip((error, piece) => {
    if (error) throw error;
    bytesInAll += piece.length;
    onPiece(piece);
  });
  const put = async (path: string, isPacked: boolean, pieces: AsyncIterable<Uint8Array>): Promise<void> => {
    const entry = isPacked ? new ZipPassThrough(path) : new DeflatedEntry(path, deflate);
    entry.mtime = madeAt;
    zip.add(entry);
    const taken = () => ("taken" in entry ? entry.taken : undefined);
    for await (const piece of pieces) {
      entry.push(piece);
      await taken();
      if (bytesInAll > MOST_BYTES) throw new BackupTooLargeError();
    }
    entry.push(new Uint8Array(0), true);
    await taken();
  };
  return {
    add: async (file, pieces) => {
      const hash = sha256.create();
      let bytes = 0;
      await put(
        file.path,
        file.kind === "photo",
        looked(pieces, (piece) => {
          hash.update(piece);
          bytes += piece.length;
        }),
      );
      files.push({ ...file, bytes, sha256: bytesToHex(hash.digest()) });
    },
    finish: async () => {
      await put(MANIFEST_PATH, false, oneOf(new TextEncoder().encode(printManifest(madeAt, files))));
      zip.end();
    },
  };
}

async function* oneOf(piece: Uint8Array): AsyncGenerator<Uint8Array> {
  yield piece;
}

/** Pieces as they come, each looked at on its way. */
async function* looked(
  pieces: AsyncIterable<Uint8Array>,
  look: (piece: Uint8Array) => void,
): AsyncGenerator<Uint8Array> {
  for await (const piece of pieces) {
    look(piece);
    yield piece;
  }
}
