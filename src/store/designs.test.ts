import { patched } from "@/core/habitat";
import "./testing";
import { beforeEach, describe, expect, it } from "vitest";
import type { Command } from "@/core/habitat";
import { started } from "@/core/testing";
import { db } from "./db";
import { commit, takenAll } from "./commit";
import { getDesign, listDesigns, putDesign } from "./designs";
import type { Step } from "./pending";
import { beginHistory, edited } from "./history";

const deepen = (depthCm: number): Step => ({
  commands: [{ name: "setDepth", args: { layerId: "drainage-1", depthCm } }],
});
const rename = (name: string): Step => ({ commands: [{ name: "rename", args: { name } }] });
const stored = async (id: string) => {
  const found = await getDesign(id);
  if (!found?.ok) throw new Error("does not open");
  return found;
};
const drainageCm = async () => {
  const [layer] = (await stored("h")).design.strata.layers;
  return layer?.kind === "drainage" ? layer.depthCm : undefined;
};

beforeEach(async () => {
  await db().designs.clear();
  await putDesign(started({ id: "h" }));
});

describe("a commit", () => {
  it("writes its steps and counts the revision up", async () => {
    const { rev } = await stored("h");
    expect(await commit("h", rev, [deepen(7), rename("Deep end")])).toMatchObject({ kind: "written", rev: rev + 1 });
    expect(await stored("h")).toMatchObject({ rev: rev + 1, design: { name: "Deep end" } });
    expect(await drainageCm()).toBe(7);
  });

  it("made from an older revision writes nothing, and gives what stands there now", async () => {
    const { rev } = await stored("h");
    await commit("h", rev, [rename("By the other tab")]);
    const late = await commit("h", rev, [deepen(7)]);
    expect(late).toMatchObject({ kind: "conflict", now: { rev: rev + 1, design: { name: "By the other tab" } } });
    expect(await drainageCm()).toBe(6);
  });

  it("of two at once one is written, and the other finds out: nobody's work is overwritten", async () => {
    const { rev } = await stored("h");
    const kinds = (await Promise.all([commit("h", rev, [deepen(7)]), commit("h", rev, [rename("Both")])])).map(
      ({ kind }) => kind,
    );
    expect(kinds.toSorted()).toEqual(["conflict", "written"]);
    expect((await stored("h")).rev).toBe(rev + 1);
  });

  it("whose steps lead nowhere writes nothing of them", async () => {
    const { rev } = await stored("h");
    const nowhere: Step = { commands: [{ name: "removePlants", args: { ids: ["nobody"] } }] };
    expect(await commit("h", rev, [rename("Half done"), nowhere])).toEqual({ kind: "refused" });
    expect(await stored("h")).toMatchObject({ rev, design: { name: "Fernwall" } });
    expect(await commit("gone", 1, [rename("x")])).toEqual({ kind: "gone" });
  });

  it("takes undo as patches, and refuses patches that would leave a design that is not sound", async () => {
    const { rev, design } = await stored("h");
    const tried = edited(beginHistory(design), [{ name: "setDepth", args: { layerId: "drainage-1", depthCm: 9 } }]);
    if (!tried.ok) throw new Error(tried.problem.code);
    const [change] = tried.history.past;
    expect(takenAll(tried.history.present, [{ patches: change!.inverse }], patched)).toEqual(design);
    await commit("h", rev, [{ patches: change!.patches }]);
    expect(await drainageCm()).toBe(9);
    const unsound: Step = { patches: [{ op: "replace", path: ["brief", "animalId"], value: "unicorn" }] };
    expect(takenAll(design, [unsound], patched)).toBeUndefined();
    expect(
      takenAll(design, [{ patches: [{ op: "replace", path: ["no", "such", "place"], value: 1 }] }], patched),
    ).toBeUndefined();
  });

  it("goes into the own entries a design carries: a design stands alone, so an entry that is nowhere is refused", async () => {
    const { rev } = await stored("h");
    const own: Command = { name: "setPart", args: { mixId: "mix-1", ingredientId: "ownBrookClay", parts: 1 } };
    expect(await commit("h", rev, [{ commands: [own] }])).toEqual({ kind: "refused" });
  });
});

it("a design that did not change is the same object, so that what was worked out from it stands", async () => {
  const [first, again] = [await stored("h"), await stored("h")];
  expect(again.design).toBe(first.design);
  await commit("h", first.rev, [deepen(6)]);
  expect((await stored("h")).design).not.toBe(first.design);
});

it("one that does not open is listed with why, and its raw document", async () => {
  const newer = { format: "rincon-habitat", formatVersion: 99, design: {} };
  await db().designs.put({ id: "n", rev: 1, updatedAt: "2026-01-05T08:00:00Z", document: newer });
  const all = await listDesigns();
  expect(all.map(({ ok }) => ok).toSorted()).toEqual([false, true]);
  expect(all.find(({ ok }) => !ok)).toMatchObject({ id: "n", problem: { code: "file.newer" }, raw: newer });
});
