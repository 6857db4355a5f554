import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Tarantulas of North America. */
export const tarantulasOfNorthAmerica: readonly Animal[] = [
  {
    id: "redKneeTarantula", scientificName: "Brachypelma hamorii", synonyms: [],
    kind: "tarantula", group: "invertebrate", regions: ["northAmerica", "centralAmerica"],
    climate: "seasonalWoodland", lives: "burrowing", active: "night",
    length: { measure: "legSpan", maleCm: [11, 14], femaleCm: [13, 16] }, massG: { male: [8, 15], female: [15, 35] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [22, 25], cool: [20, 23], night: [18, 22], highestForDays: 30,
      lowestSafeNight: 14, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [35, 80], preferred: [45, 65] }, night: { tolerated: [40, 85], preferred: [50, 70] },
      retreat: [70, 90],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 10, goodDepthCm: 15, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 40, depthCm: 30, clearHeightCm: 15, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: 20,
    },
    young: {
      box: { widthCm: 8, depthCm: 8, heightCm: 8 }, largestBox: { widthCm: 25, depthCm: 20, heightCm: 15 },
      largeBoxIsBad: true, untilMonths: [36, 72], dampRh: [60, 80], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [5, 14], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.06], depthCm: [0.5, 1.5], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [{ kind: "burrow", count: 1, where: "anywhere" }, { kind: "groundHide", count: 1, where: "anywhere" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [0, 1],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["insects"], adultEveryDays: [7, 21], youngEveryDays: [3, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "dryRest", months: [3, 6], restC: null }, laying: { needs: "none", depthCm: null },
    lifespanYears: [5, 30], growInDays: 21, quarantineDays: 30, tests: ["mites", "parasites"],
    cautions: ["bites", "urticatingHairs", "escapes", "protectedSpecies"], law: { cites: "II" },
    schools: [{ about: "heating", views: [{}, { heating: "always" }] }],
    difficulty: "easy", crewThatFits: ["aridSpringtail", "slenderSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "season.months", "young.largestBox", "food.preySize"],
    from: recalled,
  },
  {
    id: "mexicanFirelegTarantula", scientificName: "Brachypelma boehmei", synonyms: [],
    kind: "tarantula", group: "invertebrate", regions: ["northAmerica", "centralAmerica"],
    climate: "seasonalWoodland", lives: "burrowing", active: "night",
    length: { measure: "legSpan", maleCm: [11, 13], femaleCm: [12, 15] }, massG: { male: [8, 14], female: [14, 30] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [22, 26], cool: [20, 23], night: [18, 22], highestForDays: 31,
      lowestSafeNight: 14, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [35, 75], preferred: [45, 65] }, night: { tolerated: [40, 80], preferred: [50, 70] },
      retreat: [65, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 10, goodDepthCm: 15, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 40, depthCm: 30, clearHeightCm: 15, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: 20,
    },
    young: {
      box: { widthCm: 8, depthCm: 8, heightCm: 8 }, largestBox: { widthCm: 25, depthCm: 20, heightCm: 15 },
      largeBoxIsBad: true, untilMonths: [36, 72], dampRh: [60, 75], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [5, 14], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.06], depthCm: [0.5, 1.5], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [{ kind: "burrow", count: 1, where: "anywhere" }, { kind: "groundHide", count: 1, where: "anywhere" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [0, 1],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["insects"], adultEveryDays: [7, 21], youngEveryDays: [3, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "dryRest", months: [3, 6], restC: null }, laying: { needs: "none", depthCm: null },
    lifespanYears: [5, 25], growInDays: 21, quarantineDays: 30, tests: ["mites", "parasites"],
    cautions: ["bites", "urticatingHairs", "escapes", "protectedSpecies"], law: { cites: "II" }, schools: [],
    difficulty: "easy", crewThatFits: ["aridSpringtail", "slenderSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "season.months", "young.largestBox", "food.preySize"],
    from: recalled,
  },
  {
    id: "desertBlondTarantula", scientificName: "Aphonopelma chalcodes", synonyms: [],
    kind: "tarantula", group: "invertebrate", regions: ["northAmerica"], climate: "arid", lives: "burrowing",
    active: "night",
    length: { measure: "legSpan", maleCm: [10, 13], femaleCm: [11, 14] },
    massG: { male: [4, 12], female: [10, 25] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [23, 27], cool: [20, 24], night: [17, 22], highestForDays: 32,
      lowestSafeNight: 9, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [20, 65], preferred: [30, 50] }, night: { tolerated: [25, 70], preferred: [35, 60] },
      retreat: [60, 80],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 15, goodDepthCm: 20, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 40, depthCm: 30, clearHeightCm: 15, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: 20,
    },
    young: {
      box: { widthCm: 8, depthCm: 8, heightCm: 8 }, largestBox: { widthCm: 25, depthCm: 20, heightCm: 15 },
      largeBoxIsBad: true, untilMonths: [60, 120], dampRh: [40, 60], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [7, 21], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.06], depthCm: [0.5, 1.5], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [{ kind: "burrow", count: 1, where: "anywhere" }, { kind: "groundHide", count: 1, where: "anywhere" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [0, 1],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["insects"], adultEveryDays: [10, 30], youngEveryDays: [4, 8], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolAndDryRest", months: [2, 4], restC: [12, 18] }, laying: { needs: "none", depthCm: null },
    lifespanYears: [5, 30], growInDays: 21, quarantineDays: 30, tests: ["mites", "parasites"],
    cautions: ["bites", "urticatingHairs", "escapes"], law: { cites: null },
    schools: [{ about: "heating", views: [{}, { heating: "always" }] }],
    difficulty: "easy",
    crewThatFits: ["aridSpringtail", "slenderSpringtail"],
    unsure: [
      "massG", "season", "temperatureC.highestForDays", "young.untilMonths", "young.largestBox", "food.preySize",
    ],
    from: recalled,
  },
];
