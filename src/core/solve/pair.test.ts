import fc from "fast-check";
import { expect, it } from "vitest";
import { rootOf, rootOfPair } from "./index";

const HOW = { small: [1e-6, 1e-6], close: [1e-9, 1e-9], most: [50, 50] } as const;

it("two straight lines meet where Cramer's rule says, from wherever it starts", () => {
  const some = fc.double({ min: -5, max: 5, noNaN: true });
  fc.assert(
    fc.property(some, some, some, some, some, some, (a, b, c, d, e, f) => {
      const determinant = a * d - b * c;
      fc.pre(Math.abs(determinant) > 0.5);
      const found = rootOfPair(([x, y]) => [a * x + b * y - e, c * x + d * y - f], [3, -2], HOW);
      expect(found![0]).toBeCloseTo((e * d - b * f) / determinant, 5);
      expect(found![1]).toBeCloseTo((a * f - e * c) / determinant, 5);
    }),
    // Lines that are nearly parallel are drawn often: small numbers are.
    { maxSkipsPerRun: 2000 },
  );
});
it("a circle and a line: the crossing it starts near; none where there is none", () => {
  const meet = ([x, y]: readonly [number, number]) => [x * x + y * y - 25, y - x - 1] as const;
  const [x, y] = rootOfPair(meet, [2, 3], HOW)!;
  expect([x, y].map((value) => Math.round(value * 1e6) / 1e6)).toEqual([3, 4]);
  expect(rootOfPair(([a]) => [a * a + 1, 1], [1, 1], HOW)).toBeUndefined();
});
it("a root is found to the bound asked for, and at a bound where there is none between", () => {
  expect(rootOf((x) => x ** 3 - 2, 0, 3, 1e-9)).toBeCloseTo(Math.cbrt(2), 7);
  expect([rootOf((x) => x + 5, 0, 1, 1e-6), rootOf((x) => x - 5, 0, 1, 1e-6)]).toEqual([0, 1]);
});
