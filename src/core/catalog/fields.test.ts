import { expect, it } from "vitest";
import { PlainTextSchema } from "./index";

it("a name that shows nothing, holds markup or half a sign is refused; one of any script is taken", () => {
  for (const name of ["", "   ", "\u200b\u200d", "\u2060", "\ufeff", "\u00ad", "<b>Fern</b>", "\ud83c"])
    expect(PlainTextSchema.safeParse(name).success, JSON.stringify(name)).toBe(false);
  for (const name of ["Fern", "蕨の壁", "حائط السرخس", "Fern \u{1F33F}", "é", "7"])
    expect(PlainTextSchema.safeParse(name).success, name).toBe(true);
});
