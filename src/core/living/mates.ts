import type { Animal, Range } from "../catalog";
import { overFloor } from "../climate";
import type { Setting } from "../scene";
import { fit, reason, type Fit, type FitReason } from "./reason";

/** What one animal may swallow of another: prey no longer than this share of it (from memory). */
const PREY_SHARE = 0.6;

/** How much of the narrower of two ranges lies in the other, 0 to 1. */
function shared([a, b]: Range, [c, d]: Range): number {
  const overlap = Math.min(b, d) - Math.max(a, c);
  const narrower = Math.min(b - a, d - c);
  return narrower <= 0 ? (overlap >= 0 ? 1 : 0) : Math.max(0, Math.min(1, overlap / narrower));
}

const eats = (hunter: Animal, prey: Animal): boolean => {
  const food =
    prey.group === "invertebrate"
      ? hunter.diet.includes("insects") || hunter.diet.includes("vertebrates")
      : hunter.diet.includes("vertebrates");
  return food && prey.adultLengthCm <= hunter.adultLengthCm * PREY_SHARE;
};

const whole = ({ temperatureC }: Animal): Range => [temperatureC.cool[0], temperatureC.warm[1]];

/** Who of two must live alone, who eats whom, whose skin is poison. */
function between(animal: Animal, mate: Animal): FitReason[] {
  const ids = () => ({ animalId: animal.id, mateId: mate.id });
  const hunter = [animal, mate].find((one) => eats(one, one === animal ? mate : animal));
  const lone = [animal, mate].find((one) => one.company === "alone");
  const toxic = [animal, mate].find((one) => one.cautions.includes("toxicSkin"));
  const prey = hunter === animal ? mate : animal;
  return [
    lone ? reason("mates.alone", 0.05, { ...ids(), loneId: lone.id }) : reason("mates.bearsCompany", 1, ids()),
    ...(hunter ? [reason("mates.eaten", 0, { ...ids(), hunterId: hunter.id, preyId: prey.id })] : []),
    ...(toxic ? [reason("mates.toxic", 0.1, { ...ids(), toxicId: toxic.id })] : []),
  ];
}

const AT_EASE = 0.6;

/**
 * How another species gets on in a box: who must live alone, who eats whom, whose skin is poison, whether the climate
 * of the box serves it, and, as a caution, whether the two would ever meet. Hard misfits come out as such whatever else
 * is well.
 *
 * @example matesFit(library.get("animals", "greenAnole"), scene).verdict // "misfit" beside a monitor
 */
export function matesFit(mate: Animal, { habitat, animal, field, ground }: Setting): Fit {
  const ids = () => ({ animalId: animal.id, mateId: mate.id });
  const found = overFloor(field, habitat.shell, ground.surfaceAt);
  const wants = whole(mate);
  const warmth = shared(found.temperatureC, wants);
  const damp = shared(found.humidityRh, mate.humidityRh);
  const [lowRh, highRh] = mate.humidityRh;
  return fit(mate.id, [
    ...between(animal, mate),
    warmth >= AT_EASE
      ? reason("mates.sameWarmth", 1, ids())
      : reason("mates.otherWarmth", warmth, { ...ids(), lowC: wants[0], highC: wants[1] }),
    damp >= AT_EASE ? reason("mates.sameDamp", 1, ids()) : reason("mates.otherDamp", damp, { ...ids(), lowRh, highRh }),
    animal.region === mate.region ? reason("mates.sameRegion", 1, ids()) : reason("mates.otherRegion", 0.6, ids()),
  ]);
}
