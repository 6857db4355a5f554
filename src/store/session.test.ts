import "fake-indexeddb/auto";
import { beforeEach, expect, it, vi } from "vitest";
import { started } from "@/core/testing";
import { db } from "./db";
import { getDesign, putDesign } from "./designs";
import { useSession } from "./session";

Object.assign(globalThis, {
  localStorage: { getItem: () => null, setItem: () => undefined, removeItem: () => undefined },
});

const session = () => useSession.getState();
const deepen = (depthCm: number, gesture?: string) =>
  session().edit([{ name: "setDepth", args: { layerId: "drainage-1", depthCm } }], gesture);
const depth = () => {
  const layer = session().history?.present.strata.layers[0];
  return layer?.kind === "drainage" ? layer.depthCm : undefined;
};

let id = "";
let round = 0;
beforeEach(async () => {
  id = `habitat-${(round += 1)}`;
  await putDesign(started({ id }));
  await session().open(id);
});

it("what is derived follows each edit at once, through undo and redo too", () => {
  deepen(8);
  expect(session().derived?.ground.water?.topCm).toBe(8);
  session().undo();
  expect([depth(), session().derived?.ground.water?.topCm]).toEqual([5, 5]);
  session().redo();
  expect([depth(), session().derived?.ground.water?.topCm]).toEqual([8, 8]);
});

it("an edit is kept by itself, the newest of several", async () => {
  deepen(6, "drag");
  deepen(6.5, "drag");
  expect(session().saving.state).toBe("pending");
  await vi.waitFor(() => expect(session().saving.state).toBe("saved"), { timeout: 3000 });
  const stored = await getDesign(id);
  expect(stored?.ok && stored.design).toEqual(session().history?.present);
  session().undo();
  expect(depth()).toBe(5);
});

it("says when storage refuses, keeps the edit in hand, and writes it with the next one", async () => {
  const put = vi.spyOn(db().designs, "put").mockRejectedValueOnce(new Error("full"));
  deepen(7);
  await vi.waitFor(() => expect(session().saving.state).toBe("failed"), { timeout: 3000 });
  expect(depth()).toBe(7);
  put.mockRestore();
  session().edit([{ name: "rename", args: { name: "After the refusal" } }]);
  await vi.waitFor(() => expect(session().saving.state).toBe("saved"), { timeout: 3000 });
  const stored = await getDesign(id);
  expect(stored?.ok && stored.design).toEqual(session().history?.present);
  expect([depth(), session().history?.present.name]).toEqual([7, "After the refusal"]);
});

it("a refused edit comes back as a problem that names its field, and changes nothing", () => {
  expect(deepen(-4, "drag")).toMatchObject({ path: expect.stringContaining("depthCm") });
  expect([depth(), session().refused]).toEqual([5, undefined]);
  // With no handle under a finger to show it, the session keeps the reason for the screen.
  deepen(900);
  expect([depth(), session().refused?.path]).toEqual([5, expect.stringContaining("depth")]);
});

it("a habitat that is not here is said to be missing", async () => {
  await session().open("nowhere");
  expect(session()).toMatchObject({ problem: "missing", history: undefined });
});
