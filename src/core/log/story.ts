import { standing, type LogEvent } from "./events";

/** What belongs to the upkeep and not to the story: ticks, and what was put off. */
const UPKEEP: readonly LogEvent["kind"][] = [
  "tick",
  "snoozed",
  "skipped",
  "taskBegun",
  "taskDone",
  "checked",
  "struck",
];

/** The story of a habitat: what stands in its log and is no mere upkeep, the newest first. */
export const storyOf = (events: readonly LogEvent[]): LogEvent[] =>
  standing(events)
    .filter(({ kind }) => !UPKEEP.includes(kind))
    .toSorted((a, b) => b.on.localeCompare(a.on) || b.at.localeCompare(a.at));

/** Letters without their marks, small. @example plain("Łąka Ärger") // "łaka arger" */
const plain = (text: string): string => text.normalize("NFKD").replace(/\p{M}/gu, "").toLowerCase();

/**
 * Entries that have every word of a query in what is said of them, in any case and with or without marks.
 *
 * @example found([{ text: "Mould on the cork" }], "cork mould", ({ text }) => text).length // 1
 */
export function found<T>(entries: readonly T[], query: string, said: (entry: T) => string): T[] {
  const words = plain(query)
    .split(/\s+/)
    .filter((word) => word !== "");
  if (words.length === 0) return [...entries];
  return entries.filter((entry) => {
    const text = plain(said(entry));
    return words.every((word) => text.includes(word));
  });
}
