import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { attempt, checkHabitat, type Design, type Piece } from "../habitat";
import { plantFit, plantFootCm } from "../living";
import { STOCK } from "../library";
import { areaCm2, regionAreaCm2 } from "../shape";
import { boulder, derived, found, made, scene, started, type PieceArgs } from "../testing";
import { freePlace, throughShare } from "./index";

const box = started();
const argsOf = (more: Partial<PieceArgs> = {}): PieceArgs =>
  (boulder(more) as Extract<ReturnType<typeof boulder>, { name: "addPiece" }>).args;
const stone = (more: Partial<PieceArgs> = {}): Piece => argsOf(more);

const planter = (more: Partial<PieceArgs> = {}): PieceArgs =>
  argsOf({
    id: "pot",
    kindId: "planterPot",
    widthCm: 12,
    depthCm: 12,
    heightCm: 11,
    fillMixId: "mix-1",
    rest: { on: "inWall", wall: "back", upCm: 34 },
    ...more,
  });
const foamed = made(box, { name: "setTreatment", args: { wall: "back", treatmentId: "foam", thicknessCm: 6 } });
const planted = made(
  foamed,
  { name: "addPiece", args: planter() },
  { name: "addPlant", args: { id: "fern", plantId: "lemonButtonFern", xCm: 5, yCm: 5 } },
  { name: "plantIn", args: { id: "fern", inId: "pot" } },
);
const fern = (design: Design) => design.plants.find(({ id }) => id === "fern")!;

describe("the free place nearest to a wish", () => {
  it("lies within the floor, under the rim and through nothing, however crowded the box", () => {
    const any = fc.array(
      fc.record({
        xCm: fc.double({ min: 4, max: 56, noNaN: true }),
        yCm: fc.double({ min: 4, max: 41, noNaN: true }),
        widthCm: fc.double({ min: 4, max: 22, noNaN: true }),
        depthCm: fc.double({ min: 4, max: 22, noNaN: true }),
      }),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(any, (sizes) => {
        let design = box;
        sizes.forEach((size, at) => {
          const piece = stone({ id: `s${at}`, ...size });
          const place = freePlace(derived(design), piece);
          if (place) design = made(design, { name: "addPiece", args: { ...piece, ...place } });
        });
        const { ground } = derived(design);
        const solids = ground.solids.filter(({ piece }) => piece);
        for (const [at, one] of solids.entries()) {
          const on = regionAreaCm2({ inside: [one.outline, ground.terrain.outline], outside: [] });
          expect(on / areaCm2(one.outline)).toBeGreaterThan(0.96);
          expect(one.topCm).toBeLessThanOrEqual(box.shell.heightCm + 0.1);
          for (const other of solids.slice(0, at)) expect(throughShare(one, other)).toBe(0);
        }
      }),
      { numRuns: 15 },
    );
  });
  it("is the wish itself where that is free, and nowhere in a box that is full", () => {
    expect(freePlace(derived(box), stone({ xCm: 20, yCm: 20 }))).toMatchObject({ xCm: 20, yCm: 20, turnDeg: 0 });
    expect(freePlace(derived(box), stone({ widthCm: 80, depthCm: 80 }))).toBeUndefined();
  });
});

describe("a planter set in a wall", () => {
  it("has its back to the glass, whichever wall it is, and stays along it", () => {
    const walls = ["back", "front", "left", "right"] as const;
    const places = walls.map((wall) => {
      const set = made(foamed, { name: "addPiece", args: planter({ rest: { on: "inWall", wall, upCm: 30 } }) });
      const { xCm, yCm } = set.pieces[0]!;
      return [xCm, yCm];
    });
    expect(places).toEqual([
      [30, 39],
      [30, 6],
      [6, 22],
      [54, 22],
    ]);
  });
  it("is told where nothing is built to hold it, and held once something is", () => {
    const roomy = made(box, { name: "setShell", args: { depthCm: 60 } });
    const bare = made(roomy, { name: "addPiece", args: planter() });
    const { mends } = found(derived(bare), "pieceUnheld")!;
    expect(mends[0]!.commands[0]).toMatchObject({ name: "setTreatment", args: { wall: "back" } });
    expect(found(derived(planted), "pieceUnheld")).toBeUndefined();
    expect(found(derived(planted), "pieceTooLarge")).toBeUndefined();
  });
  it("carries its plant: foot a finger under its rim, soil as deep as it is filled, no ground wanted below", () => {
    const of = scene(planted);
    const plant = STOCK.get("plants", "lemonButtonFern");
    expect(plantFootCm(planted, of.ground, fern(planted), plant)).toBeCloseTo(34 + 11 - 1, 9);
    const fit = plantFit(plant, of, fern(planted));
    const reasons = Object.fromEntries(fit.reasons.map((reason) => [reason.code, reason]));
    expect(Object.keys(reasons)).toContain("place.good");
    expect(found(derived(planted), "plantInside")).toBeUndefined();
    const shallow = made(planted, { name: "setPiece", args: { id: "pot", heightCm: 3 } });
    expect(found(derived(shallow), "plantRootsShallow")?.finding.quantities).toMatchObject({ soilCm: 3 - 1 - 0.6 });
  });
  it("takes its plant along, lets it go when it is moved by hand, and puts it down when it is taken out", () => {
    const moved = made(planted, { name: "setPiece", args: { id: "pot", xCm: 14 } });
    expect(fern(moved)).toMatchObject({ xCm: 14, inId: "pot" });
    expect(fern(made(moved, { name: "movePlant", args: { id: "fern", xCm: 40 } })).inId).toBeNull();
    expect(fern(made(moved, { name: "movePlant", args: { id: "fern", keptCm: 20 } })).inId).toBe("pot");
    const gone = made(moved, { name: "removePieces", args: { ids: ["pot"] } });
    expect(fern(gone)).toMatchObject({ inId: null, spot: null });
    expect(checkHabitat(gone, STOCK)).toEqual([]);
  });
  it("stays against its wall, and its plant in it, when the box changes size", () => {
    const larger = made(planted, { name: "setShell", args: { depthCm: 60 } });
    expect(larger.pieces[0]).toMatchObject({ xCm: 30, yCm: 54 });
    expect(fern(larger)).toMatchObject({ xCm: 30, yCm: 54, inId: "pot" });
  });
  it("only what is open above takes a plant, and nothing that is not there", () => {
    const withStone = made(planted, boulder());
    expect(attempt(withStone, [{ name: "plantIn", args: { id: "fern", inId: "stone" } }], STOCK).ok).toBe(false);
    expect(attempt(withStone, [{ name: "plantIn", args: { id: "fern", inId: "nowhere" } }], STOCK).ok).toBe(false);
  });
  it("its filling is wanted, and so is a place in the foam while that is soft", () => {
    const empty = made(foamed, { name: "addPiece", args: planter({ fillMixId: null }) });
    const fill = derived(planted).ground.solids.find(({ id }) => id === "pot")!.fillL;
    expect(fill).toBeCloseTo((Math.PI * 5.4 ** 2 * 11) / 1000, 2);
    expect(derived(empty).ground.solids.find(({ id }) => id === "pot")!.fillL).toBe(0);
  });
});
