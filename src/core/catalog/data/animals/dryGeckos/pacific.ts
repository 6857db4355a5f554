import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Dry geckos of Australia and the Pacific. */
export const dryGeckosOfPacific: readonly Animal[] = [
  {
    id: "knobTailedGecko", scientificName: "Nephrurus levis", synonyms: [],
    kind: "geckoDry", group: "reptile", regions: ["australia"], climate: "arid", lives: "burrowing", active: "night",
    length: { measure: "total", maleCm: [10, 13], femaleCm: [11, 14] }, massG: { male: [12, 20], female: [20, 35] },
    temperatureC: {
      baskingSurface: [33, 36], baskingAir: [29, 32], warm: [28, 31], cool: [23, 26], night: [16, 22],
      highestForDays: 34, lowestSafeNight: 10, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [15, 60], preferred: [25, 45] }, night: { tolerated: [25, 70], preferred: [35, 55] },
      retreat: [65, 90],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 10, goodDepthCm: 15, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "beneficial", indexAtBack: [0.4, 1.2], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 60, depthCm: 45, clearHeightCm: 30, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 30, depthCm: 20, heightCm: 15 }, largestBox: { widthCm: 45, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [9, 13], dampRh: null, alone: true,
    },
    arrival: { leaveAloneDays: [10, 14], firstMealDays: [2, 5], handles: "brief" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "burrow", count: 1, where: "cool" }, { kind: "groundHide", count: 2, where: "both" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [0, 2],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [14, 19] }, laying: { needs: "dampSoil", depthCm: 10 },
    lifespanYears: [10, 15], growInDays: 21, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "III" },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "fair", crewThatFits: ["blueDeathFeigningBeetle", "powderIsopod", "slenderSpringtail"],
    unsure: [
      "uv.indexAtBack", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "law.cites",
      "young.largestBox",
    ],
    from: recalled,
  },
  {
    id: "thickTailedGecko", scientificName: "Underwoodisaurus milii", synonyms: ["Nephrurus milii"],
    kind: "geckoDry", group: "reptile", regions: ["australia"], climate: "seasonalWoodland", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [12, 17], femaleCm: [13, 17] }, massG: { male: [17, 28], female: [20, 35] },
    temperatureC: {
      baskingSurface: [29, 32], baskingAir: [27, 29], warm: [25, 28], cool: [20, 23], night: [13, 19],
      highestForDays: 31, lowestSafeNight: 6, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [25, 75], preferred: [35, 60] }, night: { tolerated: [35, 85], preferred: [45, 75] },
      retreat: [70, 90],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dryCrumble", leastDepthCm: 7, goodDepthCm: 12, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "beneficial", indexAtBack: [0.3, 1], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 60, depthCm: 45, clearHeightCm: 30, forCount: 1, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 25, depthCm: 20, heightCm: 15 }, largestBox: { widthCm: 45, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [12, 18], dampRh: [40, 65], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [2, 5], handles: "brief" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "groundHide", count: 3, where: "both" }, { kind: "crevice", count: 2, where: "cool" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [1, 3],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [10, 15] }, laying: { needs: "layingBox", depthCm: 8 },
    lifespanYears: [10, 18], growInDays: 28, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["salmonella"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "easy", crewThatFits: ["powderIsopod", "tropicalSpringtail", "dwarfWhiteIsopod", "hoodedDwarfRoach"],
    unsure: [
      "uv.indexAtBack", "law.cites", "massG", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
      "young.largestBox",
    ],
    from: recalled,
  },
  {
    id: "northernVelvetGecko", scientificName: "Oedura castelnaui", synonyms: [],
    kind: "geckoDry", group: "reptile", regions: ["australia"], climate: "seasonalWoodland", lives: "climbing",
    active: "night",
    length: { measure: "total", maleCm: [14, 19], femaleCm: [14, 19] }, massG: { male: [14, 24], female: [16, 28] },
    temperatureC: {
      baskingSurface: [32, 36], baskingAir: [29, 32], warm: [27, 31], cool: [22, 26], night: [17, 22],
      highestForDays: 34, lowestSafeNight: 10, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [25, 75], preferred: [35, 60] }, night: { tolerated: [35, 85], preferred: [45, 70] },
      retreat: null,
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dryCrumble", leastDepthCm: 5, goodDepthCm: 9, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "beneficial", indexAtBack: [0.4, 1.2], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 50, forCount: 2, eachMoreFloorShare: 0.5, mostTogether: 3,
      company: "group", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 20, heightCm: 25 }, largestBox: { widthCm: 40, depthCm: 40, heightCm: 40 },
      largeBoxIsBad: true, untilMonths: [10, 14], dampRh: null, alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [1, 4], handles: "brief" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [
      { kind: "crevice", count: 3, where: "high" }, { kind: "corkTubeHigh", count: 2, where: "high" },
      { kind: "groundHide", count: 1, where: "cool" },
    ],
    perches: { spans: 4, branchCm: [4, 9], baskingPlaces: 1 }, mistingsPerWeek: [1, 3],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [2, 4], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2, 3], restC: [14, 18] }, laying: { needs: "layingBox", depthCm: 8 },
    lifespanYears: [10, 18], growInDays: 28, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["salmonella"], law: { cites: null },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "easy", crewThatFits: ["powderIsopod", "tropicalSpringtail", "dwarfWhiteIsopod", "hoodedDwarfRoach"],
    unsure: [
      "uv.indexAtBack", "massG", "law.cites", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
      "young.largestBox",
    ],
    from: recalled,
  },
];
