import { describe, expect, it } from "vitest";
import { Box3, Vector3, type BufferGeometry } from "three";
import type { Piece } from "@/core/habitat";
import { STOCK } from "@/core/library";
import { shadowOf } from "@/core/strata";
import { insideGlass } from "./insideGlass";
import { pieceBody, tiltOf } from "./pieces";
import { skinned } from "./skin";

const sizeOf = (body: BufferGeometry): Vector3 =>
  new Box3().setFromBufferAttribute(body.getAttribute("position") as never).getSize(new Vector3());
const footOf = (body: BufferGeometry): number =>
  new Box3().setFromBufferAttribute(body.getAttribute("position") as never).min.y;

const pieces = STOCK.all("pieceKinds").map((kind) => ({
  kind,
  widthCm: kind.widthCm,
  depthCm: kind.depthCm,
  heightCm: kind.heightCm,
  seed: "p",
}));

describe("a piece as a body", () => {
  it.each(pieces.map((sized) => [sized.kind.id, sized] as const))(
    "%s is as large as it is told to be, and stands on its foot",
    (_id, sized) => {
      const { own } = pieceBody(sized);
      const size = sizeOf(own);
      // What is broken or grown is a little out of true; nothing is a tenth larger or a third smaller.
      for (const [have, told] of [
        [size.x, sized.widthCm],
        [size.y, sized.heightCm],
        [size.z, sized.depthCm],
      ] as const) {
        expect(have).toBeLessThanOrEqual(told * 1.1 + 0.6);
        expect(have).toBeGreaterThanOrEqual(told * 0.66 - 0.6);
      }
      expect(Math.abs(footOf(own))).toBeLessThan(1);
    },
  );

  it("is hollow where it is hollow: no part of a tube lies within its hole", () => {
    const sized = pieces.find(({ kind }) => kind.form === "tube")!;
    const { own, inside } = pieceBody(sized);
    const wallCm = sized.kind.hollow?.wallCm ?? 0;
    const at = own.getAttribute("position");
    const nearest = Math.min(...Array.from({ length: at.count }, (_, n) => Math.hypot(at.getX(n), at.getZ(n))));
    expect(nearest).toBeGreaterThan((sized.widthCm / 2 - wallCm) * 0.9);
    expect(sizeOf(inside!).x).toBeLessThanOrEqual(sized.widthCm - 2 * wallCm + 0.01);
  });

  it("comes out the same from the same seed, and another from another", () => {
    const stone = pieces.find(({ kind }) => kind.form === "stone")!;
    const points = (seed: string) => [...pieceBody({ ...stone, seed }).own.getAttribute("position").array];
    expect(points("a")).toEqual(points("a"));
    expect(points("a")).not.toEqual(points("b"));
  });
});

describe("a texture on a body", () => {
  it("lies at its true scale: an edge along an axis is as long in the picture as it is in the box", () => {
    const board = pieces.find(({ kind }) => kind.form === "flat")!;
    const body = skinned(pieceBody(board).own);
    const uv = body.getAttribute("uv");
    const across = Array.from({ length: uv.count }, (_, n) => uv.getX(n) * 8);
    expect(Math.max(...across) - Math.min(...across)).toBeCloseTo(board.widthCm, 3);
  });
});

describe("a plant within the glass", () => {
  const ball = pieceBody({
    ...pieces.find(({ kind }) => kind.form === "stone")!,
    widthCm: 20,
    depthCm: 20,
    heightCm: 20,
  }).own;
  const box = { widthCm: 60, depthCm: 40, heightCm: 50 };

  it("is the same body for all that do not reach a pane", () => {
    const free = insideGlass(ball, { position: [30, 10, -20], round: 1, scale: [1, 1, 1] }, box);
    expect(free.body).toBe(ball);
  });

  it("lies against the panes it would reach through", () => {
    const { body, at } = insideGlass(ball, { position: [3, 40, -38], round: 1, scale: [1, 1, 1] }, box);
    const reach = new Box3().setFromBufferAttribute(body.getAttribute("position") as never);
    expect(reach.min.x + at.position[0]).toBeGreaterThanOrEqual(0);
    expect(reach.max.y + at.position[1]).toBeLessThanOrEqual(50);
    expect(reach.min.z + at.position[2]).toBeGreaterThanOrEqual(-40);
  });
});

const near = (cm: number): unknown => expect.closeTo(cm, 4);
const UPRIGHT: Piece = {
  id: "p",
  kindId: "corkWall",
  xCm: 30,
  yCm: 20,
  turnDeg: 0,
  widthCm: 12,
  depthCm: 5,
  heightCm: 26,
  rest: { on: "glass" },
  tilt: null,
  slabs: null,
  fillMixId: null,
};

it.each([
  [30, "right", 0],
  [65, "left", 40],
  [90, "back", 0],
  [50, "front", -70],
] as const)("tipped by %d° to its %s it takes the room the section gives it", (deg, to, turnDeg) => {
  const kind = STOCK.get("pieceKinds", "corkWall");
  const piece = { ...UPRIGHT, tilt: { deg, to }, turnDeg };
  const { offset, rotation } = tiltOf(piece);
  const body = pieceBody({ ...piece, kind, seed: "x" })
    .own.rotateX(rotation[0])
    .rotateZ(rotation[2])
    .translate(...offset);
  body.computeBoundingBox();
  const { min, max } = body.boundingBox!;
  const { widthCm, depthCm, heightCm } = shadowOf(piece);
  expect([max.x - min.x, max.z - min.z, max.y]).toEqual([widthCm, depthCm, heightCm].map(near));
  expect([min.y, min.x + max.x, min.z + max.z]).toEqual([0, 0, 0].map(near));
});
