import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Humid geckos of the Americas. */
export const humidGeckosOfAmerica: readonly Animal[] = [
  {
    id: "yellowHeadedGecko", scientificName: "Gonatodes albogularis", synonyms: [],
    kind: "geckoHumid", group: "reptile", regions: ["centralAmerica", "southAmerica", "caribbean"],
    climate: "seasonalWoodland", lives: "climbing", active: "day",
    length: { measure: "total", maleCm: [7, 9.5], femaleCm: [6.5, 9] },
    massG: { male: [1.5, 2.8], female: [1.5, 2.6] },
    temperatureC: {
      baskingSurface: [30, 33], baskingAir: [28, 30], warm: [24, 28], cool: [22, 25], night: [20, 23],
      highestForDays: 31, lowestSafeNight: 14, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [40, 90], preferred: [50, 75] }, night: { tolerated: [60, 100], preferred: [70, 95] },
      retreat: null,
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 5, goodDepthCm: 8, surface: "slightlyMoist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 1.2], zone: null, hoursADay: [10, 12] },
    box: {
      widthCm: 30, depthCm: 30, clearHeightCm: 38, forCount: 2, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 15, depthCm: 15, heightCm: 15 }, largestBox: { widthCm: 30, depthCm: 30, heightCm: 30 },
      largeBoxIsBad: true, untilMonths: [6, 9], dampRh: [60, 85], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 3], handles: "never" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "crevice", count: 3, where: "anywhere" }, { kind: "corkTubeHigh", count: 1, where: "high" },
      { kind: "leafTangle", count: 1, where: "anywhere" },
    ],
    perches: { spans: 5, branchCm: [2, 5], baskingPlaces: 1 }, mistingsPerWeek: [3, 7],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dryCrevice", depthCm: null },
    lifespanYears: [4, 7], growInDays: 28, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["escapes", "invasive", "salmonella"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "temperateSpringtail", "dwarfWhiteIsopod"],
    unsure: [
      "uv.indexAtBack", "massG", "lifespanYears", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
      "young.largestBox",
    ],
    from: recalled,
  },
  {
    id: "broadBandedDwarfGecko", scientificName: "Sphaerodactylus torrei", synonyms: [],
    kind: "geckoHumid", group: "reptile", regions: ["caribbean"], climate: "humidForest", lives: "ground",
    active: "dusk",
    length: { measure: "total", maleCm: [5.5, 7], femaleCm: [5.5, 7.5] },
    massG: { male: [0.7, 1.2], female: [0.7, 1.4] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [25, 28], cool: [22, 25], night: [20, 23], highestForDays: 31,
      lowestSafeNight: 14, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [50, 95], preferred: [60, 85] }, night: { tolerated: [55, 100], preferred: [70, 95] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 7, surface: "slightlyMoist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 1], zone: null, hoursADay: [10, 12] },
    box: {
      widthCm: 30, depthCm: 30, clearHeightCm: 22, forCount: 2, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 12, depthCm: 12, heightCm: 10 }, largestBox: { widthCm: 25, depthCm: 25, heightCm: 20 },
      largeBoxIsBad: true, untilMonths: [6, 9], dampRh: [70, 90], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 3], handles: "never" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "leafTangle", count: 2, where: "anywhere" }, { kind: "crevice", count: 2, where: "anywhere" },
      { kind: "groundHide", count: 2, where: "both" },
    ],
    perches: { spans: 3, branchCm: [1, 3], baskingPlaces: 0 }, mistingsPerWeek: [4, 8],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dryCrevice", depthCm: null },
    lifespanYears: [3, 7], growInDays: 28, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["protectedSpecies", "escapes", "salmonella"], law: { cites: "III" },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "fair", crewThatFits: ["tropicalSpringtail", "temperateSpringtail", "dwarfWhiteIsopod"],
    unsure: [
      "uv.indexAtBack", "massG", "lifespanYears", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
      "young.untilMonths", "young.largestBox",
    ],
    from: recalled,
  },
  {
    id: "ashyDwarfGecko", scientificName: "Sphaerodactylus elegans", synonyms: [],
    kind: "geckoHumid", group: "reptile", regions: ["caribbean"], climate: "humidForest", lives: "climbing",
    active: "night",
    length: { measure: "total", maleCm: [6, 7.5], femaleCm: [6, 7.5] },
    massG: { male: [0.7, 1.2], female: [0.7, 1.3] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [25, 28], cool: [22, 25], night: [20, 23], highestForDays: 31,
      lowestSafeNight: 14, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [50, 95], preferred: [60, 85] }, night: { tolerated: [55, 100], preferred: [70, 95] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 7, surface: "slightlyMoist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 1], zone: null, hoursADay: [10, 12] },
    box: {
      widthCm: 30, depthCm: 30, clearHeightCm: 30, forCount: 2, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 12, depthCm: 12, heightCm: 10 }, largestBox: { widthCm: 25, depthCm: 25, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [6, 9], dampRh: [70, 90], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 3], handles: "never" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [{ kind: "crevice", count: 3, where: "high" }, { kind: "leafTangle", count: 1, where: "anywhere" }],
    perches: { spans: 4, branchCm: [2, 4], baskingPlaces: 0 }, mistingsPerWeek: [4, 8],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dryCrevice", depthCm: null },
    lifespanYears: [3, 7], growInDays: 28, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["escapes", "invasive", "salmonella"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "fair", crewThatFits: ["tropicalSpringtail", "temperateSpringtail", "dwarfWhiteIsopod"],
    unsure: [
      "uv.indexAtBack", "massG", "lifespanYears", "law.cites", "temperatureC.highestForDays",
      "temperatureC.lowestSafeNight", "young.untilMonths", "young.largestBox",
    ],
    from: recalled,
  },
];
