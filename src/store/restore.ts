import equal from "fast-deep-equal/es6";
import type { Habitat } from "@/core/log";
import { shelvesJoined } from "@/core/own";
import type { BackupContents, BackupRead, PhotoToTake, RowsRead } from "@/core/restoring";
import { EMPTY_BINS } from "@/core/supply";
import { trialsJoined } from "@/core/trial";
import { getBins, putBins } from "./bins";
import { tell } from "./channel";
import { db, type PhotoRow } from "./db";
import { mustBeSound } from "./designs";
import { metBefore, removeHabitat, writeHabitats } from "./habitats";
import { addBlocks, append, logRevOf, putLog } from "./log";
import { getOwn, putOwn } from "./own";
import { putSettings } from "./settingsKept";
import { getTrials, putTrials } from "./trials";
import { zoneIn } from "./zone";

export type ReadableBackup = Extract<BackupRead, { ok: true }>;

/** A habitat of a backup beside what stands here under its id. */
type Beside = { id: string; name: string; met: "new" | "same" | "other" };

/** What a backup would bring and take away. */
export type BackupLook = {
  habitats: Beside[];
  /** Habitats that are here alone: replacing takes them away. */
  onlyHere: { id: string; name: string }[];
  photos: number;
  newPhotos: number;
};

/** The name a stored document goes by, whether it opens or not. */
function nameOf(document: unknown): string {
  const { design } = (document ?? {}) as { design?: { name?: unknown } | null };
  return typeof design?.name === "string" ? design.name : "";
}

/** Photographs of a backup that are not here yet. */
async function newPhotos({ photos }: BackupContents): Promise<PhotoToTake[]> {
  const here = new Set(await db().photos.toCollection().primaryKeys());
  return photos.filter(({ photo }) => !here.has(photo.id));
}

/** Holds a backup against what is on this device. */
export async function backupBeside(backup: BackupContents): Promise<BackupLook> {
  const habitats = await Promise.all(
    backup.habitats.map(async (habitat): Promise<Beside> => {
      const { id, name } = habitat.design;
      return { id, name, met: (await metBefore(habitat)).kind };
    }),
  );
  const told = idsIn(backup);
  const rows = await db().designs.toArray();
  return {
    habitats,
    onlyHere: rows.filter(({ id }) => !told.has(id)).map(({ id, document }) => ({ id, name: nameOf(document) })),
    photos: backup.photos.length,
    newPhotos: (await newPhotos(backup)).length,
  };
}

const idsIn = ({ habitats, rows }: BackupContents): Set<string> =>
  new Set([...habitats.map(({ design }) => design.id), ...rows.map(({ id }) => id)]);

/** Puts a habitat that does not open back as it lay. */
async function putRows({ id, updatedAt, document, events, samples }: RowsRead): Promise<void> {
  await db().designs.put({ id, rev: 1, updatedAt, document });
  await db().logs.put({ habitatId: id, rev: 1 });
  await putLog(id, events, samples, zoneIn(document));
}

/** Adds what is not here: habitats, and of those both have what their logs lack. What stands here is not changed. */
async function merge({ habitats, rows, bins, own, trials }: BackupContents): Promise<void> {
  for (const habitat of habitats) await mergeHabitat(habitat);
  const here = new Set(await db().designs.toCollection().primaryKeys());
  for (const row of rows) if (!here.has(row.id)) await putRows(row);
  if (bins && equal(await getBins(), EMPTY_BINS)) await putBins(bins);
  if (own) await putOwn(shelvesJoined(await getOwn(), own));
  if (trials) await putTrials(trialsJoined(await getTrials(), trials));
}

async function mergeHabitat(habitat: Habitat): Promise<void> {
  const { id } = habitat.design;
  if (!(await db().designs.get(id))) return writeHabitats([habitat]);
  await append(id, habitat.events);
  await addBlocks(id, habitat.samples);
}

/** Makes this device hold what the backup holds, and nothing else; of a part it does not tell, what is here stays. */
async function replace(backup: BackupContents): Promise<void> {
  const { habitats, rows, photos, bins, own, trials } = backup;
  const told = idsIn(backup);
  for (const id of await db().designs.toCollection().primaryKeys()) if (!told.has(id)) await removeHabitat(id);
  await writeHabitats(habitats);
  for (const row of rows) {
    await removeHabitat(row.id);
    await putRows(row);
  }
  const theirs = new Set(photos.map(({ photo }) => photo.id));
  const here = await db().photos.toCollection().primaryKeys();
  await db().photos.bulkDelete(here.filter((id) => !theirs.has(id)));
  await db().aside.clear();
  const isOdd = (path: string): boolean => backup.leftOut.some((one) => one.path === path);
  if (bins) await putBins(bins);
  else if (!isOdd("bins.json")) await db().bins.clear();
  if (own) await putOwn(own);
  else if (!isOdd("own.json")) await db().own.clear();
  if (trials) await putTrials(trials);
  else if (!isOdd("trials.json")) await db().trials.clear();
}

/** How many photographs are taken at once: of some hundred kilobytes each. */
const PHOTOS_AT_ONCE = 20;

/** Where the pixels of photographs are read from, by their paths in the backup. */
export type PixelsOf = (paths: readonly string[]) => Promise<Uint8Array<ArrayBuffer>[]>;

/**
 * Puts in the photographs that are not here, some at a time. They go before all else: should it end in between, they are
 * photographs of nothing, which are told and let go, and never is a habitat without its own.
 */
async function putPhotos(
  backup: BackupContents,
  pixelsOf: PixelsOf,
  onProgress: (share: number) => void,
): Promise<void> {
  const photos = await newPhotos(backup);
  for (let at = 0; at < photos.length; at += PHOTOS_AT_ONCE) {
    const some = photos.slice(at, at + PHOTOS_AT_ONCE);
    const pixels = await pixelsOf(some.map(({ path }) => path));
    const rows = some.flatMap(({ photo }, n): PhotoRow[] => {
      const bytes = pixels[n];
      return bytes ? [{ ...photo, bytes }] : [];
    });
    await db().photos.bulkPut(rows);
    onProgress((at + some.length) / photos.length);
  }
}

/**
 * Restores a backup: photographs first, then all else in one transaction: all of it, or, where anything fails or the
 * page is closed in between, nothing.
 *
 * @param how `merge` adds what is not here and changes nothing that is; `replace` makes the device hold the backup alone
 */
export async function restore(
  backup: BackupContents,
  how: "merge" | "replace",
  pixelsOf: PixelsOf,
  onProgress: (share: number) => void = () => undefined,
): Promise<void> {
  await mustBeSound(backup.habitats.map(({ design }) => design));
  await putPhotos(backup, pixelsOf, onProgress);
  const { designs, logs, events, samples, rollups, photos, bins, own, trials, aside } = db();
  const tables = [designs, logs, events, samples, rollups, photos, bins, own, trials, aside];
  await db().transaction("rw", tables, async () => {
    await (how === "merge" ? merge(backup) : replace(backup));
    await db().aside.bulkPut(backup.aside);
  });
  if (how === "replace" && backup.settings) putSettings(backup.settings);
  for (const { id, rev } of await db().designs.toArray()) tell({ habitatId: id, rev, logRev: await logRevOf(id) });
}
