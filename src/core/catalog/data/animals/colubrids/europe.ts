import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Colubrids of Europe and North Africa. */
export const colubridsOfEurope: readonly Animal[] = [
  {
    id: "leopardSnake", scientificName: "Zamenis situla", synonyms: ["Elaphe situla", "Coluber leopardinus"],
    kind: "colubrid", group: "reptile", regions: ["europe", "westAsia"], climate: "seasonalWoodland",
    lives: "rockCrevice", active: "dusk",
    length: { measure: "total", maleCm: [65, 90], femaleCm: [70, 100] },
    massG: { male: [90, 180], female: [100, 230] },
    temperatureC: {
      baskingSurface: [29, 32], baskingAir: [26, 29], warm: [25, 28], cool: [20, 24], night: [14, 20],
      highestForDays: 31, lowestSafeNight: 5, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [35, 80], preferred: [45, 65] }, night: { tolerated: [40, 85], preferred: [50, 70] },
      retreat: [65, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dryCrumble", leastDepthCm: 6, goodDepthCm: 10, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 90, depthCm: 50, clearHeightCm: 50, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 30, depthCm: 25, heightCm: 25 }, largestBox: { widthCm: 60, depthCm: 40, heightCm: 40 },
      largeBoxIsBad: true, untilMonths: [18, 30], dampRh: [50, 75], alone: true,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [5, 10], handles: "brief" },
    water: {
      kind: "bowl", shareOfFloor: [0.03, 0.05], depthCm: [3, 5], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "crevice", count: 2, where: "both" }, { kind: "groundHide", count: 2, where: "both" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 2, branchCm: [1.5, 4], baskingPlaces: 1 }, mistingsPerWeek: [0, 1],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents"], adultEveryDays: [7, 12], youngEveryDays: [5, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolRest", months: [3, 4], restC: [5, 10] }, laying: { needs: "layingBox", depthCm: 10 },
    lifespanYears: [15, 25], growInDays: 28, quarantineDays: 90, tests: ["cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "protectedSpecies", "salmonella"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "hard",
    crewThatFits: [
      "temperateSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "nosyPillIsopod",
      "soilPredatoryMite",
    ],
    unsure: [
      "massG", "uv.indexAtBack", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "young.largestBox",
    ],
    from: recalled,
  },
];
