import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useMemo } from "react";
import { DateSchema } from "@/core/habitat";
import type { TimeZone } from "@/core/units";
import { db, type PhotoRow } from "./db";
import { todayIn, zoneIn } from "./zone";

/** The longer side a photograph is shrunk to. */
const MOST_PX = 1600;
const QUALITY = 0.82;
const PHOTO_TYPE = "image/jpeg";

/** How large a picture of so many pixels is kept. @example keptSize(4000, 3000) // { widthPx: 1600, heightPx: 1200 } */
export function keptSize(widthPx: number, heightPx: number): { widthPx: number; heightPx: number } {
  const share = Math.min(1, MOST_PX / Math.max(widthPx, heightPx));
  return { widthPx: Math.max(1, Math.round(widthPx * share)), heightPx: Math.max(1, Math.round(heightPx * share)) };
}

/**
 * Draws a picture anew, upright and shrunk: what a camera wrote beside the pixels, such as the place, stays behind.
 *
 * @throws Error when the file is no picture this browser can read
 */
async function redrawn(file: Blob): Promise<Pick<PhotoRow, "widthPx" | "heightPx" | "bytes">> {
  const picture = await createImageBitmap(file, { imageOrientation: "from-image" });
  const { widthPx, heightPx } = keptSize(picture.width, picture.height);
  const canvas = new OffscreenCanvas(widthPx, heightPx);
  canvas.getContext("2d")?.drawImage(picture, 0, 0, widthPx, heightPx);
  picture.close();
  const jpeg = await canvas.convertToBlob({ type: PHOTO_TYPE, quality: QUALITY });
  return { widthPx, heightPx, bytes: new Uint8Array(await jpeg.arrayBuffer()) };
}

/** The day a picture says it was taken on, by the camera's own clock; today where it says nothing. */
async function takenOn(file: Blob, zone: TimeZone): Promise<string> {
  const { parse } = await import("exifr");
  const told = (await parse(file, { pick: ["DateTimeOriginal"], reviveValues: false }).catch(() => undefined)) as
    { DateTimeOriginal?: unknown } | undefined;
  const written = typeof told?.DateTimeOriginal === "string" ? told.DateTimeOriginal : "";
  const [, year, month, day] = /^(\d{4})[:-](\d{2})[:-](\d{2})/.exec(written) ?? [];
  return takenOnIn({ takenOn: `${year}-${month}-${day}` }, todayIn(zone));
}

/** The day before all others that a picture can have been taken on. */
const NO_DAY = "1970-01-01";

/** The day a picture was taken on; a camera without a clock writes one that there is not. */
export const takenOnIn = ({ takenOn }: Pick<PhotoRow, "takenOn">, otherwise = NO_DAY): string =>
  DateSchema.safeParse(takenOn).success ? takenOn : otherwise;

/**
 * Keeps a photograph of a habitat.
 *
 * @returns its id and the day it was taken on
 * @throws Error when the file is no picture this browser can read
 */
export async function keepPhoto(habitatId: string, file: Blob): Promise<{ id: string; takenOn: string }> {
  const zone = zoneIn((await db().designs.get(habitatId))?.document);
  const [drawn, day] = await Promise.all([redrawn(file), takenOn(file, zone)]);
  const photo: PhotoRow = { id: crypto.randomUUID(), habitatId, takenOn: day, ...drawn };
  await db().photos.put(photo);
  return { id: photo.id, takenOn: day };
}

/** The ids of photographs whose habitat is gone. They stay until they are let go, so that a deletion can be undone. */
export async function lostPhotos(): Promise<string[]> {
  const here = await db().designs.toCollection().primaryKeys();
  return db().photos.where("habitatId").noneOf(here).primaryKeys();
}

export const dropOrphans = async (): Promise<void> => db().photos.bulkDelete(await lostPhotos());

export type Photo = { id: string; takenOn: string; url: string };

/** Photographs of a habitat by their ids, as pictures to show; empty while they are being read. */
export function usePhotos(ids: readonly string[]): ReadonlyMap<string, Photo> {
  const asked = ids.join(" ");
  const rows = useLiveQuery(() => db().photos.bulkGet(asked === "" ? [] : asked.split(" ")), [asked]);
  const photos = useMemo(
    () =>
      new Map(
        (rows ?? []).flatMap((row): [string, Photo][] =>
          row
            ? [
                [
                  row.id,
                  {
                    id: row.id,
                    takenOn: takenOnIn(row),
                    url: URL.createObjectURL(new Blob([row.bytes], { type: PHOTO_TYPE })),
                  },
                ],
              ]
            : [],
        ),
      ),
    [rows],
  );
  useEffect(() => () => photos.forEach(({ url }) => URL.revokeObjectURL(url)), [photos]);
  return photos;
}
