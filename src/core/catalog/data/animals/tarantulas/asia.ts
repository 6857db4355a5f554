import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Tarantulas of Asia. */
export const tarantulasOfAsia: readonly Animal[] = [
  {
    id: "gootySapphireTarantula", scientificName: "Poecilotheria metallica", synonyms: [],
    kind: "tarantula", group: "invertebrate", regions: ["southAsia"], climate: "seasonalWoodland", lives: "climbing",
    active: "night",
    length: { measure: "legSpan", maleCm: [12, 15], femaleCm: [15, 19] }, massG: { male: [6, 12], female: [12, 25] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [24, 28], cool: [22, 25], night: [19, 23], highestForDays: 32,
      lowestSafeNight: 16, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [45, 90], preferred: [55, 75] }, night: { tolerated: [50, 95], preferred: [60, 80] },
      retreat: null,
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 5, goodDepthCm: 8, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 30, depthCm: 30, clearHeightCm: 40, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 7, depthCm: 7, heightCm: 12 }, largestBox: { widthCm: 20, depthCm: 20, heightCm: 30 },
      largeBoxIsBad: true, untilMonths: [18, 30], dampRh: [60, 80], alone: true,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [5, 10], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.02, 0.06], depthCm: [0.5, 1.5], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [{ kind: "corkTubeHigh", count: 1, where: "high" }, { kind: "crevice", count: 1, where: "high" }],
    perches: { spans: 1, branchCm: [5, 12], baskingPlaces: 0 }, mistingsPerWeek: [1, 2],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["insects"], adultEveryDays: [7, 14], youngEveryDays: [3, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "none", depthCm: null },
    lifespanYears: [3, 14], growInDays: 21, quarantineDays: 30, tests: ["mites", "parasites"],
    cautions: ["bites", "strongVenom", "escapes", "protectedSpecies"], law: { cites: "II" },
    schools: [],
    difficulty: "hard", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "young.largestBox", "food.preySize"],
    from: recalled,
  },
];
