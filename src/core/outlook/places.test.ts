import { expect, it } from "vitest";
import { boulder, derived, made, started } from "../testing";
import { besideCm, standCm } from "./places";

const { ground } = derived(made(started(), boulder({ rest: { on: "glass" }, widthCm: 10, depthCm: 10, heightCm: 20 })));

it("a lamp within a piece has nothing beside it but the piece; so far from it, so much; under or over it, none", () => {
  expect(besideCm(ground, { xCm: 30, yCm: 22, zCm: 15 })).toBe(0);
  expect(besideCm(ground, { xCm: 45, yCm: 22, zCm: 15 })).toBeGreaterThan(8);
  expect(besideCm(ground, { xCm: 45, yCm: 22, zCm: 15 })).toBeLessThan(12);
  expect(besideCm(ground, { xCm: 30, yCm: 22, zCm: 40 })).toBe(Infinity);
});
it("what one stands on is the top of the piece under a height, else the ground", () => {
  expect(standCm(ground, 30, 22)).toBeCloseTo(20, 6);
  expect(standCm(ground, 30, 22, 15)).toBeCloseTo(ground.surfaceAt(30, 22), 6);
});
