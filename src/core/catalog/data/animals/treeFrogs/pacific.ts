import type { Animal } from "../../../schema";
import { recalled, zoneRecalled } from "../from";

/** Tree frogs of Australia and the Pacific. */
export const treeFrogsOfPacific: readonly Animal[] = [
  {
    id: "greenTreeFrog", scientificName: "Ranoidea caerulea", synonyms: ["Litoria caerulea", "Pelodryas caerulea"],
    kind: "treeFrog", group: "amphibian", regions: ["australia", "pacificIslands"], climate: "seasonalWoodland",
    lives: "climbing", active: "night",
    length: { measure: "snoutVent", maleCm: [6.5, 9], femaleCm: [7.5, 11] },
    massG: { male: [20, 50], female: [35, 100] },
    temperatureC: {
      baskingSurface: null, baskingAir: [28, 30], warm: [25, 29], cool: [22, 25], night: [18, 23], highestForDays: 32,
      lowestSafeNight: 14, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [35, 90], preferred: [50, 75] }, night: { tolerated: [45, 100], preferred: [60, 90] },
      retreat: [70, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "slightlyMoist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.7, 3], zone: 2, hoursADay: [6, 10] },
    box: {
      widthCm: 60, depthCm: 45, clearHeightCm: 60, forCount: 2, eachMoreFloorShare: 0.3, mostTogether: 5,
      company: "group", malesTogether: 3, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 25, depthCm: 25, heightCm: 30 }, largestBox: { widthCm: 45, depthCm: 45, heightCm: 50 },
      largeBoxIsBad: true, untilMonths: [8, 14], dampRh: [60, 85], alone: false,
    },
    arrival: { leaveAloneDays: [5, 10], firstMealDays: [1, 4], handles: "never" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.06, 0.12], depthCm: [3, 6], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [
      { kind: "corkTubeHigh", count: 2, where: "high" }, { kind: "leafTangle", count: 1, where: "high" },
      { kind: "groundHide", count: 1, where: "anywhere" },
    ],
    perches: { spans: 4, branchCm: [3, 7], baskingPlaces: 1 }, mistingsPerWeek: [3, 7],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects", "worms"], adultEveryDays: [3, 5], youngEveryDays: [1, 2], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 10, preySize: "headWidth",
    },
    season: { kind: "dryRest", months: [1.5, 3], restC: [20, 24] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [12, 20], growInDays: 42, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["toxicSkin"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{}, { uvNeed: "none" }] }, { about: "feeding", views: [{}, {}] }],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod", "powderIsopod"],
    unsure: ["scientificName", "temperatureC.baskingAir", "uv.indexAtBack", "young.largestBox"],
    from: recalled, fieldFrom: { "uv.zone": zoneRecalled },
  },
];
