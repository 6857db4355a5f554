import { backupName } from "@/core/files/backup";
import { fileName, rawText } from "@/core/files";
import { packBackup, printFile, type Progress, type ToPack } from "@/workers";
import { keepBackupMade, standingNow } from "./backupMade";
import { db, type DesignRow } from "./db";
import { wholeHabitat } from "./habitats";
import { lostPhotos, takenOnIn } from "./photos";
import { settingsKept } from "./settingsKept";
import { unreadRows } from "./rawRows";
import { useSession } from "./session";

const asJson = (what: unknown): Blob => new Blob([rawText(what)], { type: "application/json" });

/** A habitat as its file, or as its rows where it does not open. */
async function habitatToPack(row: DesignRow, at: number): Promise<ToPack> {
  const habitat = await wholeHabitat(row.id);
  if (habitat)
    return {
      file: { path: `habitats/${at + 1}-${fileName(habitat.design)}`, kind: "habitat" },
      blob: await printFile(habitat),
    };
  return { file: { path: `unread/${at + 1}.json`, kind: "unread" }, blob: asJson(await unreadRows(row.id)) };
}

async function* photosToPack(): AsyncGenerator<ToPack> {
  const lost = new Set(await lostPhotos());
  for (const id of await db().photos.toCollection().primaryKeys()) {
    if (lost.has(id)) continue;
    const row = await db().photos.get(id);
    if (!row) continue;
    const { bytes, ...facts } = row;
    const photo = { ...facts, takenOn: takenOnIn(facts) };
    yield {
      file: { path: `photos/${photo.takenOn}-${id}.jpg`, kind: "photo", photo },
      blob: new Blob([bytes], { type: "image/jpeg" }),
    };
  }
}

async function* onlyDocuments(): AsyncGenerator<ToPack> {
  const [bins, own] = await Promise.all([db().bins.get("bins"), db().own.get("own")]);
  if (bins) yield { file: { path: "bins.json", kind: "bins" }, blob: asJson(bins.document) };
  if (own) yield { file: { path: "own.json", kind: "own" }, blob: asJson(own.document) };
  const trials = await db().trials.get("trials");
  if (trials) yield { file: { path: "trials.json", kind: "trials" }, blob: asJson(trials.document) };
  for (const [at, row] of (await db().aside.toArray()).entries())
    yield { file: { path: `aside/${at + 1}.json`, kind: "aside" }, blob: asJson(row) };
  yield { file: { path: "settings.json", kind: "settings" }, blob: asJson(settingsKept()) };
}

/** All that is kept on this device, a file at a time, and how far it is. */
async function* everything(onProgress: Progress): AsyncGenerator<ToPack> {
  const rows = await db().designs.toArray();
  const inAll = rows.length + (await db().photos.count()) + 1;
  let told = 0;
  const step = (): void => onProgress(Math.min(1, ++told / inAll));
  for (const [at, row] of rows.entries()) {
    yield await habitatToPack(row, at);
    step();
  }
  for await (const photo of photosToPack()) {
    yield photo;
    step();
  }
  yield* onlyDocuments();
  onProgress(1);
}

export type Made = { name: string; blob: Blob };

/**
 * Packs everything on this device into one archive: habitats with their logs and readings, photographs, bins, own
 * library, copies set aside, choices.
 *
 * @throws DOMException "AbortError" when it is stopped
 */
export async function makeBackup(options: { signal: AbortSignal; onProgress: Progress }): Promise<Made> {
  await useSession.getState().settle();
  const madeAt = new Date().toISOString();
  const standing = await standingNow();
  const blob = await packBackup(madeAt, everything(options.onProgress), { signal: options.signal });
  keepBackupMade({ at: madeAt, standing });
  return { name: backupName(madeAt), blob };
}
