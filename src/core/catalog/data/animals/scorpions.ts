import { practised } from "../../provenance";
import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Scorpions. */
export const scorpions: readonly Animal[] = [
  {
    id: "emperorScorpion", scientificName: "Pandinus imperator", synonyms: [],
    kind: "scorpion", group: "invertebrate", regions: ["africa"], climate: "humidForest", lives: "burrowing",
    active: "night",
    length: { measure: "total", maleCm: [13, 18], femaleCm: [14, 20] }, massG: { male: [18, 30], female: [22, 40] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [26, 30], cool: [23, 27], night: [22, 26], highestForDays: 33,
      lowestSafeNight: 18, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [60, 95], preferred: [70, 85] }, night: { tolerated: [65, 100], preferred: [75, 95] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 15, goodDepthCm: 20, surface: "moist", deep: "moist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 60, depthCm: 35, clearHeightCm: 20, forCount: 1, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: 25,
    },
    young: {
      box: { widthCm: 15, depthCm: 10, heightCm: 10 }, largestBox: { widthCm: 40, depthCm: 25, heightCm: 20 },
      largeBoxIsBad: true, untilMonths: [24, 48], dampRh: [75, 90], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [4, 10], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.03, 0.08], depthCm: [0.5, 1.5], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "burrow", count: 2, where: "anywhere" }, { kind: "groundHide", count: 2, where: "anywhere" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [1, 4],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["insects"], adultEveryDays: [7, 14], youngEveryDays: [3, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [5, 8], growInDays: 28, quarantineDays: 30, tests: ["mites"],
    cautions: ["stings", "escapes", "protectedSpecies"], law: { cites: "II" },
    schools: [{ about: "group", views: [{ company: "alone", mostTogether: 1 }, {}] }],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod"],
    unsure: ["young.largestBox", "food.preySize"],
    from: recalled, fieldFrom: { "soil.leastDepthCm": practised("15 cm and more for burrowers") },
  },
  {
    id: "asianForestScorpion", scientificName: "Heterometrus silenus", synonyms: ["Heterometrus petersii"],
    kind: "scorpion", group: "invertebrate", regions: ["southeastAsia"], climate: "humidForest", lives: "burrowing",
    active: "night",
    length: { measure: "total", maleCm: [9, 12], femaleCm: [10, 13] }, massG: { male: [8, 15], female: [10, 22] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [25, 29], cool: [23, 26], night: [21, 25], highestForDays: 32,
      lowestSafeNight: 17, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [60, 95], preferred: [70, 85] }, night: { tolerated: [65, 100], preferred: [75, 95] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 15, goodDepthCm: 20, surface: "moist", deep: "moist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 45, depthCm: 30, clearHeightCm: 20, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: 25,
    },
    young: {
      box: { widthCm: 12, depthCm: 10, heightCm: 10 }, largestBox: { widthCm: 30, depthCm: 20, heightCm: 18 },
      largeBoxIsBad: true, untilMonths: [18, 36], dampRh: [75, 90], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [4, 10], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.03, 0.08], depthCm: [0.5, 1.5], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "burrow", count: 2, where: "anywhere" }, { kind: "groundHide", count: 1, where: "anywhere" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [1, 4],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["insects"], adultEveryDays: [7, 14], youngEveryDays: [3, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [5, 8], growInDays: 28, quarantineDays: 30, tests: ["mites"],
    cautions: ["stings", "escapes"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod"],
    unsure: ["scientificName", "massG", "length", "synonyms", "young.largestBox", "food.preySize"],
    from: recalled,
  },
  {
    id: "desertHairyScorpion", scientificName: "Hadrurus arizonensis", synonyms: [],
    kind: "scorpion", group: "invertebrate", regions: ["northAmerica"], climate: "arid", lives: "burrowing",
    active: "night",
    length: { measure: "total", maleCm: [10, 13], femaleCm: [10, 14] }, massG: { male: [5, 10], female: [6, 14] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [28, 33], cool: [24, 28], night: [20, 25], highestForDays: 37,
      lowestSafeNight: 13, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [10, 55], preferred: [20, 40] }, night: { tolerated: [15, 60], preferred: [25, 45] },
      retreat: [50, 75],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 15, goodDepthCm: 25, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 40, depthCm: 30, clearHeightCm: 20, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: 25,
    },
    young: {
      box: { widthCm: 12, depthCm: 10, heightCm: 10 }, largestBox: { widthCm: 25, depthCm: 20, heightCm: 18 },
      largeBoxIsBad: true, untilMonths: [30, 60], dampRh: [30, 50], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [5, 14], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.04], depthCm: [0.4, 1], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [{ kind: "burrow", count: 1, where: "anywhere" }, { kind: "groundHide", count: 1, where: "anywhere" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [0, 0],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["insects"], adultEveryDays: [7, 14], youngEveryDays: [3, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [10, 20], growInDays: 28, quarantineDays: 30, tests: ["mites"],
    cautions: ["stings", "escapes"], law: { cites: null },
    schools: [{ about: "soilDepth", views: [{ leastSoilCm: 20 }, { leastSoilCm: 10 }] }],
    difficulty: "fair", crewThatFits: ["aridSpringtail", "hoodedDwarfRoach", "blueDeathFeigningBeetle"],
    unsure: ["massG", "lifespanYears", "young.untilMonths", "young.largestBox", "food.preySize"],
    from: recalled,
  },
];
