import { expect, it } from "vitest";
import { readBench } from "./mixBench";

it("reads the bench at hand back, and falls back to a usual one on anything else", () => {
  const usual = { vesselL: 12, scoopL: 0.5, liftKg: 25 };
  expect(readBench('{"vesselL":20,"scoopL":1,"liftKg":15}')).toEqual({ vesselL: 20, scoopL: 1, liftKg: 15 });
  for (const text of [null, "", "{", "[]", '{"vesselL":-1,"scoopL":1,"liftKg":15}', '{"vesselL":20}'])
    expect(readBench(text)).toEqual(usual);
});
