import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Alligator lizards. */
export const alligatorLizards: readonly Animal[] = [
  {
    id: "mexicanAlligatorLizard", scientificName: "Abronia graminea", synonyms: [],
    kind: "alligatorLizard", group: "reptile", regions: ["centralAmerica", "northAmerica"], climate: "temperateMoist",
    lives: "climbing", active: "day",
    length: { measure: "total", maleCm: [22, 30], femaleCm: [22, 30] }, massG: { male: [20, 45], female: [20, 45] },
    temperatureC: {
      baskingSurface: [27, 31], baskingAir: [25, 28], warm: [21, 25], cool: [17, 21], night: [10, 16],
      highestForDays: 28, lowestSafeNight: 4, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [50, 95], preferred: [65, 85] }, night: { tolerated: [65, 100], preferred: [80, 100] },
      retreat: null,
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 6, goodDepthCm: 10, surface: "slightlyMoist", deep: "moist" },
    drainage: "wanted",
    uv: { need: "needed", indexAtBack: [2, 4], zone: null, hoursADay: [10, 12] },
    box: {
      widthCm: 45, depthCm: 45, clearHeightCm: 50, forCount: 1, eachMoreFloorShare: 0.6, mostTogether: 2,
      company: "pair", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 25, depthCm: 25, heightCm: 30 }, largestBox: { widthCm: 40, depthCm: 40, heightCm: 45 },
      largeBoxIsBad: true, untilMonths: [14, 24], dampRh: [70, 90], alone: true,
    },
    arrival: { leaveAloneDays: [10, 21], firstMealDays: [2, 7], handles: "brief" },
    water: { kind: "drops", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [{ kind: "leafTangle", count: 2, where: "high" }, { kind: "corkTubeHigh", count: 2, where: "high" }],
    perches: { spans: 6, branchCm: [1.5, 4], baskingPlaces: 1 }, mistingsPerWeek: [7, 14],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [2, 3], youngEveryDays: [1, 2], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2, 4], restC: [7, 15] }, laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [12, 20], growInDays: 42, quarantineDays: 90, tests: ["parasites"],
    cautions: ["protectedSpecies", "bites", "salmonella"], law: { cites: "II" },
    schools: [{ about: "glassOrMesh", views: [{}, {}] }],
    difficulty: "hard", crewThatFits: ["temperateSpringtail", "shinyIsopod", "pygmyIsopod"],
    unsure: ["uv.indexAtBack", "massG", "lifespanYears", "young.largestBox"],
    from: recalled,
  },
  {
    id: "southernAlligatorLizard", scientificName: "Elgaria multicarinata", synonyms: ["Gerrhonotus multicarinatus"],
    kind: "alligatorLizard", group: "reptile", regions: ["northAmerica"], climate: "temperateMoist", lives: "ground",
    active: "day",
    length: { measure: "total", maleCm: [25, 40], femaleCm: [25, 38] }, massG: { male: [25, 60], female: [25, 60] },
    temperatureC: {
      baskingSurface: [30, 34], baskingAir: [27, 30], warm: [24, 28], cool: [19, 23], night: [12, 18],
      highestForDays: 31, lowestSafeNight: 4, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [30, 80], preferred: [40, 60] }, night: { tolerated: [40, 90], preferred: [50, 75] },
      retreat: [70, 90],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 12, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "needed", indexAtBack: [1, 2.5], zone: null, hoursADay: [10, 12] },
    box: {
      widthCm: 75, depthCm: 45, clearHeightCm: 35, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 40, depthCm: 25, heightCm: 20 }, largestBox: { widthCm: 60, depthCm: 40, heightCm: 35 },
      largeBoxIsBad: true, untilMonths: [14, 22], dampRh: [50, 75], alone: true,
    },
    arrival: { leaveAloneDays: [7, 14], firstMealDays: [2, 5], handles: "brief" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: false, flow: "still" },
    refuges: [{ kind: "groundHide", count: 3, where: "both" }, { kind: "crevice", count: 2, where: "warm" }],
    perches: { spans: 2, branchCm: [3, 6], baskingPlaces: 1 }, mistingsPerWeek: [2, 4],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects", "snails", "worms"], adultEveryDays: [2, 3], youngEveryDays: [1, 2],
      calciumEveryNthFeeding: 2, vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [2, 4], restC: [6, 12] }, laying: { needs: "dampSoil", depthCm: 10 },
    lifespanYears: [8, 15], growInDays: 28, quarantineDays: 60, tests: ["parasites"],
    cautions: ["bites", "musk", "salmonella"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["temperateSpringtail", "pillIsopod", "powderIsopod"],
    unsure: [
      "uv.indexAtBack", "lifespanYears", "temperatureC.highestForDays", "temperatureC.lowestSafeNight",
      "young.largestBox",
    ],
    from: recalled,
  },
];
