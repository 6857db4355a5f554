import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Cockroaches kept for their own sake. */
export const roaches: readonly Animal[] = [
  {
    id: "hissingCockroach", scientificName: "Gromphadorhina portentosa", synonyms: [],
    kind: "roach", group: "invertebrate", regions: ["madagascar"], climate: "humidForest", lives: "ground",
    active: "night",
    length: { measure: "body", maleCm: [5.5, 7.8], femaleCm: [5, 7.2] },
    massG: { male: [8, 18], female: [9, 22] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [25, 30], cool: [22, 26], night: [20, 25], highestForDays: 33,
      lowestSafeNight: 15, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [35, 90], preferred: [50, 75] }, night: { tolerated: [40, 95], preferred: [55, 80] },
      retreat: null,
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 4, goodDepthCm: 6, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 60, depthCm: 35, clearHeightCm: 35, forCount: 8, eachMoreFloorShare: 0.04, mostTogether: 40,
      company: "colony", malesTogether: 12, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 60, depthCm: 35, heightCm: 35 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [5, 10], dampRh: null, alone: false,
    },
    arrival: { leaveAloneDays: [1, 3], firstMealDays: [0, 1], handles: "calm" },
    water: {
      kind: "bowl", shareOfFloor: [0.01, 0.03], depthCm: [0.3, 0.8], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 3, where: "both" }, { kind: "crevice", count: 2, where: "anywhere" },
      { kind: "corkTubeHigh", count: 2, where: "high" },
    ],
    perches: { spans: 2, branchCm: [3, 8], baskingPlaces: 0 }, mistingsPerWeek: [2, 4],
    plants: { roughness: "rough", eatsLiving: true }, eatsCrew: "none",
    food: {
      foods: ["fruit", "livingGreens", "leafLitter", "pellets", "detritus"], adultEveryDays: [1, 2],
      youngEveryDays: [1, 2], calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "none",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "bornAlive", depthCm: null },
    lifespanYears: [2, 5], growInDays: 28, quarantineDays: 30, tests: ["mites"],
    cautions: ["escapes", "invasive", "allergen"], law: { cites: null },
    schools: [{ about: "group", views: [{}, { mostTogether: 12 }] }],
    difficulty: "easy",
    crewThatFits: ["tropicalSpringtail", "slenderSpringtail", "dwarfWhiteIsopod"],
    unsure: ["massG", "temperatureC.highestForDays", "box", "lifespanYears"],
    from: recalled,
  },
];
