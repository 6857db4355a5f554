import "./testing";
import { beforeEach, describe, expect, it } from "vitest";
import { storedDesign } from "@/core/files";
import { STOCK } from "@/core/library";
import { blocksOfReadings, type Habitat } from "@/core/log";
import { copiedEntry, EMPTY_SHELF, type OwnShelf } from "@/core/own";
import type { BackupContents } from "@/core/restoring";
import { EMPTY_BINS, type Bins } from "@/core/supply";
import { happened, started } from "@/core/testing";
import { getBins, putBins } from "./bins";
import { db, type AsideRow } from "./db";
import { putHabitats, wholeHabitat } from "./habitats";
import { getOwn, putOwn } from "./own";
import { dropOrphans, lostPhotos } from "./photos";
import { backupBeside, restore } from "./restore";

const reading = (at: string) => blocksOfReadings([{ at, place: "warmEnd", temperatureC: 24 }]);
const habitat: Habitat = {
  design: started({ id: "h", name: "Fernwall" }),
  events: happened({ kind: "movedIn", on: "2026-02-01" }, { kind: "tick", on: "2026-02-02", dutyId: "mist" }),
  samples: reading("2026-02-01T07:00:00.000Z"),
};

const backup = (more: Partial<BackupContents> = {}): BackupContents => ({
  ...{ madeAt: "2026-03-02T10:00:00.000Z", habitats: [habitat], unread: [], rows: [], photos: [], aside: [] },
  ...{ leftOut: [], bins: undefined, own: undefined, trials: undefined, settings: undefined },
  ...more,
});
const photo = (id: string, habitatId = "h"): BackupContents["photos"][number] => ({
  path: `photos/${id}.jpg`,
  photo: { id, habitatId, takenOn: "2026-02-03", widthPx: 4, heightPx: 3 },
});
const pixelsOf = async (paths: readonly string[]) => paths.map(() => new Uint8Array([1, 2, 3]));

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
    await restore(backup(), "merge", pixelsOf);
    const now = await wholeHabitat("h");
    expect(now?.design.name).toBe("Fernwall now");
    expect(now?.events.map(({ id }) => id)).toEqual(["e0", "e1"]);
    expect(now?.samples.flatMap(({ atMs }) => Array.from(atMs))).toHaveLength(2);
    await restore(backup(), "merge", pixelsOf);
    expect(await wholeHabitat("h")).toEqual(now);
  });

  it("fills empty bins but not full ones, and adds own entries that are not here", async () => {
    const parts = { bins: someBins, own: ownShelf("ownTheirs", "Their fern") };
    await putOwn(ownShelf("ownMine", "My fern"));
    await restore(backup(parts), "merge", pixelsOf);
    expect(await getBins()).toEqual(someBins);
    expect((await getOwn()).plants.map(({ id }) => id)).toEqual(["ownMine", "ownTheirs"]);
    await putBins({ ...someBins, currency: "USD" });
    await restore(backup(parts), "merge", pixelsOf);
    expect((await getBins()).currency).toBe("USD");
  });
});

describe("replacing all", () => {
  it("takes away what the backup does not hold, and tells so before", async () => {
    await putHabitats([{ ...habitat, design: started({ id: "only", name: "Only here" }) }]);
    await putBins(someBins);
    const look = await backupBeside(backup({ photos: [photo("p")] }));
    expect(look).toEqual({
      habitats: [{ id: "h", name: "Fernwall", met: "new" }],
      onlyHere: [{ id: "only", name: "Only here" }],
      ...{ photos: 1, newPhotos: 1 },
    });
    await restore(backup({ photos: [photo("p")] }), "replace", pixelsOf);
    expect(await ids()).toEqual(["h"]);
    expect(await getBins()).toEqual(EMPTY_BINS);
    expect((await wholeHabitat("h"))?.events).toHaveLength(2);
    expect((await db().photos.get("p"))?.bytes).toEqual(new Uint8Array([1, 2, 3]));
    expect((await backupBeside(backup({ photos: [photo("p")] }))).habitats).toEqual([
      { id: "h", name: "Fernwall", met: "same" },
    ]);
  });

  it("puts a habitat that does not open back as it lay, log and all, and sets aside what a newer Rincon wrote", async () => {
    const rows: BackupContents["rows"][number] = {
      ...{ id: "new", updatedAt: "2026-01-01T00:00:00Z", odd: [] },
      document: { ...storedDesign(habitat.design), formatVersion: 999 },
      events: [...habitat.events],
      samples: reading("2026-02-01T07:00:00.000Z"),
    };
    const aside: AsideRow[] = [
      { id: "a", habitatId: "h", name: "Copy", why: "conflict", at: "2026-01-01T00:00:00Z", raw: { x: 1 } },
    ];
    await restore(backup({ rows: [rows], aside }), "replace", pixelsOf);
    expect(await ids()).toEqual(["h", "new"]);
    expect((await db().designs.get("new"))?.document).toEqual(rows.document);
    expect(await db().events.where("[habitatId+id]").between(["new", ""], ["new", "~"]).count()).toBe(2);
    expect((await db().aside.toArray()).map(({ name, why }) => [name, why])).toEqual([["Copy", "conflict"]]);
  });
});

it("restores all or nothing: where a part cannot be written, all is as it was", async () => {
  await putHabitats([{ ...habitat, design: started({ id: "only" }) }]);
  const misshapen = { ...habitat, design: { ...habitat.design, id: "x", name: "" } };
  for (const how of ["merge", "replace"] as const) {
    await expect(restore(backup({ habitats: [habitat, misshapen] }), how, pixelsOf)).rejects.toThrow();
    expect(await ids()).toEqual(["only"]);
    expect((await wholeHabitat("only"))?.events).toHaveLength(2);
  }
});

it("takes photographs some at a time, those alone that are not here, and before all else", async () => {
  const photos = Array.from({ length: 50 }, (_, n) => photo(`p${n}`));
  await db().photos.put({ ...photo("p3").photo, bytes: new Uint8Array([9]) });
  const asked: number[] = [];
  await restore(backup({ photos }), "merge", async (paths) => {
    expect(await ids()).toEqual([]);
    asked.push(paths.length);
    return pixelsOf(paths);
  });
  expect(asked).toEqual([20, 20, 9]);
  expect([await db().photos.count(), (await db().photos.get("p3"))?.bytes]).toEqual([50, new Uint8Array([9])]);
});

it("a part that does not come in leaves what is here of it", async () => {
  await putBins(someBins);
  await restore(backup({ leftOut: [{ path: "bins.json", why: "misshapen" }] }), "replace", pixelsOf);
  expect(await getBins()).toEqual(someBins);
});

it("tells photographs whose habitat is gone, and lets them go when asked to", async () => {
  await restore(backup({ photos: [photo("p"), photo("q", "gone")] }), "merge", pixelsOf);
  expect(await lostPhotos()).toEqual(["q"]);
  await dropOrphans();
  expect(await db().photos.toCollection().primaryKeys()).toEqual(["p"]);
});
