import { checkedEvents, type LogEvent, type Told } from "@/core/log";
import type { Problem } from "@/core/habitat";
import type { TimeZone } from "@/core/units";
import { strikes, writtenNow } from "./acts";
import { append } from "./log";
import { reportTrouble, useTrouble } from "./trouble";

/** Events for a habitat that is not on the bench, which could not be written yet. */
type Waiting = { habitatId: string; events: readonly LogEvent[] };

/** What waits is kept where that is done at once too, so that a page that goes takes nothing with it: each under its own key. */
const PREFIX = "rincon.unsaved-log.";
const KEY = `${PREFIX}${crypto.randomUUID()}`;

let waiting: readonly Waiting[] = [];
let writing: Promise<void> = Promise.resolve();

function keep(): void {
  try {
    if (waiting.length === 0) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, JSON.stringify(waiting));
  } catch {
    // Full or forbidden: what waits then lives as long as the page.
  }
}

function waitingIn(told: unknown): Waiting[] {
  const { habitatId, events } = (told ?? {}) as Partial<Waiting>;
  if (typeof habitatId !== "string" || !Array.isArray(events)) return [];
  const checked = checkedEvents(events);
  return checked.ok ? [{ habitatId, events: checked.events }] : [];
}

function readKept(key: string): Waiting[] {
  try {
    const told = JSON.parse(localStorage.getItem(key) ?? "[]") as unknown;
    return Array.isArray(told) ? told.flatMap(waitingIn) : [];
  } catch {
    return [];
  }
}

/** What pages before left waiting, which is this one's to write now: written twice, it is there once. */
function leftBehind(): Waiting[] {
  try {
    const keys = Object.keys({ ...localStorage }).filter((key) => key.startsWith(PREFIX) && key !== KEY);
    const left = keys.flatMap(readKept);
    for (const key of keys) localStorage.removeItem(key);
    return left;
  } catch {
    return [];
  }
}

/** Writes what waits, in order; what cannot be written goes on waiting. */
async function writeAll(): Promise<void> {
  for (let next = waiting[0]; next; next = waiting[0]) {
    try {
      await append(next.habitatId, next.events);
    } catch (error) {
      return reportTrouble(error);
    }
    waiting = waiting.slice(1);
    keep();
  }
}

function post(more: readonly Waiting[]): Promise<void> {
  waiting = [...waiting, ...more];
  keep();
  return (writing = writing.then(writeAll));
}

/** Events written down, or which field is to blame. */
export type ToldOnShelf = { ok: true; events: readonly LogEvent[] } | { ok: false; problem: Problem };

/** Writes events into the log of a habitat that is not on the bench: at once where that can be, else when it can. */
export async function tellOnShelf(habitatId: string, told: readonly Told[], zone: TimeZone): Promise<ToldOnShelf> {
  const written = writtenNow(told, zone);
  if (written.ok) await post([{ habitatId, events: written.events }]);
  return written;
}

/** Takes back what was written on the shelf. */
export const takeBackOnShelf = (habitatId: string, events: readonly LogEvent[], zone: TimeZone): Promise<ToldOnShelf> =>
  tellOnShelf(habitatId, strikes(events), zone);

if (typeof window !== "undefined") {
  void post(leftBehind());
  useTrouble.subscribe(({ trouble }) => trouble === undefined && void post([]));
}
