import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Envelope } from "../catalog";
import { STOCK } from "../library";
import { made, scene, started } from "../testing";
import {
  boxFit,
  calmSpot,
  crewFit,
  foundAt,
  grownShare,
  leastBox,
  lensCm2,
  matesFit,
  PLANTING_PLACES,
  placeNamed,
  plantFit,
  ranked,
  seedCount,
  suits,
  suitsBand,
  troubles,
} from "./index";

const at = (animalId: string, widthCm: number, depthCm: number, heightCm: number, count = 1) =>
  started({ name: "Box", animalId, count, shell: { widthCm, depthCm, heightCm, sillCm: 0, top: "mesh" } });
const codes = (habitat: ReturnType<typeof at>) => boxFit(scene(habitat)).map((reason) => reason.code);

describe("the box for the animal", () => {
  it("is enough at its least floor and clear height over the fill, also when typed in inches a hair under", () => {
    expect(codes(at("crocodileSkink", 60.96, 45.72, 60.96))).toEqual(["enough"]);
    expect(codes(at("dyeingPoisonFrog", 60, 45, 45, 2))).toEqual(["enough"]);
  });
  it("says what is short: floor, clear height, company, shape, a fall", () => {
    expect(codes(at("rosyBoa", 60, 30, 30))).toEqual(["floorShort", "tooLow"]);
    expect(codes(at("tomatoFrog", 120, 60, 60, 6))).toEqual(["tooMany"]);
    expect(codes(at("crestedGecko", 90, 90, 80))).toEqual(["tooFlat"]);
    expect(codes(at("tomatoFrog", 60, 45, 160))).toEqual(["tooUpright"]);
    expect(codes(at("redKneeTarantula", 40, 30, 60))).toEqual(["farToFall"]);
  });
  it("of one that lives alone is one to a box: no box is asked for twice as long", () => {
    expect(codes(at("rosyBoa", 110, 55, 70, 2))).toEqual(["oneToABox"]);
    const boa = STOCK.get("animals", "rosyBoa");
    expect(leastBox(boa, 2)).toEqual(leastBox(boa, 1));
  });
  it("wants more floor for each further animal, up to as many as live together", () => {
    const crab = STOCK.get("animals", "vampireCrab");
    const { widthCm, forCount, eachMoreFloorShare, mostTogether } = crab.box;
    expect(leastBox(crab, 8).widthCm).toBeCloseTo(widthCm * (1 + (8 - forCount) * eachMoreFloorShare), 10);
    expect(leastBox(crab, mostTogether + 9)).toEqual(leastBox(crab, mostTogether));
  });
  it("is judged over its fill: deeper soil makes the same box too low", () => {
    const skink = at("crocodileSkink", 60, 45, 60);
    expect(codes(made(skink, { name: "setDepth", args: { layerId: "soil-1", depthCm: 24 } }))).toEqual(["tooLow"]);
  });
});

const anyEnvelope: fc.Arbitrary<Envelope> = fc
  .uniqueArray(fc.double({ min: 0, max: 100, noNaN: true }), { minLength: 4, maxLength: 4 })
  .map((four) => [...four].sort((a, b) => a - b) as [number, number, number, number])
  .map(([a, b, c, d]) => ({ tolerated: [a, d], preferred: [b, c] }));

describe("an envelope", () => {
  it("is 1 where preferred, 0 beyond what is tolerated, between at the edge", () => {
    const envelope: Envelope = { tolerated: [10, 32], preferred: [18, 27] };
    expect([5, 10, 14, 20, 32, 33].map((value) => Number(suits(envelope, value).toFixed(2)))).toEqual([
      0, 0.4, 0.7, 1, 0.4, 0,
    ]);
  });
  it("never fits worse when the species bears more", () => {
    const band = fc.tuple(fc.double({ min: 0, max: 50, noNaN: true }), fc.double({ min: 50, max: 100, noNaN: true }));
    fc.assert(
      fc.property(
        anyEnvelope,
        band,
        fc.double({ min: 0, max: 30, noNaN: true }),
        ({ tolerated, preferred }, where, more) => {
          const wider: Envelope = { tolerated: [tolerated[0] - more, tolerated[1] + more], preferred };
          const fonder: Envelope = {
            tolerated,
            preferred: [Math.max(tolerated[0], preferred[0] - more), Math.min(tolerated[1], preferred[1] + more)],
          };
          const before = suitsBand({ tolerated, preferred }, where);
          expect(suitsBand(wider, where)).toBeGreaterThanOrEqual(before - 1e-9);
          expect(suitsBand(fonder, where)).toBeGreaterThanOrEqual(before - 1e-9);
        },
      ),
    );
  });
});

describe("plants and crew", () => {
  const skink = at("crocodileSkink", 60, 45, 60);
  const boa = at("rosyBoa", 110, 55, 70);
  const fitOf = (plantId: string, habitat = skink) => plantFit(STOCK.get("plants", plantId), scene(habitat));

  it("tell forest from desert, with the reason first", () => {
    expect(fitOf("rabbitFootFern").verdict).toBe("good");
    expect(fitOf("zebraHaworthia").reasons[0]?.code).toBe("humidity.tooWet");
    expect(fitOf("zebraHaworthia").verdict).toBe("misfit");
    expect(
      fitOf("nervePlant", boa)
        .reasons.slice(0, 3)
        .map((r) => r.code),
    ).toContain("humidity.tooDry");
    expect(fitOf("laceAloe", boa).verdict).not.toBe("misfit");
    expect(fitOf("laceAloe").verdict).toBe("misfit");
  });
  it("see that a palm outgrows the box and that a low wedge is too shallow for its roots", () => {
    const low = at("crocodileSkink", 60, 45, 45);
    const { heightCm } = STOCK.get("plants", "parlourPalm").grown;
    const grownCm = (heightCm[0] + heightCm[1]) / 2;
    const palm = fitOf("parlourPalm", low).reasons.find((r) => r.code === "height.outgrows");
    expect(palm).toMatchObject({ grownCm, verdict: "misfit" });
    const shallow = made(skink, { name: "setSoil", args: { layerId: "soil-1", frontCm: 3, backCm: 9 } });
    const front = plantFit(STOCK.get("plants", "prayerPlant"), scene(shallow), { xCm: 30, yCm: 0 });
    expect(front.reasons.find((r) => r.code === "roots.tooShallow")).toMatchObject({
      rootCm: STOCK.get("plants", "prayerPlant").rootDepth.leastCm,
      soilCm: expect.closeTo(3, 8),
    });
  });
  it("score no better than their worst side", () => {
    for (const plant of STOCK.all("plants")) {
      const { score, reasons } = fitOf(plant.id);
      expect(score).toBe(Math.min(...reasons.map((r) => r.score)));
    }
  });
  it("rank the crew for a dry snake box by what bears drought, and keep what bites resting animals from one that rests", () => {
    const order = ranked(STOCK.all("crew").map((species) => crewFit(species, scene(boa))));
    const usual = STOCK.get("animals", "rosyBoa").crewThatFits;
    expect(order.slice(0, 6).filter(({ id }) => usual.includes(id)).length).toBeGreaterThanOrEqual(3);
    const mealworms = order.find(({ id }) => id === "mealwormBeetle");
    expect(mealworms).toMatchObject({
      verdict: "misfit",
      reasons: expect.arrayContaining([expect.objectContaining({ hazard: "bitesResting" })]),
    });
    expect(order.at(-1)?.verdict).toBe("misfit");
    expect(seedCount(STOCK.get("crew", "dwarfWhiteIsopod"), skink)).toBe(54);
  });
  it("judge crew by the soil it lives in and not by the air: springtails live where a desert gecko's soil is damp below", () => {
    const gecko = scene(at("leopardGecko", 90, 45, 55));
    const springtail = crewFit(STOCK.get("crew", "temperateSpringtail"), gecko);
    expect(springtail.reasons.find(({ code }) => code.startsWith("soil."))?.verdict).not.toBe("misfit");
    expect(springtail.reasons.some(({ code }) => code.startsWith("humidity."))).toBe(false);
    const newt = scene(at("axolotl", 120, 60, 60));
    expect(crewFit(STOCK.get("crew", "powderIsopod"), newt).reasons[0]?.code).toBe("place.noLand");
    expect(crewFit(STOCK.get("crew", "ramshornSnail"), newt).verdict).not.toBe("misfit");
    expect(crewFit(STOCK.get("crew", "ramshornSnail"), gecko).reasons[0]?.code).toBe("place.noWater");
  });
});

describe("a plant at a place", () => {
  const anyEnvelopeFor = (low: number, high: number) =>
    anyEnvelope.map(({ tolerated, preferred }): Envelope => {
      const to = (value: number) => low + (value / 100) * (high - low);
      return { tolerated: [to(tolerated[0]), to(tolerated[1])], preferred: [to(preferred[0]), to(preferred[1])] };
    });
  it("never fits worse when its ranges move toward what it finds there, at any place, for any animal (any plant)", () => {
    const animals = fc.constantFrom("crocodileSkink", "leopardGecko", "greenAnole", "vampireCrab", "veiledChameleon");
    fc.assert(
      fc.property(
        fc.constantFrom(...STOCK.all("plants")),
        animals,
        fc.constantFrom(...PLANTING_PLACES),
        anyEnvelopeFor(5, 40),
        anyEnvelopeFor(0, 100),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (plant, animalId, name, temperatureC, humidityRh, share) => {
          const box = scene(at(animalId, 90, 60, 60));
          const place = placeNamed(box.habitat, box.ground, name);
          const found = foundAt(box, place, plant);
          // The range slides and widens until it takes in all that is found, the preferred part with it.
          const toward = ({ tolerated, preferred }: Envelope, [low, high]: readonly [number, number]): Envelope => {
            const to = (value: number, end: number, way: 1 | -1) =>
              value + way * Math.max(0, way * (end - value)) * share;
            const next: Envelope = {
              tolerated: [to(tolerated[0], low, -1), to(tolerated[1], high, 1)],
              preferred: [to(preferred[0], low, -1), to(preferred[1], high, 1)],
            };
            return {
              tolerated: [
                Math.min(next.tolerated[0], next.preferred[0]),
                Math.max(next.tolerated[1], next.preferred[1]),
              ],
              preferred: next.preferred,
            };
          };
          const before = plantFit({ ...plant, temperatureC, humidityRh }, box, place).score;
          const after = plantFit(
            {
              ...plant,
              temperatureC: toward(temperatureC, found.temperatureC),
              humidityRh: toward(humidityRh, found.humidityRh),
            },
            box,
            place,
          ).score;
          expect(after).toBeGreaterThanOrEqual(before - 1e-9);
        },
      ),
      { numRuns: 300 },
    );
  });
  it("finds the warm end warmer and drier, up high drier still, wood and walls drier at the roots", () => {
    const box = scene(at("greenAnole", 90, 45, 60));
    const placeOf = (name: (typeof PLANTING_PLACES)[number]) => placeNamed(box.habitat, box.ground, name);
    const found = (name: (typeof PLANTING_PLACES)[number]) =>
      foundAt(box, placeOf(name), STOCK.get("plants", "nervePlant"));
    expect(found("warmEnd").temperatureC[0]).toBeGreaterThan(found("coolEnd").temperatureC[1] - 3);
    expect(found("warmEnd").humidityRh[0]).toBeLessThan(found("coolEnd").humidityRh[0]);
    expect(found("woodHigh").humidityRh[1]).toBeLessThan(found("woodLow").humidityRh[1]);
    const codes = (plantId: string, name: (typeof PLANTING_PLACES)[number], animalId = "greenAnole") =>
      plantFit(STOCK.get("plants", plantId), scene(at(animalId, 90, 45, 60)), placeOf(name))
        .reasons.filter((r) => r.verdict !== "good")
        .map((r) => r.code);
    expect(codes("cupBromeliad", "middle")).toEqual(expect.arrayContaining(["feet.tooWet", "place.wrong"]));
    expect(codes("hornwort", "water")).toContain("place.noWater");
    expect(codes("candelabraSpurge", "middle", "saharanSpinyTail")).toContain("grazing.harmful");
  });
});

describe("tank mates", () => {
  const boxes = new Map(STOCK.all("animals").map(({ id }) => [id, scene(at(id, 90, 60, 60))]));
  const mates = (a: string, b: string) => matesFit(STOCK.get("animals", b), boxes.get(a)!);
  const codesOf = (a: string, b: string) =>
    mates(a, b)
      .reasons.filter((r) => r.verdict === "misfit")
      .map((r) => r.code);
  it("who lives alone, who swallows whom, whose skin poisons, whose climate is another", () => {
    expect(codesOf("redEyedTreeFrog", "greenAnole")).not.toContain("mates.alone");
    expect(codesOf("royalPython", "cornSnake")).toContain("mates.alone");
    expect(codesOf("waterDragon", "greenAnole")).toContain("mates.eaten");
    expect(codesOf("redEyedTreeFrog", "yellowBandedPoisonFrog")).toContain("mates.toxic");
    expect(codesOf("sandfish", "milkFrog")).toEqual(expect.arrayContaining(["mates.otherDamp"]));
  });
  it("are never told to be good together: the best there is is a caution (all pairs)", () => {
    for (const { id: a } of STOCK.all("animals").slice(0, 80))
      for (const { id: b } of STOCK.all("animals"))
        if (a !== b) expect(mates(a, b).verdict, `${a} ${b}`).not.toBe("good");
  });
  it("who eats, poisons or wants to be alone is the same whichever of the two is asked about (all pairs)", () => {
    const told = (a: string, b: string) =>
      mates(a, b)
        .reasons.filter(({ code }) => ["mates.alone", "mates.eaten", "mates.toxic", "mates.otherRegion"].includes(code))
        .map(({ code, score }) => `${code} ${score}`)
        .toSorted();
    for (const { id: a } of STOCK.all("animals"))
      for (const { id: b } of STOCK.all("animals")) if (a < b) expect(told(a, b), `${a} ${b}`).toEqual(told(b, a));
  });
});

describe("growing", () => {
  it("starts as bought, has 95 % of the way at its time, and never shrinks (any plant)", () => {
    for (const plant of STOCK.all("plants")) {
      expect(grownShare(plant, 0)).toBeCloseTo(plant.boughtShare, 12);
      expect(grownShare(plant, plant.grown.inMonths)).toBeGreaterThan(0.95);
      expect(grownShare(plant, 7)).toBeGreaterThan(grownShare(plant, 6));
    }
  });
  it("two circles share what a count of points says (Monte Carlo)", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 20, noNaN: true }),
        fc.double({ min: 1, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 45, noNaN: true }),
        (r, s, apart) => {
          const steps = 160;
          let hits = 0;
          for (let i = 0; i < steps; i += 1)
            for (let j = 0; j < steps; j += 1) {
              const [x, y] = [-r + ((i + 0.5) * 2 * r) / steps, -r + ((j + 0.5) * 2 * r) / steps];
              if (Math.hypot(x, y) <= r && Math.hypot(x - apart, y) <= s) hits += 1;
            }
          expect(Math.abs(lensCm2(r, s, apart) - (hits * (2 * r) ** 2) / steps ** 2)).toBeLessThan(
            0.02 * Math.PI * r * r,
          );
        },
      ),
      { numRuns: 40 },
    );
  });
  it("brings crowding, shade and a blocked view to light, and finds a calm place when there is one", () => {
    const habitat = made(
      at("crocodileSkink", 90, 60, 60),
      { name: "addPlant", args: { id: "a", plantId: "dwarfPeaceLily", xCm: 30, yCm: 30 } },
      { name: "addPlant", args: { id: "b", plantId: "prayerPlant", xCm: 33, yCm: 32 } },
      { name: "addPlant", args: { id: "c", plantId: "parlourPalm", xCm: 70, yCm: 8 } },
    );
    expect(troubles(scene(habitat), 12).map(({ code, standId }) => `${standId} ${code}`)).toEqual([
      "b crowds",
      "c blocksView",
    ]);
    const moved = made(habitat, { name: "movePlant", args: { id: "b", ...calmSpot(scene(habitat), "b", 12)! } });
    expect(troubles(scene(moved), 12).map(({ standId }) => standId)).toEqual(["c"]);
  });
});
