import { expect, it } from "vitest";
import { STOCK } from "../library";
import { boxFit, leastBox } from "../living";
import { derived, made, started } from "../testing";
import { youngOf } from "./young";

const snake = STOCK.get("animals", "cornSnake");
const inBox = (widthCm: number, depthCm: number) =>
  started({ animalId: "cornSnake", count: 1, shell: { widthCm, depthCm, heightCm: 60, sillCm: 0, top: "mesh" } });
const asYoung = (design: ReturnType<typeof started>) => made(design, { name: "setStage", args: { stage: "young" } });
const codes = (design: ReturnType<typeof started>) => derived(design).findings.map(({ code }) => code);

it("a young one is told as its entry tells it, the same each time, and in nothing else than the grown one", () => {
  const young = youngOf(snake);
  expect(youngOf(snake)).toBe(young);
  expect(leastBox(young, 1)).toEqual({
    widthCm: snake.young.box!.widthCm,
    depthCm: snake.young.box!.depthCm,
    clearCm: snake.young.box!.heightCm,
  });
  expect(young.food.adultEveryDays).toEqual(snake.food.youngEveryDays);
  expect(young.temperatureC).toBe(snake.temperatureC);
});
it("wants no more floor than the grown one, and its damp lies within what is borne, for every animal", () => {
  for (const animal of STOCK.all("animals")) {
    const young = youngOf(animal);
    const floor = ({ box }: typeof animal) => box.widthCm * box.depthCm;
    if (animal.young.box) expect(floor(young), animal.id).toBeLessThanOrEqual(floor(animal));
    const { tolerated, preferred } = young.humidityRh.day;
    expect(tolerated[0] <= preferred[0] && preferred[1] <= tolerated[1], animal.id).toBe(true);
    expect(young.box.company === "alone", animal.id).toBe(young.box.mostTogether === 1);
  }
});
it("a box too small for the grown one is enough for a young one, and one too large is said to be", () => {
  const small = inBox(75, 45);
  expect(codes(small)).toContain("boxTooSmall");
  expect(codes(asYoung(small))).not.toContain("boxTooSmall");
  const gecko = STOCK.all("animals").find(
    ({ young, box }) => young.largestBox && box.widthCm > young.largestBox.widthCm,
  )!;
  const { widthCm, depthCm } = gecko.box;
  const design = asYoung(
    started({ animalId: gecko.id, count: 1, shell: { widthCm, depthCm, heightCm: 100, sillCm: 0, top: "mesh" } }),
  );
  const { habitat, animal, ground } = derived(design);
  expect(boxFit({ habitat, animal, ground }).map(({ code }) => code)).toContain("tooLarge");
});
