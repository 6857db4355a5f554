import type { Animal } from "../../schema";
import { recalled } from "./from";

/** Aquatic amphibians. */
export const aquaticAmphibians: readonly Animal[] = [
  {
    id: "budgettsFrog", scientificName: "Lepidobatrachus laevis", synonyms: [],
    kind: "aquaticAmphibian", group: "amphibian", regions: ["southAmerica"], climate: "seasonalWoodland",
    lives: "aquatic", active: "night",
    length: { measure: "snoutVent", maleCm: [5.5, 8.5], femaleCm: [8, 12] },
    massG: { male: [35, 150], female: [110, 400] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [25, 28], cool: [24, 27], night: [22, 26], highestForDays: 31,
      lowestSafeNight: 18, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [30, 100], preferred: [50, 90] }, night: { tolerated: [30, 100], preferred: [50, 90] },
      retreat: null,
    },
    air: { movement: "still", driesBetweenMistings: true },
    soil: { type: "none", leastDepthCm: 0, goodDepthCm: 0, surface: "wet", deep: "wet" }, drainage: "avoided",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 60, depthCm: 40, clearHeightCm: 30, forCount: 1, eachMoreFloorShare: 1, mostTogether: 1,
      company: "alone", malesTogether: 1, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 30, depthCm: 20, heightCm: 20 }, largestBox: { widthCm: 60, depthCm: 40, heightCm: 30 },
      largeBoxIsBad: true, untilMonths: [8, 12], dampRh: null, alone: true,
    },
    arrival: { leaveAloneDays: [5, 10], firstMealDays: [2, 5], handles: "never" },
    water: {
      kind: "aquatic", shareOfFloor: [0.9, 1], depthCm: [8, 15], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "waterPlants", count: 2, where: "anywhere" }, { kind: "groundHide", count: 1, where: "anywhere" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [0, 1],
    plants: { roughness: "uproots", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["worms", "fish", "insects", "pellets"], adultEveryDays: [5, 10], youngEveryDays: [1, 3],
      calciumEveryNthFeeding: 3, vitaminsEveryDays: 14, preySize: "headWidth",
    },
    season: { kind: "dryRest", months: [2, 4], restC: [20, 24] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [8, 15], growInDays: 21, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["bites", "strongJaws"], law: { cites: null }, schools: [],
    difficulty: "fair", crewThatFits: [],
    unsure: ["massG", "season.restC", "water.depthCm", "young.largestBox"],
    from: recalled,
  },
  {
    id: "axolotl", scientificName: "Ambystoma mexicanum", synonyms: [],
    kind: "aquaticAmphibian", group: "amphibian", regions: ["centralAmerica", "northAmerica"],
    climate: "temperateMoist", lives: "aquatic", active: "night",
    length: { measure: "total", maleCm: [20, 28], femaleCm: [20, 30] }, massG: { male: [70, 200], female: [80, 250] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [16, 18], cool: [14, 17], night: [12, 17], highestForDays: 20,
      lowestSafeNight: 4, heating: "never",
    },
    humidityRh: {
      day: { tolerated: [30, 100], preferred: [50, 95] }, night: { tolerated: [30, 100], preferred: [50, 95] },
      retreat: null,
    },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: { type: "none", leastDepthCm: 0, goodDepthCm: 0, surface: "wet", deep: "wet" }, drainage: "avoided",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 100, depthCm: 40, clearHeightCm: 40, forCount: 2, eachMoreFloorShare: 0.35, mostTogether: 4,
      company: "group", malesTogether: 3, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 45, depthCm: 30, heightCm: 25 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [8, 14], dampRh: null, alone: true,
    },
    arrival: { leaveAloneDays: [3, 7], firstMealDays: [1, 3], handles: "never" },
    water: {
      kind: "aquatic", shareOfFloor: [1, 1], depthCm: [25, 40], salinity: "fresh", canDrown: false, flow: "gentle",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "anywhere" }, { kind: "waterPlants", count: 3, where: "anywhere" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [0, 0],
    plants: { roughness: "uproots", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["worms", "pellets", "fish"], adultEveryDays: [2, 4], youngEveryDays: [1, 1],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "headWidth",
    },
    season: { kind: "coolRest", months: [1, 2], restC: [10, 14] }, laying: { needs: "water", depthCm: null },
    lifespanYears: [10, 15], growInDays: 28, quarantineDays: 60,
    tests: ["chytrid", "ranavirus", "salamanderChytrid", "parasites"],
    cautions: ["bites", "protectedSpecies"], law: { cites: "II" },
    schools: [{ about: "group", views: [{}, { company: "alone", mostTogether: 1 }] }],
    difficulty: "fair", crewThatFits: ["waterSlater", "blackworm"],
    unsure: ["season.restC"],
    from: recalled,
  },
  {
    id: "dwarfClawedFrog", scientificName: "Hymenochirus boettgeri", synonyms: [],
    kind: "aquaticAmphibian", group: "amphibian", regions: ["africa"], climate: "streamBank", lives: "aquatic",
    active: "dusk",
    length: { measure: "snoutVent", maleCm: [2.4, 3.2], femaleCm: [2.8, 3.8] },
    massG: { male: [0.8, 1.8], female: [1.3, 3] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [23, 26], cool: [22, 25], night: [21, 25], highestForDays: 28,
      lowestSafeNight: 19, heating: "inCoolRooms",
    },
    humidityRh: {
      day: { tolerated: [30, 100], preferred: [50, 95] }, night: { tolerated: [30, 100], preferred: [50, 95] },
      retreat: null,
    },
    air: { movement: "still", driesBetweenMistings: true },
    soil: { type: "none", leastDepthCm: 0, goodDepthCm: 0, surface: "wet", deep: "wet" }, drainage: "avoided",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 45, depthCm: 30, clearHeightCm: 25, forCount: 4, eachMoreFloorShare: 0.12, mostTogether: 12,
      company: "group", malesTogether: 6, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 25, depthCm: 15, heightCm: 12 }, largestBox: { widthCm: 40, depthCm: 25, heightCm: 20 },
      largeBoxIsBad: true, untilMonths: [4, 8], dampRh: null, alone: false,
    },
    arrival: { leaveAloneDays: [3, 7], firstMealDays: [1, 2], handles: "never" },
    water: {
      kind: "aquatic", shareOfFloor: [1, 1], depthCm: [12, 22], salinity: "fresh", canDrown: true, flow: "still",
    },
    refuges: [
      { kind: "waterPlants", count: 3, where: "anywhere" }, { kind: "groundHide", count: 2, where: "anywhere" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [0, 0],
    plants: { roughness: "gentle", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["worms", "smallInsects", "pellets"], adultEveryDays: [1, 2], youngEveryDays: [1, 1],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "bite",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "water", depthCm: null },
    lifespanYears: [5, 10], growInDays: 28, quarantineDays: 60, tests: ["chytrid", "ranavirus"],
    cautions: ["escapes", "salmonella"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: ["ramshornSnail", "neriteSnail", "cherryShrimp"],
    unsure: ["scientificName", "young.largestBox"],
    from: recalled,
  },
  {
    id: "africanClawedFrog", scientificName: "Xenopus laevis", synonyms: [],
    kind: "aquaticAmphibian", group: "amphibian", regions: ["africa"], climate: "streamBank", lives: "aquatic",
    active: "dusk",
    length: { measure: "snoutVent", maleCm: [4.8, 7.8], femaleCm: [8, 13] },
    massG: { male: [12, 50], female: [50, 200] },
    temperatureC: {
      baskingSurface: null, baskingAir: null, warm: [18, 22], cool: [16, 20], night: [15, 21], highestForDays: 27,
      lowestSafeNight: 8, heating: "never",
    },
    humidityRh: {
      day: { tolerated: [30, 100], preferred: [50, 95] }, night: { tolerated: [30, 100], preferred: [50, 95] },
      retreat: null,
    },
    air: { movement: "still", driesBetweenMistings: true },
    soil: { type: "none", leastDepthCm: 0, goodDepthCm: 0, surface: "wet", deep: "wet" }, drainage: "avoided",
    uv: { need: "none", indexAtBack: null, zone: null, hoursADay: null },
    box: {
      widthCm: 80, depthCm: 40, clearHeightCm: 40, forCount: 2, eachMoreFloorShare: 0.25, mostTogether: 5,
      company: "group", malesTogether: 3, greatestFallCm: null,
    },
    young: {
      box: { widthCm: 40, depthCm: 25, heightCm: 20 }, largestBox: null,
      largeBoxIsBad: false, untilMonths: [8, 14], dampRh: null, alone: false,
    },
    arrival: { leaveAloneDays: [3, 7], firstMealDays: [1, 3], handles: "never" },
    water: {
      kind: "aquatic", shareOfFloor: [1, 1], depthCm: [20, 35], salinity: "fresh", canDrown: false, flow: "still",
    },
    refuges: [
      { kind: "groundHide", count: 2, where: "anywhere" }, { kind: "waterPlants", count: 1, where: "anywhere" },
    ],
    perches: { spans: 0, branchCm: null, baskingPlaces: 0 }, mistingsPerWeek: [0, 0],
    plants: { roughness: "uproots", eatsLiving: false }, eatsCrew: "most",
    food: {
      foods: ["worms", "fish", "insects", "pellets"], adultEveryDays: [2, 4], youngEveryDays: [1, 1],
      calciumEveryNthFeeding: null, vitaminsEveryDays: null, preySize: "bite",
    },
    season: { kind: "none", months: null, restC: null }, laying: { needs: "water", depthCm: null },
    lifespanYears: [10, 25], growInDays: 28, quarantineDays: 60, tests: ["chytrid", "ranavirus", "parasites"],
    cautions: ["toxicSkin", "escapes", "invasive"], law: { cites: null }, schools: [],
    difficulty: "easy", crewThatFits: [],
    from: recalled,
  },
];
