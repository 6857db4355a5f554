/** A file as the directory of an archive tells it, before it is read. */
type ArchiveEntry = {
  path: string;
  /** Where it begins in the archive, how long it lies there packed, and how long it says it is unpacked. */
  atByte: number;
  packedBytes: number;
  bytes: number;
};

/** An archive whose directory was read once; its files are read one by one, a piece at a time. */
export type Archive = {
  /** Length of the archive. */
  bytes: number;
  entries: readonly ArchiveEntry[];
  /** @throws Error when it does not unpack */
  read: (path: string) => AsyncIterable<Uint8Array>;
};

/** Photographs of years, and as much again: from memory. */
const MOST_ENTRIES = 60_000;
/** What one archive of ours can hold without the 64-bit extension of ZIP. */
const MOST_BYTES = 4_000_000_000;
/** However small an archive, so much may be in it. */
const FREE_BYTES = 32_000_000;
/** Our own text packs to a tenth, a gauge that stands still to a hundredth: ours. */
const MOST_TIMES = 200;
/** What lies before the bytes of a file at the least: its local header (APPNOTE 4.3.7). */
const HEADER_BYTES = 30;

const overlaps = (entries: readonly ArchiveEntry[]): boolean => {
  const inOrder = entries.toSorted((a, b) => a.atByte - b.atByte);
  return inOrder.some(({ atByte }, n) => {
    const before = inOrder[n - 1];
    return before !== undefined && before.atByte + HEADER_BYTES + before.packedBytes > atByte;
  });
};

/**
 * Whether an archive is one that can be unpacked without harm: not too many files, none within another, and no more in
 * it than an archive of its length holds. It is told from the directory, before anything is unpacked.
 *
 * @example isHarmless(archive) // false for one of 1 MB that says it holds 1 GB
 */
export function isHarmless({ bytes, entries }: Archive): boolean {
  if (entries.length > MOST_ENTRIES || overlaps(entries)) return false;
  const inAll = entries.reduce((sum, entry) => sum + entry.bytes, 0);
  return inAll <= Math.min(MOST_BYTES, FREE_BYTES + bytes * MOST_TIMES);
}
