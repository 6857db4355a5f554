import { describe, expect, it } from "vitest";
import { boulder, made, scene, started } from "../testing";
import { STOCK } from "../library";
import { furnishing, leastHideCm, leavesToHideIn } from "./index";

const at = (animalId: string, widthCm: number, depthCm: number, heightCm: number) =>
  started({ animalId, count: 1, shell: { widthCm, depthCm, heightCm, sillCm: 0, top: "mesh" } });

describe("what the animal wants to find (common practice)", () => {
  const counts = (habitat: ReturnType<typeof at>) =>
    Object.fromEntries(
      furnishing(scene(habitat), [], habitat.brief.stage).map(({ code, haveCount, needCount }) => [
        code,
        `${haveCount}/${needCount}`,
      ]),
    );
  const withPiece = (habitat: ReturnType<typeof at>, id: string, kindId: string, xCm: number, upCm?: number) =>
    made(habitat, {
      name: "addPiece",
      args: {
        id,
        kindId,
        xCm,
        yCm: 20,
        turnDeg: 0,
        widthCm: 12,
        depthCm: 9,
        heightCm: 4,
        rest: upCm === undefined ? { on: "ground", sunkCm: 0 } : { on: "wall", upCm },
        fillMixId: null,
      },
    });
  it("a hide at each end, the warm one on the left, a humid one, burrows, crevices and moss, each where its entry asks for it", () => {
    const gecko = withPiece(at("leopardGecko", 90, 45, 40), "a", "humidHide", 70);
    expect(counts(gecko)).toMatchObject({ hideWarm: "0/1", hideCool: "1/1", humidHide: "1/1" });
    expect(counts(at("tomatoFrog", 60, 45, 40))).not.toHaveProperty("humidHide");
    expect(counts(at("vampireCrab", 60, 45, 40))).toMatchObject({ burrow: "3/3", crevice: "0/2", mossBed: "0/1" });
  });
  it("a climber's basking places count once for each height", () => {
    const anole = withPiece(withPiece(at("greenAnole", 45, 45, 60), "a", "ledge", 10, 30), "b", "ledge", 30, 32);
    expect(counts(anole)).toMatchObject({ basking: "1/2", climb: "2/2" });
    expect(counts(withPiece(anole, "c", "ledge", 20, 44))).toMatchObject({ basking: "2/2" });
  });
  it("leafy plants make a tangle by twos, a tube on the wall is one high up, a shallow soil no burrow", () => {
    const gecko = at("crestedGecko", 45, 45, 60);
    const wants = (plantIds: readonly string[]) =>
      Object.fromEntries(furnishing(scene(gecko), plantIds, undefined).map(({ code, haveCount }) => [code, haveCount]));
    expect([[], ["creepingFig"], ["creepingFig", "cretanBrake"]].map((ids) => wants(ids).leafTangle)).toEqual([
      0, 0, 1,
    ]);
    const tube = made(gecko, {
      name: "addPiece",
      args: {
        id: "t",
        kindId: "corkTube",
        xCm: 20,
        yCm: 20,
        turnDeg: 0,
        widthCm: 12,
        depthCm: 12,
        heightCm: 20,
        rest: { on: "wall", upCm: 30 },
        fillMixId: null,
      },
    });
    expect(counts(tube)).toMatchObject({ corkTubeHigh: "1/2" });
    const frog = at("africanBullfrog", 90, 60, 80);
    expect(counts(frog)).toMatchObject({ burrow: "1/1" });
    const shallow = made(frog, { name: "setDepth", args: { layerId: "soil-1", depthCm: 6 } });
    expect(counts(shallow)).toMatchObject({ burrow: "0/1" });
  });
  const stood = (habitat: ReturnType<typeof at>, more: Partial<Parameters<typeof boulder>[0]>) =>
    made(habitat, boulder({ id: "it", ...more }));
  it("a hide that does not hold the animal whole is none: a snake lies in it coiled, a gecko without its tail", () => {
    // Common practice: snug, but never smaller than the coils; a hide of 12 cm is a hatchling's.
    const snake = at("cornSnake", 120, 60, 60);
    const hide = (cm: number) => stood(snake, { kindId: "dryHide", xCm: 20, widthCm: cm, depthCm: 9, heightCm: 6 });
    expect(counts(hide(8))).toMatchObject({ hideWarm: "0/1" });
    expect(counts(hide(24))).toMatchObject({ hideWarm: "1/1" });
    const byKind = (id: string) => leastHideCm(STOCK.get("animals", id), undefined);
    const { femaleCm, maleCm } = STOCK.get("animals", "leopardGecko").length;
    expect(byKind("leopardGecko")).toBeCloseTo(Math.max(femaleCm[0], maleCm[0]) / 2);
    for (const animal of STOCK.all("animals")) {
      expect(leastHideCm(animal, undefined), animal.id).toBeGreaterThan(0);
      expect(leastHideCm(animal, undefined), animal.id).toBeLessThan(Math.min(animal.box.widthCm, animal.box.depthCm));
      expect(leastHideCm(animal, "young"), animal.id).toBeLessThan(leastHideCm(animal, undefined));
    }
  });
  it("leaves hide who is no longer than they are across: an air plant a small frog, and no gecko of a hand's length", () => {
    const hides = (plantId: string, animalId: string) =>
      leavesToHideIn(STOCK.get("plants", plantId), STOCK.get("animals", animalId), undefined);
    expect([hides("skyPlant", "strawberryPoisonFrog"), hides("skyPlant", "crestedGecko")]).toEqual([true, false]);
    expect(hides("babyRubberPlant", "crestedGecko")).toBe(true);
    expect(hides("cushionMoss", "strawberryPoisonFrog")).toBe(false);
  });
  it("a tube on end is no hide on the ground; laid down it is one", () => {
    const gecko = at("leopardGecko", 90, 45, 40);
    const tube = { kindId: "corkTube", xCm: 70, widthCm: 12, depthCm: 12, heightCm: 20 };
    const upright = stood(gecko, { ...tube, rest: { on: "ground", sunkCm: 0 } });
    expect(counts(upright)).toMatchObject({ hideCool: "0/1" });
    const laid = stood(gecko, { ...tube, rest: { on: "ground", sunkCm: 0 }, tilt: { deg: 90, to: "right" } });
    expect(counts(laid)).toMatchObject({ hideCool: "1/1" });
  });
  it("only gaps over the ground are crevices: a pile of five slabs half in the soil has two", () => {
    const boa = at("rosyBoa", 110, 55, 60);
    const groundCm = scene(boa).ground.surfaceAt(40, 30);
    const pile = { kindId: "slabStack", xCm: 40, yCm: 30, widthCm: 30, depthCm: 20, slabs: { count: 5, gapCm: 1.2 } };
    const gaps = (heightCm: number) => counts(stood(boa, { ...pile, heightCm })).crevice;
    expect(gaps(groundCm * 2)).toBe("2/3");
    expect(gaps(groundCm)).toBe("0/3");
    expect(gaps(groundCm * 4)).toBe("3/3");
  });
  it("a ledge under a tube is no place to bask, as no lamp reaches it", () => {
    const anole = withPiece(at("greenAnole", 45, 45, 60), "a", "ledge", 20, 20);
    expect(counts(anole)).toMatchObject({ basking: "1/2" });
    const tube = { kindId: "corkTube", xCm: 20, yCm: 20, widthCm: 14, depthCm: 14, heightCm: 15 };
    const covered = stood(anole, { ...tube, rest: { on: "wall", upCm: 35 } });
    expect(counts(covered)).toMatchObject({ basking: "0/2" });
    const beside = stood(anole, { ...tube, xCm: 36, rest: { on: "wall", upCm: 35 } });
    expect(counts(beside)).toMatchObject({ basking: "1/2" });
  });
  it("a deep tube is a burrow only where it is filled", () => {
    const frog = made(at("africanBullfrog", 90, 60, 80), {
      name: "setDepth",
      args: { layerId: "soil-1", depthCm: 6 },
    });
    const tube = { kindId: "corkTube", xCm: 40, yCm: 30, widthCm: 18, depthCm: 18, heightCm: 30 };
    expect(counts(stood(frog, tube))).toMatchObject({ burrow: "0/1" });
    expect(counts(stood(frog, { ...tube, fillMixId: "mix-1" }))).toMatchObject({ burrow: "1/1" });
  });
});
