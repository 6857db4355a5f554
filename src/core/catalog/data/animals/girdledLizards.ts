import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Girdled lizards. */
export const girdledLizards: readonly Animal[] = [
  {
    id: "tropicalGirdledLizard", scientificName: "Cordylus tropidosternum", synonyms: [],
    kind: "girdledLizard", group: "reptile", regions: ["africa"], climate: "seasonalWoodland", lives: "rockCrevice",
    active: "day",
    length: { measure: "total", maleCm: [14, 19], femaleCm: [14, 19] },
    massG: { male: [12, 28], female: [12, 28] },
    temperatureC: {
      baskingSurface: [38, 43], baskingAir: [32, 35], warm: [28, 31], cool: [22, 26], night: [17, 22],
      highestForDays: 34, lowestSafeNight: 12, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [25, 75], preferred: [40, 60] }, night: { tolerated: [35, 85], preferred: [50, 75] },
      retreat: [60, 80],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dryCrumble", leastDepthCm: 6, goodDepthCm: 10, surface: "dry", deep: "slightlyMoist" },
    drainage: "optional",
    uv: { need: "needed", indexAtBack: [2, 4], zone: null, hoursADay: [10, 13] },
    box: {
      widthCm: 90, depthCm: 45, clearHeightCm: 50, forCount: 2, eachMoreFloorShare: 0.4, mostTogether: 2,
      company: "pair", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 40, depthCm: 30, heightCm: 30 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [18, 30], dampRh: [45, 70], alone: false,
    },
    arrival: { leaveAloneDays: [10, 21], firstMealDays: [2, 7], handles: "never" },
    water: {
      kind: "bowl", shareOfFloor: [0.01, 0.03], depthCm: [1, 2], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "crevice", count: 4, where: "both" }, { kind: "corkTubeHigh", count: 2, where: "warm" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 2, branchCm: [5, 12], baskingPlaces: 2 }, mistingsPerWeek: [2, 4],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects", "smallInsects"], adultEveryDays: [2, 3], youngEveryDays: [1, 1], calciumEveryNthFeeding: 2,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolAndDryRest", months: [1, 2], restC: [18, 23] },
    laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [8, 15], growInDays: 42, quarantineDays: 60, tests: ["parasites", "mites"],
    cautions: ["protectedSpecies", "salmonella"], law: { cites: "II" },
    schools: [{ about: "group", views: [{}, { company: "group", mostTogether: 4 }] }],
    difficulty: "fair",
    crewThatFits: ["powderIsopod", "slenderSpringtail", "aridSpringtail"],
    unsure: [
      "massG", "season", "uv.indexAtBack", "temperatureC.highestForDays", "lifespanYears", "young.untilMonths",
    ],
    from: recalled,
  },
];
