"use client";

import { db } from "./db";
import { localSetting } from "./localSetting";
import { logRevOf } from "./log";

/** When the last backup was made on this device, and which revisions stood then. */
type BackupMade = { at: string; standing: string };

function read(text: string | null): BackupMade | undefined {
  try {
    const made = JSON.parse(text ?? "null") as Partial<BackupMade> | null;
    return typeof made?.at === "string" && typeof made.standing === "string"
      ? { at: made.at, standing: made.standing }
      : undefined;
  } catch {
    return undefined;
  }
}

const made = localSetting<BackupMade | undefined>("rincon.backup", read, (value) => JSON.stringify(value));
export const useBackupMade = made.use;
export const keepBackupMade = made.choose;

/** Which revisions of which habitats stand here: what a later look tells whether anything was written since. */
export const standingNow = async (): Promise<string> =>
  (
    await Promise.all((await db().designs.toArray()).map(async ({ id, rev }) => `${id} ${rev} ${await logRevOf(id)}`))
  ).join("\n");
