import { cautionsNow, listOf, numberOr, plainOf, sourced, twice, without, type Plain } from "./plain";
import { under } from "../../under";

/** Regions have become finer; what lies in several now is told with all of them. */
const REGIONS: Record<string, string[]> = { oceania: ["australia", "newCaledonia", "pacificIslands"] };
const regionsOf = (region: unknown): unknown[] => under(REGIONS, region) ?? [region];

const rangeOf = (value: unknown): [number, number] => {
  const [low, high] = listOf(value);
  return [numberOr(low, 0), numberOr(high, 0)];
};

/** A band told as a range becomes what it likes, with some room on either side as what it bears. */
const BEARS_MORE_RH = 10;
function envelopeOf(value: unknown): Plain {
  const preferred = rangeOf(value);
  const [low, high] = preferred;
  return { preferred, tolerated: [Math.max(0, low - BEARS_MORE_RH), Math.min(100, high + BEARS_MORE_RH)] };
}

const WATER_KINDS: Record<string, string> = { mist: "drops", dripper: "drops", halfWater: "partLand" };
const STANDING: readonly string[] = ["pool", "partLand"];
const FOODS: Record<string, string> = { leaves: "livingGreens", vertebrates: "rodents" };
const HABITS: Record<string, string> = { semiAquatic: "semiAquatic" };
const SOILS: Record<string, string> = {
  humidForest: "dampForest",
  temperateMoist: "dampForest",
  streamBank: "dampForest",
  semiArid: "dryCrumble",
  arid: "dryCrumble",
};
const MOIST_CLIMATES = ["humidForest", "temperateMoist", "streamBank"];
const UV_BY_ZONE: Record<string, [number, number]> = { 1: [0, 0.7], 2: [0.7, 1], 3: [1, 2.6], 4: [2.6, 3.5] };
const ZONE_THAT_NEEDS = 2;
const SNOUT_VENT = ["poisonFrog", "groundFrog", "treeFrog", "toad"];
const LEG_SPAN = ["tarantula"];

function lengthOf(kind: unknown, cm: unknown): Plain {
  const measure = SNOUT_VENT.includes(String(kind))
    ? "snoutVent"
    : LEG_SPAN.includes(String(kind))
      ? "legSpan"
      : "total";
  return { measure, maleCm: twice(cm), femaleCm: twice(cm) };
}

function warmthOf(entry: Plain): Plain {
  const { basking = null, warm, cool, night } = plainOf(entry.temperatureC);
  return {
    baskingSurface: basking,
    baskingAir: basking,
    warm,
    cool,
    night,
    highestForDays: rangeOf(warm)[1] + 4,
    lowestSafeNight: rangeOf(night)[0] - 4,
    heating: entry.roomTemperature === true ? "never" : "always",
  };
}

/** Refuges an earlier entry did not name followed from its habit. */
const refugesOf = ({ habit }: Plain): Plain[] =>
  habit === "semiAquatic" ? [] : [{ kind: "groundHide", count: 2, where: "both" }];

/** An animal as it was told before its entry knew soil, refuges, seasons and the rest. */
export function animalNow(entry: Plain): Plain {
  const zone = String(entry.uvZone);
  const needed = numberOr(entry.uvZone, 1) > ZONE_THAT_NEEDS;
  const water = under(WATER_KINDS, entry.water) ?? String(entry.water);
  const moist = MOIST_CLIMATES.includes(String(entry.climate));
  const habit = String(entry.habit);
  const box = plainOf(entry.box);
  const kept = without(
    entry,
    ...["region", "adultLengthCm", "adultMassG", "habit", "activity", "nightHumidityRh", "uvZone", "soilDepthCm"],
    ...["roughOnPlants", "mistPerWeek", "company", "diet", "roomTemperature"],
  );
  const filled = [
    ...["humidityRh.day.tolerated", "humidityRh.night.tolerated", "air", "soil.surface", "soil.deep", "soil.type"],
    ...["uv.indexAtBack", "uv.hoursADay", "young", "water.depthCm", "refuges", "perches", "season", "laying"],
    ...["food.adultEveryDays", "food.youngEveryDays", "lifespanYears", "law.cites", "temperatureC.highestForDays"],
    "temperatureC.lowestSafeNight",
  ];
  return {
    ...kept,
    regions: regionsOf(entry.region),
    lives: HABITS[habit] ?? habit,
    active: entry.activity,
    length: lengthOf(entry.kind, entry.adultLengthCm),
    massG: { male: twice(entry.adultMassG), female: twice(entry.adultMassG) },
    temperatureC: warmthOf(entry),
    humidityRh: { day: envelopeOf(entry.humidityRh), night: envelopeOf(entry.nightHumidityRh), retreat: null },
    air: { movement: "gentle", driesBetweenMistings: true },
    soil: {
      type: habit === "burrowing" ? "tunnelHolding" : (under(SOILS, entry.climate) ?? "dampForest"),
      leastDepthCm: entry.soilDepthCm,
      goodDepthCm: entry.soilDepthCm,
      surface: moist ? "moist" : "dry",
      deep: moist ? "moist" : "slightlyMoist",
    },
    uv: {
      need: needed ? "needed" : "beneficial",
      indexAtBack: under(UV_BY_ZONE, zone) ?? null,
      zone: under(UV_BY_ZONE, zone) ? entry.uvZone : null,
      hoursADay: [8, 12],
    },
    box: {
      ...without(box, "heightCm"),
      // What was told is the whole height; the fill takes its part of it.
      clearHeightCm: Math.max(1, numberOr(box.heightCm, 1) - numberOr(entry.soilDepthCm, 0)),
      company: entry.company,
      malesTogether: entry.company === "group" ? numberOr(box.mostTogether, 1) : 1,
      greatestFallCm: null,
    },
    young: { box: null, largeBoxIsBad: false },
    water: {
      kind: water,
      shareOfFloor: STANDING.includes(water) ? [0.2, 0.5] : null,
      depthCm: null,
      salinity: "fresh",
      canDrown: false,
      flow: "still",
    },
    refuges: refugesOf(entry),
    perches: {
      spans: habit === "climbing" ? 2 : 0,
      branchCm: null,
      baskingPlaces: plainOf(entry.temperatureC).basking === undefined ? 0 : habit === "climbing" ? 2 : 1,
    },
    mistingsPerWeek: twice(entry.mistPerWeek),
    plants: { roughness: entry.roughOnPlants, eatsLiving: listOf(entry.diet).includes("leaves") },
    food: {
      foods: [...new Set(listOf(entry.diet).map((food) => under(FOODS, food) ?? food))],
      adultEveryDays: [1, 7],
      youngEveryDays: [1, 3],
      calciumEveryNthFeeding: null,
      vitaminsEveryDays: null,
    },
    season: { kind: "none", months: null, restC: null },
    laying: { needs: "none", depthCm: null },
    lifespanYears: [1, 20],
    tests: [],
    cautions: cautionsNow(entry.cautions).filter((code) => !WITH_ITS_CLASS.includes(String(code))),
    law: { cites: null },
    schools: listOf(entry.schools).map((about) => ({ about, views: [{}, {}] })),
    crewThatFits: [],
    ...sourced(
      entry,
      {
        region: "regions",
        habit: "lives",
        activity: "active",
        adultLengthCm: "length",
        adultMassG: "massG",
        nightHumidityRh: "humidityRh.night",
        humidityRh: "humidityRh.day",
        uvZone: "uv.zone",
        soilDepthCm: "soil.leastDepthCm",
        roughOnPlants: "plants.roughness",
        mistPerWeek: "mistingsPerWeek",
        company: "box.company",
        diet: "food.foods",
        roomTemperature: "temperatureC.heating",
      },
      filled,
    ),
  };
}
/** Cautions that go with every animal of a class are no longer told entry by entry. */
const WITH_ITS_CLASS = ["handWashing", "quarantineVet", "heat", "amphibianSkin"];

const SITES: Record<string, string> = { water: "inWater" };
const ON_BARK = ["bromeliad", "airPlant", "orchid"];
const DRY_AIR_RH = 50;
const PPFD: Record<string, [number, number]> = { low: [10, 80], medium: [30, 150], bright: [70, 400] };
const EATEN: Record<string, Plain> = {
  edible: { mammals: "safe", leafEatingReptiles: "eaten" },
  harmless: { mammals: "safe", leafEatingReptiles: "nibbledUnharmed" },
  irritant: { mammals: "irritant", leafEatingReptiles: "avoid" },
  toxic: { mammals: "toxic", leafEatingReptiles: "avoid" },
};

function rootsOf({ feet, kind, place, method, humidityRh }: Plain): string {
  if (place === "water") return method === "float" ? "floating" : "submerged";
  if (feet !== "dry") return String(feet);
  if (ON_BARK.includes(String(kind))) return "epiphyte";
  return rangeOf(plainOf(humidityRh).preferred)[0] < DRY_AIR_RH ? "desert" : "dryBetween";
}

/** A plant as it was told before its entry knew light, nights, division and who may eat it. */
export function plantNow(entry: Plain): Plain {
  const codes = listOf(entry.cautions).map(String);
  const [ppfdLow, ppfdHigh] = under(PPFD, entry.light) ?? [10, 400];
  const kept = without(
    entry,
    ...[
      "place",
      "region",
      "feet",
      "grownHeightCm",
      "grownSpreadCm",
      "rootDepthCm",
      "grownInMonths",
      "eaten",
      "cautions",
    ],
  );
  return {
    ...kept,
    regions: regionsOf(entry.region),
    nightLowC: rangeOf(plainOf(entry.temperatureC).tolerated)[0],
    winterRest: false,
    wantsMovingAir: false,
    ppfd: { preferred: [ppfdLow, ppfdHigh], tolerated: [ppfdLow / 2, ppfdHigh * 1.5] },
    roots: rootsOf(entry),
    places: [under(SITES, entry.place) ?? entry.place],
    rootDepth: { leastCm: entry.rootDepthCm, goodCm: entry.rootDepthCm },
    grown: {
      heightCm: twice(entry.grownHeightCm),
      spreadCm: twice(entry.grownSpreadCm),
      climbsCm: null,
      inMonths: entry.grownInMonths,
    },
    dividesInto: [1, 1],
    toxicity: { ...under(EATEN, entry.eaten), skin: codes.includes("sap") },
    hazards: [...(codes.includes("sap") ? ["sap"] : []), ...(codes.includes("sharpSpines") ? ["spines"] : [])],
    law: { cites: null, invasiveIn: [] },
    ...sourced(
      entry,
      {
        place: "places",
        region: "regions",
        feet: "roots",
        grownHeightCm: "grown.heightCm",
        grownSpreadCm: "grown.spreadCm",
        rootDepthCm: "rootDepth",
        grownInMonths: "grown.inMonths",
        eaten: "toxicity",
      },
      ["nightLowC", "ppfd", "dividesInto", "law.cites", "winterRest", "wantsMovingAir"],
    ),
  };
}

const LIVES_AT: Record<string, string> = {
  springtail: "upperSoil",
  isopod: "litter",
  beetle: "litter",
  earwig: "litter",
  millipede: "litter",
  snail: "surface",
  roach: "litter",
  earthworm: "deepSoil",
};
const DRIEST_RH = 40;

/** Damp air stood for damp soil: from 40 % for dust to 100 % for wet. */
function moistureOf(humidityRh: unknown): Plain {
  const share = (rh: number): number => Math.min(1, Math.max(0, (rh - DRIEST_RH) / (100 - DRIEST_RH)));
  const { tolerated, preferred } = plainOf(humidityRh);
  return { tolerated: rangeOf(tolerated).map(share), preferred: rangeOf(preferred).map(share) };
}

const MOST_FOR_ONE_SEEDED = 20;

/** Crew as it was told before its entry knew the soil it lives in. */
export function crewNow(entry: Plain): Plain {
  return {
    ...without(entry, "humidityRh", "breedsInDays"),
    livesAt: under(LIVES_AT, entry.group) ?? "litter",
    soilMoisture: moistureOf(entry.humidityRh),
    airRh: entry.humidityRh,
    lengthMm: twice(entry.lengthMm),
    broodEveryDays: twice(entry.breedsInDays),
    broodSize: [10, 30],
    daysToMaturity: twice(entry.breedsInDays),
    adultLifeDays: [100, 300],
    mostPer1000Cm2: numberOr(entry.seedPer1000Cm2, 1) * MOST_FOR_ONE_SEEDED,
    soldInTens: 1,
    wants: [],
    everyDays: null,
    hazards: [],
    proposed: true,
    cautions: cautionsNow(entry.cautions),
    ...sourced(entry, { humidityRh: "airRh", breedsInDays: "broodEveryDays" }, [
      ...["livesAt", "soilMoisture", "broodSize", "daysToMaturity", "adultLifeDays", "mostPer1000Cm2", "soldInTens"],
    ]),
  };
}
