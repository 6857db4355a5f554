import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Glass frogs. */
export const glassFrogs: readonly Animal[] = [
  {
    id: "reticulatedGlassFrog", scientificName: "Hyalinobatrachium valerioi", synonyms: [],
    kind: "glassFrog", group: "amphibian", regions: ["centralAmerica", "southAmerica"], climate: "streamBank",
    lives: "climbing", active: "night",
    length: { measure: "snoutVent", maleCm: [1.9, 2.4], femaleCm: [2.2, 2.7] },
    massG: { male: [0.5, 1], female: [0.8, 1.5] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [22, 25], cool: [20, 23], night: [18, 21], highestForDays: 27,
      lowestSafeNight: 15, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [70, 100], preferred: [80, 100] }, night: { tolerated: [80, 100], preferred: [90, 100] },
      retreat: [90, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 55, forCount: 3, eachMoreFloorShare: 0.2, mostTogether: 5,
      company: "group", malesTogether: 2, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 20, heightCm: 20 }, largestBox: { widthCm: 40, depthCm: 40, heightCm: 40 },
      largeBoxIsBad: true, untilMonths: [6, 10], dampRh: [85, 100], alone: false,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [0, 2], handles: "never" },
    water: {
      kind: "pool", shareOfFloor: [0.2, 0.5], depthCm: [4, 10], salinity: "fresh", canDrown: false, flow: "moving",
    },
    refuges: [{ kind: "leafTangle", count: 4, where: "high" }],
    perches: { spans: 4, branchCm: [0.5, 2], baskingPlaces: 0 }, mistingsPerWeek: [10, 21],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 7, preySize: "eyeGap",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "leavesOverWater", depthCm: null },
    lifespanYears: [5, 10], growInDays: 56, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["protectedSpecies", "escapes"], law: { cites: "II" }, schools: [],
    difficulty: "hard",
    crewThatFits: ["tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "ramshornSnail"],
    unsure: ["massG", "lifespanYears", "box.mostTogether", "young.largestBox"],
    from: recalled,
  },
  {
    id: "emeraldGlassFrog", scientificName: "Espadarana prosoblepon", synonyms: ["Centrolene prosoblepon"],
    kind: "glassFrog", group: "amphibian", regions: ["centralAmerica", "southAmerica"], climate: "streamBank",
    lives: "climbing", active: "night",
    length: { measure: "snoutVent", maleCm: [2.1, 2.8], femaleCm: [2.5, 3.1] },
    massG: { male: [0.8, 1.5], female: [1.2, 2.2] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [20, 24], cool: [18, 21], night: [16, 20], highestForDays: 26,
      lowestSafeNight: 13, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [70, 100], preferred: [80, 100] }, night: { tolerated: [80, 100], preferred: [90, 100] },
      retreat: [90, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 55, forCount: 3, eachMoreFloorShare: 0.25, mostTogether: 4,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 20, heightCm: 20 }, largestBox: { widthCm: 40, depthCm: 40, heightCm: 40 },
      largeBoxIsBad: true, untilMonths: [6, 10], dampRh: [85, 100], alone: false,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [0, 2], handles: "never" },
    water: {
      kind: "pool", shareOfFloor: [0.2, 0.5], depthCm: [4, 10], salinity: "fresh", canDrown: false, flow: "moving",
    },
    refuges: [{ kind: "leafTangle", count: 4, where: "high" }],
    perches: { spans: 4, branchCm: [0.5, 2], baskingPlaces: 0 }, mistingsPerWeek: [10, 21],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 7, preySize: "eyeGap",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "leavesOverWater", depthCm: null },
    lifespanYears: [5, 10], growInDays: 56, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["protectedSpecies", "escapes"], law: { cites: "II" }, schools: [],
    difficulty: "hard",
    crewThatFits: ["temperateSpringtail", "slenderSpringtail", "orangeSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "lifespanYears", "box.malesTogether", "young.untilMonths", "young.largestBox"],
    from: recalled,
  },
];
