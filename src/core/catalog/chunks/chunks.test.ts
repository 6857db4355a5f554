import { describe, expect, it } from "vitest";
import { wholeStock } from "../whole";
import { CHUNKED_KINDS, CHUNKS } from "./index";

describe("the chunks of the catalogue", () => {
  it.each(CHUNKED_KINDS)("of %s hold just what their lists of ids say, each entry in one of them", async (kind) => {
    const loaded = await Promise.all(
      CHUNKS[kind].map(async ({ ids, load }) => ({ ids, held: (await load()).map(({ id }) => id) })),
    );
    for (const { ids, held } of loaded) expect(held.toSorted()).toEqual([...ids].toSorted());
    const all = loaded.flatMap(({ ids }) => ids);
    expect(new Set(all).size).toBe(all.length);
    expect(all.toSorted()).toEqual(wholeStock[kind].map(({ id }) => id).toSorted());
  });
});
