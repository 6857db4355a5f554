import "./testing";
import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { attempt, type Command } from "@/core/habitat";
import { STOCK } from "@/core/library";
import type { Told } from "@/core/log";
import { started } from "@/core/testing";
import { commit } from "./commit";
import { db } from "./db";
import { getDesign, putDesign } from "./designs";
import { keepUnsaved, settleUnsaved } from "./journal";
import { eventsOf, newestOf } from "./log";
import { mergedCommands, withStep, type Step } from "./pending";
import { useSession } from "./session";
import { tellTrouble } from "./trouble";

const session = () => useSession.getState();
const deepenTo = (depthCm: number): Command => ({ name: "setDepth", args: { layerId: "drainage-1", depthCm } });
const deepen = (depthCm: number, gesture?: string) => session().edit([deepenTo(depthCm)], gesture);
const plant: Command = { name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 9, yCm: 9 } };
const died: Told = { kind: "lost", on: "2026-03-02", plantId: "nervePlant", how: "died" };
const takeOut: Command = { name: "removePlants", args: { ids: ["p"] } };
const depthOf = (design: ReturnType<typeof started> | undefined) => {
  const layer = design?.strata.layers[0];
  return layer?.kind === "drainage" ? layer.depthCm : undefined;
};
const stored = async () => {
  const found = await getDesign(id);
  return found?.ok ? found : undefined;
};

let id = "";
let round = 0;
beforeEach(async () => {
  id = `saving-${(round += 1)}`;
  tellTrouble(undefined);
  await putDesign(started({ id }));
  await session().open(id);
});
afterEach(() => vi.restoreAllMocks());

describe("a gesture", () => {
  it("is one step, of which the last edit about each thing stands", () => {
    const moves = [6, 6.5, 7].map((depthCm): Step => ({ commands: [deepenTo(depthCm)], gesture: "drag" }));
    expect(moves.reduce<Step[]>(withStep, [])).toEqual([{ commands: [deepenTo(7)], gesture: "drag" }]);
    const other: Step = { commands: [plant] };
    expect([other, ...moves, other].reduce<Step[]>(withStep, [])).toEqual([other, moves[2], other]);
  });

  it("taken as one leads where all its moves lead", () => {
    const move = fc.record({
      id: fc.constantFrom("a", "b"),
      xCm: fc.option(fc.integer({ min: 1, max: 59 }), { nil: undefined }),
      yCm: fc.option(fc.integer({ min: 1, max: 44 }), { nil: undefined }),
    });
    const from = attempt(
      started(),
      ["a", "b"].map((one): Command => ({
        name: "addPlant",
        args: { id: one, plantId: "nervePlant", xCm: 5, yCm: 5 },
      })),
      STOCK,
    );
    if (!from.ok) throw new Error("no plants");
    fc.assert(
      fc.property(fc.array(move, { minLength: 1, maxLength: 12 }), (moves) => {
        const commands = moves.map((args): Command => ({
          name: "movePlant",
          args: Object.fromEntries(Object.entries(args).filter(([, told]) => told !== undefined)) as typeof args,
        }));
        const merged = commands.reduce<Command[]>((all, one) => mergedCommands(all, [one]), []);
        expect(attempt(from.design, merged, STOCK)).toEqual(attempt(from.design, commands, STOCK));
      }),
      { numRuns: 60 },
    );
  });
});

it("edits that never pause are kept every second all the same", async () => {
  const from = Date.now();
  let kept: number | undefined;
  while (Date.now() - from < 1600) {
    deepen(6 + ((Date.now() - from) % 40) / 10, "drag");
    await new Promise((resolve) => setTimeout(resolve, 25));
    if (kept === undefined && ((await stored())?.rev ?? 1) > 1) kept = Date.now() - from;
  }
  expect(kept).toBeLessThan(1000);
  await session().settle();
  expect((await stored())?.design).toEqual(session().history?.present);
});

describe("what happened and the edit that belongs to it", () => {
  it("are written in one transaction: where the log refuses, the design is not written either", async () => {
    session().edit([plant]);
    await session().settle();
    vi.spyOn(db().events, "bulkAdd").mockRejectedValue(new DOMException("full", "QuotaExceededError"));
    session().act([died], [takeOut]);
    await session().settle();
    expect([(await stored())?.design.plants.length, await eventsOf(id)]).toEqual([1, []]);
    expect(session()).toMatchObject({ saving: { state: "failed" }, history: { present: { plants: [] } } });
    // There is room again: both are written.
    vi.restoreAllMocks();
    tellTrouble(undefined);
    await session().settle();
    expect([(await stored())?.design.plants.length, (await eventsOf(id)).map(({ kind }) => kind)]).toEqual([
      0,
      ["lost"],
    ]);
    expect(session().saving.state).toBe("saved");
  });

  it("come back both from a page that closed before, with ticks and readings", async () => {
    session().edit([plant]);
    await session().settle();
    session().act([died], [takeOut]);
    session().act([{ kind: "tick", on: "2026-03-02", dutyId: "mist" }]);
    session().read({ at: "2026-03-02T08:00:00.000Z", place: "coolEnd", temperatureC: 21 });
    const { history, unwritten } = session();
    const [present, pending] = [history!.present, unwritten()];
    expect(pending).toMatchObject({ acts: [{ hasEdit: true }, { hasEdit: false }], samples: [{ value: 21 }] });
    // The page died: nothing of it was written.
    for (const table of [db().designs, db().events, db().samples, db().logs]) await table.clear();
    await putDesign({ ...present, plants: [{ ...(await plantedAt()), id: "p" }] });
    keepUnsaved(present, 1, pending);
    await settleUnsaved(id);
    expect((await stored())?.design.plants).toEqual([]);
    expect((await eventsOf(id)).map(({ kind }) => kind).toSorted()).toEqual(["lost", "tick"]);
    expect((await newestOf(id))["coolEnd.temperatureC"]?.value).toBe(21);
  });

  it("part where the edit cannot be taken any more: a tick is kept, what hung on the edit is set aside with it", async () => {
    const pending = {
      steps: [],
      samples: [],
      acts: [
        { hasEdit: true, events: [{ ...died, id: "e1", at: "2026-03-02T08:00:00Z" }] },
        {
          hasEdit: false,
          events: [{ kind: "tick" as const, dutyId: "mist", on: "2026-03-02", id: "e2", at: "2026-03-02T08:00:01Z" }],
        },
      ],
    };
    keepUnsaved({ ...session().history!.present, name: "Older" }, 0, pending);
    await settleUnsaved(id);
    expect((await eventsOf(id)).map(({ kind }) => kind)).toEqual(["tick"]);
    const [copy] = (await db().aside.toArray()).filter(({ habitatId }) => habitatId === id);
    expect(copy?.raw).toMatchObject({ design: { name: "Older" }, events: [{ kind: "lost" }, { kind: "tick" }] });
  });
});

const plantedAt = async () => {
  const tried = attempt(started(), [plant], STOCK);
  if (!tried.ok || !tried.design.plants[0]) throw new Error("not planted");
  return tried.design.plants[0];
};

describe("another tab", () => {
  const elsewhere = async (...commands: Command[]) => {
    const now = (await stored())!;
    expect(await commit(id, now.rev, [{ commands }])).toMatchObject({ kind: "written" });
  };

  it("that writes other fields leaves the undo of this one; what it touched is let go of", async () => {
    deepen(8);
    session().edit([{ name: "rename", args: { name: "Mine" } }]);
    await session().settle();
    await elsewhere({ name: "setCount", args: { count: 3 } });
    session().edit([plant]);
    await session().settle();
    expect(session().history?.past).toHaveLength(3);
    session().undo();
    session().undo();
    session().undo();
    expect(session().history?.present).toMatchObject({ name: "Fernwall", plants: [], brief: { count: 3 } });
    await session().settle();
    expect((await stored())?.design).toMatchObject({ name: "Fernwall", brief: { count: 3 } });
    await elsewhere(deepenTo(11));
    deepen(9);
    session().edit([{ name: "rename", args: { name: "Again" } }]);
    await session().settle();
    expect([depthOf(session().history?.present), session().history?.past.length]).toEqual([9, 1]);
  });

  it("that writes while a tick waits here is followed, and the tick is kept", async () => {
    const refused = vi
      .spyOn(db().events, "bulkAdd")
      .mockRejectedValueOnce(new DOMException("full", "QuotaExceededError"));
    session().act([{ kind: "tick", on: "2026-03-02", dutyId: "mist" }]);
    await session()
      .settle()
      .catch(() => undefined);
    expect(refused).toHaveBeenCalled();
    await elsewhere({ name: "setCount", args: { count: 2 } });
    await session().open(id);
    await session().settle();
    expect(session().history?.present.brief.count).toBe(2);
    expect((await eventsOf(id)).map(({ kind }) => kind)).toEqual(["tick"]);
  });

  it("is never written over where what cannot be put into its work cannot be set aside either", async () => {
    session().edit([plant]);
    await session().settle();
    await elsewhere(takeOut);
    vi.spyOn(db().aside, "put").mockRejectedValue(new DOMException("full", "QuotaExceededError"));
    session().edit([{ name: "movePlant", args: { id: "p", xCm: 30, yCm: 20 } }]);
    await session().settle();
    await session().settle();
    expect([(await stored())?.design.plants, session().saving.state]).toEqual([[], "failed"]);
    vi.restoreAllMocks();
    await session().settle();
    expect(session().saving.state).toBe("conflict");
    const [copy] = (await db().aside.toArray()).filter(({ habitatId }) => habitatId === id);
    expect(copy?.raw).toMatchObject({ design: { plants: [{ id: "p", xCm: 30 }] } });
  });

  it("of a newer program that took the database over is not written against any more", async () => {
    tellTrouble("newerTab");
    deepen(9);
    session().act([{ kind: "tick", on: "2026-03-02", dutyId: "mist" }]);
    await session().settle();
    expect([depthOf((await stored())?.design), await eventsOf(id)]).toEqual([6, []]);
    expect(session()).toMatchObject({ saving: { state: "failed" } });
    expect(session().unwritten().acts).toHaveLength(1);
  });
});

it("a note past what a file can hold is refused at its field, and nothing of it is written", async () => {
  const noted = (photos: number): Told => ({
    ...{ kind: "noted", on: "2026-03-02", text: "Pictures", tags: [] },
    photoIds: Array.from({ length: photos }, (_, n) => `p${n}`),
  });
  expect(session().act([noted(13)])).toEqual({ path: "photoIds", code: "outOfRange", most: 12 });
  expect(session().refused?.path).toBe("photoIds");
  expect(session().act([noted(12)])).toBeUndefined();
  expect(session().act([{ kind: "tick", on: "0000-00-00", dutyId: "mist" }])?.path).toBe("on");
  await session().settle();
  expect(await eventsOf(id)).toHaveLength(1);
});
