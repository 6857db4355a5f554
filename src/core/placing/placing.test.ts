import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { attempt, checkHabitat, type Design, type Piece } from "../habitat";
import { plantFit, plantFootCm } from "../living";
import { STOCK } from "../library";
import { wallWork } from "../shell";
import { areaCm2, regionAreaCm2 } from "../shape";
import { setInL } from "../strata";
import { boulder, derived, found, made, scene, started, type PieceArgs } from "../testing";
import { freePlace, throughShare } from "./index";

const boxShell = { widthCm: 60, depthCm: 45, heightCm: 60, sillCm: 20, top: "mesh" } as const;
const box = started();
const argsOf = (more: Partial<PieceArgs> = {}): PieceArgs =>
  (boulder(more) as Extract<ReturnType<typeof boulder>, { name: "addPiece" }>).args;
const stone = (more: Partial<PieceArgs> = {}): Piece => ({ ...argsOf(more), tilt: null, slabs: null });

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

describe("pieces that lean, lie, and are glued to one another", () => {
  const lying = { id: "bark", kindId: "corkTube", widthCm: 12, depthCm: 12, heightCm: 24, xCm: 24, yCm: 20 } as const;
  const withBark = (more: Partial<PieceArgs>) => made(box, boulder({ ...lying, ...more }));
  const wants = (design: Design, code: string) =>
    derived(design).furnishing.find((wanted) => wanted.code === code)?.haveCount ?? 0;
  const leaves = (design: Design) =>
    derived(design).ground.solids.map(({ id, baseCm }) => [id, Math.round(baseCm * 10) / 10]);

  it("what is glued to a piece stands over it, goes along with it, and comes down when it is taken out", () => {
    const two = made(
      withBark({ tilt: { deg: 90, to: "right" }, rest: { on: "glass" } }),
      boulder({
        id: "cap",
        kindId: "ledge",
        widthCm: 10,
        depthCm: 8,
        heightCm: 3,
        xCm: 24,
        yCm: 20,
        rest: { on: "piece", pieceId: "bark", upCm: 12 },
      }),
      boulder({
        id: "twig",
        kindId: "branch",
        widthCm: 10,
        depthCm: 3,
        heightCm: 8,
        xCm: 26,
        yCm: 20,
        rest: { on: "piece", pieceId: "cap", upCm: 3 },
      }),
    );
    expect(leaves(two)).toEqual([
      ["bark", 0],
      ["cap", 12],
      ["twig", 15],
    ]);
    expect(found(derived(two), "pieceOverlaps")).toBeUndefined();
    const moved = made(two, { name: "setPiece", args: { id: "bark", xCm: 34 } });
    expect(moved.pieces.map(({ xCm }) => xCm)).toEqual([34, 34, 36]);
    const raised = made(two, { name: "setPiece", args: { id: "bark", rest: { on: "wall", upCm: 9 } } });
    expect(leaves(raised)).toEqual([
      ["bark", 9],
      ["cap", 21],
      ["twig", 24],
    ]);
    const gone = made(two, { name: "removePieces", args: { ids: ["bark"] } });
    expect(gone.pieces.map(({ id, rest }) => [id, rest.on])).toEqual([
      ["cap", "ground"],
      ["twig", "piece"],
    ]);
    expect(checkHabitat(gone, STOCK)).toEqual([]);
  });
  it("nothing is held by what it holds itself, or by what is not there", () => {
    const two = made(
      withBark({}),
      boulder({ id: "cap", kindId: "ledge", rest: { on: "piece", pieceId: "bark", upCm: 12 } }),
    );
    const circle = attempt(
      two,
      [{ name: "setPiece", args: { id: "bark", rest: { on: "piece", pieceId: "cap", upCm: 1 } } }],
      STOCK,
    );
    expect(circle).toMatchObject({ ok: false, problem: { code: "holdsItself" } });
    const nowhere = attempt(
      two,
      [{ name: "setPiece", args: { id: "cap", rest: { on: "piece", pieceId: "no", upCm: 1 } } }],
      STOCK,
    );
    expect(nowhere).toMatchObject({ ok: false, problem: { code: "unknown" } });
  });
  it("a plant may stand under what leans over it, and not in its foot", () => {
    const lean = withBark({
      kindId: "corkWall",
      widthCm: 4,
      depthCm: 20,
      heightCm: 26,
      tilt: { deg: 45, to: "right" },
      rest: { on: "ground", sunkCm: 0 },
    });
    const at = (xCm: number) =>
      found(
        derived(made(lean, { name: "addPlant", args: { id: "p", plantId: "lemonButtonFern", xCm, yCm: 20 } })),
        "plantInside",
      );
    // Its shadow is 21.2 cm long about 24: the foot at 16, the head at 34.
    expect([at(15.9)?.finding.about, at(32)]).toEqual(["p", undefined]);
  });
  it("a planter that leans a little keeps its soil and its plant, also when it is moved", () => {
    const leant = made(planted, {
      name: "setPiece",
      args: { id: "pot", rest: { on: "ground", sunkCm: 0 }, tilt: { deg: 20, to: "right" } },
    });
    const moved = made(leant, { name: "setPiece", args: { id: "pot", xCm: 20 } });
    for (const design of [leant, moved])
      expect([fern(design).inId, design.pieces[0]!.fillMixId]).toEqual(["pot", "mix-1"]);
    expect(fern(moved).xCm).toBe(20);
  });
  it("a piece longer than the box is high fits when it leans or lies in it", () => {
    const pole = (tilt: Piece["tilt"]) =>
      withBark({ kindId: "cane", widthCm: 3, depthCm: 3, heightCm: 64, xCm: 30, rest: { on: "glass" }, tilt });
    const large = (tilt: Piece["tilt"]) => found(derived(pole(tilt)), "pieceTooLarge")?.finding.quantities;
    expect(large(null)).toMatchObject({ variant: "box", overCm: expect.closeTo(4, 6) });
    expect(large({ deg: 45, to: "right" })).toBeUndefined();
  });
  it("what is filled is emptied when it is laid down, and its plant put beside it", () => {
    const laid = made(planted, { name: "setPiece", args: { id: "pot", tilt: { deg: 80, to: "front" } } });
    expect([laid.pieces[0]!.fillMixId, fern(laid).inId]).toEqual([null, null]);
    expect(checkHabitat(laid, STOCK)).toEqual([]);
  });
  it("the lee under leaning bark is a hide, and the damp under a half buried one a humid hide (common practice)", () => {
    const arid = started({ animalId: "leopardGecko", shell: { ...boxShell, sillCm: 0 } });
    const put = (more: Partial<PieceArgs>) =>
      made(
        arid,
        boulder({ id: "bark", kindId: "corkWall", widthCm: 22, depthCm: 3, heightCm: 18, xCm: 14, yCm: 20, ...more }),
      );
    const lee = (deg: number) =>
      wants(put({ tilt: { deg, to: "back" }, rest: { on: "ground", sunkCm: 0 } }), "hideWarm");
    expect([0, 1].map((n) => lee([8, 45][n]!))).toEqual([0, 1]);
    const pressed = (kindId: string, sunkCm: number) =>
      put({ kindId, widthCm: 18, depthCm: 14, heightCm: 6, rest: { on: "ground", sunkCm } });
    expect(wants(pressed("corkFlat", 3), "humidHide") - wants(pressed("corkFlat", 0), "humidHide")).toBe(1);
  });
});

it("what a planter takes of a foamed wall is not foamed: its room within the build goes off the litres", () => {
  const wall = planted.shell.treatments[0]!;
  const set = derived(planted);
  // 12 cm across as a round outline, half of its depth within 6 cm of foam, 11 cm high.
  expect(setInL(set, wall)).toBeCloseTo((Math.PI * 6 ** 2 * 0.5 * 11) / 1000, 2);
  const foam = (setIn: number) => wallWork(planted.shell, { ...wall, thicknessCm: 6 }, STOCK, setIn);
  expect(foam(12).roomL).toBe(foam(0).roomL);
  expect(foam(12).foamCans).toBeLessThan(foam(0).foamCans);
  expect(setInL(set, { ...wall, wall: "left" })).toBe(0);
});
