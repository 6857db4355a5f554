import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Teiids. */
export const teiids: readonly Animal[] = [
  {
    id: "blackAndWhiteTegu", scientificName: "Salvator merianae", synonyms: ["Tupinambis merianae"],
    kind: "teiid", group: "reptile", regions: ["southAmerica"], climate: "seasonalWoodland", lives: "ground",
    active: "day",
    length: { measure: "total", maleCm: [105, 140], femaleCm: [85, 115] },
    massG: { male: [3500, 7000], female: [2000, 4500] },
    temperatureC: {
      baskingSurface: [43, 52], baskingAir: [34, 38], warm: [28, 32], cool: [23, 26], night: [17, 22],
      highestForDays: 35, lowestSafeNight: 6, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [45, 95], preferred: [60, 80] }, night: { tolerated: [50, 100], preferred: [65, 90] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 30, goodDepthCm: 45, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "needed", indexAtBack: [2.5, 5], zone: null, hoursADay: [10, 13] },
    box: {
      widthCm: 240, depthCm: 120, clearHeightCm: 90, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 150, depthCm: 75, heightCm: 60 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [9, 15], dampRh: [65, 90], alone: true,
    },
    arrival: { leaveAloneDays: [14, 28], firstMealDays: [2, 7], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: null, depthCm: [10, 25], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [{ kind: "burrow", count: 1, where: "cool" }, { kind: "groundHide", count: 2, where: "both" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 2 }, mistingsPerWeek: [4, 8],
    plants: { roughness: "uproots", eatsLiving: true }, eatsCrew: "most",
    food: {
      foods: ["insects", "snails", "eggs", "fruit", "rodents", "fish", "worms", "carrion"], adultEveryDays: [2, 4],
      youngEveryDays: [1, 1], calciumEveryNthFeeding: 2, vitaminsEveryDays: 14, preySize: "bite",
    },
    season: { kind: "coolRest", months: [3, 6], restC: [8, 15] }, laying: { needs: "layingBox", depthCm: 30 },
    lifespanYears: [15, 20], growInDays: 60, quarantineDays: 60, tests: ["parasites"],
    cautions: ["protectedSpecies", "bites", "strongJaws", "invasive", "salmonella"], law: { cites: "II" },
    schools: [
      { about: "drainage", views: [{ drainage: "wanted" }, { drainage: "avoided" }] },
      { about: "feeding", views: [{}, {}] },
    ],
    difficulty: "hard", crewThatFits: ["powderIsopod", "tropicalSpringtail"],
    unsure: ["uv.indexAtBack", "season", "temperatureC.highestForDays", "temperatureC.lowestSafeNight"],
    from: recalled,
  },
];
