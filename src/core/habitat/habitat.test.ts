import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { ZodError } from "zod";
import { catalog } from "../catalog";
import {
  HabitatSchema,
  NewerVersionError,
  applyAll,
  applyCommand,
  inconsistencies,
  ingredientsOf,
  migrate,
  startHabitat,
  type Command,
  type Start,
} from "./index";

const start: Start = {
  id: "h1",
  name: "Fernwall",
  createdAt: "2026-01-05T08:00:00Z",
  startOn: "2026-01-05",
  animalId: "crocodileSkink",
  count: 2,
  room: { temperatureC: 21, humidityRh: 45 },
  shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" },
};
const habitat = startHabitat(start);

describe("starting a habitat", () => {
  it("lays the layers its animal's drainage school asks for", () => {
    expect(habitat.strata.layers.map((layer) => layer.kind)).toEqual(["drainage", "barrier", "soil", "dressing"]);
    const dry = startHabitat({ ...start, animalId: "rosyBoa" });
    expect(dry.strata.layers.map((layer) => layer.kind)).toEqual(["soil", "dressing"]);
  });

  it.each(catalog.animals.map((animal) => animal.id))("is a valid document for %s", (animalId) => {
    expect(() => HabitatSchema.parse(startHabitat({ ...start, animalId }))).not.toThrow();
  });

  it.each([
    ["shell.widthCm", { shell: { ...start.shell, widthCm: 0 } }],
    ["shell.heightCm", { shell: { ...start.shell, heightCm: -45 } }],
    ["shell.depthCm", { shell: { ...start.shell, depthCm: 90_000 } }],
    ["shell.sillCm", { shell: { ...start.shell, sillCm: Number.NaN } }],
    ["name", { name: "<script>alert(1)</script>" }],
    ["count", { count: 1.5 }],
  ])("refuses a bad %s by name", (path, change) => {
    try {
      startHabitat({ ...start, ...change });
      expect.unreachable();
    } catch (error) {
      expect((error as ZodError).issues[0]?.path.join(".")).toBe(path);
    }
  });
});

describe("edits", () => {
  it("leave the habitat they start from as it was", () => {
    const before = JSON.stringify(habitat);
    applyCommand(habitat, { name: "setDepth", args: { layerId: "drainage-1", depthCm: 6.5 } });
    expect(JSON.stringify(habitat)).toBe(before);
  });

  it("lay a new layer in its natural place, and a new lift gets a mix of its own", () => {
    const bare = applyCommand(habitat, { name: "removeLayers", args: { layerIds: ["drainage-1", "barrier-1"] } });
    const drained = applyAll(bare, [
      { name: "addLayer", args: { layer: { id: "b", kind: "barrier", materialId: "steelMesh" } } },
      { name: "addLayer", args: { layer: { id: "d", kind: "drainage", materialId: "lavaRock", depthCm: 5 } } },
      { name: "addLayer", args: { layer: { id: "s", kind: "soil", mixId: "upper", frontCm: 3, backCm: 4 } } },
    ]);
    expect(drained.strata.layers.map((layer) => layer.id)).toEqual(["d", "b", "soil-1", "s", "dressing-1"]);
    expect(drained.mixes.map((mix) => mix.id)).toEqual(["mix-1", "upper"]);
    expect(
      applyCommand(drained, { name: "removeLayers", args: { layerIds: ["s"] } }).mixes.map((mix) => mix.id),
    ).toEqual(["mix-1"]);
  });

  it.each<[string, Command]>([
    ["an unknown layer", { name: "setDepth", args: { layerId: "nowhere", depthCm: 3 } }],
    ["an unknown medium", { name: "setMaterial", args: { layerId: "drainage-1", materialId: "gold" } }],
    ["a barrier's depth", { name: "setDepth", args: { layerId: "barrier-1", depthCm: 3 } }],
    ["an unknown plant", { name: "addPlant", args: { id: "p", plantId: "triffid", xCm: 1, yCm: 1 } }],
  ])("refuse %s with a RangeError", (_what, command) => {
    expect(() => applyCommand(habitat, command)).toThrow(RangeError);
  });

  it.each<[string, Command]>([
    ["parts", { name: "setPart", args: { mixId: "mix-1", ingredientId: "coir", parts: -1 } }],
    ["depthCm", { name: "setDepth", args: { layerId: "drainage-1", depthCm: Number.POSITIVE_INFINITY } }],
    ["temperatureC", { name: "setRoom", args: { temperatureC: 400 } }],
  ])("refuse a bad %s naming it", (field, command) => {
    try {
      applyCommand(habitat, command);
      expect.unreachable();
    } catch (error) {
      expect((error as ZodError).issues[0]?.path.at(-1)).toBe(field);
    }
  });

  it("put a whole recipe in, carrying what is of one's own, and refuse one twice or what is nowhere", () => {
    const { brick: _brick, ...coir } = catalog.ingredients.find((item) => item.id === "coir")!;
    const clay = { ...coir, id: "ownClay", name: "Brook clay", soldAs: "gathered" as const, pH: 7 };
    const put = (ids: string[], own = [clay]) =>
      applyCommand(habitat, {
        name: "setParts",
        args: {
          mixId: "mix-1",
          parts: ids.map((ingredientId) => ({ ingredientId, parts: 2 })),
          title: "Gully soil",
          recipeId: null,
          own,
        },
      });
    const done = put(["ownClay", "coir"]);
    expect(done.mixes[0]).toEqual({
      id: "mix-1",
      recipeId: null,
      title: "Gully soil",
      parts: [
        { ingredientId: "ownClay", parts: 2 },
        { ingredientId: "coir", parts: 2 },
      ],
    });
    expect(ingredientsOf(done)("ownClay").pH).toBe(7);
    expect(inconsistencies(done)).toEqual([]);
    expect(
      ingredientsOf(applyCommand(done, { name: "carryIngredient", args: { ingredient: { ...clay, pH: 8 } } }))(
        "ownClay",
      ).pH,
    ).toBe(8);
    expect(inconsistencies({ ...done, own: { ...done.own, ingredients: [] } })).toEqual([
      { path: "mixes.0.parts.0.ingredientId", id: "ownClay", problem: "unknown" },
    ]);
    expect(() => put(["coir", "coir"])).toThrow("coir");
    expect(() => put(["ownClay"], [])).toThrow("ownClay");
  });
  it("write top-ups down in order of their days, and take them out again", () => {
    const topUp = (id: string, on: string): Command => ({
      name: "topUp",
      args: { id, mixId: "mix-1", on, volumeL: 4 },
    });
    const topped = applyAll(habitat, [topUp("b", "2027-03-01"), topUp("a", "2026-09-01")]);
    expect(topped.keeping.topUps.map((one) => one.id)).toEqual(["a", "b"]);
    expect(
      applyAll(topped, [
        { name: "removeTopUp", args: { id: "a" } },
        { name: "removeTopUp", args: { id: "b" } },
      ]),
    ).toEqual(habitat);
    expect(() => applyCommand(topped, topUp("a", "2027-01-01"))).toThrow("taken");
  });

  const anyCommand: fc.Arbitrary<Command> = fc.oneof(
    fc.record({
      name: fc.constant("setShell" as const),
      args: fc.record({ widthCm: fc.double({ min: 10, max: 500, noNaN: true }) }),
    }),
    fc.record({
      name: fc.constant("setSoil" as const),
      args: fc.record({ layerId: fc.constant("soil-1"), frontCm: fc.double({ min: 0.1, max: 200, noNaN: true }) }),
    }),
    fc.record({
      name: fc.constant("setPart" as const),
      args: fc.record({
        mixId: fc.constant("mix-1"),
        parts: fc.double({ min: 0.01, max: 10_000, noNaN: true }),
        ingredientId: fc.constantFrom(...catalog.ingredients.map((ingredient) => ingredient.id)),
      }),
    }),
    fc.record({
      name: fc.constant("setCrew" as const),
      args: fc.record({
        crewId: fc.constantFrom(...catalog.crew.map((crew) => crew.id)),
        count: fc.integer({ min: 1, max: 100_000 }),
      }),
    }),
    fc.record({
      name: fc.constant("tickDuty" as const),
      args: fc.record({ dutyId: fc.constant("mist"), on: fc.constant("2026-02-01") }),
    }),
  );

  it("any run of them leaves a valid document", () => {
    fc.assert(
      fc.property(
        fc.array(anyCommand, { maxLength: 30 }),
        (commands) => HabitatSchema.safeParse(applyAll(habitat, commands)).success,
      ),
    );
  });
});

/** Version 4 knew no places for plants, no lamps over them, no mates, no losses, no species of one's own. */
function asVersion4(document: Record<string, unknown>): Record<string, unknown> {
  const { planting: _planting, ...rest } = document;
  const { mates: _mates, ...brief } = habitat.brief;
  const { lostPlants: _lost, ...keeping } = habitat.keeping;
  return {
    ...rest,
    brief,
    keeping,
    own: { ingredients: habitat.own.ingredients },
    plants: habitat.plants.map(({ spot: _s, upCm: _u, plantedOn: _p, ...stand }) => stand),
  };
}

/** Version 3 knew no ingredients of one's own, no titles of mixes, no top-ups. */
function asVersion3(document: Record<string, unknown>): Record<string, unknown> {
  const { own: _own, mixes: _mixes, keeping: _keeping, ...rest } = asVersion4(document);
  const { topUps: _topUps, lostPlants: _lost, ...keeping } = habitat.keeping;
  return { ...rest, mixes: habitat.mixes.map(({ title: _title, ...mix }) => mix), keeping };
}

/** The ground as versions 1 and 2 told it: soil by its front and back, nothing standing in it. */
function asVersion2(document: Record<string, unknown>): Record<string, unknown> {
  const { pieces: _pieces, ...rest } = asVersion3(document);
  const layers = habitat.strata.layers.map((layer) => {
    const { over: _over, ...told } = layer;
    if (layer.kind !== "soil") return told;
    const { id, kind, mixId, corners } = layer;
    return { id, kind, mixId, frontCm: corners.frontLeftCm, backCm: corners.backLeftCm };
  });
  return { ...rest, strata: { waterLineCm: habitat.strata.waterLineCm, layers } };
}

describe("migrations", () => {
  it("bring a version 4 document up: plants where their kind stands, no lamps told, no mates, no losses", () => {
    const planted = applyCommand(habitat, {
      name: "addPlant",
      args: { id: "p", plantId: "nervePlant", xCm: 10, yCm: 10 },
    });
    const old = {
      ...asVersion4({ ...planted, formatVersion: 4 }),
      plants: [{ id: "p", plantId: "nervePlant", xCm: 10, yCm: 10 }],
    };
    expect(HabitatSchema.parse(migrate(old))).toEqual(planted);
  });
  it("bring a version 3 document up: nothing of one's own, no titles, no top-ups", () => {
    expect(HabitatSchema.parse(migrate(asVersion3({ ...habitat, formatVersion: 3 })))).toEqual(habitat);
  });
  it("bring a version 2 document up: soil by corners over the whole floor, bare walls, no zones, no pieces", () => {
    const { treatments: _t, standsOn: _s, ...shell } = habitat.shell;
    expect(HabitatSchema.parse(migrate(asVersion2({ ...habitat, formatVersion: 2, shell })))).toEqual(habitat);
  });

  it("bring a version 1 document up: a plain glass box, its top by lid and cover", () => {
    const { buildId: _b, wallMm: _w, floor: _f, openings: _o, treatments: _t, standsOn: _s, ...plain } = habitat.shell;
    for (const [top, lid] of [
      ["mesh", { lid: "mesh", coveredPct: 0 }],
      ["halfCovered", { lid: "mesh", coveredPct: 50 }],
      ["glass", { lid: "glass", coveredPct: 0 }],
    ] as const) {
      const old = asVersion2({ ...habitat, formatVersion: 1, shell: { ...plain, top } });
      const today = HabitatSchema.parse(migrate(old));
      expect(today).toEqual({ ...habitat, shell: { ...habitat.shell, top: lid } });
    }
  });

  it("run in order from the version found up to today's", () => {
    const steps = [
      (d: Record<string, unknown>) => ({ ...d, trail: [...(d.trail as string[]), "1→2"] }),
      (d: Record<string, unknown>) => ({ ...d, trail: [...(d.trail as string[]), "2→3"] }),
    ];
    expect(migrate({ formatVersion: 1, trail: [] }, steps, 3)).toEqual({ formatVersion: 3, trail: ["1→2", "2→3"] });
    expect(migrate({ formatVersion: 2, trail: [] }, steps, 3)).toEqual({ formatVersion: 3, trail: ["2→3"] });
  });
  it("refuse a document from a later program, and one without a version", () => {
    expect(() => migrate({ formatVersion: 99 })).toThrow(NewerVersionError);
    expect(() => migrate({ formatVersion: "1" })).toThrow(RangeError);
  });
});
