import { expect, it } from "vitest";
import { STOCK } from "../library";
import { derived, made, started } from "../testing";
import { stageEdits } from "./stageEdits";
import { usualCount } from "./usualCount";

it("young ones begin as many as young ones are, for every animal: no number that was only usual is scolded", () => {
  for (const grown of STOCK.all("animals")) {
    const design = started({ animalId: grown.id, count: usualCount(grown) });
    const young = made(design, ...stageEdits(design, STOCK, true));
    expect(
      derived(young).findings.some(({ code }) => code === "tooMany"),
      grown.id,
    ).toBe(false);
    const back = made(young, ...stageEdits(young, STOCK, false));
    expect(back.brief, grown.id).toEqual(design.brief);
  }
});
it("a number that somebody chose stays", () => {
  const design = started({ animalId: "cornSnake", count: 3 });
  expect(made(design, ...stageEdits(design, STOCK, true)).brief).toMatchObject({ count: 3, stage: "young" });
});
