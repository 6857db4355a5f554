import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Colubrids of Africa. */
export const colubridsOfAfrica: readonly Animal[] = [
  {
    id: "houseSnake", scientificName: "Boaedon fuliginosus", synonyms: ["Lamprophis fuliginosus"],
    kind: "colubrid", group: "reptile", regions: ["africa"], climate: "seasonalWoodland", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [50, 75], femaleCm: [80, 120] },
    massG: { male: [100, 250], female: [250, 700] },
    temperatureC: {
      baskingSurface: [30, 32], baskingAir: [28, 30], warm: [27, 30], cool: [23, 26], night: [19, 24],
      highestForDays: 33, lowestSafeNight: 14, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [35, 80], preferred: [45, 65] }, night: { tolerated: [40, 85], preferred: [50, 70] },
      retreat: [65, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 5, goodDepthCm: 8, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 100, depthCm: 50, clearHeightCm: 45, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 35, depthCm: 25, heightCm: 20 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [12, 20], dampRh: [50, 70], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [5, 10], handles: "brief" },
    water: {
      kind: "bowl", shareOfFloor: [0.03, 0.06], depthCm: [3, 6], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [{ kind: "groundHide", count: 2, where: "both" }, { kind: "humidHide", count: 1, where: "cool" }],
    perches: { spans: 1, branchCm: [2, 4], baskingPlaces: 1 }, mistingsPerWeek: [0, 2],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents"], adultEveryDays: [7, 14], youngEveryDays: [4, 6], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "layingBox", depthCm: 10 },
    lifespanYears: [12, 20], growInDays: 28, quarantineDays: 90, tests: ["cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "salmonella"], law: { cites: null },
    schools: [
      { about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] },
      { about: "drainage", views: [{ drainage: "avoided" }, { drainage: "wanted" }] },
    ],
    difficulty: "easy",
    crewThatFits: [
      "temperateSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "roughIsopod", "nosyPillIsopod",
      "soilPredatoryMite",
    ],
    unsure: [
      "massG", "scientificName", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "uv.indexAtBack",
    ],
    from: recalled,
  },
  {
    id: "eggEatingSnake", scientificName: "Dasypeltis scabra", synonyms: [],
    kind: "colubrid", group: "reptile", regions: ["africa"], climate: "seasonalWoodland", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [50, 75], femaleCm: [65, 100] },
    massG: { male: [50, 120], female: [90, 280] },
    temperatureC: {
      baskingSurface: [30, 32], baskingAir: [28, 30], warm: [27, 29], cool: [23, 26], night: [18, 23],
      highestForDays: 33, lowestSafeNight: 12, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [30, 75], preferred: [40, 60] }, night: { tolerated: [35, 80], preferred: [45, 65] },
      retreat: [65, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 5, goodDepthCm: 8, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 90, depthCm: 50, clearHeightCm: 60, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 30, depthCm: 25, heightCm: 25 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [15, 24], dampRh: [45, 70], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [5, 14], handles: "brief" },
    water: {
      kind: "bowl", shareOfFloor: [0.03, 0.06], depthCm: [3, 5], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "corkTubeHigh", count: 1, where: "high" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 3, branchCm: [1.5, 4], baskingPlaces: 1 }, mistingsPerWeek: [0, 2],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["eggs"], adultEveryDays: [7, 14], youngEveryDays: [5, 10], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "none",
    },
    season: { kind: "dryRest", months: [2, 3], restC: [19, 24] }, laying: { needs: "layingBox", depthCm: 10 },
    lifespanYears: [10, 18], growInDays: 28, quarantineDays: 90, tests: ["cryptosporidia", "parasites", "mites"],
    cautions: ["escapes", "salmonella"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "hard",
    crewThatFits: [
      "temperateSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "roughIsopod", "nosyPillIsopod",
      "soilPredatoryMite",
    ],
    unsure: [
      "massG", "lifespanYears", "season", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
      "uv.indexAtBack", "food.preySize",
    ],
    from: recalled,
  },
];
