import type { Due } from "./due";

/** What hurts soonest when it is left undone, in our judgement: water and damp, then food and safe gear. The rest keeps. */
const HURTS: readonly (readonly Due["does"][])[] = [
  ["freshWater", "waterLine", "mist", "lookAtMister", "retreatWater"],
  ["feed", "waterChange", "spotClean", "checkGear", "renewGear"],
];

const rank = ({ does }: Due): number => {
  const at = HURTS.findIndex((kinds) => kinds.includes(does));
  return at < 0 ? HURTS.length : at;
};

/** What is due or late goes before what is not; of that, what hurts soonest first, then what is latest; what is to come, by its day. */
export const byHarm = (a: Due, b: Due): number => {
  const [nowA, nowB] = [a.inDays <= 0, b.inDays <= 0];
  if (nowA !== nowB) return nowA ? -1 : 1;
  return nowA ? rank(a) - rank(b) || a.inDays - b.inDays : a.inDays - b.inDays || rank(a) - rank(b);
};
