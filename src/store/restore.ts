import equal from "fast-deep-equal/es6";
import { blocksOf, type LogEvent, type SeriesId, type Habitat } from "@/core/log";
import { AnyShelfSchema, shelvesJoined } from "@/core/own";
import type { Unpacked } from "@/core/files/backup";
import { BinsSchema, EMPTY_BINS } from "@/core/supply";
import { trialsJoined, TrialsSchema } from "@/core/trial";
import type { BackupRead } from "@/workers";
import type { UnreadRows } from "./backup";
import { getBins, putBins } from "./bins";
import { tell } from "./channel";
import { db, type AsideRow, type PhotoRow } from "./db";
import { metBefore, putHabitats, removeHabitat } from "./habitats";
import { addBlocks, append, putLog } from "./log";
import { getOwn, putOwn } from "./own";
import { putSettings } from "./settingsKept";
import { getTrials, putTrials } from "./trials";

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

const partsOf = ({ parts }: ReadableBackup, kind: Unpacked["file"]["kind"]): Unpacked[] =>
  parts.filter(({ file }) => file.kind === kind);

const parsed = ({ bytes }: Unpacked): unknown => JSON.parse(new TextDecoder().decode(bytes)) as unknown;

const photosIn = (backup: ReadableBackup): PhotoRow[] =>
  partsOf(backup, "photo").flatMap(({ file, bytes }) => (file.photo ? [{ ...file.photo, bytes }] : []));

const unreadIn = (backup: ReadableBackup): UnreadRows[] =>
  partsOf(backup, "unread").map((part) => parsed(part) as UnreadRows);

/** The name a stored document goes by, whether it opens or not. */
function nameOf(document: unknown): string {
  const { design } = (document ?? {}) as { design?: { name?: unknown } };
  return typeof design?.name === "string" ? design.name : "";
}

/** Holds a backup against what is on this device. */
export async function backupBeside(backup: ReadableBackup): Promise<BackupLook> {
  const habitats = await Promise.all(
    backup.habitats.map(async (habitat): Promise<Beside> => {
      const { id, name } = habitat.design;
      return { id, name, met: (await metBefore(habitat)).kind };
    }),
  );
  const told = idsIn(backup);
  const rows = await db().designs.toArray();
  const photos = photosIn(backup);
  const known = await db().photos.bulkGet(photos.map(({ id }) => id));
  return {
    habitats,
    onlyHere: rows.filter(({ id }) => !told.has(id)).map(({ id, document }) => ({ id, name: nameOf(document) })),
    photos: photos.length,
    newPhotos: known.filter((photo) => photo === undefined).length,
  };
}

const idsIn = (backup: ReadableBackup): Set<string> =>
  new Set([...backup.habitats.map(({ design }) => design.id), ...unreadIn(backup).map(({ id }) => id)]);

/** Puts a habitat that does not open back as it lay. */
async function putUnread({ id, updatedAt, document, events, samples }: UnreadRows): Promise<void> {
  await db().designs.put({ id, rev: 1, logRev: 1, updatedAt, document });
  const blocks = samples.flatMap(({ series, at, value }) =>
    blocksOf(
      series as SeriesId,
      at.map((atMs, n) => ({ atMs, value: value[n] ?? Number.NaN })),
    ),
  );
  await putLog(id, events as LogEvent[], blocks);
}

/** Sets habitats a newer Rincon wrote, or that are damaged, aside: they are offered as files. */
async function keepAside(backup: ReadableBackup): Promise<void> {
  const rows = backup.unread.map(({ path, problem, text }): AsideRow => ({
    ...{ id: `backup-${path}`, habitatId: null, name: path.replace(/^.*\//, "").replace(/\.json$/, "") },
    ...{ why: problem.code === "file.newer" ? "newer" : "damaged", at: backup.madeAt, raw: text },
  }));
  await db().aside.bulkPut([...rows, ...partsOf(backup, "aside").map((part) => parsed(part) as AsideRow)]);
}

/** Adds what is not here: habitats, and of those both have what their logs lack. What stands here is not changed. */
async function merge(backup: ReadableBackup): Promise<void> {
  for (const habitat of backup.habitats) await mergeHabitat(habitat);
  const here = new Set(await db().designs.toCollection().primaryKeys());
  for (const rows of unreadIn(backup)) if (!here.has(rows.id)) await putUnread(rows);
  const [bins] = partsOf(backup, "bins");
  if (bins && equal(await getBins(), EMPTY_BINS)) await putBins(BinsSchema.parse(parsed(bins)));
  const [own] = partsOf(backup, "own");
  if (own) await putOwn(shelvesJoined(await getOwn(), AnyShelfSchema.parse(parsed(own))));
  const [trials] = partsOf(backup, "trials");
  if (trials) await putTrials(trialsJoined(await getTrials(), TrialsSchema.parse(parsed(trials))));
}

async function mergeHabitat(habitat: Habitat): Promise<void> {
  const { id } = habitat.design;
  if (!(await db().designs.get(id))) return putHabitats([habitat]);
  await append(id, habitat.events);
  await addBlocks(id, habitat.samples);
}

/** Makes this device hold what the backup holds, and nothing else. */
async function replace(backup: ReadableBackup): Promise<void> {
  const told = idsIn(backup);
  for (const id of await db().designs.toCollection().primaryKeys()) if (!told.has(id)) await removeHabitat(id);
  await putHabitats(backup.habitats);
  for (const rows of unreadIn(backup)) {
    await removeHabitat(rows.id);
    await putUnread(rows);
  }
  await db().photos.clear();
  await db().aside.clear();
  const [bins] = partsOf(backup, "bins");
  await (bins ? putBins(BinsSchema.parse(parsed(bins))) : db().bins.clear());
  const [own] = partsOf(backup, "own");
  await (own ? putOwn(AnyShelfSchema.parse(parsed(own))) : db().own.clear());
  const [trials] = partsOf(backup, "trials");
  await (trials ? putTrials(TrialsSchema.parse(parsed(trials))) : db().trials.clear());
}

/**
 * Restores a backup in one transaction: all of it, or, where anything fails or the page is closed in between, nothing.
 *
 * @param how `merge` adds what is not here and changes nothing that is; `replace` makes the device hold the backup alone
 */
export async function restore(backup: ReadableBackup, how: "merge" | "replace"): Promise<void> {
  const { designs, events, samples, rollups, photos, bins, own, trials, aside } = db();
  await db().transaction("rw", [designs, events, samples, rollups, photos, bins, own, trials, aside], async () => {
    await (how === "merge" ? merge(backup) : replace(backup));
    await keepAside(backup);
    await db().photos.bulkPut(photosIn(backup));
  });
  const [settings] = how === "replace" ? partsOf(backup, "settings") : [];
  if (settings) putSettings(parsed(settings));
  for (const { id: habitatId, rev, logRev } of await db().designs.toArray()) tell({ habitatId, rev, logRev });
}
