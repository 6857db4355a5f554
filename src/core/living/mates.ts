import type { Animal, Range } from "../catalog";
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

/**
 * How two species get on in one box: who must live alone, who eats whom, whose skin is poison, whether one climate serves both, and, as
 * a caution, whether they would ever meet. Hard misfits come out as such whatever else is well.
 *
 * @example matesFit(entry("animals", "savannahMonitor"), entry("animals", "greenAnole")).verdict // "misfit"
 */
export function matesFit(animal: Animal, mate: Animal): Fit {
  const ids = () => ({ animalId: animal.id, mateId: mate.id });
  const warmth = shared(whole(animal), whole(mate));
  const damp = shared(animal.humidityRh, mate.humidityRh);
  const hunter = eats(animal, mate) ? animal : eats(mate, animal) ? mate : undefined;
  const lone = animal.company === "alone" ? animal : mate.company === "alone" ? mate : undefined;
  const toxic = [animal, mate].find((one) => one.cautions.includes("toxicSkin"));
  const reasons: FitReason[] = [
    lone ? reason("mates.alone", 0.05, { ...ids(), loneId: lone.id }) : reason("mates.bearsCompany", 1, ids()),
    ...(hunter
      ? [reason("mates.eaten", 0, { ...ids(), hunterId: hunter.id, preyId: (hunter === animal ? mate : animal).id })]
      : []),
    ...(toxic ? [reason("mates.toxic", 0.1, { ...ids(), toxicId: toxic.id })] : []),
    warmth >= 0.6
      ? reason("mates.sameWarmth", 1, ids())
      : reason("mates.otherWarmth", warmth, { ...ids(), lowC: whole(mate)[0], highC: whole(mate)[1] }),
    damp >= 0.6
      ? reason("mates.sameDamp", 1, ids())
      : reason("mates.otherDamp", damp, { ...ids(), lowRh: mate.humidityRh[0], highRh: mate.humidityRh[1] }),
    animal.region === mate.region ? reason("mates.sameRegion", 1, ids()) : reason("mates.otherRegion", 0.6, ids()),
  ];
  return fit(mate.id, reasons);
}
