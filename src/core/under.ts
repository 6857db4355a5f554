/**
 * What a table has under a name that came from outside: nothing but its own entries, whatever the name.
 *
 * @example under({ sting: "stings" }, "constructor") // undefined
 */
export const under = <T>(table: Readonly<Record<string, T>>, name: unknown): T | undefined =>
  (typeof name === "string" || typeof name === "number") && Object.hasOwn(table, name) ? table[name] : undefined;
