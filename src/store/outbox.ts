import { checkedEvents, type LogEvent, type Told } from "@/core/log";
import type { Problem } from "@/core/habitat";
import type { TimeZone } from "@/core/units";
import { strikes, writtenNow } from "./acts";
import { append } from "./log";
import { reportTrouble, useTrouble } from "./trouble";

/** Events for a habitat that is not on the bench, which could not be written yet. */
type Waiting = { habitatId: string; events: readonly LogEvent[] };

/** What waits is kept where that is done at once, so that a page that goes takes nothing with it. */
const KEY = "rincon.unsaved-log";

function waiting(): Waiting[] {
  try {
    const told = JSON.parse(localStorage.getItem(KEY) ?? "[]") as unknown;
    return Array.isArray(told) ? told.flatMap(waitingIn) : [];
  } catch {
    return [];
  }
}

function waitingIn(told: unknown): Waiting[] {
  const { habitatId, events } = (told ?? {}) as Partial<Waiting>;
  if (typeof habitatId !== "string" || !Array.isArray(events)) return [];
  const checked = checkedEvents(events);
  return checked.ok ? [{ habitatId, events: checked.events }] : [];
}

function keepWaiting(all: readonly Waiting[]): void {
  try {
    if (all.length === 0) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, JSON.stringify(all));
  } catch {
    // A full local storage too: what waits then lives as long as the page.
  }
}

/** Writes what waits, in order; what cannot be written goes on waiting. */
async function writeWaiting(): Promise<void> {
  for (let [next, ...rest] = waiting(); next; [next, ...rest] = waiting()) {
    try {
      await append(next.habitatId, next.events);
    } catch (error) {
      reportTrouble(error);
      return;
    }
    keepWaiting(rest);
  }
}

async function post(habitatId: string, events: readonly LogEvent[]): Promise<void> {
  keepWaiting([...waiting(), { habitatId, events }]);
  await writeWaiting();
}

/** Events written down, or which field is to blame. */
export type ToldOnShelf = { ok: true; events: readonly LogEvent[] } | { ok: false; problem: Problem };

/** Writes events into the log of a habitat that is not on the bench: at once where that can be, else when it can. */
export async function tellOnShelf(habitatId: string, told: readonly Told[], zone: TimeZone): Promise<ToldOnShelf> {
  const written = writtenNow(told, zone);
  if (written.ok) await post(habitatId, written.events);
  return written;
}

/** Takes back what was written on the shelf. */
export const takeBackOnShelf = (habitatId: string, events: readonly LogEvent[], zone: TimeZone): Promise<ToldOnShelf> =>
  tellOnShelf(habitatId, strikes(events), zone);

if (typeof window !== "undefined") {
  void writeWaiting();
  useTrouble.subscribe(({ trouble }) => trouble === undefined && void writeWaiting());
}
