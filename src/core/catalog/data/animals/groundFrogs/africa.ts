import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Ground frogs of Africa. */
export const groundFrogsOfAfrica: readonly Animal[] = [
  {
    id: "africanBullfrog", scientificName: "Pyxicephalus adspersus", synonyms: [],
    kind: "groundFrog", group: "amphibian", regions: ["africa"], climate: "semiArid", lives: "burrowing",
    active: "night",
    length: { measure: "snoutVent", maleCm: [14, 24], femaleCm: [9, 14] },
    massG: { male: [450, 1400], female: [150, 450] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [25, 29], cool: [22, 25], night: [19, 24], highestForDays: 31,
      lowestSafeNight: 15, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [30, 90], preferred: [45, 75] }, night: { tolerated: [40, 100], preferred: [55, 85] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 20, goodDepthCm: 30, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 90, depthCm: 60, clearHeightCm: 35, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 30, depthCm: 20, heightCm: 20 }, largestBox: { widthCm: 60, depthCm: 40, heightCm: 30 },
      largeBoxIsBad: true, untilMonths: [10, 18], dampRh: [60, 85], alone: true,
    },
    arrival: { leaveAloneDays: [5, 10], firstMealDays: [2, 5], handles: "never" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.12, 0.2], depthCm: [4, 8], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [{ kind: "burrow", count: 1, where: "anywhere" }, { kind: "groundHide", count: 1, where: "cool" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [2, 4],
    plants: { roughness: "uproots", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects", "worms", "fish", "rodents"], adultEveryDays: [4, 8], youngEveryDays: [1, 2],
      calciumEveryNthFeeding: 2, vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "dryRest", months: [2, 4], restC: [18, 22] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [15, 30], growInDays: 42, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["bites", "strongJaws"], law: { cites: null }, schools: [],
    difficulty: "fair", crewThatFits: ["powderIsopod", "tropicalSpringtail"],
    unsure: ["season.months", "season.restC", "uv.indexAtBack", "young.largestBox"],
    from: recalled,
  },
];
