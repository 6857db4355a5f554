import "./testing";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Told } from "@/core/log";
import { started } from "@/core/testing";
import { db } from "./db";
import { putDesign } from "./designs";
import { eventsOf } from "./log";
import { takeBackOnShelf, tellOnShelf } from "./outbox";

const tick = (dutyId: string): Told => ({ kind: "tick", on: "2026-03-02", dutyId });
const kinds = async () => (await eventsOf("h")).map(({ kind }) => kind).toSorted();

beforeEach(async () => {
  for (const table of db().tables) await table.clear();
  await putDesign(started({ id: "h" }));
});
afterEach(() => vi.restoreAllMocks());

it("what is ticked on the shelf is written, and taken back by an event of its own", async () => {
  const told = await tellOnShelf("h", [tick("mist")], "UTC");
  if (!told.ok) throw new Error(told.problem.path);
  await takeBackOnShelf("h", told.events, "UTC");
  expect(await kinds()).toEqual(["struck", "tick"]);
  expect(await tellOnShelf("h", [{ kind: "tick", on: "9999-12-31", dutyId: "mist" }], "UTC")).toMatchObject({
    ok: false,
    problem: { path: "on", code: "outOfRange" },
  });
});

it.each([
  ["full", false],
  ["full, with a local storage that is forbidden too", true],
])("a storage that is %s loses no tick: it waits, and goes in before the next", async (_what, isForbidden) => {
  if (isForbidden)
    vi.spyOn(localStorage, "setItem").mockImplementation(() => {
      throw new DOMException("no", "SecurityError");
    });
  vi.spyOn(db().events, "bulkAdd").mockRejectedValueOnce(new DOMException("full", "QuotaExceededError"));
  await tellOnShelf("h", [tick("mist")], "UTC");
  expect(await eventsOf("h")).toEqual([]);
  await Promise.all([tellOnShelf("h", [tick("spotClean")], "UTC"), tellOnShelf("h", [tick("water")], "UTC")]);
  const duties = (await eventsOf("h")).flatMap((event) => (event.kind === "tick" ? [event.dutyId] : []));
  expect(duties.toSorted()).toEqual(["mist", "spotClean", "water"]);
});
