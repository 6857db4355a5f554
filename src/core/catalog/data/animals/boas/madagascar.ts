import { published } from "../../../provenance";
import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Boas of Madagascar. */
export const boasOfMadagascar: readonly Animal[] = [
  {
    id: "madagascarTreeBoa", scientificName: "Sanzinia madagascariensis", synonyms: ["Boa manditra"],
    kind: "boa", group: "reptile", regions: ["madagascar"], climate: "humidForest", lives: "climbing",
    active: "night",
    length: { measure: "total", maleCm: [120, 170], femaleCm: [150, 210] },
    massG: { male: [1000, 2200], female: [1500, 4000] },
    temperatureC: {
      baskingSurface: [30, 32], baskingAir: [28, 30], warm: [26, 29], cool: [22, 26], night: [19, 23],
      highestForDays: 32, lowestSafeNight: 14, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [55, 95], preferred: [65, 85] }, night: { tolerated: [60, 100], preferred: [70, 90] },
      retreat: [75, 95],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 6, goodDepthCm: 10, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 150, depthCm: 75, clearHeightCm: 100, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 60, depthCm: 45, heightCm: 60 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [20, 32], dampRh: [65, 90], alone: true,
    },
    arrival: { leaveAloneDays: [10, 21], firstMealDays: [7, 14], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.06, 0.12], depthCm: [5, 10], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [
      { kind: "corkTubeHigh", count: 2, where: "high" }, { kind: "leafTangle", count: 2, where: "high" },
      { kind: "groundHide", count: 1, where: "cool" },
    ],
    perches: { spans: 3, branchCm: [3, 7], baskingPlaces: 1 }, mistingsPerWeek: [4, 7],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents", "birds"], adultEveryDays: [14, 28], youngEveryDays: [7, 12], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolAndDryRest", months: [2, 3], restC: [15, 20] },
    laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [18, 28], growInDays: 42, quarantineDays: 90,
    tests: ["serpentovirus", "cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "protectedSpecies", "salmonella", "strongJaws"], law: { cites: "I" },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }, { about: "glassOrMesh", views: [{}, {}] }],
    difficulty: "fair",
    crewThatFits: [
      "tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "littleSeaIsopod",
      "soilPredatoryMite",
    ],
    unsure: [
      "massG", "season.restC", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "uv.indexAtBack",
    ],
    from: recalled, fieldFrom: { "law.cites": published("CITES Appendix I, Sanzinia madagascariensis") },
  },
  {
    id: "dumerilsBoa", scientificName: "Acrantophis dumerili", synonyms: ["Boa dumerili"],
    kind: "boa", group: "reptile", regions: ["madagascar"], climate: "semiArid", lives: "ground", active: "night",
    length: { measure: "total", maleCm: [130, 170], femaleCm: [150, 210] },
    massG: { male: [2500, 4500], female: [3500, 8000] },
    temperatureC: {
      baskingSurface: [32, 34], baskingAir: [29, 31], warm: [28, 31], cool: [23, 27], night: [20, 24],
      highestForDays: 32, lowestSafeNight: 15, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [35, 80], preferred: [45, 65] }, night: { tolerated: [40, 85], preferred: [50, 70] },
      retreat: [65, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 12, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 180, depthCm: 75, clearHeightCm: 60, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 75, depthCm: 45, heightCm: 40 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [18, 30], dampRh: [45, 70], alone: true,
    },
    arrival: { leaveAloneDays: [10, 21], firstMealDays: [7, 21], handles: "calm" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.07, 0.12], depthCm: [6, 12], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "leafTangle", count: 1, where: "anywhere" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [0, 2],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents", "birds"], adultEveryDays: [21, 35], youngEveryDays: [10, 14], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolAndDryRest", months: [2, 3], restC: [16, 21] },
    laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [20, 30], growInDays: 42, quarantineDays: 90,
    tests: ["serpentovirus", "cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "protectedSpecies", "salmonella"], law: { cites: "I" },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }, { about: "heating", views: [{}, {}] }],
    difficulty: "fair",
    crewThatFits: [
      "slenderSpringtail", "tropicalSpringtail", "powderIsopod", "dwarfWhiteIsopod", "desertDwarfIsopod",
      "hoodedDwarfRoach",
    ],
    unsure: ["massG", "humidityRh", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "uv.indexAtBack"],
    from: recalled, fieldFrom: { "law.cites": published("CITES Appendix I, Acrantophis spp.") },
  },
];
