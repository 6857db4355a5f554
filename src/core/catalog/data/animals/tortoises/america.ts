import { published } from "../../../provenance";
import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Tortoises of the Americas. */
export const tortoisesOfAmerica: readonly Animal[] = [
  {
    id: "redFootedTortoise", scientificName: "Chelonoidis carbonarius",
    synonyms: ["Geochelone carbonaria", "Chelonoidis carbonaria"],
    kind: "tortoise", group: "reptile", regions: ["southAmerica", "centralAmerica", "caribbean"],
    climate: "humidForest", lives: "ground", active: "day",
    length: { measure: "carapace", maleCm: [28, 40], femaleCm: [25, 35] },
    massG: { male: [4000, 10000], female: [3000, 8000] },
    temperatureC: {
      baskingSurface: [31, 35], baskingAir: [29, 31], warm: [27, 30], cool: [24, 27], night: [22, 25],
      highestForDays: 32, lowestSafeNight: 17, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [55, 95], preferred: [65, 85] }, night: { tolerated: [60, 100], preferred: [75, 95] },
      retreat: [80, 98],
    },
    air: { movement: "gentle", driesBetweenMistings: false },
    soil: { type: "limedForest", leastDepthCm: 12, goodDepthCm: 20, surface: "slightlyMoist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "needed", indexAtBack: [0.7, 1.5], zone: null, hoursADay: [10, 13] },
    box: {
      widthCm: 300, depthCm: 150, clearHeightCm: 70, forCount: 1, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 150, depthCm: 75, heightCm: 50 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [36, 72], dampRh: [75, 95], alone: false,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [1, 3], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.04, 0.08], depthCm: [4, 8], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "leafTangle", count: 2, where: "anywhere" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [4, 10],
    plants: { roughness: "uproots", eatsLiving: true }, eatsCrew: "some",
    food: {
      foods: ["livingGreens", "flowers", "fruit", "carrion", "worms", "snails"], adultEveryDays: [1, 2],
      youngEveryDays: [1, 1], calciumEveryNthFeeding: 2, vitaminsEveryDays: 14, preySize: "none",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dampSoil", depthCm: 20 },
    lifespanYears: [35, 60], growInDays: 56, quarantineDays: 180, tests: ["parasites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "II" },
    schools: [
      { about: "group", views: [{ company: "alone", mostTogether: 1 }, {}] },
      { about: "nocturnalUv", views: [{ uvIndexAtBack: [0.5, 1] }, { uvIndexAtBack: [1, 2] }] },
    ],
    difficulty: "fair",
    crewThatFits: ["tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod"],
    unsure: ["uv.indexAtBack", "box", "temperatureC.highestForDays", "temperatureC.lowestSafeNight"],
    from: recalled,
    fieldFrom: { "law.cites": published("CITES Appendices I and II, family listing Testudinidae spp.") },
  },
];
