/** What stands at a path of an entry; undefined where nothing does. @example valueAt(entry, "soil.deep") // "moist" */
export const valueAt = (entry: unknown, path: string): unknown =>
  path
    .split(".")
    .reduce<unknown>(
      (inner, key) =>
        typeof inner === "object" && inner !== null ? (inner as Record<string, unknown>)[key] : undefined,
      entry,
    );

/** An entry with something else at a path; what is not on the way there stays the same object. */
export function withValueAt(entry: unknown, path: string, value: unknown): unknown {
  const [first = "", ...rest] = path.split(".");
  const next = (inner: unknown): unknown => (rest.length === 0 ? value : withValueAt(inner, rest.join("."), value));
  if (Array.isArray(entry)) return entry.map((one: unknown, at) => (String(at) === first ? next(one) : one));
  const plain = entry as Record<string, unknown>;
  return { ...plain, [first]: next(plain[first]) };
}
