import { practised, published } from "../../../provenance";
import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Boas of Africa. */
export const boasOfAfrica: readonly Animal[] = [
  {
    id: "sandBoa", scientificName: "Eryx colubrinus",
    synonyms: ["Gongylophis colubrinus", "Eryx colubrinus loveridgei"],
    kind: "boa", group: "reptile", regions: ["africa", "northAfrica"], climate: "arid", lives: "sandSwimming",
    active: "night",
    length: { measure: "total", maleCm: [33, 45], femaleCm: [55, 80] },
    massG: { male: [60, 150], female: [300, 750] },
    temperatureC: {
      baskingSurface: [33, 36], baskingAir: [30, 32], warm: [29, 32], cool: [24, 27], night: [20, 25],
      highestForDays: 32, lowestSafeNight: 16, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [15, 60], preferred: [25, 45] }, night: { tolerated: [20, 65], preferred: [30, 50] },
      retreat: [50, 70],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "looseSand", leastDepthCm: 8, goodDepthCm: 13, surface: "dry", deep: "dry" }, drainage: "avoided",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 75, depthCm: 45, clearHeightCm: 35, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 35, depthCm: 25, heightCm: 20 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [18, 30], dampRh: null, alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [7, 14], handles: "calm" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.04], depthCm: [2, 4], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [{ kind: "groundHide", count: 2, where: "both" }, { kind: "humidHide", count: 1, where: "cool" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [0, 0],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents"], adultEveryDays: [10, 14], youngEveryDays: [5, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [15, 25], growInDays: 28, quarantineDays: 90,
    tests: ["serpentovirus", "cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "protectedSpecies", "salmonella"], law: { cites: "II" },
    schools: [
      { about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }, { about: "heating", views: [{}, {}] },
      { about: "soilDepth", views: [{}, { leastSoilCm: 3 }] },
    ],
    difficulty: "easy",
    crewThatFits: ["blueDeathFeigningBeetle", "smoothDeathFeigningBeetle", "cuppedDarklingBeetle"],
    unsure: ["temperatureC.lowestSafeNight", "massG", "temperatureC.highestForDays", "uv.indexAtBack"],
    from: recalled,
    fieldFrom: {
      drainage: practised("no drainage for most snakes: wet soil means scale and lung trouble"),
      "law.cites": published("CITES Appendices I and II, family listing Boidae spp."),
    },
  },
];
