import "./testing";
import { beforeEach, expect, it, vi } from "vitest";
import { FORMAT_VERSION } from "@/core/files";
import { made, started } from "@/core/testing";
import { db } from "./db";
import { commit } from "./commit";
import { getDesign, putDesign } from "./designs";
import { forgetUnsaved, keepUnsaved, settleUnsaved } from "./journal";

const KEY = "rincon.unsaved.h";
const design = started({ id: "h" });
const renamed = (name: string) => made(design, { name: "rename", args: { name } });
const stored = async () => {
  const found = await getDesign("h");
  return found?.ok ? { name: found.design.name, rev: found.rev } : undefined;
};
const aside = async () => (await db().aside.toArray()).map(({ why, raw }) => ({ why, raw }));

beforeEach(async () => {
  await db().designs.clear();
  await db().aside.clear();
  localStorage.removeItem(KEY);
  await putDesign(design);
});

it("what a closing page had not written is written when it opens again", async () => {
  keepUnsaved(renamed("In a hurry"), 1);
  await settleUnsaved("h");
  expect(await stored()).toEqual({ name: "In a hurry", rev: 2 });
  expect([await aside(), localStorage.getItem(KEY)]).toEqual([[], null]);
});

it("an older copy never overwrites a newer document: it is set aside", async () => {
  keepUnsaved(renamed("Older"), 1);
  await commit("h", 1, [{ commands: [{ name: "rename", args: { name: "Newer" } }] }]);
  await settleUnsaved("h");
  expect(await stored()).toEqual({ name: "Newer", rev: 2 });
  expect(await aside()).toMatchObject([{ why: "older", raw: { baseRev: 1, design: { name: "Older" } } }]);
});

it("an older copy that says the same as what stands is not set aside", async () => {
  await commit("h", 1, [{ commands: [{ name: "rename", args: { name: "Same" } }] }]);
  keepUnsaved(renamed("Same"), 1);
  await settleUnsaved("h");
  expect([await stored(), await aside()]).toEqual([{ name: "Same", rev: 2 }, []]);
});

it.each([
  ["of a newer program", "newer", { formatVersion: FORMAT_VERSION + 1, baseRev: 1, design }],
  ["without the revision it was made from, as before version 6", "damaged", { formatVersion: 5, name: "Old" }],
  ["of a design that does not read", "damaged", { formatVersion: FORMAT_VERSION, baseRev: 1, design: { id: "h" } }],
])("a copy %s is kept aside, unread, and what stands stays", async (_what, why, copy) => {
  localStorage.setItem(KEY, JSON.stringify(copy));
  await settleUnsaved("h");
  expect(await stored()).toEqual({ name: "Fernwall", rev: 1 });
  expect(await aside()).toEqual([{ why, raw: copy }]);
});

it("a torn copy is kept aside as its text", async () => {
  localStorage.setItem(KEY, '{"formatVersion":6,"des');
  await settleUnsaved("h");
  expect(await aside()).toEqual([{ why: "damaged", raw: '{"formatVersion":6,"des' }]);
});

it("a full local storage is no trouble: the database is written all the same", () => {
  const set = vi.spyOn(localStorage, "setItem").mockImplementation(() => {
    throw new DOMException("full", "QuotaExceededError");
  });
  expect(() => keepUnsaved(design, 1)).not.toThrow();
  set.mockRestore();
  forgetUnsaved("h");
  expect(localStorage.getItem(KEY)).toBeNull();
});
