import { beforeEach, describe, expect, it, vi } from "vitest";
import type * as Kinds from "./kinds";
import type * as Stocked from "./stocked";

/** The stock as it is when a page opens: nothing of the large kinds is read. */
let fresh: typeof Stocked & typeof Kinds;
beforeEach(async () => {
  vi.resetModules();
  fresh = { ...(await import("./stocked")), ...(await import("./kinds")) };
});

describe("a catalogue read in chunks", () => {
  it("knows the small kinds at once, and refuses by name what it has not read yet", () => {
    expect(fresh.findStocked("drainageMedia", "clayPebbles")?.voidPct).toBe(45);
    expect(() => fresh.findStocked("plants", "nervePlant")).toThrow('plants: "nervePlant" is not read yet');
    expect(() => fresh.allStocked("plants")).toThrow("plants: not all of them");
    expect(fresh.findStocked("plants", "unicornFern")).toBeUndefined();
    expect(fresh.areRead(["barriers"])).toBe(true);
    expect(fresh.areRead(["barriers", "crew"])).toBe(false);
  });
  it("reads what a document names, whatever it is, and no more of it than the chunks that hold it", async () => {
    const document = { brief: { animalId: "rosyBoa" }, plants: [{ plantId: "nervePlant" }], mixes: [["coir"]] };
    await fresh.readNamedIn(document);
    expect(fresh.findStocked("animals", "rosyBoa")?.kind).toBe("boa");
    expect(fresh.findStocked("plants", "nervePlant")?.kind).toBe("foliage");
    expect(fresh.findStocked("ingredients", "coir")?.matter).toBe("coir");
    expect(() => fresh.findStocked("animals", "axolotl")).toThrow("not read yet");
    // It is all there now: nothing to wait for.
    expect(fresh.readNamedIn(document)).toBeUndefined();
    expect(fresh.readNamedIn("nothing that is an id")).toBeUndefined();
  });
  it("reads kinds whole, in the same order every time, and the same list again", async () => {
    await fresh.readKinds(["crew", "recipes"]);
    const all = fresh.allStocked("crew");
    expect(all).toBe(fresh.allStocked("crew"));
    expect(all).toHaveLength(65);
    expect(fresh.allStocked("recipes")[0]?.id).toBe("treeFernForest");
    expect(() => fresh.allStocked("gear")).toThrow("gear");
  });
});
