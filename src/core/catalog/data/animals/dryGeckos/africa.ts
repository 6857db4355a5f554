import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Dry geckos of Africa. */
export const dryGeckosOfAfrica: readonly Animal[] = [
  {
    id: "fatTailedGecko", scientificName: "Hemitheconyx caudicinctus", synonyms: [],
    kind: "geckoDry", group: "reptile", regions: ["africa"], climate: "seasonalWoodland", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [20, 25], femaleCm: [18, 22] }, massG: { male: [50, 80], female: [40, 65] },
    temperatureC: {
      baskingSurface: [32, 35], baskingAir: [29, 31], warm: [28, 31], cool: [24, 27], night: [21, 25],
      highestForDays: 34, lowestSafeNight: 17, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [35, 80], preferred: [45, 65] }, night: { tolerated: [40, 90], preferred: [55, 75] },
      retreat: [80, 95],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dryCrumble", leastDepthCm: 8, goodDepthCm: 12, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.4, 1.2], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 90, depthCm: 45, clearHeightCm: 35, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 40, depthCm: 30, heightCm: 20 }, largestBox: { widthCm: 60, depthCm: 45, heightCm: 35 },
      largeBoxIsBad: true, untilMonths: [9, 14], dampRh: [60, 80], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [2, 5], handles: "calm" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "humidHide", count: 1, where: "warm" },
      { kind: "crevice", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [2, 4],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "eyeGap",
    },
    season: { kind: "coolAndDryRest", months: [2, 3], restC: [21, 25] }, laying: { needs: "layingBox", depthCm: 8 },
    lifespanYears: [12, 20], growInDays: 28, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["salmonella"], law: { cites: null },
    schools: [
      { about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] },
      { about: "drainage", views: [{ drainage: "wanted" }, { drainage: "avoided" }] },
    ],
    difficulty: "easy", crewThatFits: ["powderIsopod", "tropicalSpringtail", "dwarfWhiteIsopod", "littleSeaIsopod"],
    unsure: ["uv.indexAtBack", "young.largestBox"],
    from: recalled,
  },
  {
    id: "webFootedGecko", scientificName: "Pachydactylus rangei", synonyms: ["Palmatogecko rangei"],
    kind: "geckoDry", group: "reptile", regions: ["africa"], climate: "arid", lives: "burrowing", active: "night",
    length: { measure: "total", maleCm: [10, 13], femaleCm: [11, 14] }, massG: { male: [3.5, 6], female: [4.5, 8] },
    temperatureC: {
      baskingSurface: [30, 34], baskingAir: [28, 31], warm: [26, 30], cool: [21, 25], night: [13, 19],
      highestForDays: 33, lowestSafeNight: 7, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [15, 60], preferred: [25, 45] }, night: { tolerated: [40, 95], preferred: [55, 85] },
      retreat: [60, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampSand", leastDepthCm: 12, goodDepthCm: 18, surface: "dry", deep: "moist" },
    drainage: "avoided",
    uv: { need: "beneficial", indexAtBack: [0.3, 1], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 60, depthCm: 45, clearHeightCm: 25, forCount: 2, eachMoreFloorShare: 0.5, mostTogether: 2,
      company: "pair", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 15, heightCm: 12 }, largestBox: { widthCm: 40, depthCm: 30, heightCm: 20 },
      largeBoxIsBad: true, untilMonths: [9, 12], dampRh: null, alone: true,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [1, 4], handles: "never" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [{ kind: "burrow", count: 2, where: "both" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [3, 5],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["smallInsects", "insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [12, 18] }, laying: { needs: "dampSoil", depthCm: 10 },
    lifespanYears: [5, 8], growInDays: 21, quarantineDays: 90, tests: ["parasites", "cryptosporidia"],
    cautions: ["salmonella"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "hard", crewThatFits: ["powderIsopod", "slenderSpringtail"],
    unsure: [
      "uv.indexAtBack", "massG", "humidityRh.night", "law.cites", "lifespanYears", "temperatureC.highestForDays",
      "temperatureC.lowestSafeNight", "young.largestBox",
    ],
    from: recalled,
  },
];
