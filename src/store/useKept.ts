"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { standingNow } from "./backupMade";
import { db } from "./db";
import { lostPhotos } from "./photos";

/** What is kept on this device, counted. */
export type Kept = {
  habitats: number;
  photos: number;
  /** Photographs of habitats that are gone. */
  orphans: number;
  /** Which revisions stand: to hold against those of the last backup. */
  standing: string;
};

/** What is kept on this device as it is now; undefined while it is being counted. */
export const useKept = (): Kept | undefined =>
  useLiveQuery(async () => {
    const [habitats, photos, orphans] = await Promise.all([
      db().designs.count(),
      db().photos.count(),
      lostPhotos().then((ids) => ids.length),
    ]);
    return { habitats, photos: photos - orphans, orphans, standing: await standingNow() };
  });
