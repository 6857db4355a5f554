import type { Animal } from "../../../schema";
import { recalled, zoneRecalled } from "../from";

/** Poison frogs of Central America and the Caribbean. */
export const poisonFrogsOfCentralAmerica: readonly Animal[] = [
  {
    id: "greenBlackPoisonFrog", scientificName: "Dendrobates auratus", synonyms: [],
    kind: "poisonFrog", group: "amphibian", regions: ["centralAmerica", "southAmerica"], climate: "humidForest",
    lives: "ground", active: "day",
    length: { measure: "snoutVent", maleCm: [2.8, 3.8], femaleCm: [3, 4.2] },
    massG: { male: [2, 3.2], female: [2.4, 4] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [23, 26], cool: [21, 24], night: [19, 22], highestForDays: 28,
      lowestSafeNight: 16, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [60, 100], preferred: [75, 95] }, night: { tolerated: [70, 100], preferred: [85, 100] },
      retreat: [90, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: 1, hoursADay: [6, 10] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 30, forCount: 2, eachMoreFloorShare: 0.35, mostTogether: 4,
      company: "group", malesTogether: 2, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 20, heightCm: 15 }, largestBox: { widthCm: 45, depthCm: 30, heightCm: 30 },
      largeBoxIsBad: true, untilMonths: [6, 9], dampRh: [80, 100], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [0, 2], handles: "never" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "groundHide", count: 2, where: "anywhere" }, { kind: "leafTangle", count: 2, where: "anywhere" },
      { kind: "mossBed", count: 1, where: "cool" },
    ],
    perches: { spans: 2, branchCm: [1, 5], baskingPlaces: 0 }, mistingsPerWeek: [7, 21],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 7, preySize: "eyeGap",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "smoothLeaf", depthCm: null },
    lifespanYears: [8, 15], growInDays: 42, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["toxicSkin", "protectedSpecies", "escapes"], law: { cites: "II" },
    schools: [{ about: "group", views: [{}, { company: "pair", mostTogether: 2 }] }],
    difficulty: "easy",
    crewThatFits: [
      "tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "littleSeaIsopod", "swiftForestIsopod",
    ],
    unsure: ["young.largestBox"],
    from: recalled, fieldFrom: { "uv.zone": zoneRecalled },
  },
  {
    id: "stripedPoisonFrog", scientificName: "Phyllobates vittatus", synonyms: [],
    kind: "poisonFrog", group: "amphibian", regions: ["centralAmerica"], climate: "humidForest", lives: "ground",
    active: "day",
    length: { measure: "snoutVent", maleCm: [2.4, 2.8], femaleCm: [2.6, 3.1] },
    massG: { male: [1.2, 2], female: [1.5, 2.6] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [23, 26], cool: [21, 24], night: [19, 22], highestForDays: 28,
      lowestSafeNight: 16, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [70, 100], preferred: [80, 100] }, night: { tolerated: [75, 100], preferred: [85, 100] },
      retreat: [90, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 30, forCount: 3, eachMoreFloorShare: 0.2, mostTogether: 6,
      company: "group", malesTogether: 3, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 20, heightCm: 15 }, largestBox: { widthCm: 40, depthCm: 30, heightCm: 30 },
      largeBoxIsBad: true, untilMonths: [6, 9], dampRh: [85, 100], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [0, 2], handles: "never" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "groundHide", count: 2, where: "anywhere" }, { kind: "leafTangle", count: 2, where: "anywhere" },
      { kind: "mossBed", count: 1, where: "cool" },
    ],
    perches: { spans: 2, branchCm: [1, 5], baskingPlaces: 0 }, mistingsPerWeek: [7, 21],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 7, preySize: "eyeGap",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "smoothLeaf", depthCm: null },
    lifespanYears: [8, 12], growInDays: 42, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["toxicSkin", "protectedSpecies", "escapes"], law: { cites: "II" }, schools: [],
    difficulty: "fair",
    crewThatFits: [
      "tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "littleSeaIsopod", "swiftForestIsopod",
    ],
    unsure: ["massG", "young.largestBox"],
    from: recalled,
  },
  {
    id: "strawberryPoisonFrog", scientificName: "Oophaga pumilio", synonyms: ["Dendrobates pumilio"],
    kind: "poisonFrog", group: "amphibian", regions: ["centralAmerica"], climate: "humidForest", lives: "ground",
    active: "day",
    length: { measure: "snoutVent", maleCm: [1.8, 2.3], femaleCm: [1.9, 2.4] },
    massG: { male: [0.5, 0.9], female: [0.6, 1] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [23, 26], cool: [21, 24], night: [19, 22], highestForDays: 28,
      lowestSafeNight: 16, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [70, 100], preferred: [80, 100] }, night: { tolerated: [75, 100], preferred: [85, 100] },
      retreat: [90, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 40, forCount: 2, eachMoreFloorShare: 0.6, mostTogether: 2,
      company: "pair", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 15, depthCm: 15, heightCm: 15 }, largestBox: { widthCm: 30, depthCm: 30, heightCm: 30 },
      largeBoxIsBad: true, untilMonths: [6, 10], dampRh: [85, 100], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [0, 2], handles: "never" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "leafTangle", count: 3, where: "anywhere" }, { kind: "groundHide", count: 2, where: "anywhere" },
      { kind: "corkTubeHigh", count: 1, where: "high" },
    ],
    perches: { spans: 3, branchCm: [0.5, 4], baskingPlaces: 0 }, mistingsPerWeek: [7, 21],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects"], adultEveryDays: [1, 1], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 5, preySize: "eyeGap",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "axils", depthCm: null },
    lifespanYears: [6, 12], growInDays: 42, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["toxicSkin", "protectedSpecies", "escapes"], law: { cites: "II" },
    schools: [{ about: "group", views: [{}, { company: "group", mostTogether: 3 }] }],
    difficulty: "hard", crewThatFits: ["tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod"],
    unsure: ["food.vitaminsEveryDays", "young.untilMonths", "young.box", "young.largestBox"],
    from: recalled,
  },
];
