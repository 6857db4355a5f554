import { describe, expect, it } from "vitest";
import { made, scene, started } from "../testing";
import { furnishing } from "./index";

const at = (animalId: string, widthCm: number, depthCm: number, heightCm: number) =>
  started({ animalId, count: 1, shell: { widthCm, depthCm, heightCm, sillCm: 0, top: "mesh" } });

describe("what the animal wants to find (common practice)", () => {
  const counts = (habitat: ReturnType<typeof at>) =>
    Object.fromEntries(
      furnishing(scene(habitat), []).map(({ code, haveCount, needCount }) => [code, `${haveCount}/${needCount}`]),
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
      Object.fromEntries(furnishing(scene(gecko), plantIds).map(({ code, haveCount }) => [code, haveCount]));
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
});
