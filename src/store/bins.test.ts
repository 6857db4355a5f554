import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it } from "vitest";
import { EMPTY_BINS, withStock } from "@/core/supply";
import { getBins, putBins } from "./bins";
import { db } from "./db";

beforeEach(() => db().bins.clear());

describe("the bins on this device", () => {
  const stocked = withStock(EMPTY_BINS, {
    id: "s",
    shelf: "ingredients",
    itemId: "coir",
    amount: { kind: "loose", looseL: 8 },
  });

  it("are empty at first and come back as they were put", async () => {
    expect(await getBins()).toEqual(EMPTY_BINS);
    await putBins(stocked);
    expect(await getBins()).toEqual(stocked);
  });
  it("that do not read any more are set aside, not overwritten", async () => {
    const odd = { ...stocked, formatVersion: 9 };
    await db().bins.put({ id: "bins", document: odd });
    expect(await getBins()).toEqual(EMPTY_BINS);
    await putBins(stocked);
    expect((await db().bins.get("bins-unread"))?.document).toEqual(odd);
  });
  it("are not put when they are not sane", async () => {
    await expect(putBins({ ...stocked, currency: "euro" })).rejects.toThrow();
    expect(await getBins()).toEqual(EMPTY_BINS);
  });
});
