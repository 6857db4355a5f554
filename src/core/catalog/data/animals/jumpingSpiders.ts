import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Jumping spiders. */
export const jumpingSpiders: readonly Animal[] = [
  {
    id: "regalJumpingSpider", scientificName: "Phidippus regius", synonyms: [],
    kind: "jumpingSpider", group: "invertebrate", regions: ["northAmerica", "caribbean"], climate: "seasonalWoodland",
    lives: "climbing", active: "day",
    length: { measure: "body", maleCm: [0.8, 1.8], femaleCm: [1, 2.2] },
    massG: { male: [0.1, 0.4], female: [0.2, 1.2] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [24, 28], cool: [22, 25], night: [18, 23], highestForDays: 32,
      lowestSafeNight: 14, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [35, 85], preferred: [50, 70] }, night: { tolerated: [40, 90], preferred: [55, 80] },
      retreat: null,
    },
    air: { movement: "brisk", driesBetweenMistings: true },
    soil: { type: "thinLitter", leastDepthCm: 0, goodDepthCm: 2, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 15, depthCm: 15, clearHeightCm: 25, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 5, depthCm: 5, heightCm: 7 }, largestBox: { widthCm: 10, depthCm: 10, heightCm: 15 },
      largeBoxIsBad: true, untilMonths: [5, 9], dampRh: [55, 75], alone: true,
    },
    arrival: { leaveAloneDays: [2, 5], firstMealDays: [1, 3], handles: "brief" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [{ kind: "silkCorner", count: 1, where: "high" }, { kind: "leafTangle", count: 1, where: "high" }],
    perches: { spans: 3, branchCm: [0.3, 1.5], baskingPlaces: 0 }, mistingsPerWeek: [2, 5],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["smallInsects", "insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 2],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "none", depthCm: null },
    lifespanYears: [1, 2], growInDays: 21, quarantineDays: 14, tests: ["mites"],
    cautions: ["bites", "escapes"], law: { cites: null },
    schools: [{ about: "heating", views: [{}, { heating: "always" }] }],
    difficulty: "easy", crewThatFits: ["slenderSpringtail", "tropicalSpringtail"],
    unsure: ["young.largestBox", "food.preySize"],
    from: recalled,
  },
  {
    id: "boldJumpingSpider", scientificName: "Phidippus audax", synonyms: [],
    kind: "jumpingSpider", group: "invertebrate", regions: ["northAmerica"], climate: "seasonalWoodland",
    lives: "climbing", active: "day",
    length: { measure: "body", maleCm: [0.6, 1.3], femaleCm: [0.8, 1.7] },
    massG: { male: [0.04, 0.2], female: [0.1, 0.6] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [22, 27], cool: [20, 24], night: [15, 21], highestForDays: 32,
      lowestSafeNight: 5, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [35, 85], preferred: [45, 70] }, night: { tolerated: [40, 90], preferred: [50, 80] },
      retreat: null,
    },
    air: { movement: "brisk", driesBetweenMistings: true },
    soil: { type: "thinLitter", leastDepthCm: 0, goodDepthCm: 2, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 12, depthCm: 12, clearHeightCm: 20, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 5, depthCm: 5, heightCm: 7 }, largestBox: { widthCm: 10, depthCm: 10, heightCm: 15 },
      largeBoxIsBad: true, untilMonths: [5, 9], dampRh: [50, 75], alone: true,
    },
    arrival: { leaveAloneDays: [2, 5], firstMealDays: [1, 3], handles: "brief" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [{ kind: "silkCorner", count: 1, where: "high" }, { kind: "leafTangle", count: 1, where: "high" }],
    perches: { spans: 3, branchCm: [0.3, 1.5], baskingPlaces: 0 }, mistingsPerWeek: [2, 5],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["smallInsects", "insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 2],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolRest", months: [2, 4], restC: [5, 12] }, laying: { needs: "none", depthCm: null },
    lifespanYears: [1, 2], growInDays: 21, quarantineDays: 14, tests: ["mites"],
    cautions: ["bites", "escapes"], law: { cites: null },
    schools: [{ about: "heating", views: [{}, { heating: "always" }] }],
    difficulty: "easy", crewThatFits: ["temperateSpringtail"],
    unsure: ["massG", "season.restC", "young.largestBox", "food.preySize"],
    from: recalled,
  },
];
