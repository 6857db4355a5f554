import { describe, expect, it } from "vitest";
import { DesignSchema, checkHabitat, type Command, type Design } from "../habitat";
import { STOCK } from "../library";
import { NOTHING_LOGGED, type LogNow, type Told } from "../log";
import { derived, FERNWALL, found, logged, made, started } from "../testing";
import { mendsOf } from "../mending";
import type { Finding, FindingCode } from "./index";

/** A design with all findings of some kinds mended, one after the other, by their own first mends. */
function mended(design: Design, which: RegExp): Design {
  const now = derived(design);
  const mends = now.findings.filter(({ code }) => which.test(code)).flatMap((one) => mendsOf(one, now).slice(0, 1));
  return mends[0] ? mended(made(design, ...mends[0].commands), which) : design;
}

/** With what the animal wants to find set up, and the warmth it wants. */
const furnished = (design: Design): Design =>
  mended(mended(design, /(hide|humidHide|climb|basking|refuge|bowl|plants)Missing/i), /baskingOff|tooCold|uvOff/);

const sound = furnished(
  made(
    started(),
    { name: "setSoil", args: { layerId: "soil-1", frontCm: 10, backCm: 12 } },
    { name: "addPlant", args: { id: "left", plantId: "lemonButtonFern", xCm: 8, yCm: 38 } },
    { name: "addPlant", args: { id: "right", plantId: "cretanBrake", xCm: 52, yCm: 38 } },
    { name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 54 } },
  ),
);
const baskingOf = ({ pieces }: Design): string[] =>
  pieces.filter(({ kindId }) => STOCK.get("pieceKinds", kindId).roles.includes("basking")).map(({ id }) => id);
const boa = furnished(
  made(started({ animalId: "rosyBoa", count: 1, shell: { ...FERNWALL.shell, widthCm: 110, depthCm: 55, sillCm: 0 } }), {
    name: "setCrew",
    args: { crewId: "powderIsopod", count: 60 },
  }),
);

it("a sound habitat has nothing to say", () => {
  expect(derived(sound).findings).toEqual([]);
  expect(derived(boa).findings).toEqual([]);
});

const died: Told = { kind: "lost", on: "2026-02-01", plantId: "nervePlant", how: "died" };
const highWater = logged([], [{ at: "2026-02-01T08:00:00Z", place: "coolEnd", waterLineCm: 5.7 }]);

const stoneArgs = {
  id: "s",
  kindId: "boulder",
  xCm: 30,
  yCm: 22,
  turnDeg: 0,
  widthCm: 18,
  depthCm: 15,
  heightCm: 12,
  fillMixId: null,
};
const stone = (rest: { on: "glass" } | { on: "ground"; sunkCm: number }): Command => ({
  name: "addPiece",
  args: { ...stoneArgs, rest },
});
const warmZone: Command[] = [
  {
    name: "addZone",
    args: {
      id: "z",
      name: "Warm end",
      points: [
        [0, 0],
        [20, 0],
        [20, 45],
        [0, 45],
      ],
      retaining: null,
    },
  },
];

describe("each check speaks, and its mend makes it silent without breaking the document", () => {
  const cases: [FindingCode, Design, Command[], LogNow?][] = [
    ["overSill", sound, [{ name: "setSoil", args: { layerId: "soil-1", frontCm: 15 } }]],
    ["waterOverSafeLine", sound, [{ name: "setWaterLine", args: { waterLineCm: 5.6 } }]],
    ["waterOverSafeLine", sound, [], highWater],
    ["drainageMissing", sound, [{ name: "removeLayers", args: { layerIds: ["drainage-1", "barrier-1"] } }]],
    [
      "drainageInArid",
      boa,
      [{ name: "addLayer", args: { layer: { id: "d", kind: "drainage", materialId: "clayPebbles", depthCm: 4 } } }],
    ],
    ["barrierMissing", sound, [{ name: "removeLayers", args: { layerIds: ["barrier-1"] } }]],
    ["soilMissing", sound, [{ name: "removeLayers", args: { layerIds: ["soil-1"] } }]],
    ["soilTooShallow", sound, [{ name: "setDepth", args: { layerId: "soil-1", depthCm: 4 } }]],
    ["mixHurts", sound, [{ name: "setPart", args: { mixId: "mix-1", ingredientId: "lavaGrit", parts: 1 } }]],
    ["mixLimed", sound, [{ name: "setPart", args: { mixId: "mix-1", ingredientId: "limePowder", parts: 10 } }]],
    ["mixSeals", sound, [{ name: "setPart", args: { mixId: "mix-1", ingredientId: "swellingClay", parts: 20 } }]],
    ["mixOff", sound, [{ name: "setPart", args: { mixId: "mix-1", ingredientId: "clayPowder", parts: 20 } }]],
    ["plantOutgrows", sound, [{ name: "addPlant", args: { id: "p", plantId: "dwarfBanana", xCm: 30, yCm: 30 } }]],
    ["plantWantsWetter", boa, [{ name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 10, yCm: 10 } }]],
    ["plantWantsDrier", sound, [{ name: "addPlant", args: { id: "p", plantId: "zebraHaworthia", xCm: 10, yCm: 10 } }]],
    ["plantRootsShallow", sound, [{ name: "addPlant", args: { id: "p", plantId: "hibiscus", xCm: 30, yCm: 10 } }]],
    [
      "plantTrampled",
      made(sound, { name: "setAnimal", args: { animalId: "tomatoFrog" } }),
      [{ name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 30, yCm: 30 } }],
    ],
    [
      "plantHarmful",
      sound,
      [
        { name: "setAnimal", args: { animalId: "veiledChameleon" } },
        { name: "addPlant", args: { id: "p", plantId: "dumbCane", xCm: 30, yCm: 40 } },
      ],
    ],
    [
      "plantTooDim",
      made(
        sound,
        { name: "removePlants", args: { ids: ["left", "right"] } },
        { name: "setLight", args: { lumens: 300 } },
      ),
      [{ name: "addPlant", args: { id: "p", plantId: "coleus", xCm: 30, yCm: 30 } }],
    ],
    [
      "plantMisplaced",
      sound,
      [{ name: "addPlant", args: { id: "p", plantId: "fireballBromeliad", xCm: 30, yCm: 30, spot: "ground" } }],
    ],
    [
      "plantsCrowd",
      sound,
      [
        { name: "addPlant", args: { id: "p", plantId: "prayerPlant", xCm: 30, yCm: 30 } },
        { name: "addPlant", args: { id: "q", plantId: "dwarfElephantEar", xCm: 31, yCm: 31 } },
      ],
    ],
    [
      "plantShaded",
      sound,
      [
        { name: "addPlant", args: { id: "p", plantId: "spiderPlant", xCm: 30, yCm: 30 } },
        { name: "addPlant", args: { id: "q", plantId: "commonSundew", xCm: 36, yCm: 30, spot: "pot" } },
      ],
    ],
    ["viewBlocked", sound, [{ name: "addPlant", args: { id: "p", plantId: "liriope", xCm: 30, yCm: 4 } }]],
    [
      "plantDiesHere",
      sound,
      [{ name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 30, yCm: 30 } }],
      logged([died, died]),
    ],
    ["matesMisfit", sound, [{ name: "setMate", args: { animalId: "royalPython", count: 1 } }]],
    ["crewTooDry", boa, [{ name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 20 } }]],
    ["crewTooWet", sound, [{ name: "setCrew", args: { crewId: "mealwormBeetle", count: 20 } }]],
    ["crewHarms", boa, [{ name: "setCrew", args: { crewId: "mealwormBeetle", count: 20 } }]],
    ["crewNowhere", boa, [{ name: "setCrew", args: { crewId: "cherryShrimp", count: 20 } }]],
    ["boxTooSmall", sound, [{ name: "setShell", args: { widthCm: 30 } }]],
    ["staleAir", sound, [{ name: "setTop", args: { lid: "glass" } }]],
    [
      "ventBuried",
      sound,
      [
        {
          name: "addOpening",
          args: { id: "v", kind: "vent", wall: "front", acrossCm: 10, upCm: 2, widthCm: 20, heightCm: 4 },
        },
      ],
    ],
    ["boxLeaks", sound, [{ name: "setBuild", args: { buildId: "plywood" } }]],
    ["hideMissing", sound, [{ name: "removePieces", args: { ids: ["hideWarm-1", "humidHide-1"] } }]],
    ["refugeMissing", boa, [{ name: "removePieces", args: { ids: ["crevice-1"] } }]],
    ["humidHideMissing", boa, [{ name: "removePieces", args: { ids: ["humidHide-1"] } }]],
    ["baskingMissing", sound, [{ name: "removePieces", args: { ids: baskingOf(sound) } }]],
    [
      "climbMissing",
      sound,
      [
        { name: "setAnimal", args: { animalId: "crestedGecko" } },
        { name: "removePieces", args: { ids: ["climb-1"] } },
      ],
    ],
    [
      "stoneOnSoil",
      sound,
      [{ name: "setAnimal", args: { animalId: "tomatoFrog" } }, stone({ on: "ground", sunkCm: 0 })],
    ],
    ["pieceTooLarge", sound, [{ name: "addPiece", args: { ...stoneArgs, widthCm: 90, rest: { on: "glass" } } }]],
    ["pieceBuried", sound, [{ name: "setPiece", args: { id: "hideWarm-1", rest: { on: "ground", sunkCm: 9 } } }]],
    ["foamUnfinished", sound, [{ name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 2 } }]],
    ["zoneUnheld", sound, [...warmZone, { name: "setOver", args: { layerId: "soil-1", over: { on: "rest" } } }]],
    [
      "zoneOutside",
      sound,
      [
        ...warmZone,
        {
          name: "setZone",
          args: {
            id: "z",
            points: [
              [50, 35],
              [60, 35],
              [60, 45],
              [50, 45],
            ],
          },
        },
        {
          name: "setFloor",
          args: {
            floor: {
              shape: "polygon",
              points: [
                [0, 0],
                [30, 0],
                [30, 45],
                [0, 45],
              ],
            },
          },
        },
      ],
    ],
    [
      "soilInWater",
      sound,
      [
        ...warmZone,
        { name: "setOver", args: { layerId: "drainage-1", over: { on: "rest" } } },
        { name: "setOver", args: { layerId: "barrier-1", over: { on: "rest" } } },
      ],
    ],
    [
      "paneOverloaded",
      sound,
      [
        { name: "setShell", args: { widthCm: 130, depthCm: 60, wallMm: 4 } },
        { name: "setStandsOn", args: { under: "rim" } },
      ],
    ],
    [
      "tooMany",
      sound,
      [
        { name: "setCount", args: { count: 3 } },
        { name: "setShell", args: { widthCm: 120 } },
      ],
    ],
  ];
  it.each(cases)("%s (%#)", (code, design, commands, log = NOTHING_LOGGED) => {
    const wrong = made(design, ...commands);
    const mend = found(derived(wrong, log), code)?.mends.find(({ how }) => how !== "work");
    expect(mend, code).toBeDefined();
    const mended = made(wrong, ...mend!.commands);
    expect(found(derived(mended, log), code)).toBeUndefined();
    expect(DesignSchema.safeParse(mended).success).toBe(true);
    expect(checkHabitat(mended, STOCK)).toEqual([]);
  });
});

describe("what can be done depends on where the habitat is in its life", () => {
  const livedIn: Told = { kind: "movedIn", on: "2026-01-20" };
  const read = [{ at: "2026-02-01T08:00:00Z", place: "coolEnd" as const, waterLineCm: 5.7 }];
  it("a living box over its line is siphoned first, and its drainage deepened only as a rebuild", () => {
    const living = found(derived(sound, logged([livedIn], read)), "waterOverSafeLine")!;
    expect(living.finding.phase).toBe("living");
    expect(living.mends.map(({ how }) => how)).toEqual(["work", "rebuild"]);
    const [siphon] = living.mends;
    expect(siphon!.commands).toEqual([]);
    const drawn = siphon!.events.map((event) => ({ ...event, on: "2026-02-02" }));
    expect(found(derived(sound, logged([livedIn, ...drawn], read)), "waterOverSafeLine")).toBeUndefined();
  });
  it("a planned box over its line is offered the edit", () => {
    const planned = found(
      derived(made(sound, { name: "setWaterLine", args: { waterLineCm: 5.6 } })),
      "waterOverSafeLine",
    )!;
    expect(planned.finding.phase).toBe("planned");
    expect(planned.mends.map(({ how }) => how)).toEqual(["edit", "edit"]);
  });
  it.each<[Told[], string]>([
    [[], "planned"],
    [[{ kind: "taskDone", on: "2026-01-10", taskId: "leakTest" }], "building"],
    [[{ kind: "taskDone", on: "2026-01-10", taskId: "plantOut" }], "growingIn"],
    [[{ kind: "taskDone", on: "2026-01-10", taskId: "plantOut" }, livedIn], "living"],
  ])("after %j it is %s", (told, phase) => {
    const shallow = made(sound, { name: "setDepth", args: { layerId: "soil-1", depthCm: 4 } });
    const { finding, mends } = found(derived(shallow, logged(told)), "soilTooShallow")!;
    expect(finding.phase).toBe(phase);
    expect(mends[0]?.how).toBe(phase === "growingIn" || phase === "living" ? "rebuild" : "edit");
  });
});

describe("findings without a single mend", () => {
  it.each<[FindingCode, Command[]]>([
    ["aboveRim", [{ name: "setShell", args: { heightCm: 10 } }]],
    [
      "emptyMix",
      sound.mixes[0]!.parts.map(({ ingredientId }) => ({
        name: "removePart" as const,
        args: { mixId: "mix-1", ingredientId },
      })),
    ],
    [
      "slopeTooSteep",
      [
        {
          name: "addMound",
          args: {
            layerId: "soil-1",
            id: "m",
            form: "flat",
            xCm: 30,
            yCm: 22,
            radiusCm: 8,
            topRadiusCm: 2,
            heightCm: 12,
          },
        },
      ],
    ],
    ["standOverloaded", [{ name: "setStandsOn", args: { ratingKg: 20 } }]],
    ["boxShape", [{ name: "setShell", args: { heightCm: 120 } }]],
  ])("%s", (code, commands) => {
    const { mends } = found(derived(made(sound, ...commands)), code)!;
    expect(mends).toEqual([]);
  });
  it("outOfBand, by what was read", () => {
    const hot = logged([], [{ at: "2026-02-01T08:00:00Z", place: "warmEnd", temperatureC: 33 }]);
    expect(found(derived(sound, hot), "outOfBand")).toMatchObject({
      finding: { quantities: { variant: "temperatureC", place: "warmEnd", valueC: 33 } },
      mends: [],
    });
  });
  it("mixLimed, where a soil that would be left is limed itself", () => {
    const parts = [
      { ingredientId: "mushroomCompost", parts: 1 },
      { ingredientId: "limePowder", parts: 1 },
    ];
    const limed = made(sound, {
      name: "setParts",
      args: { mixId: "mix-1", parts, recipeId: null, title: null, own: [] },
    });
    expect(found(derived(limed), "mixLimed")).toMatchObject({ mends: [] });
  });
  it("crewHarms once for each kind, by the worst it does", () => {
    const eggLaying = made(
      started({
        animalId: "leopardGecko",
        count: 1,
        shell: { ...FERNWALL.shell, widthCm: 100, depthCm: 50, sillCm: 0 },
      }),
      { name: "setCrew", args: { crewId: "mealwormBeetle", count: 20 } },
    );
    const harms = derived(eggLaying).findings.filter(({ code }) => code === "crewHarms");
    expect(harms.map(({ about }) => about)).toEqual(["mealwormBeetle"]);
  });
  it("do not offer to lower soil that cannot get below the sill", () => {
    const impossible = found(derived(made(sound, { name: "setShell", args: { sillCm: 4 } })), "overSill");
    expect(impossible?.mends).toEqual([]);
  });
});

it("a finding is told with what its code says: a misspelt quantity, one too few or a strange code does not compile", () => {
  const rest = { about: "", weight: "harm", rests: "nature", step: "shell", phase: "planned" } as const;
  const right: Finding = { ...rest, code: "aboveRim", quantities: { overCm: 1, topCm: 46, heightCm: 45, soilCm: 20 } };
  const at = { topCm: 46, heightCm: 45, soilCm: 20 };
  // @ts-expect-error misspelt
  const misspelt: Finding = { ...rest, code: "aboveRim", quantities: { overCmm: 1, ...at } };
  // @ts-expect-error one is missing
  const short: Finding = { ...rest, code: "aboveRim", quantities: at };
  // @ts-expect-error no such finding
  const strange: Finding = { ...rest, code: "aboveRimm", quantities: { overCm: 1, ...at } };
  const codes = [right, misspelt, short, strange].map(({ code }) => code);
  expect(new Set(codes).size).toBe(2);
});
