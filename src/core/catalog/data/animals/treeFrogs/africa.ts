import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Tree frogs of Africa. */
export const treeFrogsOfAfrica: readonly Animal[] = [
  {
    id: "reedFrog", scientificName: "Hyperolius riggenbachi", synonyms: [],
    kind: "treeFrog", group: "amphibian", regions: ["africa"], climate: "humidForest", lives: "climbing",
    active: "night",
    length: { measure: "snoutVent", maleCm: [2.4, 3.1], femaleCm: [2.9, 3.7] },
    massG: { male: [0.8, 1.8], female: [1.3, 2.6] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [22, 26], cool: [18, 22], night: [16, 20], highestForDays: 28,
      lowestSafeNight: 13, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [50, 95], preferred: [60, 85] }, night: { tolerated: [65, 100], preferred: [75, 98] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.5, 1.2], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 50, forCount: 4, eachMoreFloorShare: 0.12, mostTogether: 8,
      company: "group", malesTogether: 5, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 20, heightCm: 25 }, largestBox: { widthCm: 40, depthCm: 40, heightCm: 40 },
      largeBoxIsBad: true, untilMonths: [4, 8], dampRh: [75, 95], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 3], handles: "never" },
    water: {
      kind: "pool", shareOfFloor: [0.15, 0.35], depthCm: [4, 10], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [{ kind: "leafTangle", count: 3, where: "high" }],
    perches: { spans: 6, branchCm: [0.4, 1.5], baskingPlaces: 0 }, mistingsPerWeek: [6, 12],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 7, preySize: "eyeGap",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "water", depthCm: null },
    lifespanYears: [2, 5], growInDays: 35, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["escapes"], law: { cites: null }, schools: [],
    difficulty: "fair", crewThatFits: ["tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "lifespanYears", "uv.indexAtBack", "laying.needs", "young.largestBox"],
    from: recalled,
  },
];
