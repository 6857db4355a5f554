import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Ground frogs of Europe and North Africa. */
export const groundFrogsOfEurope: readonly Animal[] = [
  {
    id: "yellowBelliedToad", scientificName: "Bombina variegata", synonyms: [],
    kind: "groundFrog", group: "amphibian", regions: ["europe"], climate: "streamBank", lives: "semiAquatic",
    active: "day",
    length: { measure: "snoutVent", maleCm: [3.4, 4.8], femaleCm: [3.5, 5.2] },
    massG: { male: [4, 8], female: [4, 9] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [19, 24], cool: [15, 20], night: [10, 18], highestForDays: 27,
      lowestSafeNight: 2, heating: "never",
    },
    humidityRh: {
      day: { tolerated: [45, 100], preferred: [60, 90] }, night: { tolerated: [55, 100], preferred: [70, 95] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 8, surface: "moist", deep: "wet" }, drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.4, 1], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 60, depthCm: 40, clearHeightCm: 25, forCount: 3, eachMoreFloorShare: 0.15, mostTogether: 8,
      company: "group", malesTogether: 4, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 25, depthCm: 18, heightCm: 15 }, largestBox: { widthCm: 45, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [6, 10], dampRh: [70, 95], alone: false,
    },
    arrival: { leaveAloneDays: [3, 7], firstMealDays: [1, 3], handles: "never" },
    water: {
      kind: "partLand", shareOfFloor: [0.4, 0.6], depthCm: [5, 12], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [{ kind: "groundHide", count: 2, where: "cool" }, { kind: "waterPlants", count: 2, where: "anywhere" }],
    perches: { spans: 1, branchCm: [3, 8], baskingPlaces: 1 }, mistingsPerWeek: [3, 7],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects", "insects", "worms"], adultEveryDays: [2, 3], youngEveryDays: [1, 2],
      calciumEveryNthFeeding: 2, vitaminsEveryDays: 10, preySize: "eyeGap",
    },
    season: { kind: "coolRest", months: [2, 4], restC: [3, 7] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [10, 20], growInDays: 28, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["toxicSkin", "escapes", "protectedSpecies"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["temperateSpringtail", "pygmyIsopod", "rosyIsopod", "shinyIsopod"],
    unsure: ["uv.indexAtBack", "young.largestBox"],
    from: recalled,
  },
];
