import "./testing";
import { beforeEach, describe, expect, it } from "vitest";
import { parseHabitat, printHabitat } from "@/core/files";
import { blocksOf, blocksOfReadings, type Habitat } from "@/core/log";
import { happened, made, started } from "@/core/testing";
import { db } from "./db";
import { listDesigns } from "./designs";
import { copyOnShelf, editOnShelf, metBefore, putHabitats, removeHabitat, takeIn, wholeHabitat } from "./habitats";

const habitat: Habitat = {
  design: started({ id: "h" }),
  events: happened(
    { kind: "movedIn", on: "2026-02-01" },
    { kind: "tick", on: "2026-02-02", dutyId: "mist" },
    { kind: "struck", on: "2026-02-03", eventId: "e1" },
  ),
  samples: blocksOfReadings([
    { at: "2026-02-01T07:00:00.000Z", place: "coolEnd", humidityRh: 80, temperatureC: 21 },
    { at: "2026-03-01T07:00:00.000Z", place: "coolEnd", humidityRh: 78 },
  ]),
};
const names = async () => (await listDesigns()).map((one) => (one.ok ? one.design.name : one.id));
const counts = async () =>
  Promise.all([db().designs.count(), db().events.count(), db().samples.count(), db().rollups.count()]);

beforeEach(async () => {
  for (const table of db().tables) await table.clear();
});

describe("whole habitats", () => {
  it("come back as they were put: design, events and samples", async () => {
    await putHabitats([habitat]);
    const whole = await wholeHabitat("h");
    expect(whole?.design).toEqual(habitat.design);
    expect(whole?.events.map(({ id }) => id)).toEqual(["e0", "e1", "e2"]);
    expect(whole?.samples).toEqual(expect.arrayContaining([...habitat.samples]));
    expect(whole?.samples).toHaveLength(habitat.samples.length);
    expect(await wholeHabitat("nowhere")).toBeUndefined();
  });

  it("are listed in the order they were started, and leave nothing behind when they go", async () => {
    const later: Habitat = {
      ...habitat,
      design: { ...habitat.design, id: "l", name: "Later", createdAt: "2026-05-05T08:00:00Z" },
    };
    await putHabitats([later, habitat]);
    expect(await names()).toEqual(["Fernwall", "Later"]);
    await removeHabitat("l");
    await removeHabitat("h");
    expect(await counts()).toEqual([0, 0, 0, 0]);
  });

  it("put in another's place leave nothing of its log", async () => {
    await putHabitats([habitat]);
    const bare: Habitat = { ...habitat, events: [], samples: blocksOf("warmEnd.humidityRh", [{ atMs: 5, value: 70 }]) };
    await putHabitats([bare]);
    expect(await wholeHabitat("h")).toEqual(bare);
  });
});

describe("a habitat from a file", () => {
  const fromFile = (of: Habitat): Habitat => {
    const read = parseHabitat(printHabitat(of));
    if (!read.ok) throw new Error(read.problem.code);
    return read.habitat;
  };

  it("is added; told again, unchanged, it says so and changes nothing, edited here in between or not", async () => {
    expect(await metBefore(fromFile(habitat))).toEqual({ kind: "new" });
    await takeIn(fromFile(habitat), "replace");
    expect(await metBefore(fromFile(habitat))).toEqual({ kind: "same" });
    const edited: Habitat = { ...habitat, design: made(habitat.design, { name: "rename", args: { name: "Renamed" } }) };
    await putHabitats([edited]);
    expect(await metBefore(fromFile(edited))).toEqual({ kind: "same" });
    expect(await names()).toEqual(["Renamed"]);
  });

  it("replaces one with the same id, and gives the one before back to be put in again", async () => {
    await putHabitats([habitat]);
    const other: Habitat = { ...habitat, design: { ...habitat.design, name: "From a file" }, events: [] };
    expect(await metBefore(fromFile(other))).toEqual({ kind: "other", name: "Fernwall" });
    const { before } = await takeIn(fromFile(other), "replace");
    expect(await names()).toEqual(["From a file"]);
    expect((await wholeHabitat("h"))?.events).toEqual([]);
    await putHabitats([before!]);
    expect(await names()).toEqual(["Fernwall"]);
    expect((await wholeHabitat("h"))?.events).toHaveLength(habitat.events.length);
  });

  it("keeps both where that is asked, each with its own log", async () => {
    await putHabitats([habitat]);
    const other: Habitat = { ...habitat, design: { ...habitat.design, name: "From a file" }, events: [] };
    const { id, before } = await takeIn(fromFile(other), "keepBoth");
    expect(before).toBeUndefined();
    expect((await names()).toSorted()).toEqual(["Fernwall", "From a file"]);
    expect((await wholeHabitat("h"))?.events).toHaveLength(habitat.events.length);
    expect((await wholeHabitat(id))?.design.name).toBe("From a file");
  });

  it("replaces one that does not open, which is kept as it lies", async () => {
    const odd = { format: "rincon-habitat", formatVersion: 99 };
    await db().designs.put({ id: "h", rev: 3, updatedAt: "2026-01-05T08:00:00Z", document: odd });
    await takeIn(habitat, "replace");
    const kept = (await listDesigns()).find(({ ok }) => !ok);
    expect(kept).toMatchObject({ raw: odd });
    expect((await wholeHabitat("h"))?.design.name).toBe("Fernwall");
  });
});

describe("a habitat as a thing on the shelf", () => {
  it("is copied without its log, planted days and answers; a variant knows what it was made from", async () => {
    const planted = made(
      habitat.design,
      { name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 9, yCm: 9, plantedOn: "2026-01-20" } },
      {
        name: "answer",
        args: {
          code: "crewMissing",
          about: "crew",
          cause: "",
          on: "2026-03-02",
          answer: { kind: "accepted", reason: "Later." },
        },
      },
    );
    await putHabitats([{ ...habitat, design: planted }]);
    const id = await copyOnShelf(planted, "Deeper", true);
    const copy = await wholeHabitat(id);
    expect(copy).toMatchObject({ events: [], samples: [], design: { name: "Deeper", answers: [] } });
    expect(copy?.design.plants[0]?.plantedOn).toBeNull();
    expect(copy?.design.shelf.variantOf).toBe("h");
    const third = await wholeHabitat(await copyOnShelf(copy!.design, "Deeper still", true));
    expect(third?.design.shelf.variantOf).toBe("h");
    expect((await wholeHabitat(await copyOnShelf(planted, "Twin", false)))?.design.shelf.variantOf).toBeNull();
  });

  it("is renamed, put away and linked to its next box without being opened", async () => {
    await putHabitats([habitat]);
    expect(await editOnShelf("h", [{ name: "rename", args: { name: "Brook" } }])).toBe(true);
    expect(await editOnShelf("h", [{ name: "setArchived", args: { archivedOn: "2026-03-02" } }])).toBe(true);
    const next = { habitatId: "adult", on: "2026-09-01" };
    expect(await editOnShelf("h", [{ name: "setNext", args: { next } }])).toBe(true);
    expect((await wholeHabitat("h"))?.design).toMatchObject({
      name: "Brook",
      shelf: { archivedOn: "2026-03-02", next, variantOf: null },
    });
    expect(await editOnShelf("h", [{ name: "setNext", args: { next: { habitatId: "h", on: "2026-09-01" } } }])).toBe(
      false,
    );
    expect(await editOnShelf("nowhere", [{ name: "rename", args: { name: "X" } }])).toBe(false);
  });
});
