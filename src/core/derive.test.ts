import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { schedule } from "./build";
import { derive } from "./derive";
import { parseHabitat, printHabitat, readHabitat } from "./files";
import { mendsOf } from "./findings";
import { checkHabitat, DesignSchema, startHabitat, type Command } from "./habitat";
import { dueList } from "./keeping";
import { STOCK } from "./library";
import { blocksOfReadings, type Told } from "./log";
import { needs } from "./supply";
import { derived, happened, logged, made, scene, started } from "./testing";

const idOf = <T extends { id: string }>(shelf: readonly T[]) => fc.constantFrom(...shelf.map((item) => item.id));
/** Minus nothing is taken as nothing: a file cannot tell them apart. */
const between = (min: number, max: number) => fc.double({ min, max, noNaN: true }).map((value) => value + 0);

/** Any habitat a person could click together, sensible or not. */
const anyHabitat = fc
  .record({
    animalId: idOf(STOCK.all("animals")),
    count: fc.integer({ min: 1, max: 200 }),
    widthCm: between(10, 500),
    depthCm: between(10, 500),
    heightCm: between(10, 500),
    sillCm: between(0, 200),
    temperatureC: between(-5, 45),
    humidityRh: between(0, 100),
    waterLineCm: between(0, 100),
    layers: fc.array(
      fc.oneof(
        fc.record({
          kind: fc.constant("drainage" as const),
          materialId: idOf(STOCK.all("drainageMedia")),
          depthCm: between(0.1, 200),
        }),
        fc.record({ kind: fc.constant("barrier" as const), materialId: idOf(STOCK.all("barriers")) }),
        fc.record({
          kind: fc.constant("soil" as const),
          mixId: fc.constant("mix-1"),
          frontCm: between(0.1, 200),
          backCm: between(0.1, 200),
        }),
        fc.record({
          kind: fc.constant("dressing" as const),
          materialId: idOf(STOCK.all("dressings")),
          depthCm: between(0.1, 200),
        }),
      ),
      { maxLength: 8 },
    ),
    parts: fc.uniqueArray(fc.record({ ingredientId: idOf(STOCK.all("ingredients")), parts: between(0.01, 10_000) }), {
      selector: (part) => part.ingredientId,
      maxLength: 8,
    }),
    plants: fc.array(fc.record({ plantId: idOf(STOCK.all("plants")), xCm: between(0, 500), yCm: between(0, 500) }), {
      maxLength: 6,
    }),
    crew: fc.uniqueArray(fc.record({ crewId: idOf(STOCK.all("crew")), count: fc.integer({ min: 1, max: 100_000 }) }), {
      selector: (one) => one.crewId,
      maxLength: 4,
    }),
    corners: fc.record({ frontLeftCm: between(0.1, 60), backRightCm: between(0.1, 60) }),
    mound: fc.option(
      fc.record({
        form: fc.constantFrom("dome" as const, "flat" as const),
        xCm: between(0, 500),
        yCm: between(0, 500),
        radiusCm: between(10, 60),
        topRadiusCm: between(0, 9),
        heightCm: between(0.5, 9),
      }),
    ),
    pieces: fc.array(
      fc.record({
        kindId: idOf(STOCK.all("pieceKinds")),
        xCm: between(0, 500),
        yCm: between(0, 500),
        turnDeg: between(-180, 180),
        widthCm: between(1, 120),
        depthCm: between(1, 120),
        heightCm: between(1, 120),
        rest: fc.oneof(
          fc.record({ on: fc.constant("glass" as const) }),
          fc.record({ on: fc.constant("ground" as const), sunkCm: between(0, 40) }),
          fc.record({ on: fc.constant("wall" as const), upCm: between(0, 300) }),
        ),
      }),
      { maxLength: 4 },
    ),
    treatments: fc.uniqueArray(
      fc.record({
        wall: fc.constantFrom("front" as const, "back" as const, "left" as const, "right" as const),
        treatmentId: idOf(STOCK.all("wallTreatments")),
        share: between(0, 0.44),
      }),
      { selector: (one) => one.wall, maxLength: 4 },
    ),
    split: fc.option(fc.record({ share: between(0.1, 0.9), bedCm: between(0.1, 60), falseBottomCm: between(1, 40) })),
    floor: fc.constantFrom("rectangle" as const, "hexagon" as const, "cornerTriangle" as const),
    readings: fc.array(
      fc.record({
        place: fc.constantFrom("warmEnd" as const, "coolEnd" as const),
        temperatureC: between(-20, 70),
        waterLineCm: between(0, 100),
      }),
      { maxLength: 4 },
    ),
  })
  .map((any) => {
    const start = startHabitat(
      {
        id: "any",
        name: "Any",
        createdAt: "2026-01-05T08:00:00Z",
        startOn: "2026-01-05",
        animalId: any.animalId,
        count: any.count,
        room: { temperatureC: any.temperatureC, humidityRh: any.humidityRh },
        shell: { widthCm: any.widthCm, depthCm: any.depthCm, heightCm: any.heightCm, sillCm: any.sillCm, top: "mesh" },
      },
      STOCK,
    );
    const commands: Command[] = [
      ...(start.strata.layers.length > 0
        ? [{ name: "removeLayers", args: { layerIds: start.strata.layers.map((layer) => layer.id) } } as const]
        : []),
      ...start.mixes[0]!.parts.map(({ ingredientId }): Command => ({
        name: "removePart",
        args: { mixId: "mix-1", ingredientId },
      })),
      ...any.parts.map((part): Command => ({ name: "setPart", args: { mixId: "mix-1", ...part } })),
      ...any.layers.map((layer, at): Command => ({
        name: "addLayer",
        args: { layer: { id: `layer-${at}`, ...layer } },
      })),
      { name: "setFloor", args: { floor: { shape: any.floor } } },
      ...any.treatments.map(({ wall, treatmentId, share }): Command => ({
        name: "setTreatment",
        args: {
          wall,
          treatmentId,
          thicknessCm: Math.min(30, share * (wall === "left" || wall === "right" ? any.widthCm : any.depthCm)),
        },
      })),
      ...splitCommands(any),
      ...any.layers.flatMap((layer, at): Command[] =>
        layer.kind === "soil" ? [{ name: "setCorners", args: { layerId: `layer-${at}`, ...any.corners } }] : [],
      ),
      ...any.layers.flatMap((layer, at): Command[] =>
        layer.kind === "soil" && any.mound
          ? [{ name: "addMound", args: { layerId: `layer-${at}`, id: "heap", ...any.mound } }]
          : [],
      ),
      ...any.pieces.map((piece, at): Command => ({
        name: "addPiece",
        args: { id: `piece-${at}`, ...piece, fillMixId: piece.kindId === "corkTube" ? "mix-1" : null },
      })),
      { name: "setWaterLine", args: { waterLineCm: any.waterLineCm } },
      ...any.plants.map((stand, at): Command => ({ name: "addPlant", args: { id: `plant-${at}`, ...stand } })),
      ...any.crew.map((seeding): Command => ({ name: "setCrew", args: seeding })),
    ];
    const readings = any.readings.map((reading, at) => ({ at: `2026-03-0${at + 1}T08:00:00Z`, ...reading }));
    return { design: made(start, ...commands), readings, log: logged([MOVED_IN], readings) };
  });

type Split = {
  widthCm: number;
  depthCm: number;
  floor: string;
  split: { share: number; bedCm: number; falseBottomCm: number } | null;
};

/** One side of a rectangular floor as a zone, with a false bottom and a bed of its own. */
function splitCommands({ widthCm, depthCm, floor, split }: Split): Command[] {
  if (!split || floor !== "rectangle") return [];
  const x = widthCm * split.share;
  return [
    {
      name: "addZone",
      args: {
        id: "warm",
        name: "Warm",
        points: [
          [0, 0],
          [x, 0],
          [x, depthCm],
          [0, depthCm],
        ],
        retaining: { kindId: "corkWall", thicknessCm: 2, heightCm: 12 },
      },
    },
    {
      name: "addLayer",
      args: {
        layer: {
          id: "grid",
          kind: "falseBottom",
          materialId: "diffuserGrid",
          depthCm: split.falseBottomCm,
          over: { on: "rest" },
        },
      },
    },
    {
      name: "addLayer",
      args: {
        layer: {
          id: "bed",
          kind: "soil",
          mixId: "mix-1",
          frontCm: split.bedCm,
          backCm: split.bedCm,
          over: { on: "zone", zoneId: "warm" },
        },
      },
    },
  ];
}

const MOVED_IN: Told = { kind: "movedIn", on: "2026-03-01" };

async function* inPieces(text: string, size: number): AsyncGenerator<string> {
  for (let at = 0; at < text.length; at += size) yield text.slice(at, at + size);
}

const finite = (value: unknown): boolean =>
  typeof value === "number"
    ? Number.isFinite(value)
    : value instanceof Map
      ? [...value.values()].every(finite)
      : typeof value === "object" && value !== null
        ? Object.values(value).every(finite)
        : true;

describe("any habitat that can be clicked together", () => {
  it("is worked out without an exception, every figure finite", () => {
    fc.assert(
      fc.property(anyHabitat, ({ design, log }) => {
        const of = derived(design, log);
        return finite(of) && finite(needs(of)) && finite(dueList(of, log.state, "2026-04-01"));
      }),
      { numRuns: 120 },
    );
  });

  it("breaks none of the invariants a file is held to", () => {
    fc.assert(fc.property(anyHabitat, ({ design }) => checkHabitat(design, STOCK).length === 0));
  });

  it("survives the trip through a file unchanged, read whole and line by line", async () => {
    await fc.assert(
      fc.asyncProperty(anyHabitat, fc.integer({ min: 1, max: 4000 }), async ({ design, readings }, size) => {
        const habitat = { design, events: happened(MOVED_IN), samples: blocksOfReadings(readings) };
        const text = printHabitat(habitat);
        expect(parseHabitat(text)).toEqual({ ok: true, habitat });
        expect(await readHabitat(inPieces(text, size))).toEqual({ ok: true, habitat });
      }),
      { numRuns: 40 },
    );
  });

  it("any mend offered can be pressed: it leaves a valid document and its finding is gone", () => {
    fc.assert(
      fc.property(anyHabitat, ({ design, log }) => {
        const before = derived(design, log);
        for (const finding of before.findings) {
          for (const { commands, how } of mendsOf(finding, before)) {
            if (how === "work") continue;
            const mended = made(design, ...commands);
            const { code, about } = finding;
            expect(DesignSchema.safeParse(mended).success, code).toBe(true);
            const still = derived(mended, log).findings.some((other) => other.code === code && other.about === about);
            expect(still, `${code} ${about}`).toBe(false);
          }
        }
      }),
      { numRuns: 80 },
    );
  });

  it("is scheduled so that nothing starts before what it waits for is ready, and the governing waits add up to the move-in", () => {
    const anyDone = fc.dictionary(
      fc.constantFrom("leakTest", "mixSoil", "laySoil", "plantOut"),
      fc.constantFrom("2026-01-06", "2026-01-20", "2026-02-01"),
    );
    fc.assert(
      fc.property(anyHabitat, anyDone, ({ design }, doneOn) => {
        const plan = schedule(scene(design), { doneOn }, "2026-01-10");
        const byId = new Map(plan.map((task) => [task.id, task]));
        for (const task of plan) {
          if (task.doneOn) continue;
          expect(task.startOn >= "2026-01-10").toBe(true);
          for (const before of task.after) expect(task.startOn >= byId.get(before)!.readyOn).toBe(true);
        }
        expect(plan.at(-1)).toMatchObject({ id: "moveIn", governs: true });
      }),
    );
  });
});

describe("results by stages", () => {
  const planted = made(
    started(),
    { name: "addPlant", args: { id: "a", plantId: "nervePlant", xCm: 10, yCm: 20 } },
    { name: "addPlant", args: { id: "b", plantId: "bostonFern", xCm: 40, yCm: 30 } },
    { name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 54 } },
  );
  const before = derived(planted);
  const changed = (...commands: Command[]) => derived(made(planted, ...commands));

  it("moving a plant leaves the ground, the load, the crew's and the other plants' fits as they were", () => {
    const after = changed({ name: "movePlant", args: { id: "a", xCm: 30 } });
    expect(after.ground).toBe(before.ground);
    expect(after.load).toBe(before.load);
    expect(after.furnishing).toBe(before.furnishing);
    expect(after.crewFits).toBe(before.crewFits);
    expect(after.plantFits.get("b")).toBe(before.plantFits.get("b"));
    expect(after.plantFits.get("a")).not.toBe(before.plantFits.get("a"));
    expect(after.troubles).not.toBe(before.troubles);
  });
  it("a reading leaves all but the bands and the findings as it was", () => {
    const log = logged([], [{ at: "2026-02-01T08:00:00Z", place: "warmEnd", temperatureC: 40 }]);
    const after = derived(planted, log);
    expect([after.ground, after.plantFits, after.troubles, after.boxReasons]).toEqual([
      before.ground,
      before.plantFits,
      before.troubles,
      before.boxReasons,
    ]);
    expect(after.plantFits).toBe(before.plantFits);
    expect(after.bands).not.toEqual(before.bands);
    expect(after.findings.map(({ code }) => code)).toContain("outOfBand");
  });
  it("a deeper soil makes a new ground, and the same design the same result", () => {
    expect(changed({ name: "setDepth", args: { layerId: "soil-1", depthCm: 12 } }).ground).not.toBe(before.ground);
    expect(derive(planted, before.log, STOCK)).toBe(before);
  });
  it("what is kept from before is what would be worked out anew", () => {
    fc.assert(
      fc.property(anyHabitat, fc.double({ min: 0, max: 1, noNaN: true }), ({ design, log }, share) => {
        derived(design, log);
        const [stand] = design.plants;
        const moves: Command[] = stand
          ? [{ name: "movePlant", args: { id: stand.id, xCm: design.shell.widthCm * share } }]
          : [{ name: "setWaterLine", args: { waterLineCm: 20 * share } }];
        const stepped = made(design, ...moves);
        // A copy shares nothing with what was worked out before.
        const anew = derived(structuredClone(stepped), log);
        expect(told(derived(stepped, log))).toEqual(told(anew));
      }),
      { numRuns: 60 },
    );
  });
});

const told = ({ findings, load, plantFits, troubles, ground }: ReturnType<typeof derived>) => ({
  findings,
  load,
  plantFits: [...plantFits],
  troubles,
  levels: ground.levels,
});
