import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Tree frogs of Europe and North Africa. */
export const treeFrogsOfEurope: readonly Animal[] = [
  {
    id: "europeanTreeFrog", scientificName: "Hyla arborea", synonyms: [],
    kind: "treeFrog", group: "amphibian", regions: ["europe"], climate: "temperateMoist", lives: "climbing",
    active: "dusk",
    length: { measure: "snoutVent", maleCm: [3.2, 4.5], femaleCm: [3.5, 5] },
    massG: { male: [3.5, 7], female: [4, 9] },
    temperatureC: {
      baskingSurface: null, baskingAir: [25, 30], warm: [21, 26], cool: [17, 21], night: [12, 18], highestForDays: 30,
      lowestSafeNight: 3, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [35, 90], preferred: [50, 75] }, night: { tolerated: [50, 100], preferred: [65, 95] },
      retreat: [70, 100],
    },
    air: { movement: "brisk", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.7, 2], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 55, forCount: 3, eachMoreFloorShare: 0.2, mostTogether: 6,
      company: "group", malesTogether: 3, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 20, heightCm: 25 }, largestBox: { widthCm: 45, depthCm: 45, heightCm: 45 },
      largeBoxIsBad: true, untilMonths: [6, 12], dampRh: [60, 85], alone: false,
    },
    arrival: { leaveAloneDays: [5, 10], firstMealDays: [1, 3], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.04, 0.1], depthCm: [1.5, 4], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [{ kind: "leafTangle", count: 2, where: "high" }, { kind: "corkTubeHigh", count: 1, where: "high" }],
    perches: { spans: 4, branchCm: [0.5, 3], baskingPlaces: 2 }, mistingsPerWeek: [4, 8],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [2, 3], youngEveryDays: [1, 1], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 10, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2.5, 4], restC: [3, 7] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [8, 15], growInDays: 28, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["protectedSpecies"], law: { cites: null }, schools: [],
    difficulty: "fair", crewThatFits: ["temperateSpringtail", "pillIsopod", "curlyIsopod"],
    unsure: ["uv.indexAtBack", "young.largestBox"],
    from: recalled,
  },
];
