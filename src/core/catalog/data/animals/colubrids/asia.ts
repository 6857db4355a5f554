import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Colubrids of Asia. */
export const colubridsOfAsia: readonly Animal[] = [
  {
    id: "rhinoRatSnake", scientificName: "Gonyosoma boulengeri",
    synonyms: ["Rhynchophis boulengeri", "Rhadinophis boulengeri"],
    kind: "colubrid", group: "reptile", regions: ["eastAsia", "southeastAsia"], climate: "humidForest",
    lives: "climbing", active: "day",
    length: { measure: "total", maleCm: [90, 130], femaleCm: [100, 150] },
    massG: { male: [200, 450], female: [250, 600] },
    temperatureC: {
      baskingSurface: [27, 30], baskingAir: [25, 28], warm: [24, 27], cool: [20, 23], night: [16, 21],
      highestForDays: 29, lowestSafeNight: 8, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [60, 95], preferred: [70, 85] }, night: { tolerated: [65, 100], preferred: [75, 95] },
      retreat: [75, 95],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 6, goodDepthCm: 10, surface: "slightlyMoist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "beneficial", indexAtBack: [0.7, 1.5], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 100, depthCm: 60, clearHeightCm: 100, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 40, depthCm: 40, heightCm: 45 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [18, 28], dampRh: [75, 95], alone: true,
    },
    arrival: { leaveAloneDays: [10, 21], firstMealDays: [7, 14], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.06, 0.12], depthCm: [4, 8], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [
      { kind: "leafTangle", count: 3, where: "high" }, { kind: "corkTubeHigh", count: 1, where: "high" },
      { kind: "groundHide", count: 1, where: "cool" },
    ],
    perches: { spans: 5, branchCm: [1.5, 4], baskingPlaces: 1 }, mistingsPerWeek: [5, 10],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents", "fish", "birds"], adultEveryDays: [7, 12], youngEveryDays: [4, 6],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [10, 16] }, laying: { needs: "layingBox", depthCm: 10 },
    lifespanYears: [12, 20], growInDays: 42, quarantineDays: 90, tests: ["cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "salmonella"], law: { cites: null },
    schools: [{ about: "glassOrMesh", views: [{}, {}] }, { about: "nocturnalUv", views: [{}, { uvNeed: "none" }] }],
    difficulty: "fair",
    crewThatFits: [
      "temperateSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "littleSeaIsopod", "swiftForestIsopod",
    ],
    unsure: ["temperatureC", "massG", "uv.indexAtBack"],
    from: recalled,
  },
  {
    id: "redTailedGreenRatSnake", scientificName: "Gonyosoma oxycephalum", synonyms: ["Elaphe oxycephala"],
    kind: "colubrid", group: "reptile", regions: ["southeastAsia"], climate: "humidForest", lives: "climbing",
    active: "day",
    length: { measure: "total", maleCm: [150, 200], femaleCm: [160, 230] },
    massG: { male: [500, 1000], female: [600, 1400] },
    temperatureC: {
      baskingSurface: [30, 33], baskingAir: [28, 31], warm: [27, 30], cool: [24, 26], night: [22, 25],
      highestForDays: 33, lowestSafeNight: 18, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [60, 95], preferred: [70, 85] }, night: { tolerated: [65, 100], preferred: [75, 92] },
      retreat: [75, 95],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 6, goodDepthCm: 10, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.7, 1.5], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 180, depthCm: 75, clearHeightCm: 120, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 60, depthCm: 45, heightCm: 60 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [14, 24], dampRh: [70, 90], alone: true,
    },
    arrival: { leaveAloneDays: [14, 28], firstMealDays: [7, 14], handles: "never" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.06, 0.12], depthCm: [5, 10], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [{ kind: "corkTubeHigh", count: 2, where: "high" }, { kind: "leafTangle", count: 3, where: "high" }],
    perches: { spans: 5, branchCm: [2, 5], baskingPlaces: 2 }, mistingsPerWeek: [5, 10],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents", "birds"], adultEveryDays: [7, 14], youngEveryDays: [5, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "layingBox", depthCm: 10 },
    lifespanYears: [12, 18], growInDays: 42, quarantineDays: 90, tests: ["cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "salmonella"], law: { cites: null },
    schools: [{ about: "glassOrMesh", views: [{}, {}] }, { about: "nocturnalUv", views: [{}, { uvNeed: "none" }] }],
    difficulty: "hard",
    crewThatFits: [
      "tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "littleSeaIsopod",
      "soilPredatoryMite",
    ],
    unsure: [
      "massG", "uv.indexAtBack", "lifespanYears", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
    ],
    from: recalled,
  },
  {
    id: "beautySnake", scientificName: "Elaphe taeniura",
    synonyms: ["Orthriophis taeniurus", "Elaphe taeniura friesei"],
    kind: "colubrid", group: "reptile", regions: ["eastAsia", "southeastAsia"], climate: "seasonalWoodland",
    lives: "climbing", active: "day",
    length: { measure: "total", maleCm: [160, 220], femaleCm: [150, 210] },
    massG: { male: [800, 1800], female: [700, 1700] },
    temperatureC: {
      baskingSurface: [28, 31], baskingAir: [26, 29], warm: [25, 28], cool: [21, 24], night: [16, 22],
      highestForDays: 31, lowestSafeNight: 8, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [45, 88], preferred: [55, 75] }, night: { tolerated: [50, 92], preferred: [60, 80] },
      retreat: [65, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 6, goodDepthCm: 10, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.5, 1.2], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 180, depthCm: 75, clearHeightCm: 100, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 75, depthCm: 45, heightCm: 45 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [12, 20], dampRh: [55, 80], alone: true,
    },
    arrival: { leaveAloneDays: [10, 21], firstMealDays: [5, 10], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.06, 0.1], depthCm: [6, 10], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [{ kind: "corkTubeHigh", count: 2, where: "high" }, { kind: "groundHide", count: 2, where: "both" }],
    perches: { spans: 4, branchCm: [2, 6], baskingPlaces: 2 }, mistingsPerWeek: [1, 4],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents", "birds"], adultEveryDays: [7, 14], youngEveryDays: [5, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [8, 14] }, laying: { needs: "layingBox", depthCm: 12 },
    lifespanYears: [15, 22], growInDays: 42, quarantineDays: 90, tests: ["cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "salmonella", "musk", "invasive"], law: { cites: null },
    schools: [
      { about: "nocturnalUv", views: [{}, { uvNeed: "none" }] },
      { about: "drainage", views: [{ drainage: "avoided" }, { drainage: "wanted" }] },
    ],
    difficulty: "fair",
    crewThatFits: [
      "temperateSpringtail", "slenderSpringtail", "dwarfWhiteIsopod", "powderIsopod", "nosyPillIsopod",
      "soilPredatoryMite",
    ],
    unsure: ["massG", "uv.indexAtBack", "temperatureC.highestForDays", "temperatureC.lowestSafeNight"],
    from: recalled,
  },
  {
    id: "mandarinRatSnake", scientificName: "Euprepiophis mandarinus", synonyms: ["Elaphe mandarina"],
    kind: "colubrid", group: "reptile", regions: ["eastAsia", "southeastAsia"], climate: "temperateMoist",
    lives: "burrowing", active: "dusk",
    length: { measure: "total", maleCm: [80, 130], femaleCm: [80, 130] },
    massG: { male: [200, 500], female: [200, 550] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [23, 26], cool: [18, 22], night: [13, 20], highestForDays: 27,
      lowestSafeNight: 4, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [55, 95], preferred: [65, 85] }, night: { tolerated: [60, 100], preferred: [70, 90] },
      retreat: [80, 98],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 10, goodDepthCm: 15, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 100, depthCm: 50, clearHeightCm: 45, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 35, depthCm: 25, heightCm: 25 }, largestBox: { widthCm: 60, depthCm: 40, heightCm: 35 },
      largeBoxIsBad: true, untilMonths: [20, 32], dampRh: [70, 95], alone: true,
    },
    arrival: { leaveAloneDays: [14, 28], firstMealDays: [7, 21], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.04, 0.07], depthCm: [3, 6], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "burrow", count: 2, where: "cool" },
      { kind: "mossBed", count: 1, where: "cool" },
    ],
    perches: { spans: 1, branchCm: [2, 4], baskingPlaces: 0 }, mistingsPerWeek: [2, 4],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents"], adultEveryDays: [7, 12], youngEveryDays: [4, 7], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "coolRest", months: [2, 4], restC: [6, 11] }, laying: { needs: "layingBox", depthCm: 12 },
    lifespanYears: [12, 20], growInDays: 42, quarantineDays: 90, tests: ["cryptosporidia", "parasites", "mites"],
    cautions: ["bites", "escapes", "salmonella"], law: { cites: null },
    schools: [
      { about: "soilDepth", views: [{ leastSoilCm: 15 }, { leastSoilCm: 5 }] },
      { about: "heating", views: [{ heating: "never" }, {}] },
    ],
    difficulty: "hard",
    crewThatFits: [
      "temperateSpringtail", "soilSpringtail", "shinyIsopod", "pillIsopod", "ridgedDwarfIsopod", "nightcrawlerSmall",
    ],
    unsure: ["massG", "temperatureC", "season.restC", "young.largestBox"],
    from: recalled,
  },
];
