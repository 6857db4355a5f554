import { published } from "../../../provenance";
import type { Animal } from "../../../schema";
import { recalled, zoneRecalled } from "../from";

/** Tortoises of Asia. */
export const tortoisesOfAsia: readonly Animal[] = [
  {
    id: "horsfieldsTortoise", scientificName: "Testudo horsfieldii",
    synonyms: ["Agrionemys horsfieldii", "Testudo horsfieldi"],
    kind: "tortoise", group: "reptile", regions: ["centralAsia", "westAsia"], climate: "semiArid", lives: "burrowing",
    active: "day",
    length: { measure: "carapace", maleCm: [12, 17], femaleCm: [14, 22] },
    massG: { male: [350, 1000], female: [600, 1800] },
    temperatureC: {
      baskingSurface: [36, 41], baskingAir: [32, 35], warm: [26, 30], cool: [18, 23], night: [8, 17],
      highestForDays: 33, lowestSafeNight: 3, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [15, 70], preferred: [25, 50] }, night: { tolerated: [25, 85], preferred: [40, 65] },
      retreat: [65, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 20, goodDepthCm: 30, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "needed", indexAtBack: [1.5, 3.5], zone: 3, hoursADay: [10, 13] },
    box: {
      widthCm: 180, depthCm: 100, clearHeightCm: 50, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 120, depthCm: 60, heightCm: 40 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [48, 84], dampRh: [50, 75], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 3], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.02, 0.04], depthCm: [1.5, 3], salinity: "fresh", canDrown: true,
      flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 1, where: "warm" }, { kind: "burrow", count: 1, where: "cool" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 2 }, mistingsPerWeek: [0, 2],
    plants: { roughness: "uproots", eatsLiving: true }, eatsCrew: "none",
    food: {
      foods: ["livingGreens", "flowers"], adultEveryDays: [1, 1], youngEveryDays: [1, 1], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 14, preySize: "none",
    },
    season: { kind: "coolRest", months: [3, 5], restC: [3, 7] }, laying: { needs: "dampSoil", depthCm: 15 },
    lifespanYears: [40, 80], growInDays: 56, quarantineDays: 180, tests: ["parasites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "II" },
    schools: [
      { about: "group", views: [{}, { company: "group", mostTogether: 3 }] },
      { about: "soilDepth", views: [{}, {}] },
    ],
    difficulty: "fair", crewThatFits: ["powderIsopod", "desertDwarfIsopod", "temperateSpringtail"],
    unsure: ["uv.zone", "box", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "uv.indexAtBack"],
    from: recalled,
    fieldFrom: {
      "uv.zone": zoneRecalled, "law.cites": published("CITES Appendices I and II, family listing Testudinidae spp."),
    },
  },
  {
    id: "starTortoise", scientificName: "Geochelone elegans", synonyms: ["Testudo elegans"],
    kind: "tortoise", group: "reptile", regions: ["southAsia"], climate: "seasonalWoodland", lives: "ground",
    active: "day",
    length: { measure: "carapace", maleCm: [15, 20], femaleCm: [20, 30] },
    massG: { male: [650, 1800], female: [1600, 5500] },
    temperatureC: {
      baskingSurface: [34, 38], baskingAir: [30, 33], warm: [28, 31], cool: [24, 27], night: [21, 25],
      highestForDays: 33, lowestSafeNight: 15, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [40, 90], preferred: [50, 75] }, night: { tolerated: [50, 95], preferred: [60, 85] },
      retreat: [75, 95],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 15, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "needed", indexAtBack: [1.5, 3], zone: null, hoursADay: [10, 13] },
    box: {
      widthCm: 200, depthCm: 100, clearHeightCm: 50, forCount: 1, eachMoreFloorShare: 0.4, mostTogether: 4,
      company: "group", malesTogether: 2, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 100, depthCm: 60, heightCm: 40 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [48, 84], dampRh: [65, 90], alone: false,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [1, 4], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.03, 0.05], depthCm: [2, 4], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "leafTangle", count: 1, where: "anywhere" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 2 }, mistingsPerWeek: [2, 5],
    plants: { roughness: "uproots", eatsLiving: true }, eatsCrew: "none",
    food: {
      foods: ["livingGreens", "flowers"], adultEveryDays: [1, 1], youngEveryDays: [1, 1], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 14, preySize: "none",
    },
    season: { kind: "dryRest", months: [2, 4], restC: [20, 26] }, laying: { needs: "dampSoil", depthCm: 15 },
    lifespanYears: [30, 60], growInDays: 56, quarantineDays: 180, tests: ["parasites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "I" },
    schools: [
      { about: "group", views: [{ company: "alone", mostTogether: 1 }, {}] }, { about: "soilDepth", views: [{}, {}] },
    ],
    difficulty: "hard",
    crewThatFits: [
      "slenderSpringtail", "tropicalSpringtail", "powderIsopod", "dwarfWhiteIsopod", "desertDwarfIsopod",
      "roughIsopod", "hoodedDwarfRoach",
    ],
    unsure: [
      "massG", "uv.indexAtBack", "humidityRh", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "box",
    ],
    from: recalled, fieldFrom: { "law.cites": published("CITES Appendix I, Geochelone elegans") },
  },
];
