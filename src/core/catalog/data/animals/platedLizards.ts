import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Plated lizards. */
export const platedLizards: readonly Animal[] = [
  {
    id: "greatPlatedLizard", scientificName: "Broadleysaurus major", synonyms: ["Gerrhosaurus major"],
    kind: "platedLizard", group: "reptile", regions: ["africa"], climate: "semiArid", lives: "burrowing",
    active: "day",
    length: { measure: "total", maleCm: [38, 52], femaleCm: [36, 48] },
    massG: { male: [250, 600], female: [220, 500] },
    temperatureC: {
      baskingSurface: [40, 46], baskingAir: [33, 36], warm: [29, 32], cool: [24, 27], night: [19, 23],
      highestForDays: 34, lowestSafeNight: 13, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [25, 75], preferred: [35, 60] }, night: { tolerated: [35, 85], preferred: [45, 75] },
      retreat: [60, 85],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "tunnelHolding", leastDepthCm: 20, goodDepthCm: 30, surface: "dry", deep: "slightlyMoist" },
    drainage: "avoided",
    uv: { need: "needed", indexAtBack: [2, 4.5], zone: null, hoursADay: [10, 13] },
    box: {
      widthCm: 180, depthCm: 75, clearHeightCm: 60, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 90, depthCm: 45, heightCm: 40 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [14, 24], dampRh: [45, 70], alone: true,
    },
    arrival: { leaveAloneDays: [10, 21], firstMealDays: [2, 7], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.03, 0.06], depthCm: [3, 6], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "burrow", count: 2, where: "both" }, { kind: "groundHide", count: 2, where: "both" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 1, branchCm: [6, 12], baskingPlaces: 2 }, mistingsPerWeek: [1, 2],
    plants: { roughness: "uproots", eatsLiving: true }, eatsCrew: "most",
    food: {
      foods: ["insects", "snails", "flowers", "fruit", "eggs", "livingGreens"], adultEveryDays: [2, 3],
      youngEveryDays: [1, 1], calciumEveryNthFeeding: 2, vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dampSoil", depthCm: 20 },
    lifespanYears: [12, 20], growInDays: 60, quarantineDays: 60, tests: ["parasites", "mites"],
    cautions: ["bites", "strongJaws", "salmonella"], law: { cites: null },
    schools: [{ about: "group", views: [{}, { company: "pair", mostTogether: 2 }] }],
    difficulty: "fair",
    crewThatFits: ["powderIsopod", "slenderSpringtail", "tropicalSpringtail"],
    unsure: [
      "scientificName", "massG", "season", "uv.indexAtBack", "temperatureC.highestForDays", "law.cites",
      "young.untilMonths",
    ],
    from: recalled,
  },
];
