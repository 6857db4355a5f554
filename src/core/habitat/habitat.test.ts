import { STOCK, withOwn } from "../library";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { ZodError } from "zod";
import {
  DesignSchema,
  applyAll,
  applyCommand,
  attempt,
  changesOf,
  checkHabitat,
  lampLumens,
  patched,
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
const habitat = startHabitat(start, STOCK);

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
      ingredientId: fc.constantFrom(...STOCK.all("ingredients").map((ingredient) => ingredient.id)),
    }),
  }),
  fc.record({
    name: fc.constant("setCrew" as const),
    args: fc.record({
      crewId: fc.constantFrom(...STOCK.all("crew").map((crew) => crew.id)),
      count: fc.integer({ min: 1, max: 100_000 }),
    }),
  }),
  fc.record({
    name: fc.constant("setLight" as const),
    args: fc.record({ lumens: fc.option(fc.integer({ min: 1, max: 200_000 })) }),
  }),
);

describe("starting a habitat", () => {
  it("lays the layers its animal's drainage school asks for", () => {
    expect(habitat.strata.layers.map((layer) => layer.kind)).toEqual(["drainage", "barrier", "soil", "dressing"]);
    const dry = startHabitat({ ...start, animalId: "rosyBoa" }, STOCK);
    expect(dry.strata.layers.map((layer) => layer.kind)).toEqual(["soil", "dressing"]);
  });

  it.each(STOCK.all("animals").map((animal) => animal.id))("is a valid document for %s", (animalId) => {
    expect(() => DesignSchema.parse(startHabitat({ ...start, animalId }, STOCK))).not.toThrow();
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
      startHabitat({ ...start, ...change }, STOCK);
      expect.unreachable();
    } catch (error) {
      expect((error as ZodError).issues[0]?.path.join(".")).toBe(path);
    }
  });
});

describe("edits", () => {
  it("leave the habitat they start from as it was", () => {
    const before = JSON.stringify(habitat);
    applyCommand(habitat, { name: "setDepth", args: { layerId: "drainage-1", depthCm: 6.5 } }, STOCK);
    expect(JSON.stringify(habitat)).toBe(before);
  });

  it("lay a new layer in its natural place, and a new lift gets a mix of its own", () => {
    const bare = applyCommand(
      habitat,
      { name: "removeLayers", args: { layerIds: ["drainage-1", "barrier-1"] } },
      STOCK,
    );
    const drained = applyAll(
      bare,
      [
        { name: "addLayer", args: { layer: { id: "b", kind: "barrier", materialId: "steelMesh" } } },
        { name: "addLayer", args: { layer: { id: "d", kind: "drainage", materialId: "lavaRock", depthCm: 5 } } },
        { name: "addLayer", args: { layer: { id: "s", kind: "soil", mixId: "upper", frontCm: 3, backCm: 4 } } },
      ],
      STOCK,
    );
    expect(drained.strata.layers.map((layer) => layer.id)).toEqual(["d", "b", "soil-1", "s", "dressing-1"]);
    expect(drained.mixes.map((mix) => mix.id)).toEqual(["mix-1", "upper"]);
    expect(
      applyCommand(drained, { name: "removeLayers", args: { layerIds: ["s"] } }, STOCK).mixes.map((mix) => mix.id),
    ).toEqual(["mix-1"]);
  });

  it.each<[string, Command]>([
    ["an unknown layer", { name: "setDepth", args: { layerId: "nowhere", depthCm: 3 } }],
    ["an unknown medium", { name: "setMaterial", args: { layerId: "drainage-1", materialId: "gold" } }],
    ["a barrier's depth", { name: "setDepth", args: { layerId: "barrier-1", depthCm: 3 } }],
    ["an unknown plant", { name: "addPlant", args: { id: "p", plantId: "triffid", xCm: 1, yCm: 1 } }],
  ])("refuse %s with a RangeError", (_what, command) => {
    expect(() => applyCommand(habitat, command, STOCK)).toThrow(RangeError);
  });

  it.each<[string, Command]>([
    ["parts", { name: "setPart", args: { mixId: "mix-1", ingredientId: "coir", parts: -1 } }],
    ["depthCm", { name: "setDepth", args: { layerId: "drainage-1", depthCm: Number.POSITIVE_INFINITY } }],
    ["temperatureC", { name: "setRoom", args: { temperatureC: 400 } }],
  ])("refuse a bad %s naming it", (field, command) => {
    const tried = attempt(habitat, [command], STOCK);
    expect(tried.ok).toBe(false);
    expect(!tried.ok && tried.problem.path).toBe(field);
  });

  it("put a whole recipe in, carrying what is of one's own, and refuse one twice or what is nowhere", () => {
    const { brick: _brick, ...coir } = STOCK.all("ingredients").find((item) => item.id === "coir")!;
    const clay = { ...coir, id: "ownClay", name: "Brook clay", soldAs: "gathered" as const, pH: 7 };
    const put = (ids: string[], own = [clay]) =>
      applyCommand(
        habitat,
        {
          name: "setParts",
          args: {
            mixId: "mix-1",
            parts: ids.map((ingredientId) => ({ ingredientId, parts: 2 })),
            title: "Gully soil",
            recipeId: null,
            own,
          },
        },
        STOCK,
      );
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
    const known = withOwn(STOCK, done.own);
    expect(known.get("ingredients", "ownClay").pH).toBe(7);
    expect(checkHabitat(done, known)).toEqual([]);
    const sourer = { ...clay, pH: 6 };
    const renewed = applyCommand(done, { name: "carryOwn", args: { ingredients: [sourer] } }, STOCK);
    expect(withOwn(STOCK, renewed.own).get("ingredients", "ownClay").pH).toBe(6);
    expect(checkHabitat({ ...done, own: { ...done.own, ingredients: [] } }, STOCK)).toEqual([
      { path: "mixes.0.parts.0.ingredientId", id: "ownClay", code: "unknown" },
    ]);
    expect(() => put(["coir", "coir"])).toThrow("coir");
    expect(() => put(["ownClay"], [])).toThrow("ownClay");
  });
  it("any run of them leaves a valid document", () => {
    fc.assert(
      fc.property(
        fc.array(anyCommand, { maxLength: 30 }),
        (commands) => DesignSchema.safeParse(applyAll(habitat, commands, STOCK)).success,
      ),
    );
  });
});

describe("an edit that cannot be", () => {
  const points = (...flat: [number, number][]) => flat;
  const zone = (id: string, from: number, to: number): Command => ({
    name: "addZone",
    args: { id, name: id, points: points([from, 0], [to, 0], [to, 45], [from, 45]), retaining: null },
  });
  it.each<[string, Command[], object]>([
    [
      "two metres of soil",
      [{ name: "setSoil", args: { layerId: "soil-1", frontCm: 201 } }],
      { path: "frontCm", code: "outOfRange", most: 200 },
    ],
    [
      "a floor like a bow tie",
      [
        {
          name: "setFloor",
          args: { floor: { shape: "polygon", points: points([0, 0], [40, 40], [40, 0], [0, 40]) } },
        },
      ],
      { path: "shell.floor.points", code: "crossesItself" },
    ],
    [
      "a floor larger than the box",
      [{ name: "setFloor", args: { floor: { shape: "polygon", points: points([0, 0], [80, 0], [80, 40]) } } }],
      { path: "shell.floor.points", code: "passesBox" },
    ],
    ["zones over one another", [zone("a", 0, 30), zone("b", 20, 60)], { path: "strata.zones.1.points", id: "a" }],
    [
      "a vent past its wall",
      [
        {
          name: "addOpening",
          args: { id: "v", kind: "vent", wall: "left", acrossCm: 40, upCm: 5, widthCm: 10, heightCm: 4 },
        },
      ],
      { path: "shell.openings.0.acrossCm", code: "passesWall" },
    ],
    [
      "a dome higher than half its width",
      [
        {
          name: "addMound",
          args: {
            layerId: "soil-1",
            id: "m",
            form: "dome",
            xCm: 20,
            yCm: 20,
            radiusCm: 4,
            topRadiusCm: 0,
            heightCm: 9,
          },
        },
      ],
      { code: "domeTooHigh" },
    ],
    [
      "a wall that fills half the box",
      [{ name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 21 } }],
      { path: "shell.treatments.0.thicknessCm", code: "fillsHalf" },
    ],
    [
      "gear of a kind that is nowhere",
      [
        {
          name: "addGear",
          args: {
            id: "g",
            kindId: "sunInABox",
            xCm: 1,
            yCm: 1,
            upCm: null,
            powerW: 5,
            lumens: null,
            run: { by: "always" },
          },
        },
      ],
      { path: "kindId", code: "unknown", id: "sunInABox" },
    ],
  ])("comes back as a value naming the field: %s", (_what, commands, problem) => {
    const tried = attempt(habitat, commands, STOCK);
    expect(tried).toMatchObject({ ok: false, problem });
  });
  it("leaves a design that was broken before as it was, and lets it be mended", () => {
    const broken = { ...habitat, brief: { ...habitat.brief, animalId: "dragon" } };
    expect(attempt(broken, [{ name: "setCount", args: { count: 3 } }], STOCK).ok).toBe(true);
    const mended = attempt(broken, [{ name: "setAnimal", args: { animalId: "rosyBoa" } }], STOCK);
    expect(mended.ok && checkHabitat(mended.design, STOCK)).toEqual([]);
  });
});

describe("a step as patches", () => {
  it("leads there and back for any run of edits, and tells only what changed", () => {
    fc.assert(
      fc.property(fc.array(anyCommand, { minLength: 1, maxLength: 8 }), (commands) => {
        const after = applyAll(habitat, commands, STOCK);
        const { patches, inverse } = changesOf(habitat, after);
        expect(patched(habitat, patches)).toEqual(after);
        expect(patched(after, inverse)).toEqual(habitat);
      }),
    );
    const deeper = applyCommand(habitat, { name: "setDepth", args: { layerId: "drainage-1", depthCm: 7 } }, STOCK);
    expect(changesOf(habitat, deeper).patches).toEqual([
      { op: "replace", path: ["strata", "layers", 0, "depthCm"], value: 7 },
    ]);
  });
});

describe("the light over the plants", () => {
  const lit = (lumens: number | null, from = habitat) =>
    applyCommand(from, { name: "setLight", args: { lumens } }, STOCK);
  it("is a lamp's: told, it hangs a first lamp up; among several the first takes what the others leave", () => {
    expect(lampLumens(habitat, STOCK)).toBeNull();
    const one = lit(2400);
    expect(one.gear).toHaveLength(1);
    const second = { ...one.gear[0]!, id: "second", lumens: 1000 };
    const two = applyCommand(one, { name: "addGear", args: second }, STOCK);
    expect(lampLumens(two, STOCK)).toBe(3400);
    expect(lit(3000, two).gear.map(({ lumens }) => lumens)).toEqual([2000, 1000]);
    expect(lampLumens(lit(null, one), STOCK)).toBeNull();
  });
});
