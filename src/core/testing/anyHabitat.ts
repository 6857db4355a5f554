import fc from "fast-check";
import { startHabitat, type Command } from "../habitat";
import { STOCK } from "../library";
import type { Told } from "../log";
import { logged, made } from "./index";

export const MOVED_IN: Told = { kind: "movedIn", on: "2026-03-01" };

const idOf = <T extends { id: string }>(shelf: readonly T[]) => fc.constantFrom(...shelf.map((item) => item.id));
/** Minus nothing is taken as nothing: a file cannot tell them apart. */
const between = (min: number, max: number) => fc.double({ min, max, noNaN: true }).map((value) => value + 0);

/** Any habitat a person could click together, sensible or not. */
export const anyHabitat = fc
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
          fc.record({ on: fc.constant("piece" as const), pieceId: fc.constant("piece-0"), upCm: between(0, 100) }),
        ),
        tilt: fc.option(
          fc.record({ deg: between(1, 90), to: fc.constantFrom("left" as const, "right", "front", "back") }),
        ),
      }),
      { maxLength: 4 },
    ),
    treatments: fc.uniqueArray(
      fc.record({
        wall: fc.constantFrom("front" as const, "back" as const, "left" as const, "right" as const),
        treatmentId: idOf(STOCK.all("wallTreatments")),
        share: between(0, 0.44),
        fromCm: fc.oneof(fc.constant(0), between(0, 20)),
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
      ...any.treatments.map(({ wall, treatmentId, share, fromCm }): Command => ({
        name: "setTreatment",
        args: {
          wall,
          treatmentId,
          thicknessCm: Math.min(30, share * (wall === "left" || wall === "right" ? any.widthCm : any.depthCm)),
          fromCm: Math.min(fromCm, any.heightCm / 2),
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
        args: {
          id: `piece-${at}`,
          ...piece,
          rest: at === 0 ? onItsOwn(piece.rest) : piece.rest,
          fillMixId: piece.kindId === "corkTube" ? "mix-1" : null,
        },
      })),
      { name: "setWaterLine", args: { waterLineCm: any.waterLineCm } },
      ...any.plants.map((stand, at): Command => ({ name: "addPlant", args: { id: `plant-${at}`, ...stand } })),
      ...any.crew.map((seeding): Command => ({ name: "setCrew", args: seeding })),
    ];
    const readings = any.readings.map((reading, at) => ({ at: `2026-03-0${at + 1}T08:00:00Z`, ...reading }));
    return { design: made(start, ...commands), readings, log: logged([MOVED_IN], readings) };
  });

/** The first piece has none before it to be glued to. */
const onItsOwn = <R extends { on: string }>(rest: R): R | { on: "glass" } =>
  rest.on === "piece" ? { on: "glass" } : rest;

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
