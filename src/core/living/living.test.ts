import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { catalog, entry, type Envelope } from "../catalog";
import { applyAll, startHabitat } from "../habitat";
import { ground } from "../strata";
import { boxFit, crewFit, furnishing, leastBox, plantFit, ranked, seedCount, suits, suitsBand } from "./index";

const at = (animalId: string, widthCm: number, depthCm: number, heightCm: number, count = 1) =>
  startHabitat({
    id: "h", name: "Box", createdAt: "2026-01-05T08:00:00Z", startOn: "2026-01-05", animalId, count,
    room: { temperatureC: 21, humidityRh: 45 }, shell: { widthCm, depthCm, heightCm, sillCm: 0, top: "mesh" },
  });
const codes = (habitat: ReturnType<typeof at>) => boxFit(habitat).map((reason) => reason.code);

describe("the box for the animal", () => {
  it("is enough at its least size, also when typed in inches a hair under", () => {
    expect(codes(at("crocodileSkink", 60.96, 45.72, 45.72, 2))).toEqual(["enough"]);
    expect(codes(at("dyeingPoisonFrog", 45, 45, 45, 2))).toEqual(["enough"]);
  });
  it("says what is short: floor, height, company, shape", () => {
    expect(codes(at("rosyBoa", 60, 30, 30))).toEqual(["floorShort", "tooLow"]);
    expect(codes(at("rosyBoa", 180, 45, 45, 2))).toContain("tooMany");
    expect(codes(at("crestedGecko", 90, 90, 60))).toEqual(["tooFlat"]);
    expect(codes(at("tomatoFrog", 45, 45, 90))).toEqual(["tooUpright"]);
  });
  it("wants more floor for each further animal", () => {
    expect(leastBox("vampireCrab", 8).widthCm).toBeCloseTo(45 * (1 + 5 * 0.12), 10);
  });
});

const anyEnvelope: fc.Arbitrary<Envelope> = fc
  .uniqueArray(fc.double({ min: 0, max: 100, noNaN: true }), { minLength: 4, maxLength: 4 })
  .map((four) => [...four].sort((a, b) => a - b) as [number, number, number, number])
  .map(([a, b, c, d]) => ({ tolerated: [a, d], preferred: [b, c] }));

describe("an envelope", () => {
  it("is 1 where preferred, 0 beyond what is tolerated, between at the edge", () => {
    const envelope: Envelope = { tolerated: [10, 32], preferred: [18, 27] };
    expect([5, 10, 14, 20, 32, 33].map((value) => Number(suits(envelope, value).toFixed(2)))).toEqual([0, 0.4, 0.7, 1, 0.4, 0]);
  });
  it("never fits worse when the species bears more", () => {
    const band = fc.tuple(fc.double({ min: 0, max: 50, noNaN: true }), fc.double({ min: 50, max: 100, noNaN: true }));
    fc.assert(
      fc.property(anyEnvelope, band, fc.double({ min: 0, max: 30, noNaN: true }), ({ tolerated, preferred }, where, more) => {
        const wider: Envelope = { tolerated: [tolerated[0] - more, tolerated[1] + more], preferred };
        const fonder: Envelope = {
          tolerated, preferred: [Math.max(tolerated[0], preferred[0] - more), Math.min(tolerated[1], preferred[1] + more)],
        };
        const before = suitsBand({ tolerated, preferred }, where);
        expect(suitsBand(wider, where)).toBeGreaterThanOrEqual(before - 1e-9);
        expect(suitsBand(fonder, where)).toBeGreaterThanOrEqual(before - 1e-9);
      }),
    );
  });
});

describe("plants and crew", () => {
  const skink = at("crocodileSkink", 60, 45, 45, 2);
  const boa = at("rosyBoa", 90, 45, 45);
  const fitOf = (plantId: string, habitat = skink) => plantFit(entry("plants", plantId), habitat, ground(habitat));

  it("tell forest from desert, with the reason first", () => {
    expect(fitOf("rabbitFootFern").verdict).toBe("good");
    expect(fitOf("zebraHaworthia").reasons[0]?.code).toBe("humidity.tooWet");
    expect(fitOf("zebraHaworthia").verdict).toBe("misfit");
    expect(fitOf("nervePlant", boa).reasons.slice(0, 3).map((r) => r.code)).toContain("humidity.tooDry");
    expect(fitOf("oxTongueGasteria", boa).verdict).toBe("good");
  });
  it("see that a palm outgrows the box and that a low wedge is too shallow for its roots", () => {
    const palm = fitOf("parlourPalm");
    expect(palm.reasons.find((r) => r.code === "height.outgrows")).toMatchObject({ grownCm: 70, verdict: "misfit" });
    const shallow = applyAll(skink, [{ name: "setSoil", args: { layerId: "soil-1", frontCm: 3, backCm: 9 } }]);
    const front = plantFit(entry("plants", "prayerPlant"), shallow, ground(shallow), { xCm: 30, yCm: 0 });
    expect(front.reasons.find((r) => r.code === "roots.tooShallow")).toMatchObject({ rootCm: 8, soilCm: expect.closeTo(3, 8) });
  });
  it("score no better than their worst side", () => {
    for (const plant of catalog.plants) {
      const { score, reasons } = fitOf(plant.id);
      expect(score).toBe(Math.min(...reasons.map((r) => r.score)));
    }
  });
  it("rank the crew for a dry snake box by what bears drought (common practice: mealworm beetles)", () => {
    const order = ranked(catalog.crew.map((species) => crewFit(species, boa)));
    expect(order.slice(0, 3).map(({ id }) => id)).toContain("mealwormBeetle");
    expect(order.slice(0, 3).every(({ id }) => entry("crew", id).group === "beetle")).toBe(true);
    expect(order.at(-1)?.verdict).toBe("misfit");
    expect(seedCount(entry("crew", "dwarfWhiteIsopod"), skink)).toBe(54);
  });
});

describe("what the animal wants to find (common practice)", () => {
  const counts = (habitat: ReturnType<typeof at>) => Object.fromEntries(furnishing(habitat, ground(habitat)).map(({ code, haveCount, needCount }) => [code, `${haveCount}/${needCount}`]));
  const withPiece = (habitat: ReturnType<typeof at>, id: string, kindId: string, xCm: number, upCm?: number) =>
    applyAll(habitat, [{ name: "addPiece", args: { id, kindId, xCm, yCm: 20, turnDeg: 0, widthCm: 12, depthCm: 9, heightCm: 4, rest: upCm === undefined ? { on: "ground", sunkCm: 0 } : { on: "wall", upCm }, fillMixId: null } }]);
  it("a hide at each end, the warm one on the left; a humid one only in dry builds", () => {
    const gecko = withPiece(at("leopardGecko", 90, 45, 40), "a", "humidHide", 70);
    expect(counts(gecko)).toMatchObject({ hideWarm: "0/1", hideCool: "1/1", humidHide: "1/1" });
    expect(counts(at("tomatoFrog", 60, 45, 40))).not.toHaveProperty("humidHide");
    expect(counts(at("vampireCrab", 60, 45, 40))).toEqual({});
  });
  it("a climber's basking places count once for each height", () => {
    const anole = withPiece(withPiece(at("greenAnole", 45, 45, 60), "a", "ledge", 10, 30), "b", "ledge", 30, 32);
    expect(counts(anole)).toMatchObject({ basking: "1/2", climb: "2/2" });
    expect(counts(withPiece(anole, "c", "ledge", 20, 44))).toMatchObject({ basking: "2/2" });
  });
});
