import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Tree frogs of Asia. */
export const treeFrogsOfAsia: readonly Animal[] = [
  {
    id: "mossyFrog", scientificName: "Theloderma corticale", synonyms: [],
    kind: "treeFrog", group: "amphibian", regions: ["southeastAsia", "eastAsia"], climate: "streamBank",
    lives: "semiAquatic", active: "night",
    length: { measure: "snoutVent", maleCm: [6, 7.2], femaleCm: [7, 9] }, massG: { male: [8, 16], female: [12, 25] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [20, 24], cool: [18, 21], night: [16, 20], highestForDays: 27,
      lowestSafeNight: 11, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [65, 100], preferred: [80, 100] }, night: { tolerated: [75, 100], preferred: [85, 100] },
      retreat: [90, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 3, goodDepthCm: 5, surface: "moist", deep: "wet" }, drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 50, forCount: 3, eachMoreFloorShare: 0.2, mostTogether: 6,
      company: "group", malesTogether: 3, greatestFallCm: null,
    },
    young: { box: { widthCm: 25, depthCm: 25, heightCm: 25 }, largeBoxIsBad: false },
    water: {
      kind: "partLand", shareOfFloor: [0.4, 0.7], depthCm: [10, 20], salinity: "fresh", canDrown: false,
      flow: "gentle",
    },
    refuges: [
      { kind: "waterPlants", count: 1, where: "anywhere" }, { kind: "corkTubeHigh", count: 2, where: "high" },
      { kind: "crevice", count: 1, where: "anywhere" }, { kind: "mossBed", count: 1, where: "anywhere" },
    ],
    perches: { spans: 3, branchCm: [4, 10], baskingPlaces: 0 }, mistingsPerWeek: [7, 14],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects", "worms"], adultEveryDays: [2, 3], youngEveryDays: [1, 2], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 10,
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "leavesOverWater", depthCm: null },
    lifespanYears: [10, 20], growInDays: 42, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: [], law: { cites: null }, schools: [{ about: "nocturnalUv", views: [{}, { uvNeed: "none" }] }],
    difficulty: "fair",
    crewThatFits: ["temperateSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "ramshornSnail"],
    unsure: ["massG", "temperatureC.lowestSafeNight"],
    from: recalled,
  },
  {
    id: "cinnamonFrog", scientificName: "Nyctixalus pictus", synonyms: [],
    kind: "treeFrog", group: "amphibian", regions: ["southeastAsia"], climate: "humidForest", lives: "climbing",
    active: "night",
    length: { measure: "snoutVent", maleCm: [2.9, 3.3], femaleCm: [3.1, 3.9] },
    massG: { male: [1.5, 2.6], female: [2, 3.5] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [22, 25], cool: [20, 23], night: [18, 22], highestForDays: 27,
      lowestSafeNight: 15, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [65, 100], preferred: [80, 100] }, night: { tolerated: [75, 100], preferred: [85, 100] },
      retreat: [90, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 45, forCount: 3, eachMoreFloorShare: 0.2, mostTogether: 6,
      company: "group", malesTogether: 3, greatestFallCm: null,
    },
    young: { box: { widthCm: 20, depthCm: 20, heightCm: 25 }, largeBoxIsBad: true },
    water: {
      kind: "bowl", shareOfFloor: [0.04, 0.1], depthCm: [1.5, 4], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [{ kind: "corkTubeHigh", count: 2, where: "high" }, { kind: "leafTangle", count: 2, where: "anywhere" }],
    perches: { spans: 4, branchCm: [1, 4], baskingPlaces: 0 }, mistingsPerWeek: [6, 12],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects", "insects"], adultEveryDays: [1, 3], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 7,
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "water", depthCm: null },
    lifespanYears: [5, 10], growInDays: 35, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: [], law: { cites: null }, schools: [],
    difficulty: "fair", crewThatFits: ["tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "lifespanYears", "uv.indexAtBack"],
    from: recalled,
  },
  {
    id: "borneanEaredFrog", scientificName: "Polypedates otilophus", synonyms: [],
    kind: "treeFrog", group: "amphibian", regions: ["southeastAsia"], climate: "humidForest", lives: "climbing",
    active: "night",
    length: { measure: "snoutVent", maleCm: [6.4, 8], femaleCm: [8, 10] },
    massG: { male: [12, 22], female: [20, 50] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [24, 28], cool: [22, 25], night: [20, 23], highestForDays: 30,
      lowestSafeNight: 17, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [55, 100], preferred: [65, 90] }, night: { tolerated: [65, 100], preferred: [80, 100] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.4, 1], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 60, depthCm: 45, clearHeightCm: 60, forCount: 2, eachMoreFloorShare: 0.3, mostTogether: 4,
      company: "group", malesTogether: 2, greatestFallCm: null,
    },
    young: { box: { widthCm: 20, depthCm: 20, heightCm: 25 }, largeBoxIsBad: true },
    water: {
      kind: "bowl", shareOfFloor: [0.04, 0.1], depthCm: [1.5, 4], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [{ kind: "leafTangle", count: 2, where: "high" }, { kind: "corkTubeHigh", count: 1, where: "high" }],
    perches: { spans: 4, branchCm: [2, 6], baskingPlaces: 0 }, mistingsPerWeek: [6, 12],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [2, 3], youngEveryDays: [1, 1], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 10,
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "leavesOverWater", depthCm: null },
    lifespanYears: [8, 12], growInDays: 35, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: [], law: { cites: null }, schools: [],
    difficulty: "easy",
    crewThatFits: [
      "tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "littleSeaIsopod", "swiftForestIsopod",
    ],
    unsure: ["massG", "lifespanYears", "uv.indexAtBack"],
    from: recalled,
  },
];
