import { published } from "../../../provenance";
import type { Animal } from "../../../schema";
import { recalled, zoneRecalled } from "../from";

/** Tortoises of Europe and North Africa. */
export const tortoisesOfEurope: readonly Animal[] = [
  {
    id: "hermannsTortoise", scientificName: "Testudo hermanni",
    synonyms: ["Eurotestudo hermanni", "Testudo boettgeri"],
    kind: "tortoise", group: "reptile", regions: ["europe"], climate: "seasonalWoodland", lives: "ground",
    active: "day",
    length: { measure: "carapace", maleCm: [12, 18], femaleCm: [14, 23] },
    massG: { male: [350, 1200], female: [500, 2500] },
    temperatureC: {
      baskingSurface: [35, 40], baskingAir: [31, 34], warm: [26, 30], cool: [19, 24], night: [10, 18],
      highestForDays: 33, lowestSafeNight: 4, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [30, 80], preferred: [40, 65] }, night: { tolerated: [40, 95], preferred: [55, 80] },
      retreat: [70, 90],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 10, goodDepthCm: 20, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "needed", indexAtBack: [1.5, 3.5], zone: 3, hoursADay: [10, 13] },
    box: {
      widthCm: 200, depthCm: 100, clearHeightCm: 50, forCount: 1, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 120, depthCm: 60, heightCm: 40 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [48, 84], dampRh: [65, 85], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 3], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.02, 0.04], depthCm: [1.5, 3], salinity: "fresh", canDrown: true,
      flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "humidHide", count: 1, where: "cool" },
      { kind: "leafTangle", count: 1, where: "anywhere" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 2 }, mistingsPerWeek: [1, 3],
    plants: { roughness: "uproots", eatsLiving: true }, eatsCrew: "some",
    food: {
      foods: ["livingGreens", "flowers"], adultEveryDays: [1, 1], youngEveryDays: [1, 1], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 14, preySize: "none",
    },
    season: { kind: "coolRest", months: [3, 5], restC: [4, 7] }, laying: { needs: "dampSoil", depthCm: 15 },
    lifespanYears: [40, 80], growInDays: 56, quarantineDays: 180, tests: ["parasites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "II" },
    schools: [
      { about: "group", views: [{ company: "alone", mostTogether: 1 }, {}] },
      { about: "soilDepth", views: [{}, {}] },
    ],
    difficulty: "fair", crewThatFits: ["temperateSpringtail", "powderIsopod", "pillIsopod"],
    unsure: ["uv.zone", "box", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "uv.indexAtBack"],
    from: recalled,
    fieldFrom: {
      "uv.zone": zoneRecalled, "law.cites": published("CITES Appendices I and II, family listing Testudinidae spp."),
    },
  },
  {
    id: "spurThighedTortoise", scientificName: "Testudo graeca",
    synonyms: ["Testudo ibera", "Testudo graeca ibera", "Furculachelys"],
    kind: "tortoise", group: "reptile", regions: ["northAfrica", "europe", "westAsia"], climate: "semiArid",
    lives: "ground", active: "day",
    length: { measure: "carapace", maleCm: [12, 20], femaleCm: [15, 25] },
    massG: { male: [400, 1500], female: [700, 3500] },
    temperatureC: {
      baskingSurface: [36, 41], baskingAir: [32, 35], warm: [27, 31], cool: [19, 24], night: [10, 18],
      highestForDays: 33, lowestSafeNight: 5, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [20, 75], preferred: [30, 55] }, night: { tolerated: [30, 90], preferred: [45, 70] },
      retreat: [65, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 10, goodDepthCm: 20, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "needed", indexAtBack: [1.5, 3.5], zone: 3, hoursADay: [10, 13] },
    box: {
      widthCm: 200, depthCm: 100, clearHeightCm: 50, forCount: 1, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 120, depthCm: 60, heightCm: 40 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [48, 84], dampRh: [60, 80], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 3], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.02, 0.04], depthCm: [1.5, 3], salinity: "fresh", canDrown: true,
      flow: "still",
    },
    refuges: [{ kind: "groundHide", count: 2, where: "both" }, { kind: "humidHide", count: 1, where: "cool" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 2 }, mistingsPerWeek: [0, 2],
    plants: { roughness: "uproots", eatsLiving: true }, eatsCrew: "some",
    food: {
      foods: ["livingGreens", "flowers"], adultEveryDays: [1, 1], youngEveryDays: [1, 1], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 14, preySize: "none",
    },
    season: { kind: "coolRest", months: [2, 5], restC: [4, 8] }, laying: { needs: "dampSoil", depthCm: 15 },
    lifespanYears: [40, 100], growInDays: 56, quarantineDays: 180, tests: ["parasites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "II" },
    schools: [
      { about: "group", views: [{ company: "alone", mostTogether: 1 }, {}] },
      { about: "soilDepth", views: [{}, {}] },
    ],
    difficulty: "fair", crewThatFits: ["temperateSpringtail", "slenderSpringtail", "powderIsopod"],
    unsure: [
      "uv.zone", "season", "box", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "uv.indexAtBack",
    ],
    from: recalled,
    fieldFrom: {
      "uv.zone": zoneRecalled, "law.cites": published("CITES Appendices I and II, family listing Testudinidae spp."),
    },
  },
  {
    id: "egyptianTortoise", scientificName: "Testudo kleinmanni",
    synonyms: ["Testudo werneri", "Pseudotestudo kleinmanni"],
    kind: "tortoise", group: "reptile", regions: ["northAfrica", "westAsia"], climate: "arid", lives: "ground",
    active: "day",
    length: { measure: "carapace", maleCm: [9, 11], femaleCm: [10, 14] },
    massG: { male: [100, 220], female: [200, 400] },
    temperatureC: {
      baskingSurface: [33, 37], baskingAir: [29, 32], warm: [26, 29], cool: [20, 24], night: [14, 19],
      highestForDays: 32, lowestSafeNight: 9, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [25, 70], preferred: [35, 55] }, night: { tolerated: [40, 90], preferred: [50, 75] },
      retreat: [65, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampSand", leastDepthCm: 5, goodDepthCm: 8, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "needed", indexAtBack: [1.5, 3.5], zone: null, hoursADay: [10, 13] },
    box: {
      widthCm: 120, depthCm: 60, clearHeightCm: 45, forCount: 1, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 75, depthCm: 45, heightCm: 35 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [48, 84], dampRh: [50, 70], alone: false,
    },
    arrival: { leaveAloneDays: [10, 21], firstMealDays: [1, 4], handles: "never" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.02, 0.04], depthCm: [1, 2], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "leafTangle", count: 1, where: "anywhere" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [1, 3],
    plants: { roughness: "moderate", eatsLiving: true }, eatsCrew: "none",
    food: {
      foods: ["livingGreens", "flowers"], adultEveryDays: [1, 1], youngEveryDays: [1, 1], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 14, preySize: "none",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dampSoil", depthCm: 8 },
    lifespanYears: [30, 60], growInDays: 28, quarantineDays: 180, tests: ["parasites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "I" },
    schools: [
      { about: "group", views: [{ company: "alone", mostTogether: 1 }, {}] },
    ],
    difficulty: "hard", crewThatFits: ["aridSpringtail", "slenderSpringtail", "powderIsopod", "desertDwarfIsopod"],
    unsure: ["season", "uv.indexAtBack", "temperatureC.highestForDays", "temperatureC.lowestSafeNight"],
    from: recalled, fieldFrom: { "law.cites": published("CITES Appendix I, Testudo kleinmanni") },
  },
];
