import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Poison frogs of Madagascar. */
export const poisonFrogsOfMadagascar: readonly Animal[] = [
  {
    id: "goldenMantella", scientificName: "Mantella aurantiaca", synonyms: [],
    kind: "poisonFrog", group: "amphibian", regions: ["madagascar"], climate: "humidForest", lives: "ground",
    active: "day",
    length: { measure: "snoutVent", maleCm: [1.9, 2.4], femaleCm: [2, 2.8] },
    massG: { male: [0.6, 1.1], female: [0.9, 1.6] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [20, 23], cool: [18, 21], night: [15, 19], highestForDays: 25,
      lowestSafeNight: 12, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [65, 100], preferred: [80, 100] }, night: { tolerated: [75, 100], preferred: [85, 100] },
      retreat: [90, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 25, forCount: 4, eachMoreFloorShare: 0.12, mostTogether: 8,
      company: "group", malesTogether: 5, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 20, heightCm: 15 }, largestBox: { widthCm: 40, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [6, 10], dampRh: [85, 100], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [0, 2], handles: "never" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "mossBed", count: 2, where: "cool" }, { kind: "groundHide", count: 2, where: "anywhere" },
      { kind: "leafTangle", count: 1, where: "anywhere" },
    ],
    perches: { spans: 2, branchCm: [1, 5], baskingPlaces: 0 }, mistingsPerWeek: [7, 21],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 7, preySize: "eyeGap",
    },
    season: { kind: "coolAndDryRest", months: [2, 3], restC: [16, 19] }, laying: { needs: "dampSoil", depthCm: null },
    lifespanYears: [5, 10], growInDays: 42, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["toxicSkin", "protectedSpecies", "escapes"], law: { cites: "II" }, schools: [],
    difficulty: "fair", crewThatFits: ["temperateSpringtail", "slenderSpringtail"],
    unsure: ["uv.zone", "season.restC", "young.largestBox"],
    from: recalled,
  },
];
