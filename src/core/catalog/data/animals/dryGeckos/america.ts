import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Dry geckos of the Americas. */
export const dryGeckosOfAmerica: readonly Animal[] = [
  {
    id: "bandedGecko", scientificName: "Coleonyx variegatus", synonyms: [],
    kind: "geckoDry", group: "reptile", regions: ["northAmerica"], climate: "arid", lives: "ground", active: "night",
    length: { measure: "total", maleCm: [11, 14], femaleCm: [12, 15] }, massG: { male: [3, 6], female: [4, 7] },
    temperatureC: {
      baskingSurface: [32, 35], baskingAir: [29, 31], warm: [27, 31], cool: [22, 26], night: [15, 22],
      highestForDays: 34, lowestSafeNight: 8, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [15, 60], preferred: [25, 45] }, night: { tolerated: [20, 70], preferred: [30, 55] },
      retreat: [65, 90],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dryCrumble", leastDepthCm: 5, goodDepthCm: 9, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "beneficial", indexAtBack: [0.4, 1.2], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 45, depthCm: 30, clearHeightCm: 25, forCount: 1, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 15, heightCm: 12 }, largestBox: { widthCm: 40, depthCm: 25, heightCm: 20 },
      largeBoxIsBad: true, untilMonths: [8, 12], dampRh: [35, 60], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 4], handles: "never" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "humidHide", count: 1, where: "warm" },
      { kind: "crevice", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [0, 2],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["smallInsects", "insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [10, 16] }, laying: { needs: "layingBox", depthCm: 8 },
    lifespanYears: [8, 15], growInDays: 21, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["salmonella"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "fair", crewThatFits: ["powderIsopod", "tropicalSpringtail", "dwarfWhiteIsopod", "hoodedDwarfRoach"],
    unsure: [
      "uv.indexAtBack", "lifespanYears", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
      "young.largestBox",
    ],
    from: recalled,
  },
  {
    id: "centralAmericanBandedGecko", scientificName: "Coleonyx mitratus", synonyms: [],
    kind: "geckoDry", group: "reptile", regions: ["centralAmerica"], climate: "seasonalWoodland", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [14, 19], femaleCm: [14, 19] }, massG: { male: [9, 18], female: [10, 20] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [25, 28], cool: [22, 25], night: [19, 23], highestForDays: 31,
      lowestSafeNight: 14, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [45, 95], preferred: [55, 80] }, night: { tolerated: [50, 100], preferred: [65, 90] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 6, goodDepthCm: 10, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.8], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 60, depthCm: 45, clearHeightCm: 30, forCount: 1, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 25, depthCm: 20, heightCm: 15 }, largestBox: { widthCm: 45, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [8, 12], dampRh: [65, 85], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 4], handles: "brief" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "leafTangle", count: 1, where: "anywhere" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 1, branchCm: [3, 6], baskingPlaces: 0 }, mistingsPerWeek: [3, 6],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [2, 3], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dampSoil", depthCm: 6 },
    lifespanYears: [8, 14], growInDays: 28, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["salmonella"], law: { cites: null },
    schools: [
      { about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] },
      { about: "drainage", views: [{ drainage: "wanted" }, { drainage: "avoided" }] },
    ],
    difficulty: "fair", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod", "powderIsopod"],
    unsure: [
      "uv.indexAtBack", "massG", "lifespanYears", "law.cites", "temperatureC.highestForDays",
      "temperatureC.lowestSafeNight", "young.largestBox",
    ],
    from: recalled,
  },
];
