import "./testing";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Command } from "@/core/habitat";
import type { Told } from "@/core/log";
import { started } from "@/core/testing";
import { db } from "./db";
import { commit } from "./commit";
import { getDesign, putDesign } from "./designs";
import { removeHabitat } from "./habitats";
import { eventsOf, newestOf } from "./log";
import { useSession } from "./session";

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
  expect([depth(), session().derived?.ground.water?.topCm]).toEqual([6, 6]);
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
  expect(depth()).toBe(6);
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
  expect([depth(), session().refused]).toEqual([6, undefined]);
  // With no handle under a finger to show it, the session keeps the reason for the screen.
  deepen(900);
  expect([depth(), session().refused?.path]).toEqual([6, expect.stringContaining("depth")]);
});

it("a habitat that is not here is said to be missing", async () => {
  await session().open("nowhere");
  expect(session()).toMatchObject({ problem: "missing", history: undefined });
});

describe("another tab writes to the same habitat meanwhile", () => {
  const elsewhere = async (...commands: Command[]) => {
    const now = await getDesign(id);
    if (!now?.ok) throw new Error("does not open");
    expect(await commit(id, now.rev, [{ commands }])).toMatchObject({ kind: "written" });
  };
  const aside = async () => (await db().aside.toArray()).filter(({ habitatId }) => habitatId === id);

  it("and both edits stand: ours is taken again from where theirs left it", async () => {
    await elsewhere({ name: "rename", args: { name: "Theirs" } });
    deepen(8);
    await session().settle();
    const stored = await getDesign(id);
    expect(stored?.ok && stored.design).toEqual(session().history?.present);
    expect([session().history?.present.name, depth(), session().saving.state]).toEqual(["Theirs", 8, "saved"]);
    expect(await aside()).toEqual([]);
  });

  it("so that ours cannot be taken again: theirs stands, ours is set aside as a copy, and the screen says so", async () => {
    session().edit([{ name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 9, yCm: 9 } }]);
    await session().settle();
    await elsewhere({ name: "removePlants", args: { ids: ["p"] } });
    session().edit([{ name: "movePlant", args: { id: "p", xCm: 30, yCm: 20 } }]);
    await session().settle();
    expect([session().history?.present.plants, session().saving.state]).toEqual([[], "conflict"]);
    expect(await aside()).toMatchObject([{ why: "conflict", raw: { design: { plants: [{ id: "p", xCm: 30 }] } } }]);
    // The next edit is written as if nothing had been.
    deepen(7);
    await session().settle();
    expect(session().saving.state).toBe("saved");
  });
});

it("a habitat deleted in another tab while it is edited here is kept as one copy, and its log is not begun again", async () => {
  await removeHabitat(id);
  deepen(8);
  await session().settle();
  deepen(9);
  session().act([{ kind: "movedIn", on: "2026-02-01" }]);
  await session().settle();
  expect(session().saving.state).toBe("conflict");
  const copies = (await db().aside.toArray()).filter(({ habitatId }) => habitatId === id);
  expect(copies).toMatchObject([
    {
      why: "conflict",
      raw: { design: { strata: { layers: [{ depthCm: 9 }, {}, {}, {}] } }, events: [{ kind: "movedIn" }] },
    },
  ]);
  expect([await getDesign(id), await eventsOf(id)]).toEqual([undefined, []]);
});

describe("the log", () => {
  const moved: Told = { kind: "movedIn", on: "2026-02-01" };

  it("has an undo of its own: an edit's undo leaves it alone, and what was written last is taken back by itself", async () => {
    deepen(8);
    session().act([moved]);
    session().undo();
    expect([depth(), session().log.state.sinceOn]).toEqual([6, "2026-02-01"]);
    session().takeBack();
    expect(session().log.state.sinceOn).toBeNull();
    await session().settle();
    // Nothing is rubbed out: the event and what struck it are both kept.
    expect((await eventsOf(id)).map(({ kind }) => kind)).toEqual(expect.arrayContaining(["movedIn", "struck"]));
  });

  it("of an act with edits that belong to it is taken back with them, unless something was edited since", () => {
    session().act([moved], [{ name: "setDepth", args: { layerId: "drainage-1", depthCm: 8 } }]);
    session().takeBack();
    expect([depth(), session().log.state.sinceOn]).toEqual([6, null]);
    session().act([moved], [{ name: "setDepth", args: { layerId: "drainage-1", depthCm: 8 } }]);
    session().edit([{ name: "rename", args: { name: "Since" } }]);
    session().takeBack();
    expect([depth(), session().history?.present.name, session().log.state.sinceOn]).toEqual([8, "Since", null]);
  });

  it("a reading stands at once and after opening again, moves no undo, and is taken back whole", async () => {
    session().read({ at: "2026-02-01T07:00:00.000Z", place: "coolEnd", humidityRh: 81, temperatureC: 22 });
    expect(session().log.newest["coolEnd.humidityRh"]?.value).toBe(81);
    expect(session().history?.past).toEqual([]);
    await session().settle();
    await session().open("nowhere");
    await session().open(id);
    expect(session().log.newest["coolEnd.temperatureC"]?.value).toBe(22);
    session().read({ at: "2026-02-02T07:00:00.000Z", place: "coolEnd", humidityRh: 10 });
    session().takeBack();
    await vi.waitFor(() => expect(session().log.newest["coolEnd.humidityRh"]?.value).toBe(81));
    await session().settle();
    expect((await newestOf(id))["coolEnd.humidityRh"]?.value).toBe(81);
  });

  it("refuses an act whose edits are refused: nothing is written of it", async () => {
    const refused = session().act([moved], [{ name: "setDepth", args: { layerId: "drainage-1", depthCm: -3 } }]);
    expect(refused?.path).toContain("depthCm");
    await session().settle();
    expect([session().log.state.sinceOn, await eventsOf(id)]).toEqual([null, []]);
  });
});
