import { describe, expect, it } from "vitest";
import { derive } from "../derive";
import { HabitatSchema, applyAll, startHabitat, type Command, type Habitat } from "../habitat";
import type { FindingCode } from "./index";

const start = {
  id: "h",
  name: "Fernwall",
  createdAt: "2026-01-05T08:00:00Z",
  startOn: "2026-01-05",
  animalId: "crocodileSkink",
  count: 2,
  room: { temperatureC: 21, humidityRh: 45 },
  shell: { widthCm: 60, depthCm: 45, heightCm: 45, sillCm: 17, top: "mesh" as const },
};
/** With what the animal wants to find set up, by the findings' own mends. */
const furnished = (habitat: Habitat): Habitat =>
  derive(habitat).findings.reduce(
    (made, { code, mend }) =>
      mend && /(hide|humidHide|climb|basking)Missing/i.test(code) ? applyAll(made, mend.commands) : made,
    habitat,
  );

const sound = furnished(
  applyAll(startHabitat(start), [
    { name: "setSoil", args: { layerId: "soil-1", frontCm: 9, backCm: 12 } },
    { name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 54 } },
  ]),
);
const boa = furnished(
  applyAll(
    startHabitat({ ...start, animalId: "rosyBoa", count: 1, shell: { ...start.shell, widthCm: 90, sillCm: 0 } }),
    [{ name: "setCrew", args: { crewId: "mealwormBeetle", count: 24 } }],
  ),
);
const find = (habitat: Habitat, code: FindingCode) => derive(habitat).findings.find((finding) => finding.code === code);

it("a sound habitat has nothing to say", () => {
  expect(derive(sound).findings).toEqual([]);
  expect(derive(boa).findings).toEqual([]);
});

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

describe("each rule speaks, and its mend makes it silent without breaking the document", () => {
  const cases: [FindingCode, Habitat, Command[]][] = [
    ["overSill", sound, [{ name: "setSoil", args: { layerId: "soil-1", frontCm: 13 } }]],
    ["waterOverSafeLine", sound, [{ name: "setWaterLine", args: { waterLineCm: 4.6 } }]],
    [
      "waterOverSafeLine",
      sound,
      [{ name: "addReading", args: { id: "r", at: "2026-02-01T08:00:00Z", place: "coolEnd", waterLineCm: 4.4 } }],
    ],
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
    ["plantOutgrows", sound, [{ name: "addPlant", args: { id: "p", plantId: "parlourPalm", xCm: 10, yCm: 30 } }]],
    ["plantWantsWetter", boa, [{ name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 10, yCm: 10 } }]],
    ["plantWantsDrier", sound, [{ name: "addPlant", args: { id: "p", plantId: "zebraHaworthia", xCm: 10, yCm: 10 } }]],
    ["plantRootsShallow", sound, [{ name: "addPlant", args: { id: "p", plantId: "bostonFern", xCm: 10, yCm: 0 } }]],
    [
      "plantTrampled",
      applyAll(sound, [{ name: "setAnimal", args: { animalId: "tomatoFrog" } }]),
      [{ name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 30, yCm: 30 } }],
    ],
    [
      "plantHarmful",
      sound,
      [
        { name: "setAnimal", args: { animalId: "veiledChameleon" } },
        { name: "addPlant", args: { id: "p", plantId: "goldenPothos", xCm: 30, yCm: 40 } },
      ],
    ],
    [
      "plantTooDim",
      applyAll(sound, [{ name: "setLamp", args: { lampLumens: 300 } }]),
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
      applyAll(
        sound,
        [1, 2].flatMap((nth): Command[] => [
          { name: "addPlant", args: { id: `d${nth}`, plantId: "nervePlant", xCm: 30, yCm: 30 } },
          { name: "losePlant", args: { id: `l${nth}`, standId: `d${nth}`, on: "2026-02-01", how: "died" } },
        ]),
      ),
      [{ name: "addPlant", args: { id: "p", plantId: "nervePlant", xCm: 30, yCm: 30 } }],
    ],
    ["matesMisfit", sound, [{ name: "setMate", args: { animalId: "royalPython", count: 1 } }]],
    ["crewTooDry", boa, [{ name: "setCrew", args: { crewId: "dwarfWhiteIsopod", count: 20 } }]],
    ["crewTooWet", sound, [{ name: "setCrew", args: { crewId: "mealwormBeetle", count: 20 } }]],
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
    ["hideMissing", sound, [{ name: "removePieces", args: { ids: ["hideWarm-1"] } }]],
    ["humidHideMissing", boa, [{ name: "removePieces", args: { ids: ["humidHide-1"] } }]],
    ["baskingMissing", sound, [{ name: "removePieces", args: { ids: ["basking-1"] } }]],
    ["climbMissing", sound, [{ name: "setAnimal", args: { animalId: "crestedGecko" } }]],
    [
      "stoneOnSoil",
      sound,
      [{ name: "setAnimal", args: { animalId: "tomatoFrog" } }, stone({ on: "ground", sunkCm: 0 })],
    ],
    ["pieceTooLarge", sound, [{ name: "addPiece", args: { ...stoneArgs, widthCm: 90, rest: { on: "glass" } } }]],
    ["pieceBuried", sound, [{ name: "setPiece", args: { id: "hideWarm-1", rest: { on: "ground", sunkCm: 9 } } }]],
    ["foamUnfinished", sound, [{ name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 2 } }]],
    ["zoneUnheld", sound, [...warmZone, { name: "setOver", args: { layerId: "soil-1", over: "rest" } }]],
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
        { name: "setOver", args: { layerId: "drainage-1", over: "rest" } },
        { name: "setOver", args: { layerId: "barrier-1", over: "rest" } },
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
  it.each(cases)("%s (%#)", (code, habitat, commands) => {
    const wrong = applyAll(habitat, commands);
    const finding = find(wrong, code);
    expect(finding?.mend, code).toBeDefined();
    const mended = applyAll(wrong, finding!.mend!.commands);
    expect(find(mended, code)).toBeUndefined();
    expect(HabitatSchema.safeParse(mended).success).toBe(true);
  });
});

describe("findings without a single mend", () => {
  it.each<[FindingCode, Command[]]>([
    ["aboveRim", [{ name: "setShell", args: { heightCm: 15 } }]],
    [
      "emptyMix",
      sound.mixes[0]!.parts.map(({ ingredientId }) => ({
        name: "removePart" as const,
        args: { mixId: "mix-1", ingredientId },
      })),
    ],
    ["crewMissing", [{ name: "removeCrew", args: { crewId: "dwarfWhiteIsopod" } }]],
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
    [
      "outOfBand",
      [{ name: "addReading", args: { id: "r", at: "2026-02-01T08:00:00Z", place: "warmEnd", temperatureC: 33 } }],
    ],
  ])("%s", (code, commands) => {
    expect(find(applyAll(sound, commands), code)).toBeDefined();
  });
  it("do not offer to lower soil that cannot get below the sill", () => {
    const impossible = applyAll(sound, [{ name: "setShell", args: { sillCm: 4 } }]);
    expect(find(impossible, "overSill")).toBeDefined();
    expect(find(impossible, "overSill")?.mend).toBeUndefined();
  });
});
