import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Short-tailed pythons. */
export const pythonsToo: readonly Animal[] = [
  {
    id: "bloodPython", scientificName: "Python brongersmai", synonyms: ["Python curtus brongersmai"],
    kind: "python", group: "reptile", regions: ["southeastAsia"], climate: "humidForest", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [110, 150], femaleCm: [140, 200] },
    massG: { male: [2500, 5000], female: [4500, 9500] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [27, 30], cool: [24, 26], night: [22, 25], highestForDays: 31,
      lowestSafeNight: 20, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [55, 95], preferred: [65, 85] }, night: { tolerated: [60, 98], preferred: [70, 92] },
      retreat: null,
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 12, surface: "slightlyMoist", deep: "moist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.8], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 180, depthCm: 90, clearHeightCm: 60, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 60, depthCm: 40, heightCm: 35 }, largestBox: { widthCm: 120, depthCm: 60, heightCm: 50 },
      largeBoxIsBad: true, untilMonths: [18, 30], dampRh: [70, 92], alone: true,
    },
    arrival: { leaveAloneDays: [14, 21], firstMealDays: [10, 21], handles: "brief" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.07, 0.14], depthCm: [8, 15], salinity: "fresh", canDrown: false,
      flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "both" }, { kind: "leafTangle", count: 2, where: "anywhere" },
      { kind: "humidHide", count: 1, where: "cool" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [3, 6],
    plants: { roughness: "uproots", eatsLiving: false }, eatsCrew: "none",
    food: {
      foods: ["rodents", "birds"], adultEveryDays: [21, 42], youngEveryDays: [10, 14], calciumEveryNthFeeding: null,
      vitaminsEveryDays: null, preySize: "bodyGirth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "layingBox", depthCm: 15 },
    lifespanYears: [15, 30], growInDays: 42, quarantineDays: 90,
    tests: ["serpentovirus", "cryptosporidia", "parasites", "mites"],
    cautions: ["protectedSpecies", "bites", "strongJaws", "salmonella"], law: { cites: "II" },
    schools: [{ about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] }],
    difficulty: "fair",
    crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod", "powderIsopod"],
    unsure: ["massG", "uv.indexAtBack", "temperatureC.highestForDays", "food.adultEveryDays", "young.largestBox"],
    from: recalled,
  },
];
