import "./testing";
import { beforeEach, describe, expect, it } from "vitest";
import { storedDesign } from "@/core/files";
import type { BackupKind, PhotoFacts, Unpacked } from "@/core/files/backup";
import { STOCK } from "@/core/library";
import { blocksOfReadings, type Habitat } from "@/core/log";
import { copiedEntry, EMPTY_SHELF, type OwnShelf } from "@/core/own";
import { EMPTY_BINS, type Bins } from "@/core/supply";
import { happened, started } from "@/core/testing";
import type { UnreadRows } from "./backup";
import { getBins, putBins } from "./bins";
import { db, type AsideRow } from "./db";
import { putHabitats, wholeHabitat } from "./habitats";
import { getOwn, putOwn } from "./own";
import { dropOrphans, lostPhotos } from "./photos";
import { backupBeside, restore, type ReadableBackup } from "./restore";

const reading = (at: string) => blocksOfReadings([{ at, place: "warmEnd", temperatureC: 24 }]);
const habitat: Habitat = {
  design: started({ id: "h", name: "Fernwall" }),
  events: happened({ kind: "movedIn", on: "2026-02-01" }, { kind: "tick", on: "2026-02-02", dutyId: "mist" }),
  samples: reading("2026-02-01T07:00:00.000Z"),
};

const part = (kind: BackupKind, what: unknown, photo?: PhotoFacts): Unpacked => {
  const bytes = what instanceof Uint8Array ? what.slice() : new TextEncoder().encode(JSON.stringify(what));
  return { file: { path: kind, kind, bytes: bytes.length, sha256: "", ...(photo ? { photo } : {}) }, bytes };
};
const backup = (parts: Unpacked[] = [], habitats: Habitat[] = [habitat]): ReadableBackup => ({
  ...{ ok: true, madeAt: "2026-03-02T10:00:00.000Z" },
  ...{ habitats, unread: [], parts },
});
const photo = (id: string, habitatId = "h"): Unpacked =>
  part("photo", new Uint8Array([1, 2, 3]), { id, habitatId, takenOn: "2026-02-03", widthPx: 4, heightPx: 3 });

const someBins: Bins = {
  ...EMPTY_BINS,
  stock: [{ id: "s", shelf: "ingredients", itemId: "coir", amount: { kind: "loose", looseL: 3 } }],
};
const ownShelf = (id: string, name: string): OwnShelf => {
  const shelf = copiedEntry(EMPTY_SHELF, "plants", STOCK.all("plants")[0]?.id ?? "", STOCK, {
    id,
    name,
    namesTaken: [],
  });
  if (!shelf) throw new Error("no such plant");
  return shelf;
};
const ids = async () => (await db().designs.toArray()).map(({ id }) => id).toSorted();

beforeEach(async () => {
  for (const table of db().tables) await table.clear();
});

describe("adding what is missing", () => {
  it("leaves the design that stands here, and joins both logs and readings", async () => {
    const here: Habitat = {
      design: { ...habitat.design, name: "Fernwall now" },
      events: happened({ kind: "movedIn", on: "2026-02-01" }),
      samples: reading("2026-02-09T07:00:00.000Z"),
    };
    await putHabitats([here]);
    expect((await backupBeside(backup())).habitats).toEqual([{ id: "h", name: "Fernwall", met: "other" }]);
    await restore(backup(), "merge");
    const now = await wholeHabitat("h");
    expect(now?.design.name).toBe("Fernwall now");
    expect(now?.events.map(({ id }) => id)).toEqual(["e0", "e1"]);
    expect(now?.samples.flatMap(({ atMs }) => Array.from(atMs))).toHaveLength(2);
    await restore(backup(), "merge");
    expect(await wholeHabitat("h")).toEqual(now);
  });

  it("fills empty bins but not full ones, and adds own entries that are not here", async () => {
    const parts = [part("bins", someBins), part("own", ownShelf("ownTheirs", "Their fern"))];
    await putOwn(ownShelf("ownMine", "My fern"));
    await restore(backup(parts), "merge");
    expect(await getBins()).toEqual(someBins);
    expect((await getOwn()).plants.map(({ id }) => id)).toEqual(["ownMine", "ownTheirs"]);
    await putBins({ ...someBins, currency: "USD" });
    await restore(backup(parts), "merge");
    expect((await getBins()).currency).toBe("USD");
  });
});

describe("replacing all", () => {
  it("takes away what the backup does not hold, and tells so before", async () => {
    await putHabitats([{ ...habitat, design: started({ id: "only", name: "Only here" }) }]);
    await putBins(someBins);
    const look = await backupBeside(backup([photo("p")]));
    expect(look).toEqual({
      habitats: [{ id: "h", name: "Fernwall", met: "new" }],
      onlyHere: [{ id: "only", name: "Only here" }],
      ...{ photos: 1, newPhotos: 1 },
    });
    await restore(backup([photo("p")]), "replace");
    expect(await ids()).toEqual(["h"]);
    expect(await getBins()).toEqual(EMPTY_BINS);
    expect((await wholeHabitat("h"))?.events).toHaveLength(2);
    expect((await db().photos.get("p"))?.bytes).toEqual(new Uint8Array([1, 2, 3]));
    expect((await backupBeside(backup([photo("p")]))).habitats).toEqual([{ id: "h", name: "Fernwall", met: "same" }]);
  });

  it("puts a habitat that does not open back as it lay, log and all, and sets aside what a newer Rincon wrote", async () => {
    const unread: UnreadRows = {
      ...{ id: "new", updatedAt: "2026-01-01T00:00:00Z" },
      document: { ...storedDesign(habitat.design), formatVersion: 999 },
      events: [...habitat.events],
      samples: [{ series: "warmEnd.temperatureC", at: [1000], value: [24] }],
    };
    const aside: AsideRow = { id: "a", habitatId: "h", name: "Copy", why: "conflict", at: "2026-01-01", raw: { x: 1 } };
    const read: ReadableBackup = {
      ...backup([part("unread", unread), part("aside", aside)]),
      unread: [
        { path: "habitats/2-old.rincon.json", problem: { code: "file.newer", found: 99, known: 1 }, text: "{}" },
      ],
    };
    await restore(read, "replace");
    expect(await ids()).toEqual(["h", "new"]);
    expect((await db().designs.get("new"))?.document).toEqual(unread.document);
    expect(await db().events.where("[habitatId+id]").between(["new", ""], ["new", "~"]).count()).toBe(2);
    expect((await db().aside.toArray()).map(({ name, why }) => [name, why])).toEqual([
      ["Copy", "conflict"],
      ["2-old.rincon", "newer"],
    ]);
  });
});

it("restores all or nothing: where one part does not read, all is as it was", async () => {
  await putHabitats([{ ...habitat, design: started({ id: "only" }) }]);
  const bad = backup([part("bins", { format: "something else" }), photo("p")]);
  for (const how of ["merge", "replace"] as const) {
    await expect(restore(bad, how)).rejects.toThrow();
    expect(await ids()).toEqual(["only"]);
    expect(await db().photos.count()).toBe(0);
    expect((await wholeHabitat("only"))?.events).toHaveLength(2);
  }
});

it("tells photographs whose habitat is gone, and lets them go when asked to", async () => {
  await restore(backup([photo("p"), photo("q", "gone")]), "merge");
  expect(await lostPhotos()).toEqual(["q"]);
  await dropOrphans();
  expect(await db().photos.toCollection().primaryKeys()).toEqual(["p"]);
});
