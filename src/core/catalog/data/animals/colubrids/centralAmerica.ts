import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Colubrids of Central America and the Caribbean. */
export const colubridsOfCentralAmerica: readonly Animal[] = [
  {
    id: "sinaloanMilkSnake", scientificName: "Lampropeltis polyzona",
    synonyms: ["Lampropeltis triangulum sinaloae", "Lampropeltis triangulum nelsoni", "Lampropeltis triangulum"],
    kind: "colubrid", group: "reptile", regions: ["centralAmerica", "northAmerica"], climate: "seasonalWoodland",
    lives: "ground", active: "night",
    length: { measure: "total", maleCm: [80, 115], femaleCm: [75, 110] },
    massG: { male: [250, 550], female: [250, 500] },
    temperatureC: {
      baskingSurface: [30, 32], baskingAir: [28, 30], warm: [27, 30], cool: [22, 25], night: [17, 22],
      highestForDays: 32, lowestSafeNight: 10, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [30, 75], preferred: [40, 60] }, night: { tolerated: [35, 80], preferred: [45, 65] },
      retreat: [65, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 6, goodDepthCm: 10, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 100, depthCm: 50, clearHeightCm: 45, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 40, depthCm: 28, heightCm: 22 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [15, 24], dampRh: [45, 70], alone: true,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [5, 10], handles: "brief" },
    water: {
      kind: "bowl", shareOfFloor: [0.03, 0.06], depthCm: [3, 6], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "burrow", count: 1, where: "cool" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 1, branchCm: [2, 4], baskingPlaces: 1 }, mistingsPerWeek: [0, 2],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents"], adultEveryDays: [7, 14], youngEveryDays: [4, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [10, 14] }, laying: { needs: "layingBox", depthCm: 10 },
    lifespanYears: [15, 22], growInDays: 28, quarantineDays: 90, tests: ["cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "salmonella", "musk"], law: { cites: null },
    schools: [
      { about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] },
      { about: "drainage", views: [{ drainage: "avoided" }, { drainage: "wanted" }] },
    ],
    difficulty: "easy",
    crewThatFits: [
      "temperateSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "nosyPillIsopod",
      "soilPredatoryMite",
    ],
    unsure: ["massG", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "uv.indexAtBack"],
    from: recalled,
  },
  {
    id: "honduranMilkSnake", scientificName: "Lampropeltis abnorma",
    synonyms: ["Lampropeltis triangulum hondurensis", "Lampropeltis triangulum"],
    kind: "colubrid", group: "reptile", regions: ["centralAmerica"], climate: "humidForest", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [100, 145], femaleCm: [95, 135] },
    massG: { male: [400, 900], female: [350, 800] },
    temperatureC: {
      baskingSurface: [30, 32], baskingAir: [28, 30], warm: [27, 29], cool: [22, 26], night: [19, 23],
      highestForDays: 32, lowestSafeNight: 13, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [40, 85], preferred: [50, 70] }, night: { tolerated: [45, 90], preferred: [55, 75] },
      retreat: [70, 90],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 6, goodDepthCm: 10, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 120, depthCm: 60, clearHeightCm: 50, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 40, depthCm: 30, heightCm: 25 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [15, 24], dampRh: [55, 80], alone: true,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [5, 10], handles: "brief" },
    water: {
      kind: "bowl", shareOfFloor: [0.04, 0.07], depthCm: [4, 7], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "burrow", count: 1, where: "cool" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 1, branchCm: [2, 5], baskingPlaces: 1 }, mistingsPerWeek: [1, 2],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents"], adultEveryDays: [7, 14], youngEveryDays: [4, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [12, 16] }, laying: { needs: "layingBox", depthCm: 12 },
    lifespanYears: [15, 22], growInDays: 28, quarantineDays: 90, tests: ["cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "salmonella", "musk"], law: { cites: null },
    schools: [
      { about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] },
      { about: "drainage", views: [{ drainage: "avoided" }, { drainage: "wanted" }] },
    ],
    difficulty: "easy",
    crewThatFits: [
      "temperateSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "nosyPillIsopod",
      "soilPredatoryMite",
    ],
    unsure: ["massG", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "uv.indexAtBack"],
    from: recalled,
  },
];
