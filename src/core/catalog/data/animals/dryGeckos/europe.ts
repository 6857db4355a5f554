import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Dry geckos of Europe and North Africa. */
export const dryGeckosOfEurope: readonly Animal[] = [
  {
    id: "elegantSandGecko", scientificName: "Stenodactylus sthenodactylus", synonyms: [],
    kind: "geckoDry", group: "reptile", regions: ["northAfrica", "westAsia"], climate: "arid", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [7.5, 10], femaleCm: [8, 10.5] }, massG: { male: [2.5, 4.5], female: [3, 6] },
    temperatureC: {
      baskingSurface: [35, 38], baskingAir: [31, 34], warm: [29, 33], cool: [23, 27], night: [15, 22],
      highestForDays: 34, lowestSafeNight: 8, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [10, 50], preferred: [20, 40] }, night: { tolerated: [15, 60], preferred: [25, 50] },
      retreat: [50, 80],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dryCrumble", leastDepthCm: 6, goodDepthCm: 10, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "beneficial", indexAtBack: [0.4, 1.2], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 45, depthCm: 30, clearHeightCm: 22, forCount: 2, eachMoreFloorShare: 0.4, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 15, depthCm: 12, heightCm: 10 }, largestBox: { widthCm: 30, depthCm: 20, heightCm: 18 },
      largeBoxIsBad: true, untilMonths: [6, 9], dampRh: null, alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 4], handles: "never" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "humidHide", count: 1, where: "warm" },
      { kind: "crevice", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [0, 1],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["smallInsects", "insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [12, 18] }, laying: { needs: "dampSoil", depthCm: 6 },
    lifespanYears: [4, 8], growInDays: 21, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["escapes", "salmonella"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "easy", crewThatFits: ["blueDeathFeigningBeetle", "powderIsopod", "slenderSpringtail"],
    unsure: [
      "uv.indexAtBack", "massG", "lifespanYears", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
      "young.largestBox",
    ],
    from: recalled,
  },
  {
    id: "duneGecko", scientificName: "Stenodactylus petrii", synonyms: ["Stenodactylus petriei"],
    kind: "geckoDry", group: "reptile", regions: ["northAfrica", "westAsia"], climate: "arid", lives: "burrowing",
    active: "night",
    length: { measure: "total", maleCm: [9, 12], femaleCm: [10, 13] }, massG: { male: [5, 9], female: [6, 12] },
    temperatureC: {
      baskingSurface: [35, 39], baskingAir: [31, 34], warm: [29, 33], cool: [23, 27], night: [15, 22],
      highestForDays: 34, lowestSafeNight: 8, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [10, 50], preferred: [15, 40] }, night: { tolerated: [15, 60], preferred: [25, 50] },
      retreat: [50, 80],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampSand", leastDepthCm: 9, goodDepthCm: 14, surface: "dry", deep: "moist" },
    drainage: "avoided",
    uv: { need: "beneficial", indexAtBack: [0.4, 1.2], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 60, depthCm: 40, clearHeightCm: 25, forCount: 2, eachMoreFloorShare: 0.4, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 15, heightCm: 12 }, largestBox: { widthCm: 40, depthCm: 25, heightCm: 20 },
      largeBoxIsBad: true, untilMonths: [7, 10], dampRh: null, alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 4], handles: "never" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [{ kind: "burrow", count: 2, where: "both" }, { kind: "groundHide", count: 2, where: "both" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [0, 1],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [12, 18] }, laying: { needs: "dampSoil", depthCm: 8 },
    lifespanYears: [5, 9], growInDays: 21, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["escapes", "salmonella"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "fair", crewThatFits: ["blueDeathFeigningBeetle", "powderIsopod", "slenderSpringtail"],
    unsure: [
      "uv.indexAtBack", "massG", "lifespanYears", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
      "young.largestBox",
    ],
    from: recalled,
  },
  {
    id: "moorishGecko", scientificName: "Tarentola mauritanica", synonyms: [],
    kind: "geckoDry", group: "reptile", regions: ["europe", "northAfrica"], climate: "semiArid", lives: "climbing",
    active: "dusk",
    length: { measure: "total", maleCm: [12, 17], femaleCm: [11, 16] }, massG: { male: [7, 14], female: [6, 12] },
    temperatureC: {
      baskingSurface: [34, 39], baskingAir: [30, 33], warm: [27, 31], cool: [21, 25], night: [14, 21],
      highestForDays: 34, lowestSafeNight: 4, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [20, 75], preferred: [30, 60] }, night: { tolerated: [30, 85], preferred: [40, 70] },
      retreat: null,
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "rockAndGrit", leastDepthCm: 4, goodDepthCm: 7, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "beneficial", indexAtBack: [0.7, 2], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 60, depthCm: 45, clearHeightCm: 50, forCount: 2, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 20, heightCm: 25 }, largestBox: { widthCm: 40, depthCm: 40, heightCm: 40 },
      largeBoxIsBad: true, untilMonths: [10, 18], dampRh: null, alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 4], handles: "never" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [{ kind: "crevice", count: 4, where: "both" }, { kind: "corkTubeHigh", count: 1, where: "high" }],
    perches: { spans: 3, branchCm: [4, 9], baskingPlaces: 2 }, mistingsPerWeek: [1, 3],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2, 4], restC: [6, 12] }, laying: { needs: "dampSoil", depthCm: 4 },
    lifespanYears: [6, 12], growInDays: 21, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["protectedSpecies", "escapes", "bites", "invasive", "salmonella"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "easy", crewThatFits: ["powderIsopod", "tropicalSpringtail", "dwarfWhiteIsopod", "hoodedDwarfRoach"],
    unsure: [
      "uv.indexAtBack", "massG", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "young.largestBox",
    ],
    from: recalled,
  },
];
