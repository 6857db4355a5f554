import { weakMapMemoize } from "reselect";
import type { Animal, Range } from "../catalog";

/** So many of one size are raised together where the grown ones would not bear it: ours. */
const RAISED_TOGETHER = 4;

function companyOf({ box, young }: Animal): Pick<Animal["box"], "company" | "mostTogether"> {
  if (young.alone !== false) return { company: "alone", mostTogether: 1 };
  const company = box.company === "alone" || box.company === "pair" ? "group" : box.company;
  return { company, mostTogether: Math.max(box.mostTogether, RAISED_TOGETHER) };
}

/** What is borne reaches as far as what is liked. */
const around = ([low, high]: Range, liked: Range): Range => [Math.min(low, liked[0]), Math.max(high, liked[1])];

/**
 * An animal while it is young: its own least box, company, damp and feeding in the place of the grown one's. What its
 * entry says nothing of stays as grown. The same animal gives the same young one again.
 *
 * @example youngOf(library.get("animals", "cornSnake")).box.widthCm // 60
 */
export const youngOf: (animal: Animal) => Animal = weakMapMemoize((animal: Animal): Animal => {
  const { box, young, humidityRh, food } = animal;
  const least = young.box;
  const damp = young.dampRh;
  const liked = (half: Animal["humidityRh"]["day"]) =>
    damp ? { tolerated: around(half.tolerated, damp), preferred: damp } : half;
  return {
    ...animal,
    box: {
      ...box,
      ...companyOf(animal),
      ...(least ? { widthCm: least.widthCm, depthCm: least.depthCm, clearHeightCm: least.heightCm, forCount: 1 } : {}),
    },
    humidityRh: { ...humidityRh, day: liked(humidityRh.day), night: liked(humidityRh.night) },
    food: { ...food, adultEveryDays: food.youngEveryDays },
  };
});
