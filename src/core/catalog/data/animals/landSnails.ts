import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Land snails. */
export const landSnails: readonly Animal[] = [
  {
    id: "giantAfricanLandSnail", scientificName: "Lissachatina fulica", synonyms: ["Achatina fulica"],
    kind: "landSnail", group: "invertebrate", regions: ["africa"], climate: "humidForest", lives: "burrowing",
    active: "night",
    length: { measure: "shell", maleCm: [8, 15], femaleCm: [8, 15] }, massG: { male: [60, 250], female: [60, 250] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [22, 26], cool: [20, 24], night: [19, 23], highestForDays: 30,
      lowestSafeNight: 15, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [60, 100], preferred: [75, 95] }, night: { tolerated: [65, 100], preferred: [80, 100] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: false },
    soil: { type: "limedForest", leastDepthCm: 8, goodDepthCm: 12, surface: "moist", deep: "moist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 60, depthCm: 35, clearHeightCm: 30, forCount: 2, eachMoreFloorShare: 0.3, mostTogether: 6,
      company: "group", malesTogether: 6, greatestFallCm: 30,
    },
    young: {
      box: { widthCm: 25, depthCm: 15, heightCm: 15 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [6, 10], dampRh: [85, 100], alone: false,
    },
    arrival: { leaveAloneDays: [2, 5], firstMealDays: [0, 2], handles: "brief" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.05], depthCm: [0.4, 1], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 1, where: "anywhere" }, { kind: "leafTangle", count: 1, where: "anywhere" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [5, 10],
    plants: { roughness: "rough", eatsLiving: true }, eatsCrew: "none",
    food: {
      foods: ["livingGreens", "fruit", "leafLitter", "detritus"], adultEveryDays: [1, 2], youngEveryDays: [1, 1],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "none",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dampSoil", depthCm: 6 },
    lifespanYears: [4, 8], growInDays: 14, quarantineDays: 30, tests: ["parasites", "mites"],
    cautions: ["invasive", "escapes"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod"],
    from: recalled,
  },
  {
    id: "westAfricanLandSnail", scientificName: "Archachatina marginata", synonyms: [],
    kind: "landSnail", group: "invertebrate", regions: ["africa"], climate: "humidForest", lives: "burrowing",
    active: "night",
    length: { measure: "shell", maleCm: [11, 18], femaleCm: [11, 18] },
    massG: { male: [120, 450], female: [120, 450] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [23, 27], cool: [21, 25], night: [20, 24], highestForDays: 30,
      lowestSafeNight: 17, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [65, 100], preferred: [80, 95] }, night: { tolerated: [70, 100], preferred: [85, 100] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: false },
    soil: { type: "limedForest", leastDepthCm: 10, goodDepthCm: 15, surface: "moist", deep: "moist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 80, depthCm: 40, clearHeightCm: 30, forCount: 2, eachMoreFloorShare: 0.35, mostTogether: 5,
      company: "group", malesTogether: 5, greatestFallCm: 30,
    },
    young: {
      box: { widthCm: 25, depthCm: 15, heightCm: 15 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [9, 15], dampRh: [85, 100], alone: false,
    },
    arrival: { leaveAloneDays: [2, 5], firstMealDays: [0, 3], handles: "brief" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.05], depthCm: [0.4, 1], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 1, where: "anywhere" }, { kind: "leafTangle", count: 1, where: "anywhere" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [5, 10],
    plants: { roughness: "rough", eatsLiving: true }, eatsCrew: "none",
    food: {
      foods: ["livingGreens", "fruit", "leafLitter", "detritus"], adultEveryDays: [1, 2], youngEveryDays: [1, 1],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "none",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dampSoil", depthCm: 8 },
    lifespanYears: [5, 10], growInDays: 14, quarantineDays: 30, tests: ["parasites", "mites"],
    cautions: ["invasive", "escapes"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "lifespanYears"],
    from: recalled,
  },
  {
    id: "gardenSnail", scientificName: "Cornu aspersum",
    synonyms: ["Helix aspersa", "Cantareus aspersus", "Cryptomphalus aspersus"],
    kind: "landSnail", group: "invertebrate", regions: ["europe", "northAfrica"], climate: "temperateMoist",
    lives: "ground", active: "night",
    length: { measure: "shell", maleCm: [2.5, 4], femaleCm: [2.5, 4] }, massG: { male: [7, 16], female: [7, 16] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [17, 22], cool: [14, 19], night: [10, 18], highestForDays: 27,
      lowestSafeNight: 3, heating: "never",
    },
    humidityRh: {
      day: { tolerated: [50, 100], preferred: [65, 90] }, night: { tolerated: [60, 100], preferred: [75, 98] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: false },
    soil: { type: "limedForest", leastDepthCm: 5, goodDepthCm: 8, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 40, depthCm: 25, clearHeightCm: 20, forCount: 4, eachMoreFloorShare: 0.12, mostTogether: 12,
      company: "group", malesTogether: 12, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 15, depthCm: 10, heightCm: 10 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [8, 14], dampRh: [80, 100], alone: false,
    },
    arrival: { leaveAloneDays: [1, 3], firstMealDays: [0, 2], handles: "brief" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.05], depthCm: [0.4, 1], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 1, where: "anywhere" }, { kind: "leafTangle", count: 1, where: "anywhere" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [4, 8],
    plants: { roughness: "rough", eatsLiving: true }, eatsCrew: "none",
    food: {
      foods: ["livingGreens", "fruit", "leafLitter"], adultEveryDays: [1, 2], youngEveryDays: [1, 1],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "none",
    },
    season: { kind: "coolRest", months: [2, 4], restC: [3, 8] }, laying: { needs: "dampSoil", depthCm: 4 },
    lifespanYears: [2, 6], growInDays: 14, quarantineDays: 30, tests: ["parasites", "mites"],
    cautions: ["invasive", "escapes"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["temperateSpringtail", "curlyIsopod"],
    from: recalled,
  },
];
