import "fake-indexeddb/auto";
import { beforeEach, expect, it, vi } from "vitest";
import { startHabitat } from "@/core/habitat";
import { db } from "./db";
import { getHabitat, putHabitat } from "./habitats";
import { useSession } from "./session";

Object.assign(globalThis, {
  localStorage: { getItem: () => null, setItem: () => undefined, removeItem: () => undefined },
});

const habitatOf = (id: string) =>
  startHabitat({
    id,
    name: "Fernwall",
    createdAt: "2026-01-05T08:00:00Z",
    startOn: "2026-01-05",
    animalId: "crocodileSkink",
    count: 2,
    room: { temperatureC: 21, humidityRh: 45 },
    shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" },
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
  await putHabitat(habitatOf(id));
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
  const stored = await getHabitat(id);
  expect(stored?.ok && stored.habitat).toEqual(session().history?.present);
  session().undo();
  expect(depth()).toBe(5);
});

it("says when storage refuses, and the edit stays in hand", async () => {
  const put = vi.spyOn(db().habitats, "put").mockRejectedValueOnce(new Error("full"));
  deepen(7);
  await vi.waitFor(() => expect(session().saving.state).toBe("failed"), { timeout: 3000 });
  expect(depth()).toBe(7);
  put.mockRestore();
});

it("a refused edit throws and changes nothing; a habitat that is not here is said to be missing", async () => {
  expect(() => deepen(-4)).toThrow();
  expect(depth()).toBe(5);
  await session().open("nowhere");
  expect(session()).toMatchObject({ problem: "missing", history: undefined });
});
