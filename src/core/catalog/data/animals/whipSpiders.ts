import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Whip spiders. */
export const whipSpiders: readonly Animal[] = [
  {
    id: "tanzanianWhipSpider", scientificName: "Damon diadema", synonyms: [],
    kind: "whipSpider", group: "invertebrate", regions: ["africa"], climate: "humidForest", lives: "climbing",
    active: "night",
    length: { measure: "body", maleCm: [2, 2.8], femaleCm: [2, 3] }, massG: { male: [1.5, 3.5], female: [2, 5] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [23, 27], cool: [21, 25], night: [20, 24], highestForDays: 30,
      lowestSafeNight: 16, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [60, 100], preferred: [70, 90] }, night: { tolerated: [65, 100], preferred: [75, 95] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 40, depthCm: 30, clearHeightCm: 40, forCount: 1, eachMoreFloorShare: 0.4, mostTogether: 4,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 12, depthCm: 12, heightCm: 18 }, largestBox: { widthCm: 30, depthCm: 25, heightCm: 30 },
      largeBoxIsBad: true, untilMonths: [14, 24], dampRh: [75, 95], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [3, 7], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.05], depthCm: [0.4, 1], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [{ kind: "crevice", count: 2, where: "high" }, { kind: "corkTubeHigh", count: 1, where: "high" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [2, 4],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["smallInsects", "insects"], adultEveryDays: [5, 10], youngEveryDays: [3, 6],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [5, 10], growInDays: 28, quarantineDays: 30, tests: ["mites"],
    cautions: ["escapes"], law: { cites: null },
    schools: [{ about: "group", views: [{ company: "alone", mostTogether: 1 }, {}] }],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "young.largestBox", "food.preySize"],
    from: recalled,
  },
  {
    id: "giantVinegaroon", scientificName: "Mastigoproctus giganteus", synonyms: [],
    kind: "whipSpider", group: "invertebrate", regions: ["northAmerica"], climate: "semiArid", lives: "burrowing",
    active: "night",
    length: { measure: "body", maleCm: [4, 6], femaleCm: [4, 7] }, massG: { male: [4, 9], female: [5, 12] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [23, 28], cool: [20, 24], night: [17, 22], highestForDays: 32,
      lowestSafeNight: 10, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [40, 90], preferred: [50, 75] }, night: { tolerated: [45, 95], preferred: [55, 80] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 15, goodDepthCm: 20, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 40, depthCm: 30, clearHeightCm: 15, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: 25,
    },
    young: {
      box: { widthCm: 12, depthCm: 10, heightCm: 12 }, largestBox: { widthCm: 25, depthCm: 20, heightCm: 15 },
      largeBoxIsBad: true, untilMonths: [30, 48], dampRh: [65, 85], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [5, 14], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.05], depthCm: [0.4, 1], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [{ kind: "burrow", count: 1, where: "anywhere" }, { kind: "groundHide", count: 1, where: "anywhere" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [0, 2],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["insects"], adultEveryDays: [7, 14], youngEveryDays: [4, 8], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolRest", months: [2, 4], restC: [13, 18] }, laying: { needs: "dampSoil", depthCm: 12 },
    lifespanYears: [6, 12], growInDays: 28, quarantineDays: 30, tests: ["mites"],
    cautions: ["irritantSpray", "strongJaws", "escapes"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["slenderSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "kind", "lifespanYears", "young.largestBox", "food.preySize"],
    from: recalled,
  },
];
