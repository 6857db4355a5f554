/**
 * So many ids that nothing there has, nor one another.
 *
 * @example freeIds([{ id: "fogger" }], "fogger", 2) // ["fogger-2", "fogger-3"]
 */
export function freeIds(there: readonly { id: string }[], name: string, count: number): string[] {
  const taken = new Set(there.map(({ id }) => id));
  const names = Array.from({ length: there.length + count }, (_, n) => (n === 0 ? name : `${name}-${n + 1}`));
  return names.filter((one) => !taken.has(one)).slice(0, count);
}

/** One such id. */
export const freeId = (there: readonly { id: string }[], name: string): string => freeIds(there, name, 1)[0] ?? name;
