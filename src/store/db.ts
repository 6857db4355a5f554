import Dexie, { type EntityTable, type Table } from "dexie";
import { storedDesign, readDocument } from "@/core/files";
import type { LogEvent, SampleBlock, SeriesId } from "@/core/log";
import type { AsideCopy, PhotoFacts } from "@/core/restoring";
import type { Solution } from "@/core/solve";
import { reportTrouble, tellTrouble, useTrouble } from "./trouble";
import { mendRows } from "./mendRows";
import { rollupsOf, type RollupRow } from "./rollupRows";
import { zoneHere } from "./zone";

/** A row that holds the only document of its table. */
export type OnlyRow = { id: string; document: unknown };

/** A stored design. The document is read through the core's reader, never trusted as it lies. */
export type DesignRow = {
  id: string;
  /** Counts up with each commit; who commits names the one they began from. */
  rev: number;
  updatedAt: string;
  document: unknown;
};
/** How often something was added to a habitat's log: apart from its design, which nobody need read anew for it. */
type LogRow = { habitatId: string; rev: number };
type EventRow = LogEvent & { habitatId: string };
export type SampleRow = SampleBlock & { habitatId: string };
/** A result that took long, under the hash of all it was worked out from. */
type ResultRow = { hash: string; at: string; result: Solution };
/** A copy that could not be kept in its place: offered as a file until it is forgotten. */
export type AsideRow = AsideCopy;

/** A photograph, shrunk, without the place it was taken at: a JPEG. Kept by its own id, so that a log only names it. */
export type PhotoRow = PhotoFacts & { bytes: Uint8Array<ArrayBuffer> };

/** Before version 4 a habitat was one document with its log inside. */
type OldRow = { id: string; updatedAt: string; document: unknown };

class RinconDb extends Dexie {
  declare bins: EntityTable<OnlyRow, "id">;
  declare own: EntityTable<OnlyRow, "id">;
  declare designs: EntityTable<DesignRow, "id">;
  declare logs: EntityTable<LogRow, "habitatId">;
  declare events: Table<EventRow, [string, string]>;
  declare samples: Table<SampleRow, [string, SeriesId, number]>;
  declare rollups: Table<RollupRow, [string, SeriesId, string, number]>;
  declare results: EntityTable<ResultRow, "hash">;
  declare aside: EntityTable<AsideRow, "id">;
  declare photos: EntityTable<PhotoRow, "id">;
  declare trials: EntityTable<OnlyRow, "id">;

  constructor() {
    super("rincon");
    this.version(1).stores({ habitats: "id, updatedAt" });
    this.version(2).stores({ habitats: "id, updatedAt", bins: "id" });
    this.version(3).stores({ habitats: "id, updatedAt", bins: "id", own: "id" });
    this.version(4)
      .stores({
        habitats: "id, updatedAt",
        designs: "id, updatedAt",
        events: "[habitatId+id], [habitatId+at]",
        samples: "[habitatId+series+fromMs]",
        rollups: "[habitatId+series+step+fromMs]",
        results: "hash, at",
        aside: "id, habitatId",
      })
      .upgrade(async (transaction) => {
        const rows = (await transaction.table("habitats").toArray()) as OldRow[];
        for (const row of rows) await split(row, (name) => transaction.table(name));
      });
    this.version(5).stores({ habitats: null });
    this.version(6).stores({ photos: "id, habitatId" });
    this.version(7).stores({ trials: "id" });
    this.version(8)
      .stores({ logs: "habitatId" })
      .upgrade((transaction) => mendRows((name) => transaction.table(name)));
  }
}

/** Puts a habitat of an earlier version into the tables of its parts. One that does not read is kept as it lies. */
async function split({ id, updatedAt, document }: OldRow, table: (name: string) => Table<unknown>): Promise<void> {
  const read = readDocument(document);
  const stored = read.ok ? storedDesign(read.habitat.design) : document;
  await table("designs").put({ id, rev: 1, updatedAt, document: stored });
  if (!read.ok) return;
  const { events, samples } = read.habitat;
  await table("events").bulkPut(events.map((event) => ({ ...event, habitatId: id })));
  await table("samples").bulkPut(samples.map((block) => ({ ...block, habitatId: id })));
  await table("rollups").bulkPut(samples.flatMap((block) => rollupsOf(id, block, zoneHere())));
}

let opened: RinconDb | undefined;

/** The one database, opened when first asked for: there is none on the server. */
export function db(): RinconDb {
  if (opened) return opened;
  opened = new RinconDb();
  watch(opened);
  return opened;
}

/** What is still to be written before another tab's newer program takes the database over. */
let beforeLettingGo: () => Promise<unknown> = () => Promise.resolve();
export const finishBeforeLettingGo = (finish: () => Promise<unknown>): void => {
  beforeLettingGo = finish;
};
/** The newer tab waits for us, but not for ever. */
const LET_GO_WITHIN_MS = 1000;

/** Lets go of the database, so that a newer tab can change it; opening it again here would only fail. */
async function letGo(database: RinconDb): Promise<void> {
  const late = new Promise((resolve) => setTimeout(resolve, LET_GO_WITHIN_MS));
  await Promise.race([beforeLettingGo().catch(() => undefined), late]);
  database.close({ disableAutoOpen: true });
  tellTrouble("newerTab");
}

/** Tells when another tab wants a newer database, or holds on to an older one, and when there is none to be had. */
function watch(database: RinconDb): void {
  database.on("versionchange", () => {
    void letGo(database);
    // Dexie would close at once.
    return false;
  });
  database.on("blocked", () => tellTrouble("olderTab"));
  database.on("ready", () => {
    if (useTrouble.getState().trouble === "olderTab") tellTrouble(undefined);
  });
  if (typeof window === "undefined") return;
  database.open().catch(reportTrouble);
  // What a page wrote without waiting for it.
  window.addEventListener("unhandledrejection", ({ reason }) => reportTrouble(reason));
  useTrouble.subscribe(({ trouble }) => {
    if (trouble === "full") lookForRoom(database);
  });
}

/** How often a full storage is tried again, and with how much. */
const TRY_EVERY_MS = 4000;
const TRIED_BYTES = 64 * 1024;
let looking: ReturnType<typeof setTimeout> | undefined;

/** Tries until there is room again, then says that the trouble is over: what waits is written then. */
function lookForRoom(database: RinconDb): void {
  if (looking !== undefined) return;
  const again = (): void => {
    looking = undefined;
    if (useTrouble.getState().trouble === "full") lookForRoom(database);
  };
  looking = setTimeout(() => {
    const probe = { hash: "room", at: "", result: { bytes: new Uint8Array(TRIED_BYTES) } as unknown as Solution };
    database.results
      .put(probe)
      .then(() => database.results.delete(probe.hash))
      .then(() => {
        looking = undefined;
        if (useTrouble.getState().trouble === "full") tellTrouble(undefined);
      }, again);
  }, TRY_EVERY_MS);
}
