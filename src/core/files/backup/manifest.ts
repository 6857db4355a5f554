import * as z from "zod";
import { InstantSchema } from "../../habitat";
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

const FileSchema = z.strictObject({
  path: z.string().min(1),
  kind: z.enum(KINDS),
  bytes: z.number().int().nonnegative(),
  /** SHA-256 (FIPS 180-4) of the file as it was before packing, in hexadecimal. */
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  /** What is known of a photograph beside its pixels. */
  photo: z.unknown().optional(),
});
export type BackupFile = z.infer<typeof FileSchema>;

const ManifestSchema = z.strictObject({
  format: z.literal(BACKUP_FORMAT),
  formatVersion: z.literal(BACKUP_VERSION),
  madeAt: InstantSchema,
  files: z.array(z.unknown()),
});
/** What a manifest tells: the files that are told as they should be, and the paths of those that are not. */
type Manifest = { madeAt: string; files: BackupFile[]; odd: string[] };

/** Why a backup was refused as a whole. */
export type BackupProblem =
  | { code: "backup.notZip" }
  | { code: "backup.notOurs" }
  | { code: "backup.newer"; found: number; known: number }
  /** It holds more than an archive of its length can, or files within one another. */
  | { code: "backup.harmful" }
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
  if (!parsed.success) return refuse(explain(parsed.error, "manifest"));
  const { madeAt, files: told } = parsed.data;
  const read = told.map((file) => ({ file, read: FileSchema.safeParse(file) }));
  const files = read.flatMap(({ read: one }) => (one.success ? [one.data] : []));
  return {
    ok: true,
    manifest: { madeAt, files, odd: read.flatMap((one) => (one.read.success ? [] : [pathIn(one.file)])) },
  };
}

/** The path of a file that is not told as it should be. */
function pathIn(file: unknown): string {
  const { path } = (file ?? {}) as { path?: unknown };
  return typeof path === "string" ? path.slice(0, 200) : "?";
}

/** The name a backup's file gets. @example backupName("2026-03-02T10:00:00.000Z") // "rincon-2026-03-02.zip" */
export const backupName = (madeAt: string): string => `rincon-${madeAt.slice(0, 10)}.zip`;
