import * as z from "zod";
import { explain, type BadField } from "../problem";

const BACKUP_FORMAT = "rincon-backup";
const BACKUP_VERSION = 1;
/** Where a backup tells what is in it. */
export const MANIFEST_PATH = "manifest.json";

/**
 * What a file of a backup is: a habitat as its own file, one that does not open, a photograph, what is in the bins, the
 * builder's own library, trials of two habitats, a copy that was set aside, and what was chosen on the device.
 */
const KINDS = ["habitat", "unread", "photo", "bins", "own", "trials", "aside", "settings"] as const;
export type BackupKind = (typeof KINDS)[number];

/** What is known of a photograph beside its pixels. */
const PhotoFactsSchema = z.strictObject({
  id: z.string().min(1),
  habitatId: z.string().min(1),
  takenOn: z.iso.date(),
  widthPx: z.number().int().positive(),
  heightPx: z.number().int().positive(),
});
export type PhotoFacts = z.infer<typeof PhotoFactsSchema>;

const FileSchema = z.strictObject({
  path: z.string().min(1),
  kind: z.enum(KINDS),
  bytes: z.number().int().nonnegative(),
  /** SHA-256 (FIPS 180-4) of the file as it was before packing, in hexadecimal. */
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  photo: PhotoFactsSchema.optional(),
});
export type BackupFile = z.infer<typeof FileSchema>;

const ManifestSchema = z.strictObject({
  format: z.literal(BACKUP_FORMAT),
  formatVersion: z.literal(BACKUP_VERSION),
  madeAt: z.iso.datetime(),
  files: z.array(FileSchema),
});
export type Manifest = z.infer<typeof ManifestSchema>;

/** Why a backup was refused as a whole. */
export type BackupProblem =
  | { code: "backup.notZip" }
  | { code: "backup.notOurs" }
  | { code: "backup.newer"; found: number; known: number }
  | { code: "backup.damaged"; path: string; count: number }
  | BadField;

export const printManifest = (madeAt: string, files: readonly BackupFile[]): string =>
  JSON.stringify({ format: BACKUP_FORMAT, formatVersion: BACKUP_VERSION, madeAt, files }, null, 2);

type ManifestRead = { ok: true; manifest: Manifest } | { ok: false; problem: BackupProblem };

/** Reads a backup's manifest. @returns it, or why this is no backup of ours; never throws on bad data */
export function readManifest(text: string): ManifestRead {
  const refuse = (problem: BackupProblem): ManifestRead => ({ ok: false, problem });
  let raw: { format?: unknown; formatVersion?: unknown } | null;
  try {
    raw = JSON.parse(text) as typeof raw;
  } catch {
    return refuse({ code: "backup.notOurs" });
  }
  if (raw?.format !== BACKUP_FORMAT) return refuse({ code: "backup.notOurs" });
  const { formatVersion: found } = raw;
  if (typeof found === "number" && found > BACKUP_VERSION)
    return refuse({ code: "backup.newer", found, known: BACKUP_VERSION });
  const parsed = ManifestSchema.safeParse(raw, { reportInput: true });
  return parsed.success ? { ok: true, manifest: parsed.data } : refuse(explain(parsed.error, "manifest"));
}

/** The name a backup's file gets. @example backupName("2026-03-02T10:00:00.000Z") // "rincon-2026-03-02.zip" */
export const backupName = (madeAt: string): string => `rincon-${madeAt.slice(0, 10)}.zip`;
