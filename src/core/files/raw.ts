/** Values JSON has no word for are told in words: a database holds more than a file can. */
const wordFor = (_name: string, value: unknown): unknown => (typeof value === "bigint" ? String(value) : value);

/** Whatever lies in a database, as text; a text as it is. Never throws: nothing is so odd that it cannot be saved. */
export function rawText(what: unknown): string {
  if (typeof what === "string") return what;
  try {
    return JSON.stringify(what, wordFor, 2) ?? "null";
  } catch {
    // What holds itself has no end.
    return JSON.stringify({ unreadable: Object.prototype.toString.call(what) });
  }
}
