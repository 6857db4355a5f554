import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Agamids of Africa and Asia. */
export const agamidsToo: readonly Animal[] = [
  {
    id: "commonAgama", scientificName: "Agama agama", synonyms: ["Agama picticauda"],
    kind: "agamid", group: "reptile", regions: ["africa"], climate: "semiArid", lives: "rockCrevice", active: "day",
    length: { measure: "total", maleCm: [25, 35], femaleCm: [20, 28] },
    massG: { male: [40, 90], female: [25, 55] },
    temperatureC: {
      baskingSurface: [43, 50], baskingAir: [35, 38], warm: [29, 33], cool: [25, 28], night: [20, 24],
      highestForDays: 35, lowestSafeNight: 14, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [20, 75], preferred: [35, 60] }, night: { tolerated: [30, 85], preferred: [40, 70] },
      retreat: [60, 80],
    },
    air: { movement: "brisk", driesBetweenMistings: true },
    soil: { type: "dryCrumble", leastDepthCm: 10, goodDepthCm: 15, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "needed", indexAtBack: [3, 6], zone: null, hoursADay: [11, 13] },
    box: {
      widthCm: 150, depthCm: 60, clearHeightCm: 75, forCount: 2, eachMoreFloorShare: 0.3, mostTogether: 4,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 60, depthCm: 40, heightCm: 40 }, largestBox: { widthCm: 120, depthCm: 60, heightCm: 60 },
      largeBoxIsBad: true, untilMonths: [8, 14], dampRh: [40, 65], alone: false,
    },
    arrival: { leaveAloneDays: [14, 28], firstMealDays: [2, 5], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.01, 0.02], depthCm: [1, 2], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "crevice", count: 4, where: "both" }, { kind: "groundHide", count: 1, where: "cool" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 3, branchCm: [6, 15], baskingPlaces: 3 }, mistingsPerWeek: [1, 3],
    plants: { roughness: "moderate", eatsLiving: true }, eatsCrew: "most",
    food: {
      foods: ["insects", "flowers", "fruit"], adultEveryDays: [1, 2], youngEveryDays: [1, 1],
      calciumEveryNthFeeding: 2, vitaminsEveryDays: 14, preySize: "eyeGap",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dampSoil", depthCm: 12 },
    lifespanYears: [6, 12], growInDays: 42, quarantineDays: 60, tests: ["parasites", "adenovirus", "mites"],
    cautions: ["invasive", "escapes", "salmonella"], law: { cites: null },
    schools: [{ about: "group", views: [{}, { company: "pair", mostTogether: 2 }] }],
    difficulty: "fair",
    crewThatFits: ["slenderSpringtail", "aridSpringtail"],
    unsure: [
      "scientificName", "massG", "plants.eatsLiving", "uv.indexAtBack", "temperatureC.highestForDays",
      "young.largestBox",
    ],
    from: recalled,
  },
  {
    id: "roughTailedAgama", scientificName: "Stellagama stellio", synonyms: ["Laudakia stellio"],
    kind: "agamid", group: "reptile", regions: ["westAsia", "europe", "northAfrica"], climate: "semiArid",
    lives: "rockCrevice", active: "day",
    length: { measure: "total", maleCm: [26, 34], femaleCm: [23, 30] },
    massG: { male: [50, 110], female: [40, 85] },
    temperatureC: {
      baskingSurface: [42, 48], baskingAir: [34, 37], warm: [29, 32], cool: [23, 27], night: [14, 21],
      highestForDays: 35, lowestSafeNight: 6, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [20, 70], preferred: [30, 50] }, night: { tolerated: [30, 80], preferred: [40, 65] },
      retreat: [50, 70],
    },
    air: { movement: "brisk", driesBetweenMistings: true },
    soil: { type: "dryCrumble", leastDepthCm: 10, goodDepthCm: 15, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "needed", indexAtBack: [3, 6], zone: null, hoursADay: [11, 13] },
    box: {
      widthCm: 150, depthCm: 60, clearHeightCm: 75, forCount: 2, eachMoreFloorShare: 0.35, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 60, depthCm: 40, heightCm: 40 }, largestBox: { widthCm: 120, depthCm: 60, heightCm: 60 },
      largeBoxIsBad: true, untilMonths: [14, 22], dampRh: null, alone: true,
    },
    arrival: { leaveAloneDays: [14, 21], firstMealDays: [2, 5], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.01, 0.02], depthCm: [1, 2], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "crevice", count: 4, where: "both" }, { kind: "groundHide", count: 1, where: "cool" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 3, branchCm: [6, 15], baskingPlaces: 3 }, mistingsPerWeek: [0, 2],
    plants: { roughness: "moderate", eatsLiving: true }, eatsCrew: "most",
    food: {
      foods: ["insects", "flowers", "livingGreens", "fruit"], adultEveryDays: [2, 3], youngEveryDays: [1, 1],
      calciumEveryNthFeeding: 2, vitaminsEveryDays: 14, preySize: "eyeGap",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [8, 13] }, laying: { needs: "dampSoil", depthCm: 12 },
    lifespanYears: [8, 15], growInDays: 42, quarantineDays: 60, tests: ["parasites", "adenovirus", "mites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: null },
    schools: [{ about: "group", views: [{}, { company: "alone", mostTogether: 1 }] }],
    difficulty: "fair",
    crewThatFits: ["slenderSpringtail", "aridSpringtail"],
    unsure: [
      "scientificName", "massG", "plants.eatsLiving", "uv.indexAtBack", "temperatureC.highestForDays",
      "young.untilMonths", "young.largestBox",
    ],
    from: recalled,
  },
  {
    id: "orientalGardenLizard", scientificName: "Calotes versicolor", synonyms: [],
    kind: "agamid", group: "reptile", regions: ["southAsia", "southeastAsia", "eastAsia", "westAsia"],
    climate: "seasonalWoodland", lives: "climbing", active: "day",
    length: { measure: "total", maleCm: [32, 43], femaleCm: [26, 36] },
    massG: { male: [25, 55], female: [18, 40] },
    temperatureC: {
      baskingSurface: [36, 42], baskingAir: [31, 34], warm: [27, 31], cool: [23, 26], night: [19, 23],
      highestForDays: 33, lowestSafeNight: 12, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [40, 90], preferred: [55, 80] }, night: { tolerated: [50, 100], preferred: [65, 90] },
      retreat: null,
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 10, goodDepthCm: 15, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "needed", indexAtBack: [2, 4], zone: null, hoursADay: [10, 13] },
    box: {
      widthCm: 90, depthCm: 60, clearHeightCm: 90, forCount: 2, eachMoreFloorShare: 0.4, mostTogether: 2,
      company: "pair", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 30, depthCm: 30, heightCm: 45 }, largestBox: { widthCm: 75, depthCm: 60, heightCm: 75 },
      largeBoxIsBad: true, untilMonths: [8, 12], dampRh: [60, 85], alone: true,
    },
    arrival: { leaveAloneDays: [14, 28], firstMealDays: [2, 5], handles: "never" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: false, flow: "still" },
    refuges: [{ kind: "leafTangle", count: 3, where: "high" }, { kind: "corkTubeHigh", count: 1, where: "high" }],
    perches: { spans: 4, branchCm: [2, 6], baskingPlaces: 2 }, mistingsPerWeek: [7, 14],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects", "smallInsects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 14, preySize: "eyeGap",
    },
    season: { kind: "coolRest", months: [1, 2], restC: [16, 21] }, laying: { needs: "dampSoil", depthCm: 10 },
    lifespanYears: [3, 6], growInDays: 42, quarantineDays: 60, tests: ["parasites", "mites"],
    cautions: ["invasive", "escapes", "salmonella"], law: { cites: null },
    schools: [{ about: "group", views: [{}, { company: "alone", mostTogether: 1 }] }],
    difficulty: "fair",
    crewThatFits: ["tropicalSpringtail", "slenderSpringtail", "littleSeaIsopod", "dwarfWhiteIsopod"],
    unsure: [
      "massG", "season", "uv.indexAtBack", "temperatureC.highestForDays", "scientificName",
      "young.largestBox",
    ],
    from: recalled,
  },
];
