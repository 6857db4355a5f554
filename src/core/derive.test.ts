import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { schedule } from "./build";
import { catalog } from "./catalog";
import { derive } from "./derive";
import { parseHabitat, printHabitat } from "./files";
import { HabitatSchema, applyAll, startHabitat, type Command, type Habitat } from "./habitat";
import { dueList } from "./keeping";
import { needs } from "./supply";

const idOf = <T extends { id: string }>(shelf: readonly T[]) => fc.constantFrom(...shelf.map((item) => item.id));
/** Minus nothing is taken as nothing: a file cannot tell them apart. */
const between = (min: number, max: number) => fc.double({ min, max, noNaN: true }).map((value) => value + 0);

/** Any habitat a person could click together, sensible or not. */
const anyHabitat: fc.Arbitrary<Habitat> = fc
  .record({
    animalId: idOf(catalog.animals),
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
          materialId: idOf(catalog.drainageMedia),
          depthCm: between(0.1, 200),
        }),
        fc.record({ kind: fc.constant("barrier" as const), materialId: idOf(catalog.barriers) }),
        fc.record({
          kind: fc.constant("soil" as const),
          mixId: fc.constant("mix-1"),
          frontCm: between(0.1, 200),
          backCm: between(0.1, 200),
        }),
        fc.record({
          kind: fc.constant("dressing" as const),
          materialId: idOf(catalog.dressings),
          depthCm: between(0.1, 200),
        }),
      ),
      { maxLength: 8 },
    ),
    parts: fc.uniqueArray(fc.record({ ingredientId: idOf(catalog.ingredients), parts: between(0.01, 10_000) }), {
      selector: (part) => part.ingredientId,
      maxLength: 8,
    }),
    plants: fc.array(fc.record({ plantId: idOf(catalog.plants), xCm: between(0, 500), yCm: between(0, 500) }), {
      maxLength: 6,
    }),
    crew: fc.uniqueArray(fc.record({ crewId: idOf(catalog.crew), count: fc.integer({ min: 1, max: 100_000 }) }), {
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
        kindId: idOf(catalog.pieceKinds),
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
        treatmentId: idOf(catalog.wallTreatments),
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
    const start = startHabitat({
      id: "any",
      name: "Any",
      createdAt: "2026-01-05T08:00:00Z",
      startOn: "2026-01-05",
      animalId: any.animalId,
      count: any.count,
      room: { temperatureC: any.temperatureC, humidityRh: any.humidityRh },
      shell: { widthCm: any.widthCm, depthCm: any.depthCm, heightCm: any.heightCm, sillCm: any.sillCm, top: "mesh" },
    });
    const commands: Command[] = [
      { name: "removeLayers", args: { layerIds: start.strata.layers.map((layer) => layer.id) } },
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
      { name: "startKeeping", args: { on: "2026-03-01" } },
      ...any.readings.map((reading, at): Command => ({
        name: "addReading",
        args: { id: `r-${at}`, at: `2026-03-0${at + 1}T08:00:00Z`, ...reading },
      })),
    ];
    return applyAll(start, commands);
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
          over: "rest",
        },
      },
    },
    {
      name: "addLayer",
      args: {
        layer: { id: "bed", kind: "soil", mixId: "mix-1", frontCm: split.bedCm, backCm: split.bedCm, over: "warm" },
      },
    },
  ];
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
      fc.property(
        anyHabitat,
        (habitat) => finite(derive(habitat)) && finite(needs(habitat)) && finite(dueList(habitat, "2026-04-01")),
      ),
      { numRuns: 200 },
    );
  }, 60_000);

  it("survives the trip through a file unchanged", () => {
    fc.assert(
      fc.property(anyHabitat, (habitat) => {
        expect(parseHabitat(printHabitat(habitat))).toEqual({ ok: true, habitat });
      }),
    );
  });

  it("any mend offered can be pressed: it leaves a valid document and its finding is gone", () => {
    fc.assert(
      fc.property(anyHabitat, (habitat) => {
        for (const { code, about, mend } of derive(habitat).findings) {
          if (!mend) continue;
          const mended = applyAll(habitat, mend.commands);
          expect(HabitatSchema.safeParse(mended).success, code).toBe(true);
          expect(
            derive(mended).findings.some((finding) => finding.code === code && finding.about === about),
            `${code} ${about}`,
          ).toBe(false);
        }
      }),
      { numRuns: 120 },
    );
  }, 60_000);

  it("is scheduled so that nothing starts before what it waits for is ready, and the governing waits add up to the move-in", () => {
    const anyDone = fc.dictionary(
      fc.constantFrom("leakTest", "mixSoil", "laySoil", "plantOut"),
      fc.constantFrom("2026-01-06", "2026-01-20", "2026-02-01"),
    );
    fc.assert(
      fc.property(anyHabitat, anyDone, (habitat, doneOn) => {
        const plan = schedule({ ...habitat, build: { ...habitat.build, doneOn } }, "2026-01-10");
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
