/** What must hold between the figures of an entry, so that faults are found by themselves. */
import { describe, expect, it } from "vitest";
import { STOCK } from "../library";
import { BAINES_2016, provenanceOf, type Animal, type Envelope, type Range } from "./index";

const animals = STOCK.all("animals");
const plants = STOCK.all("plants");
const crew = STOCK.all("crew");
const ingredients = STOCK.all("ingredients");

/** The ids for which something does not hold. */
const failing = <T extends { id: string }>(entries: readonly T[], holds: (entry: T) => boolean): string[] =>
  entries.filter((entry) => !holds(entry)).map(({ id }) => id);

const within = ([low, high]: Range, [least, most]: Range): boolean => low >= least && high <= most;
const notBelow = (one: Range, other: Range): boolean => one[0] >= other[0] && one[1] >= other[1];

describe("animals", () => {
  it("warm no colder than cool, night no warmer than the warmest of the day, basking warmer than the warm end", () => {
    expect(failing(animals, ({ temperatureC: { warm, cool } }) => notBelow(warm, cool))).toEqual([]);
    expect(failing(animals, ({ temperatureC: { warm, night } }) => night[1] <= warm[1])).toEqual([]);
    const warmer = (basking: Range | null, warm: Range) => basking === null || notBelow(basking, warm);
    expect(failing(animals, ({ temperatureC: t }) => warmer(t.baskingAir, t.warm))).toEqual([]);
    expect(failing(animals, ({ temperatureC: t }) => warmer(t.baskingSurface, t.baskingAir ?? t.warm))).toEqual([]);
  });
  it("the whole box never bears less than its own warm end, and nights never fall under what is safe", () => {
    expect(failing(animals, ({ temperatureC: t }) => t.highestForDays >= t.warm[1])).toEqual([]);
    expect(failing(animals, ({ temperatureC: t }) => t.lowestSafeNight <= t.night[0])).toEqual([]);
  });
  it("who never wants heat does not bask, and has a warm end of a lived-in room", () => {
    const unheated = animals.filter(({ temperatureC }) => temperatureC.heating === "never");
    expect(failing(unheated, ({ temperatureC }) => temperatureC.baskingSurface === null)).toEqual([]);
    expect(failing(unheated, ({ temperatureC }) => temperatureC.warm[1] <= 25)).toEqual([]);
  });
  it("nights are no drier than days", () => {
    const middle = ({ preferred: [low, high] }: Envelope) => (low + high) / 2;
    expect(failing(animals, ({ humidityRh: { day, night } }) => middle(night) >= middle(day))).toEqual([]);
  });
  it("one to a box is told as alone, and alone as one to a box; males are no more than all together", () => {
    expect(failing(animals, ({ box }) => (box.company === "alone") === (box.mostTogether === 1))).toEqual([]);
    expect(failing(animals, ({ box }) => box.malesTogether <= box.mostTogether)).toEqual([]);
    expect(failing(animals, ({ box }) => box.forCount <= box.mostTogether)).toEqual([]);
  });
  it("the clear height is left over soil, drainage and dressing in a box no higher than a room", () => {
    const fill = ({ soil, drainage }: Animal) => soil.goodDepthCm + (drainage === "wanted" ? 6 : 0) + 2;
    expect(failing(animals, (animal) => animal.box.clearHeightCm + fill(animal) <= 240)).toEqual([]);
    expect(failing(animals, ({ soil }) => soil.leastDepthCm <= soil.goodDepthCm)).toEqual([]);
    const diggers = animals.filter(({ lives, group }) => lives === "burrowing" && group !== "reptile");
    expect(failing(diggers, ({ soil }) => soil.leastDepthCm >= 5)).toEqual([]);
  });
  it("heavy climbers' greatest fall is told where they are spiders or scorpions of the ground", () => {
    const heavy = animals.filter(({ kind, lives }) => ["tarantula", "scorpion"].includes(kind) && lives !== "climbing");
    expect(failing(heavy, ({ box }) => box.greatestFallCm !== null)).toEqual([]);
  });
  it("a UV zone stands only with its citation, and the index with the need for it", () => {
    const zoned = animals.filter(({ uv }) => uv.zone !== null);
    expect(zoned.length).toBeGreaterThan(0);
    for (const animal of zoned) expect(provenanceOf(animal, "uv.zone").note, animal.id).toContain(BAINES_2016);
    expect(failing(animals, ({ uv }) => (uv.need === "none") === (uv.indexAtBack === null))).toEqual([]);
    expect(failing(animals, ({ group, uv }) => group !== "invertebrate" || uv.zone === null)).toEqual([]);
  });
  it("water has a depth where there is a bath, and a share of the floor where it takes one", () => {
    const deep = animals.filter(({ water }) => ["pool", "twoPools", "partLand", "aquatic"].includes(water.kind));
    expect(failing(deep, ({ water }) => water.depthCm !== null && water.shareOfFloor !== null)).toEqual([]);
    expect(failing(animals, ({ water }) => water.shareOfFloor === null || within(water.shareOfFloor, [0, 1]))).toEqual(
      [],
    );
    const wet = animals.filter(({ water }) => water.kind === "aquatic");
    expect(failing(wet, ({ water }) => (water.shareOfFloor?.[1] ?? 0) >= 0.6)).toEqual([]);
  });
  it("ground is a kind or none, and dry above is never wet below", () => {
    expect(failing(animals, ({ soil }) => (soil.type === "none") === (soil.goodDepthCm === 0))).toEqual([]);
    expect(failing(animals, ({ soil }) => !(soil.surface === "dry" && soil.deep === "wet"))).toEqual([]);
  });
  it("leaf eaters eat something that grows, and who eats living plants is told as such", () => {
    const greens = animals.filter(({ food }) => food.foods.includes("livingGreens"));
    expect(failing(greens, ({ plants: told }) => told.eatsLiving)).toEqual([]);
  });
  it("every two schools differ by what they say, or say nothing in figures", () => {
    const differ = ({ schools }: Animal) =>
      schools.every(
        ({ views: [one, other] }) => JSON.stringify(one) !== JSON.stringify(other) || Object.keys(one).length === 0,
      );
    expect(failing(animals, differ)).toEqual([]);
    const abouts = animals.map(({ id, schools }) => ({ id, abouts: schools.map(({ about }) => about) }));
    expect(failing(abouts, (one) => new Set(one.abouts).size === one.abouts.length)).toEqual([]);
  });
  it("a rest has its months and its cold, and usual crew are species of the library", () => {
    expect(failing(animals, ({ season }) => (season.kind === "none") === (season.months === null))).toEqual([]);
    expect(failing(animals, ({ crewThatFits }) => crewThatFits.every((id) => STOCK.find("crew", id)))).toEqual([]);
  });
  it("protected ones say so (CITES)", () => {
    const listed = animals.filter(({ law }) => law.cites !== null);
    expect(listed.length).toBeGreaterThan(90);
    expect(failing(listed, ({ cautions }) => cautions.includes("protectedSpecies"))).toEqual([]);
  });
});

describe("plants", () => {
  it("wet roots stand in damp air, bromeliads' roots need no soil, floating ones none", () => {
    const bog = plants.filter(({ roots, places }) => roots === "wet" && !places.includes("pot"));
    expect(failing(bog, ({ humidityRh }) => humidityRh.preferred[1] >= 80)).toEqual([]);
    const afloat = plants.filter(({ roots }) => roots === "floating");
    expect(failing(afloat, ({ rootDepth }) => rootDepth.leastCm === 0)).toEqual([]);
    expect(failing(afloat, ({ places }) => places[0] === "inWater")).toEqual([]);
  });
  it("light by its class and by its figures agree: sun lovers want more than lovers of the dark", () => {
    const order = ["low", "medium", "bright", "sun"] as const;
    const mean = (light: (typeof order)[number]) => {
      const of = plants.filter((plant) => plant.light === light).map(({ ppfd }) => ppfd.preferred[0]);
      return of.reduce((sum, one) => sum + one, 0) / of.length;
    };
    expect(order.map(mean)).toEqual(order.map(mean).toSorted((a, b) => a - b));
    expect(
      failing(
        plants.filter(({ light }) => light === "sun"),
        ({ ppfd }) => ppfd.preferred[1] >= 250,
      ),
    ).toEqual([]);
  });
  it("nights may be colder than what they like by day, and none is bought larger than grown", () => {
    expect(failing(plants, ({ nightLowC, temperatureC }) => nightLowC <= temperatureC.preferred[0])).toEqual([]);
    expect(failing(plants, ({ boughtShare }) => boughtShare <= 1)).toEqual([]);
  });
  it("orchids and cacti are protected (CITES II), and what irritates mammals is not told as safe to eat", () => {
    const orchids = plants.filter(({ kind }) => kind === "orchid");
    expect(failing(orchids, ({ law }) => law.cites !== null)).toEqual([]);
    const toxic = plants.filter(({ toxicity }) => toxicity.mammals === "toxic");
    expect(failing(toxic, ({ toxicity }) => toxicity.leafEatingReptiles !== "eaten")).toEqual([]);
  });
});

describe("crew", () => {
  it("lives where soil is damp enough to be called soil, or in water; its brood and its time to grow up are told", () => {
    expect(failing(crew, ({ soilMoisture }) => within(soilMoisture.tolerated, [0, 1]))).toEqual([]);
    const renewing = crew.filter(({ broodSize }) => broodSize[1] > 0);
    expect(failing(renewing, ({ daysToMaturity }) => daysToMaturity[0] > 0)).toEqual([]);
    expect(failing(crew, (one) => one.mostPer1000Cm2 >= one.seedPer1000Cm2)).toEqual([]);
  });
  it("what eats living roots is never proposed, nor what is hard to get rid of, tunnels foam or hunts other crew", () => {
    expect(
      failing(
        crew.filter(({ hazards }) => hazards.includes("eatsRoots")),
        ({ proposed }) => !proposed,
      ),
    ).toEqual([]);
    const kept = ["surinamRoach", "greenhouseMillipede", "decollateSnail", "lesserMealworm", "ringleggedEarwig"];
    for (const id of kept) expect(STOCK.get("crew", id).proposed, id).toBe(false);
  });
});

describe("ingredients", () => {
  it("grains are no denser than their stuff: mineral to 2.75, organic to 1.6, ash-rich to 1.95 kg/L (EN 13041: 2.65 and 1.55)", () => {
    const most = { sand: 2.75, grit: 2.75, clay: 2.75, lime: 2.85, soil: 2.75, ready: 2.75, compost: 1.95 } as const;
    const density = ({ laid, closedPoresPct }: (typeof ingredients)[number]) =>
      laid.kgPerL / (1 - (laid.totalPorosityPct + closedPoresPct) / 100);
    const bound = (matter: string) => (most as Record<string, number>)[matter] ?? 1.66;
    expect(failing(ingredients, (one) => density(one) <= bound(one.matter))).toEqual([]);
    expect(failing(ingredients, (one) => density(one) >= 0.3)).toEqual([]);
  });
  it("a litre as it lies is the poured one settled", () => {
    expect(
      failing(
        ingredients,
        ({ laid, pouredKgPerL, settlesPct }) =>
          Math.abs(laid.kgPerL * (1 - settlesPct / 100) - pouredKgPerL) <= 0.02 * pouredKgPerL,
      ),
    ).toEqual([]);
  });
  it("peat is peat, limes hold lime, swelling clay is not dug in, and what is not safe to dig in says so", () => {
    expect(failing(ingredients, ({ matter, peat }) => matter !== "peat" || peat === "yes")).toEqual([]);
    expect(failing(ingredients, ({ matter, freeLimePct }) => matter !== "lime" || freeLimePct > 50)).toEqual([]);
    expect(failing(ingredients, ({ swells, safeToDig }) => swells !== "strongly" || !safeToDig)).toEqual([]);
    expect(failing(ingredients, ({ safeToDig, cautions }) => safeToDig !== cautions.includes("notToDigIn"))).toEqual(
      [],
    );
  });
  it("a coir brick of 650 g drinks 3.8 L and gives 7 to 9 L in at least 10 minutes (common practice)", () => {
    const coir = STOCK.get("ingredients", "coir");
    expect(coir.brick).toEqual({ dryKg: 0.65, waterL: 3.8, makesL: [7, 9], soakMin: 10 });
    // Eight poured litres weigh what the brick does without the 15 % of water in it.
    expect(8 * coir.pouredKgPerL).toBeCloseTo(0.65 * 0.85, 2);
  });
});

describe("gear", () => {
  it("is never run by what it must never meet, and mercury and metal-halide lamps by no thermostat or dimmer", () => {
    const gear = STOCK.all("gear");
    expect(failing(gear, ({ control, neverWith }) => !control.some((one) => neverWith.includes(one)))).toEqual([]);
    for (const id of ["metalHalideUv", "mercuryVapourUv"])
      expect(STOCK.get("gear", id).neverWith).toEqual(
        expect.arrayContaining(["dimmingThermostat", "onOffThermostat", "pulseThermostat", "handDimmer"]),
      );
  });
  it("residual-current devices are tested monthly, thermostats yearly at the least, foggers weekly to monthly", () => {
    expect(STOCK.get("gear", "residualCurrentDevice").checkInMonths).toBeLessThanOrEqual(1);
    for (const id of ["onOffThermostat", "dimmingThermostat", "pulseThermostat"])
      expect(STOCK.get("gear", id).checkInMonths).toBeLessThanOrEqual(12);
    expect(STOCK.get("gear", "ultrasonicFogger").checkInMonths).toBeLessThanOrEqual(1);
  });
});
