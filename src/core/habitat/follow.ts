import type { Patches } from "./patches";

type Path = readonly (string | number)[];

const pathsOf = (patches: Patches): Path[] => patches.map(({ path }) => path as Path);

/** Whether one path lies on the way to the other. */
const meets = (one: Path, other: Path): boolean => {
  const [short, long] = one.length <= other.length ? [one, other] : [other, one];
  return short.every((name, at) => String(name) === String(long[at]));
};

/**
 * Whether two changes of a design touch the same fields, so that one cannot be taken back without the other.
 *
 * @example touchSame(changesOf(a, deeper).patches, changesOf(a, renamed).patches) // false
 */
export function touchSame(one: Patches, other: Patches): boolean {
  const others = pathsOf(other);
  return pathsOf(one).some((path) => others.some((theirs) => meets(path, theirs)));
}
