import "fake-indexeddb/auto";
import { liveQuery } from "dexie";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { STOCK } from "@/core/library";
import { EMPTY_BINS, withStock } from "@/core/supply";
import { getBins, putBins } from "./bins";
import { db } from "./db";

beforeEach(() => db().bins.clear());

describe("the bins on this device", () => {
  const stocked = withStock(
    EMPTY_BINS,
    {
      id: "s",
      shelf: "ingredients",
      itemId: "coir",
      amount: { kind: "loose", looseL: 8 },
    },
    STOCK,
  );

  it("are empty at first and come back as they were put", async () => {
    expect(await getBins()).toEqual(EMPTY_BINS);
    await putBins(stocked);
    expect(await getBins()).toEqual(stocked);
  });
  it("that do not read any more are set aside, not overwritten", async () => {
    const odd = { ...stocked, formatVersion: 9 };
    const aside = async () => (await db().aside.toArray()).map(({ why, raw }) => ({ why, raw }));
    await db().bins.put({ id: "bins", document: odd });
    expect([await getBins(), await getBins()]).toEqual([EMPTY_BINS, EMPTY_BINS]);
    await vi.waitFor(async () => expect(await aside()).toEqual([{ why: "newer", raw: odd }]));
    await db().bins.put({ id: "bins", document: "torn" });
    await putBins(stocked);
    expect(await getBins()).toEqual(stocked);
    expect(await aside()).toHaveLength(2);
    expect(await aside()).toContainEqual({ why: "damaged", raw: "torn" });
  });
  it("are read by a live query even when they do not read any more", async () => {
    await db().bins.put({ id: "bins", document: "torn again" });
    const first = await new Promise((resolve, reject) => liveQuery(getBins).subscribe(resolve, reject));
    expect(first).toEqual(EMPTY_BINS);
    await vi.waitFor(async () => expect((await db().aside.toArray()).map(({ raw }) => raw)).toContain("torn again"));
  });
  it("are not put when they are not sane", async () => {
    await expect(putBins({ ...stocked, currency: "euro" })).rejects.toMatchObject({
      problem: { path: "currency", code: "invalid" },
    });
    expect(await getBins()).toEqual(EMPTY_BINS);
  });
});
