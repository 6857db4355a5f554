import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Ground frogs of Madagascar. */
export const groundFrogsOfMadagascar: readonly Animal[] = [
  {
    id: "tomatoFrog", scientificName: "Dyscophus guineti", synonyms: [],
    kind: "groundFrog", group: "amphibian", regions: ["madagascar"], climate: "humidForest", lives: "burrowing",
    active: "night",
    length: { measure: "snoutVent", maleCm: [5.5, 6.8], femaleCm: [7.5, 9.8] },
    massG: { male: [25, 50], female: [60, 150] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [23, 27], cool: [21, 24], night: [18, 22], highestForDays: 29,
      lowestSafeNight: 15, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [50, 95], preferred: [65, 85] }, night: { tolerated: [60, 100], preferred: [70, 95] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 12, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 60, depthCm: 45, clearHeightCm: 30, forCount: 2, eachMoreFloorShare: 0.3, mostTogether: 4,
      company: "group", malesTogether: 2, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 25, depthCm: 20, heightCm: 15 }, largestBox: { widthCm: 45, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [8, 14], dampRh: [70, 95], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 4], handles: "never" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.06, 0.15], depthCm: [2, 5], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [{ kind: "groundHide", count: 2, where: "anywhere" }, { kind: "burrow", count: 1, where: "anywhere" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [4, 10],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["insects", "worms"], adultEveryDays: [2, 4], youngEveryDays: [1, 2], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 10, preySize: "headWidth",
    },
    season: { kind: "dryRest", months: [1, 2], restC: [20, 23] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [6, 12], growInDays: 42, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["toxicSkin", "protectedSpecies"], law: { cites: "II" }, schools: [],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod", "powderIsopod"],
    unsure: ["massG", "season.restC", "uv.indexAtBack", "young.largestBox"],
    from: recalled,
  },
  {
    id: "marbledRainFrog", scientificName: "Scaphiophryne marmorata", synonyms: [],
    kind: "groundFrog", group: "amphibian", regions: ["madagascar"], climate: "humidForest", lives: "burrowing",
    active: "night",
    length: { measure: "snoutVent", maleCm: [3.2, 3.8], femaleCm: [3.5, 4.9] },
    massG: { male: [5, 10], female: [8, 18] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [22, 25], cool: [19, 22], night: [17, 21], highestForDays: 27,
      lowestSafeNight: 14, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [55, 100], preferred: [70, 90] }, night: { tolerated: [65, 100], preferred: [75, 98] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 12, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 25, forCount: 2, eachMoreFloorShare: 0.2, mostTogether: 5,
      company: "group", malesTogether: 3, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 15, heightCm: 15 }, largestBox: { widthCm: 40, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [6, 10], dampRh: [75, 95], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 4], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.04, 0.1], depthCm: [1, 2], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "burrow", count: 2, where: "anywhere" }, { kind: "groundHide", count: 2, where: "anywhere" },
      { kind: "mossBed", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [5, 10],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects", "insects"], adultEveryDays: [1, 3], youngEveryDays: [1, 2], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 10, preySize: "eyeGap",
    },
    season: { kind: "coolAndDryRest", months: [2, 3], restC: [17, 20] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [5, 10], growInDays: 35, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["toxicSkin", "protectedSpecies"], law: { cites: "II" }, schools: [],
    difficulty: "fair", crewThatFits: ["tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "season.restC", "lifespanYears", "uv.indexAtBack", "young.untilMonths", "young.largestBox"],
    from: recalled,
  },
];
