import type { Animal, Food, Range } from "../catalog";
import { overFloor } from "../climate";
import type { Setting } from "../scene";
import { fit, reason, type Fit, type FitReason } from "./reason";
import { longestCm, shortestCm } from "../grown";

/** What one animal may swallow of another: prey no longer than this share of it (from memory). */
const PREY_SHARE = 0.6;

/** How much of the narrower of two ranges lies in the other, 0 to 1. */
function shared([a, b]: Range, [c, d]: Range): number {
  const overlap = Math.min(b, d) - Math.max(a, c);
  const narrower = Math.min(b - a, d - c);
  return narrower <= 0 ? (overlap >= 0 ? 1 : 0) : Math.max(0, Math.min(1, overlap / narrower));
}

/** Food that moves: who takes any of it takes what fits its mouth, whatever else it usually eats. */
const ANIMAL_FOODS: readonly Food[] = [
  "smallInsects",
  "insects",
  "worms",
  "fish",
  "snails",
  "rodents",
  "birds",
  "amphibians",
];
const eats = (hunter: Animal, prey: Animal): boolean =>
  hunter.food.foods.some((food) => ANIMAL_FOODS.includes(food)) && shortestCm(prey) <= longestCm(hunter) * PREY_SHARE;

const whole = ({ temperatureC }: Animal): Range => [temperatureC.cool[0], temperatureC.warm[1]];

/** Who of two must live alone, who eats whom, whose skin is poison. */
function between(animal: Animal, mate: Animal): FitReason[] {
  const ids = () => ({ animalId: animal.id, mateId: mate.id });
  const hunter = [animal, mate].find((one) => eats(one, one === animal ? mate : animal));
  const lone = [animal, mate].find((one) => one.box.company === "alone");
  const toxic = [animal, mate].find((one) => one.cautions.includes("toxicSkin"));
  const prey = hunter === animal ? mate : animal;
  return [
    lone ? reason("mates.alone", 0.05, { ...ids(), loneId: lone.id }) : reason("mates.bearsCompany", 1, ids()),
    ...(hunter ? [reason("mates.eaten", 0, { ...ids(), hunterId: hunter.id, preyId: prey.id })] : []),
    ...(toxic ? [reason("mates.toxic", 0.1, { ...ids(), toxicId: toxic.id })] : []),
  ];
}

const AT_EASE = 0.6;

const NEVER_MEETS = 0.55;
/** Two species are never told to be good together: the figures know neither mouths nor habits well enough. */
const UNPROVEN = 0.6;

/**
 * How another species gets on in a box: who must live alone, who eats whom, whose skin is poison, whether the climate
 * of the box serves it, and, as a caution, whether the two would ever meet. Hard misfits come out as such whatever else
 * is well.
 *
 * @example matesFit(library.get("animals", "greenAnole"), scene).verdict // "misfit" beside a monitor
 */
export function matesFit(mate: Animal, { habitat, animal, climate, ground }: Setting): Fit {
  const ids = () => ({ animalId: animal.id, mateId: mate.id });
  const found = overFloor(climate, habitat.shell, ground.surfaceAt);
  const wants = whole(mate);
  const warmth = shared(found.temperatureC, wants);
  const [lowRh, highRh] = mate.humidityRh.day.preferred;
  const damp = shared(found.humidityRh, [lowRh, highRh]);
  const meets = mate.regions.some((region) => animal.regions.includes(region));
  return fit(mate.id, [
    ...between(animal, mate),
    warmth >= AT_EASE
      ? reason("mates.sameWarmth", 1, ids())
      : reason("mates.otherWarmth", warmth, { ...ids(), lowC: wants[0], highC: wants[1] }),
    damp >= AT_EASE ? reason("mates.sameDamp", 1, ids()) : reason("mates.otherDamp", damp, { ...ids(), lowRh, highRh }),
    meets ? reason("mates.sameRegion", 1, ids()) : reason("mates.otherRegion", NEVER_MEETS, ids()),
    reason("mates.unproven", UNPROVEN, ids()),
  ]);
}
