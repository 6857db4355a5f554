import { expect, it } from "vitest";
import type { StartFields } from "./startSchema";
import { inUnits, mayBeInches, writesInches } from "./units";

const fields: StartFields = {
  animalId: "crocodileSkink",
  count: "1",
  name: "",
  size: "60 x 45 x 60",
  sill: "17",
  top: "mesh",
  temperature: "21 °C",
  humidity: "45",
};

it.each([
  ["24 x 18 x 18 in", true],
  ['24" x 18" x 18"', true],
  ["2 ft x 18 x 18 inches", true],
  ["60 x 45 x 45", false],
  ["60 x 45 x 45 cm", false],
  ["", false],
])("sees inches in %j: %s", (size, yes) => expect(writesInches(size)).toBe(yes));

it.each([
  ["18 18 24", true],
  ["24 x 18 x 36", true],
  ["45 x 45 x 60", false],
  ["18 18 24 cm", false],
  ["18 x 18 x 24 in", false],
  ["18 18", false],
])("asks about %j, which boxes are sold in by the inch: %s", (size, yes) => expect(mayBeInches(size)).toBe(yes));

it("nothing is left in the old measures when the units are changed, and there and back says the same", () => {
  const us = { ...fields, ...inUnits(fields, "metric", "us") };
  expect(us.temperature).toMatch(/°F$/);
  expect(us.sill).toMatch(/in$/);
  expect(us.size).toMatch(/in$/);
  const back = inUnits(us, "us", "metric");
  expect(back.temperature).toMatch(/^21\.[01]/);
  expect(back.sill).toMatch(/^17/);
  expect(back.size).toMatch(/^60(\.0)? x 4[45](\.\d)? x 60(\.0)? cm$/);
});
it("what does not read stays as it was typed", () => {
  expect(inUnits({ ...fields, size: "large", sill: "", temperature: "warm" }, "metric", "us")).toEqual({});
});
