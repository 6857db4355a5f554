import { published } from "../../../provenance";
import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Boas of Australia and the Pacific. */
export const boasOfPacific: readonly Animal[] = [
  {
    id: "groundBoa", scientificName: "Candoia paulsoni", synonyms: ["Candoia carinata paulsoni"],
    kind: "boa", group: "reptile", regions: ["pacificIslands"], climate: "humidForest", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [60, 85], femaleCm: [90, 130] },
    massG: { male: [150, 350], female: [400, 1100] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [27, 30], cool: [23, 26], night: [22, 25], highestForDays: 33,
      lowestSafeNight: 19, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [50, 92], preferred: [60, 80] }, night: { tolerated: [60, 98], preferred: [70, 90] },
      retreat: [75, 95],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 6, goodDepthCm: 10, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 120, depthCm: 60, clearHeightCm: 50, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 35, depthCm: 25, heightCm: 25 }, largestBox: { widthCm: 60, depthCm: 40, heightCm: 40 },
      largeBoxIsBad: true, untilMonths: [18, 30], dampRh: [65, 90], alone: true,
    },
    arrival: { leaveAloneDays: [10, 21], firstMealDays: [10, 21], handles: "brief" },
    water: {
      kind: "bowl", shareOfFloor: [0.04, 0.07], depthCm: [3, 6], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "humidHide", count: 1, where: "warm" },
      { kind: "leafTangle", count: 1, where: "anywhere" },
    ],
    perches: { spans: 1, branchCm: [2, 5], baskingPlaces: 0 }, mistingsPerWeek: [3, 5],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents", "amphibians"], adultEveryDays: [14, 21], youngEveryDays: [7, 10],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [15, 25], growInDays: 35, quarantineDays: 90,
    tests: ["serpentovirus", "cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "protectedSpecies", "salmonella"], law: { cites: "II" },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "fair",
    crewThatFits: [
      "tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "giantCanyonIsopod",
      "littleSeaIsopod", "soilPredatoryMite",
    ],
    unsure: ["massG", "temperatureC", "length", "uv.indexAtBack", "young.largestBox"],
    from: recalled, fieldFrom: { "law.cites": published("CITES Appendices I and II, family listing Boidae spp.") },
  },
  {
    id: "viperBoa", scientificName: "Candoia aspera", synonyms: ["Erebophis asper"],
    kind: "boa", group: "reptile", regions: ["pacificIslands"], climate: "humidForest", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [45, 60], femaleCm: [60, 90] },
    massG: { male: [200, 400], female: [400, 1000] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [26, 29], cool: [23, 26], night: [22, 25], highestForDays: 31,
      lowestSafeNight: 19, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [65, 100], preferred: [75, 90] }, night: { tolerated: [70, 100], preferred: [80, 97] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: false },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 12, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 90, depthCm: 50, clearHeightCm: 40, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 30, depthCm: 25, heightCm: 20 }, largestBox: { widthCm: 60, depthCm: 40, heightCm: 35 },
      largeBoxIsBad: true, untilMonths: [18, 30], dampRh: [75, 95], alone: true,
    },
    arrival: { leaveAloneDays: [10, 21], firstMealDays: [10, 21], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.12, 0.2], depthCm: [4, 8], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "leafTangle", count: 1, where: "anywhere" },
      { kind: "mossBed", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [3, 7],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents", "amphibians"], adultEveryDays: [14, 21], youngEveryDays: [7, 10],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [12, 20], growInDays: 35, quarantineDays: 90,
    tests: ["serpentovirus", "cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "protectedSpecies", "salmonella"], law: { cites: "II" },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "fair",
    crewThatFits: [
      "tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "giantCanyonIsopod",
      "littleSeaIsopod", "soilPredatoryMite",
    ],
    unsure: ["massG", "length", "lifespanYears", "temperatureC", "uv.indexAtBack", "young.largestBox"],
    from: recalled, fieldFrom: { "law.cites": published("CITES Appendices I and II, family listing Boidae spp.") },
  },
];
