import { published } from "../../../provenance";
import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Tortoises of Africa. */
export const tortoisesOfAfrica: readonly Animal[] = [
  {
    id: "pancakeTortoise", scientificName: "Malacochersus tornieri", synonyms: ["Testudo tornieri"],
    kind: "tortoise", group: "reptile", regions: ["africa"], climate: "semiArid", lives: "rockCrevice", active: "day",
    length: { measure: "carapace", maleCm: [13, 17], femaleCm: [14, 18] },
    massG: { male: [300, 550], female: [350, 650] },
    temperatureC: {
      baskingSurface: [34, 38], baskingAir: [30, 33], warm: [27, 31], cool: [23, 26], night: [18, 23],
      highestForDays: 36, lowestSafeNight: 13, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [25, 75], preferred: [35, 60] }, night: { tolerated: [35, 85], preferred: [45, 70] },
      retreat: [60, 80],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "rockAndGrit", leastDepthCm: 6, goodDepthCm: 10, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "needed", indexAtBack: [1.5, 3], zone: null, hoursADay: [10, 13] },
    box: {
      widthCm: 150, depthCm: 75, clearHeightCm: 60, forCount: 1, eachMoreFloorShare: 0.5, mostTogether: 4,
      company: "group", malesTogether: 1, greatestFallCm: 50,
    },
    young: { box: { widthCm: 70, depthCm: 45, heightCm: 40 }, largeBoxIsBad: false },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.04], depthCm: [1.5, 2.5], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [{ kind: "crevice", count: 3, where: "both" }, { kind: "humidHide", count: 1, where: "cool" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 2 }, mistingsPerWeek: [1, 2],
    plants: { roughness: "rough", eatsLiving: true }, eatsCrew: "none",
    food: {
      foods: ["livingGreens", "flowers"], adultEveryDays: [1, 1], youngEveryDays: [1, 1], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 14,
    },
    season: { kind: "dryRest", months: [2, 3], restC: [18, 23] }, laying: { needs: "dampSoil", depthCm: 8 },
    lifespanYears: [25, 40], growInDays: 28, quarantineDays: 180, tests: ["parasites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "I" },
    schools: [{ about: "group", views: [{ company: "alone", mostTogether: 1 }, {}] }],
    difficulty: "fair",
    crewThatFits: [
      "aridSpringtail", "slenderSpringtail", "powderIsopod", "desertDwarfIsopod", "blueDeathFeigningBeetle",
      "cuppedDarklingBeetle", "hoodedDwarfRoach", "roughIsopod",
    ],
    unsure: [
      "box.greatestFallCm", "massG", "uv.indexAtBack", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
    ],
    from: recalled, fieldFrom: { "law.cites": published("CITES Appendix I, Malacochersus tornieri") },
  },
  {
    id: "bellsHingeback", scientificName: "Kinixys belliana", synonyms: [],
    kind: "tortoise", group: "reptile", regions: ["africa"], climate: "seasonalWoodland", lives: "ground",
    active: "day",
    length: { measure: "carapace", maleCm: [15, 20], femaleCm: [16, 22] },
    massG: { male: [700, 1300], female: [800, 1800] },
    temperatureC: {
      baskingSurface: [31, 35], baskingAir: [28, 31], warm: [27, 30], cool: [23, 26], night: [20, 24],
      highestForDays: 34, lowestSafeNight: 15, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [50, 92], preferred: [60, 80] }, night: { tolerated: [55, 98], preferred: [65, 90] },
      retreat: [75, 95],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 12, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "needed", indexAtBack: [0.7, 1.5], zone: null, hoursADay: [10, 13] },
    box: {
      widthCm: 180, depthCm: 90, clearHeightCm: 50, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: { box: { widthCm: 70, depthCm: 45, heightCm: 35 }, largeBoxIsBad: false },
    water: {
      kind: "bathBowl", shareOfFloor: [0.04, 0.08], depthCm: [3, 5], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "leafTangle", count: 1, where: "anywhere" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [3, 6],
    plants: { roughness: "uproots", eatsLiving: true }, eatsCrew: "most",
    food: {
      foods: ["livingGreens", "fruit", "worms", "snails", "insects", "carrion"], adultEveryDays: [1, 2],
      youngEveryDays: [1, 1], calciumEveryNthFeeding: 2, vitaminsEveryDays: 14,
    },
    season: { kind: "dryRest", months: [2, 4], restC: [19, 24] }, laying: { needs: "dampSoil", depthCm: 12 },
    lifespanYears: [20, 40], growInDays: 56, quarantineDays: 180, tests: ["parasites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "II" },
    schools: [{ about: "group", views: [{}, { company: "group", mostTogether: 3 }] }],
    difficulty: "hard", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod", "powderIsopod", "dairyIsopod"],
    unsure: ["scientificName", "massG", "temperatureC", "uv.indexAtBack"],
    from: recalled,
    fieldFrom: { "law.cites": published("CITES Appendices I and II, family listing Testudinidae spp.") },
  },
  {
    id: "homesHingeback", scientificName: "Kinixys homeana", synonyms: [],
    kind: "tortoise", group: "reptile", regions: ["africa"], climate: "humidForest", lives: "ground", active: "dusk",
    length: { measure: "carapace", maleCm: [16, 20], femaleCm: [17, 22] },
    massG: { male: [700, 1300], female: [900, 1600] },
    temperatureC: {
      baskingSurface: [28, 31], baskingAir: [26, 29], warm: [25, 28], cool: [22, 25], night: [20, 24],
      highestForDays: 30, lowestSafeNight: 17, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [65, 100], preferred: [75, 92] }, night: { tolerated: [70, 100], preferred: [80, 98] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: false },
    soil: { type: "dampForest", leastDepthCm: 10, goodDepthCm: 15, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "needed", indexAtBack: [0.3, 1], zone: null, hoursADay: [10, 13] },
    box: {
      widthCm: 180, depthCm: 90, clearHeightCm: 50, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: { box: { widthCm: 60, depthCm: 40, heightCm: 35 }, largeBoxIsBad: false },
    water: {
      kind: "bathBowl", shareOfFloor: [0.06, 0.12], depthCm: [3, 6], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "leafTangle", count: 2, where: "anywhere" },
      { kind: "mossBed", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [7, 14],
    plants: { roughness: "uproots", eatsLiving: true }, eatsCrew: "most",
    food: {
      foods: ["worms", "snails", "insects", "fruit", "livingGreens", "carrion"], adultEveryDays: [1, 2],
      youngEveryDays: [1, 1], calciumEveryNthFeeding: 2, vitaminsEveryDays: 14,
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dampSoil", depthCm: 12 },
    lifespanYears: [20, 35], growInDays: 56, quarantineDays: 180, tests: ["parasites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "II" },
    schools: [
      { about: "group", views: [{}, { company: "group", mostTogether: 3 }] },
      { about: "nocturnalUv", views: [{}, { uvIndexAtBack: [0.5, 1.5] }] },
    ],
    difficulty: "hard",
    crewThatFits: [
      "tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "giantCanyonIsopod",
      "littleSeaIsopod", "soilPredatoryMite", "dairyIsopod",
    ],
    unsure: ["massG", "temperatureC", "uv.indexAtBack"],
    from: recalled,
    fieldFrom: { "law.cites": published("CITES Appendices I and II, family listing Testudinidae spp.") },
  },
];
