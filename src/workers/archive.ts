import { BlobReader, ZipReader, type FileEntry } from "@zip.js/zip.js";
import type { Archive } from "@/core/files/backup";

/** How much of a file waits to be taken. */
const PIECES_AHEAD = 4;

/** The bytes of an entry, piece by piece, no faster than they are taken. */
async function* piecesOf(entry: FileEntry): AsyncGenerator<Uint8Array> {
  const through = new TransformStream<Uint8Array, Uint8Array>(
    {},
    new CountQueuingStrategy({ highWaterMark: PIECES_AHEAD }),
    new CountQueuingStrategy({ highWaterMark: PIECES_AHEAD }),
  );
  const stop = new AbortController();
  let failed: Error | undefined;
  const unpacking = entry
    .getData(through.writable, { signal: stop.signal, checkSignature: true, useWebWorkers: false })
    .catch((error: unknown) => {
      failed = error instanceof Error ? error : new Error(String(error));
      void through.writable.abort(error).catch(() => undefined);
    });
  const reader = through.readable.getReader();
  try {
    for (let read = await reader.read(); !read.done; read = await reader.read()) yield read.value;
    await unpacking;
    if (failed !== undefined) throw failed;
  } finally {
    stop.abort();
    await reader.cancel().catch(() => undefined);
  }
}

/**
 * Opens a ZIP by the directory at its end, which is read once; of its files only what is asked for is read.
 *
 * @throws Error when it has none
 */
export async function openArchive(zip: Blob): Promise<Archive> {
  const reader = new ZipReader(new BlobReader(zip), { useWebWorkers: false });
  const entries = (await reader.getEntries()).filter((entry): entry is FileEntry => !entry.directory);
  const byPath = new Map(entries.map((entry) => [entry.filename, entry]));
  return {
    bytes: zip.size,
    entries: entries.map(({ filename, offset, compressedSize, uncompressedSize }) => ({
      path: filename,
      atByte: offset,
      packedBytes: compressedSize,
      bytes: uncompressedSize,
    })),
    read: (path) => {
      const entry = byPath.get(path);
      if (!entry || entry.encrypted) throw new RangeError(`${path}: not in the archive`);
      return piecesOf(entry);
    },
  };
}
