import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Ground frogs of Asia. */
export const groundFrogsOfAsia: readonly Animal[] = [
  {
    id: "paintedBurrowingFrog", scientificName: "Kaloula pulchra", synonyms: [],
    kind: "groundFrog", group: "amphibian", regions: ["southeastAsia", "eastAsia", "southAsia"],
    climate: "seasonalWoodland", lives: "burrowing", active: "night",
    length: { measure: "snoutVent", maleCm: [5.4, 7], femaleCm: [5.7, 7.5] },
    massG: { male: [18, 35], female: [25, 55] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [24, 28], cool: [21, 24], night: [19, 23], highestForDays: 31,
      lowestSafeNight: 15, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [45, 95], preferred: [60, 80] }, night: { tolerated: [55, 100], preferred: [70, 95] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 10, goodDepthCm: 15, surface: "moist", deep: "moist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 60, depthCm: 40, clearHeightCm: 25, forCount: 2, eachMoreFloorShare: 0.25, mostTogether: 4,
      company: "group", malesTogether: 3, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 15, heightCm: 15 }, largestBox: { widthCm: 40, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [6, 10], dampRh: [70, 90], alone: false,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 4], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.04, 0.1], depthCm: [1.5, 4], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "burrow", count: 2, where: "anywhere" }, { kind: "groundHide", count: 2, where: "anywhere" },
      { kind: "corkTubeHigh", count: 1, where: "high" },
    ],
    perches: { spans: 1, branchCm: [4, 10], baskingPlaces: 0 }, mistingsPerWeek: [3, 7],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects", "insects", "worms"], adultEveryDays: [2, 3], youngEveryDays: [1, 2],
      calciumEveryNthFeeding: 2, vitaminsEveryDays: 10, preySize: "eyeGap",
    },
    season: { kind: "dryRest", months: [1, 3], restC: [20, 23] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [5, 10], growInDays: 28, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["toxicSkin", "invasive"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod", "swiftForestIsopod"],
    unsure: ["massG", "uv.indexAtBack", "young.largestBox"],
    from: recalled,
  },
  {
    id: "fireBelliedToad", scientificName: "Bombina orientalis", synonyms: [],
    kind: "groundFrog", group: "amphibian", regions: ["eastAsia"], climate: "streamBank", lives: "semiAquatic",
    active: "day",
    length: { measure: "snoutVent", maleCm: [3.8, 5], femaleCm: [4, 5.2] }, massG: { male: [5, 8], female: [5, 9] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [20, 24], cool: [17, 21], night: [14, 20], highestForDays: 27,
      lowestSafeNight: 4, heating: "never",
    },
    humidityRh: {
      day: { tolerated: [45, 100], preferred: [60, 90] }, night: { tolerated: [55, 100], preferred: [70, 95] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "moist", deep: "wet" }, drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.4, 1], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 60, depthCm: 35, clearHeightCm: 25, forCount: 3, eachMoreFloorShare: 0.15, mostTogether: 8,
      company: "group", malesTogether: 4, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 25, depthCm: 18, heightCm: 15 }, largestBox: { widthCm: 45, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [5, 9], dampRh: [70, 95], alone: false,
    },
    arrival: { leaveAloneDays: [3, 7], firstMealDays: [1, 3], handles: "never" },
    water: {
      kind: "partLand", shareOfFloor: [0.4, 0.6], depthCm: [5, 12], salinity: "fresh", canDrown: false,
      flow: "gentle",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "cool" }, { kind: "waterPlants", count: 2, where: "anywhere" },
      { kind: "mossBed", count: 1, where: "cool" },
    ],
    perches: { spans: 1, branchCm: [3, 8], baskingPlaces: 1 }, mistingsPerWeek: [3, 7],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["smallInsects", "insects", "worms"], adultEveryDays: [2, 3], youngEveryDays: [1, 2],
      calciumEveryNthFeeding: 2, vitaminsEveryDays: 10, preySize: "eyeGap",
    },
    season: { kind: "coolRest", months: [1.5, 3], restC: [5, 10] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [10, 20], growInDays: 28, quarantineDays: 60,
    tests: ["chytrid", "ranavirus", "parasites", "salamanderChytrid"],
    cautions: ["toxicSkin", "escapes"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["temperateSpringtail", "pygmyIsopod", "rosyIsopod"],
    unsure: ["uv.indexAtBack", "young.largestBox"],
    from: recalled,
  },
  {
    id: "giantFireBelliedToad", scientificName: "Bombina maxima", synonyms: [],
    kind: "groundFrog", group: "amphibian", regions: ["eastAsia"], climate: "streamBank", lives: "semiAquatic",
    active: "day",
    length: { measure: "snoutVent", maleCm: [4.8, 6], femaleCm: [5, 6.8] },
    massG: { male: [14, 25], female: [18, 32] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [18, 22], cool: [15, 19], night: [12, 18], highestForDays: 25,
      lowestSafeNight: 4, heating: "never",
    },
    humidityRh: {
      day: { tolerated: [50, 100], preferred: [65, 90] }, night: { tolerated: [60, 100], preferred: [70, 95] },
      retreat: [80, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 8, surface: "moist", deep: "wet" }, drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.4, 1], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 80, depthCm: 40, clearHeightCm: 25, forCount: 3, eachMoreFloorShare: 0.2, mostTogether: 6,
      company: "group", malesTogether: 3, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 25, depthCm: 18, heightCm: 15 }, largestBox: { widthCm: 50, depthCm: 35, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [8, 14], dampRh: [70, 95], alone: false,
    },
    arrival: { leaveAloneDays: [3, 7], firstMealDays: [1, 4], handles: "never" },
    water: {
      kind: "partLand", shareOfFloor: [0.4, 0.6], depthCm: [6, 15], salinity: "fresh", canDrown: false,
      flow: "gentle",
    },
    refuges: [{ kind: "groundHide", count: 2, where: "cool" }, { kind: "waterPlants", count: 2, where: "anywhere" }],
    perches: { spans: 1, branchCm: [4, 10], baskingPlaces: 1 }, mistingsPerWeek: [3, 7],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["insects", "worms"], adultEveryDays: [2, 4], youngEveryDays: [1, 2], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 10, preySize: "eyeGap",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [5, 9] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [10, 20], growInDays: 28, quarantineDays: 60,
    tests: ["chytrid", "ranavirus", "parasites", "salamanderChytrid"],
    cautions: ["toxicSkin", "escapes"], law: { cites: null }, schools: [],
    difficulty: "fair", crewThatFits: ["temperateSpringtail", "pygmyIsopod", "rosyIsopod", "shinyIsopod"],
    unsure: [
      "massG", "season.restC", "lifespanYears", "uv.indexAtBack", "length", "young.untilMonths", "young.largestBox",
    ],
    from: recalled,
  },
  {
    id: "malayanHornedFrog", scientificName: "Pelobatrachus nasutus", synonyms: ["Megophrys nasuta"],
    kind: "groundFrog", group: "amphibian", regions: ["southeastAsia"], climate: "humidForest", lives: "ground",
    active: "night",
    length: { measure: "snoutVent", maleCm: [7, 10.5], femaleCm: [9, 13.5] },
    massG: { male: [30, 70], female: [70, 160] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [22, 25], cool: [19, 22], night: [17, 21], highestForDays: 27,
      lowestSafeNight: 14, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [65, 100], preferred: [80, 100] }, night: { tolerated: [75, 100], preferred: [85, 100] },
      retreat: [90, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 12, surface: "moist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 90, depthCm: 45, clearHeightCm: 35, forCount: 2, eachMoreFloorShare: 0.4, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 30, depthCm: 20, heightCm: 20 }, largestBox: { widthCm: 60, depthCm: 40, heightCm: 30 },
      largeBoxIsBad: true, untilMonths: [10, 18], dampRh: [85, 100], alone: false,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [2, 7], handles: "never" },
    water: {
      kind: "pool", shareOfFloor: [0.15, 0.3], depthCm: [4, 8], salinity: "fresh", canDrown: false, flow: "gentle",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "cool" }, { kind: "leafTangle", count: 2, where: "anywhere" },
      { kind: "burrow", count: 1, where: "anywhere" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [7, 14],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects", "worms", "snails"], adultEveryDays: [3, 5], youngEveryDays: [1, 3],
      calciumEveryNthFeeding: 2, vitaminsEveryDays: 10, preySize: "headWidth",
    },
    season: { kind: "dryRest", months: [1, 2], restC: [19, 21] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [6, 12], growInDays: 35, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: [], law: { cites: null }, schools: [],
    difficulty: "hard", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod", "littleSeaIsopod"],
    unsure: ["massG", "season.restC", "lifespanYears", "uv.indexAtBack", "young.untilMonths", "young.largestBox"],
    from: recalled,
  },
];
