import * as z from "zod";
import { readSeriesRow } from "../files";
import { DateSchema, IdSchema, InstantSchema } from "../habitat";
import { partedEvents, type LogEvent, type SampleBlock } from "../log";

const WHY_ASIDE = ["older", "newer", "damaged", "conflict"] as const;

/** A copy that could not be kept in its place, as it lies. */
export type AsideCopy = {
  id: string;
  habitatId: string | null;
  name: string;
  why: (typeof WHY_ASIDE)[number];
  at: string;
  raw: unknown;
};

/** What is read as a copy set aside; a time that is none is when the backup was made. */
export const asideSchema = (madeAt: string) =>
  z.object({
    id: z.string().min(1).max(300),
    habitatId: z.string().max(64).nullable().catch(null),
    name: z.string().max(300).catch(""),
    why: z.enum(WHY_ASIDE).catch("damaged"),
    at: InstantSchema.catch(madeAt),
    raw: z.unknown(),
  });

const RowsSchema = z.object({
  id: IdSchema,
  updatedAt: InstantSchema.optional().catch(undefined),
  document: z.unknown(),
  events: z.array(z.unknown()).catch([]),
  samples: z.array(z.unknown()).catch([]),
});

/** A habitat that does not open, as its rows lay: its document untouched, its log as far as it reads. */
export type RowsRead = {
  id: string;
  updatedAt: string;
  document: unknown;
  events: LogEvent[];
  samples: SampleBlock[];
  /** What of its log does not read. */
  odd: unknown[];
};

/** Reads the rows of a habitat that did not open where the backup was made. @returns undefined where they are none */
export function readRows(raw: unknown, madeAt: string): RowsRead | undefined {
  const read = RowsSchema.safeParse(raw);
  if (!read.success) return undefined;
  const { id, updatedAt = madeAt, document, events, samples } = read.data;
  const parted = partedEvents(events);
  const rows = samples.map((row, at) => ({ row, read: readSeriesRow(row, at) }));
  return {
    ...{ id, updatedAt, document },
    events: parted.sound,
    samples: rows.flatMap(({ read: told }) => (told.ok ? told.blocks : [])),
    odd: [...parted.odd, ...rows.flatMap(({ row, read: told }) => (told.ok ? [] : [row]))],
  };
}

/** What is known of a photograph beside its pixels. */
const PhotoSchema = z.strictObject({
  id: IdSchema,
  habitatId: IdSchema,
  takenOn: DateSchema,
  widthPx: z.number().int().positive().max(100_000),
  heightPx: z.number().int().positive().max(100_000),
});
export type PhotoFacts = z.infer<typeof PhotoSchema>;

/** A photograph's facts; a day that is none, as a camera without a clock writes it, is the day of the backup. */
export function photoFacts(raw: unknown, madeAt: string): PhotoFacts | undefined {
  const told = PhotoSchema.safeParse(raw);
  if (told.success) return told.data;
  const again = PhotoSchema.safeParse({ ...(raw as object), takenOn: madeAt.slice(0, 10) });
  return again.success ? again.data : undefined;
}

/** Choices of a device, by their names. */
export const SettingsSchema = z.record(z.string().max(200), z.string().max(100_000));
