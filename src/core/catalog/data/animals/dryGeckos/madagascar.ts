import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Dry geckos of Madagascar. */
export const dryGeckosOfMadagascar: readonly Animal[] = [
  {
    id: "ocelotGecko", scientificName: "Paroedura picta", synonyms: ["Paroedura pictus"],
    kind: "geckoDry", group: "reptile", regions: ["madagascar"], climate: "semiArid", lives: "ground",
    active: "night",
    length: { measure: "total", maleCm: [12, 16], femaleCm: [11, 14] }, massG: { male: [10, 20], female: [8, 16] },
    temperatureC: {
      baskingSurface: [32, 35], baskingAir: [29, 31], warm: [27, 30], cool: [23, 26], night: [19, 23],
      highestForDays: 33, lowestSafeNight: 14, heating: "always",
    },
    humidityRh: {
      day: { tolerated: [25, 75], preferred: [35, 60] }, night: { tolerated: [35, 85], preferred: [45, 70] },
      retreat: [70, 90],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dryCrumble", leastDepthCm: 6, goodDepthCm: 10, surface: "dry", deep: "moist" },
    drainage: "avoided",
    uv: { need: "beneficial", indexAtBack: [0.4, 1.2], zone: null, hoursADay: [8, 12] },
    box: {
      widthCm: 60, depthCm: 45, clearHeightCm: 30, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 25, depthCm: 20, heightCm: 15 }, largestBox: { widthCm: 45, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [6, 9], dampRh: [40, 65], alone: true,
    },
    arrival: { leaveAloneDays: [7, 10], firstMealDays: [1, 4], handles: "brief" },
    water: { kind: "bowl", shareOfFloor: null, depthCm: null, salinity: "fresh", canDrown: true, flow: "still" },
    refuges: [{ kind: "groundHide", count: 3, where: "both" }, { kind: "humidHide", count: 1, where: "cool" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 1 }, mistingsPerWeek: [1, 3],
    plants: { roughness: "moderate", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects"], adultEveryDays: [1, 2], youngEveryDays: [1, 1], calciumEveryNthFeeding: 1,
      vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "dampSoil", depthCm: 6 },
    lifespanYears: [5, 8], growInDays: 21, quarantineDays: 60, tests: ["parasites", "cryptosporidia"],
    cautions: ["salmonella"], law: { cites: null },
    schools: [
      { about: "nocturnalUv", views: [{ uvNeed: "none" }, {}] },
      { about: "group", views: [{}, { company: "pair", mostTogether: 2 }] },
    ],
    difficulty: "easy", crewThatFits: ["powderIsopod", "tropicalSpringtail", "dwarfWhiteIsopod", "hoodedDwarfRoach"],
    unsure: [
      "uv.indexAtBack", "massG", "temperatureC.highestForDays", "temperatureC.lowestSafeNight", "young.largestBox",
    ],
    from: recalled,
  },
];
