import { CHUNKED_KINDS, CHUNKS, type Chunk, type ChunkedKind } from "../catalog/chunks";
import { smallStock } from "../catalog/small";
import type { CatalogEntry, CatalogKind, Stock } from "../catalog/stock";

type Entry = CatalogEntry<CatalogKind>;

// What Rincon comes with, as far as it has been read. It never says anything else once more of it is there: what is not
// read yet is refused by name, and never told as missing.

export const isChunked = (kind: CatalogKind): kind is ChunkedKind =>
  (CHUNKED_KINDS as readonly string[]).includes(kind);

const indexOf = (entries: readonly Entry[]): Map<string, Entry> => new Map(entries.map((entry) => [entry.id, entry]));
const small = Object.entries(smallStock).map(([kind, entries]) => [kind as CatalogKind, indexOf(entries)] as const);
/** Entries by kind and id: the small kinds whole, of the large ones what was read. */
const taken = new Map<CatalogKind, Map<string, Entry>>([
  ...small,
  ...CHUNKED_KINDS.map((kind) => [kind, new Map<string, Entry>()] as const),
]);

const chunksOf = (kind: CatalogKind): readonly Chunk<ChunkedKind>[] => (isChunked(kind) ? CHUNKS[kind] : []);

/** The chunk an id belongs to, by kind. */
const chunkOf = new Map(
  CHUNKED_KINDS.map((kind) => [
    kind as CatalogKind,
    new Map(chunksOf(kind).flatMap((chunk) => chunk.ids.map((id) => [id, chunk] as const))),
  ]),
);

const isRead = (kind: CatalogKind, { ids: [first = ""] }: Chunk<ChunkedKind>): boolean =>
  taken.get(kind)?.has(first) ?? false;

/** Whether all of a kind has been read. */
export const isWhole = (kind: CatalogKind): boolean => chunksOf(kind).every((chunk) => isRead(kind, chunk));

/** @throws RangeError naming the entry while it is known and not read yet */
export function findStocked<K extends CatalogKind>(kind: K, id: string): CatalogEntry<K> | undefined {
  const found = taken.get(kind)?.get(id);
  if (!found && chunkOf.get(kind)?.has(id)) throw new RangeError(`${kind}: "${id}" is not read yet`);
  return found as CatalogEntry<K> | undefined;
}

const lists = new Map<CatalogKind, readonly Entry[]>();

/** @throws RangeError naming the kind while not all of it is read */
export function allStocked<K extends CatalogKind>(kind: K): readonly CatalogEntry<K>[] {
  if (!isWhole(kind)) throw new RangeError(`${kind}: not all of them are read yet`);
  const before = lists.get(kind);
  if (before) return before as unknown as readonly CatalogEntry<K>[];
  const entries = taken.get(kind) ?? new Map<string, Entry>();
  const ordered = isChunked(kind)
    ? chunksOf(kind).flatMap(({ ids }) => ids.flatMap((id) => entries.get(id) ?? []))
    : [...entries.values()];
  lists.set(kind, ordered);
  return ordered as unknown as readonly CatalogEntry<K>[];
}

function takeIn(kind: CatalogKind, entries: readonly Entry[]): void {
  const known = taken.get(kind);
  for (const entry of entries) if (!known?.has(entry.id)) known?.set(entry.id, entry);
}

/** Takes everything in at once, for whoever has it at hand. */
export function takeWhole(stock: Stock): void {
  for (const kind of CHUNKED_KINDS) takeIn(kind, stock[kind]);
}

type Load = () => Promise<readonly Entry[]>;
const reading = new Map<Load, Promise<void>>();

/** Reads a chunk or a whole kind, once; what could not be read is tried again the next time. */
export function read(kind: CatalogKind, load: Load): Promise<void> {
  const before = reading.get(load);
  if (before) return before;
  const now = load().then(
    (entries) => takeIn(kind, entries),
    (error: unknown) => {
      reading.delete(load);
      throw error;
    },
  );
  reading.set(load, now);
  return now;
}

type Wanted = readonly (readonly [CatalogKind, Chunk<ChunkedKind>])[];
const unread = (wanted: Wanted): Wanted => wanted.filter(([kind, chunk]) => !isRead(kind, chunk));

/** Whether kinds are all there. @example areRead(["animals", "plants"]) */
export const areRead = (kinds: readonly CatalogKind[]): boolean => kinds.every(isWhole);

/** Every text in a document that could be an id. */
function textsIn(document: unknown, found: Set<string> = new Set()): Set<string> {
  if (typeof document === "string") found.add(document);
  else if (typeof document === "object" && document !== null)
    for (const inner of Object.values(document)) textsIn(inner, found);
  return found;
}

/**
 * Reads what a document names, whatever it is and of whatever version: everything it holds that is an id.
 *
 * @returns nothing to wait for when it is all there
 */
export function readNamedIn(document: unknown): Promise<void> | undefined {
  const texts = textsIn(document);
  const wanted = CHUNKED_KINDS.flatMap((kind) => {
    const chunks = new Set([...texts].flatMap((text) => chunkOf.get(kind)?.get(text) ?? []));
    return [...chunks].map((chunk) => [kind as CatalogKind, chunk] as const);
  });
  const missing = unread(wanted);
  return missing.length === 0
    ? undefined
    : Promise.all(missing.map(([kind, chunk]) => read(kind, chunk.load))).then(() => undefined);
}
