import type { Animal } from "../../../schema";
import { recalled } from "../from";

/** Ground frogs of the Americas. */
export const groundFrogsOfAmerica: readonly Animal[] = [
  {
    id: "chacoHornedFrog", scientificName: "Ceratophrys cranwelli", synonyms: [],
    kind: "groundFrog", group: "amphibian", regions: ["southAmerica"], climate: "seasonalWoodland",
    lives: "burrowing", active: "night",
    length: { measure: "snoutVent", maleCm: [8, 10], femaleCm: [9.5, 13] },
    massG: { male: [90, 220], female: [180, 480] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [25, 28], cool: [22, 25], night: [20, 24], highestForDays: 30,
      lowestSafeNight: 17, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [45, 95], preferred: [60, 80] }, night: { tolerated: [55, 100], preferred: [70, 95] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 12, surface: "moist", deep: "moist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 60, depthCm: 40, clearHeightCm: 25, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 15, heightCm: 15 }, largestBox: { widthCm: 40, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [6, 10], dampRh: [70, 90], alone: true,
    },
    arrival: { leaveAloneDays: [5, 10], firstMealDays: [2, 5], handles: "never" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.1, 0.2], depthCm: [2, 4], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [{ kind: "burrow", count: 1, where: "anywhere" }, { kind: "leafTangle", count: 1, where: "anywhere" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [3, 7],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects", "worms", "fish", "rodents"], adultEveryDays: [5, 10], youngEveryDays: [1, 3],
      calciumEveryNthFeeding: 2, vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "dryRest", months: [1.5, 3], restC: [18, 22] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [8, 15], growInDays: 28, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["bites", "strongJaws"], law: { cites: null }, schools: [{ about: "feeding", views: [{}, {}] }],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod", "powderIsopod"],
    unsure: ["uv.indexAtBack", "young.largestBox"],
    from: recalled,
  },
  {
    id: "ornateHornedFrog", scientificName: "Ceratophrys ornata", synonyms: [],
    kind: "groundFrog", group: "amphibian", regions: ["southAmerica"], climate: "seasonalWoodland",
    lives: "burrowing", active: "night",
    length: { measure: "snoutVent", maleCm: [8.5, 11.5], femaleCm: [10, 15] },
    massG: { male: [120, 280], female: [220, 550] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [24, 28], cool: [21, 25], night: [19, 23], highestForDays: 30,
      lowestSafeNight: 15, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [45, 95], preferred: [60, 80] }, night: { tolerated: [55, 100], preferred: [70, 95] },
      retreat: [85, 100],
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "dampForest", leastDepthCm: 8, goodDepthCm: 12, surface: "moist", deep: "moist" },
    drainage: "optional",
    uv: { need: "beneficial", indexAtBack: [0.3, 0.7], zone: null, hoursADay: [6, 10] },
    box: {
      widthCm: 60, depthCm: 40, clearHeightCm: 25, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 20, depthCm: 15, heightCm: 15 }, largestBox: { widthCm: 40, depthCm: 30, heightCm: 25 },
      largeBoxIsBad: true, untilMonths: [6, 10], dampRh: [70, 90], alone: true,
    },
    arrival: { leaveAloneDays: [5, 10], firstMealDays: [2, 5], handles: "never" },
    water: {
      kind: "bathBowl", shareOfFloor: [0.1, 0.2], depthCm: [2, 4], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [{ kind: "burrow", count: 1, where: "anywhere" }, { kind: "leafTangle", count: 1, where: "anywhere" }],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [3, 7],
    plants: { roughness: "rough", eatsLiving: false }, eatsCrew: "some",
    food: {
      foods: ["insects", "worms", "fish", "rodents"], adultEveryDays: [5, 10], youngEveryDays: [1, 3],
      calciumEveryNthFeeding: 2, vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "coolAndDryRest", months: [1.5, 3], restC: [16, 20] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [8, 15], growInDays: 28, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["bites", "strongJaws"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["tropicalSpringtail", "dwarfWhiteIsopod", "powderIsopod"],
    unsure: ["season.restC", "uv.indexAtBack", "young.largestBox"],
    from: recalled,
  },
];
