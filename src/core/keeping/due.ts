import type { Comes } from "../habitat";
import type { LogNow, LogState, Newest } from "../log";
import type { Scene } from "../scene";
import { daysAfter, daysBetween, localDay, type TimeZone } from "../units";
import { duties, type Duty } from "./duties";
import { eaten } from "./feeding";
import { lastDone } from "./gearDuties";

/** A duty with the day it is next due. Negative days are late. */
export type Due = Duty & { dueOn: string; lastOn: string | undefined; inDays: number };

/**
 * The next day of a rule of recurrence after a day: see `nextByRule`. Where it was not read yet, duties by a rule are
 * left out.
 */
export type NextByRule = (rule: string, startOn: string, afterOn: string) => string | undefined;

const later = (a: string | undefined, b: string | undefined): string | undefined =>
  a && b ? (a > b ? a : b) : (a ?? b);

/** The last day it was done, in whatever way that is told. */
function lastDoneOn(duty: Duty, state: LogState): string | undefined {
  if (duty.gear) return lastDone(duty.gear, state);
  if (duty.does === "feed") return later(state.tickedOn.feed, eaten(state.fed).at(-1)?.on);
  if (duty.does === "weigh") return later(state.tickedOn.weigh, state.weighed.at(-1)?.on);
  return state.tickedOn[duty.id];
}

type Known = {
  sinceOn: string;
  lastOn: string | undefined;
  today: string;
  newest: Newest;
  zone: TimeZone;
  nextByRule: NextByRule | undefined;
};

/** Every so many days since it was last done; one that keeps its pace, on the next day of its own count. */
function byDays(days: number, keepsPace: boolean, { sinceOn, lastOn }: Known): string {
  const firstOn = daysAfter(sinceOn, days === 1 ? 0 : days);
  if (lastOn === undefined) return firstOn;
  if (!keepsPace) return daysAfter(lastOn, days);
  // What was done a little early or late counts for the turn nearest to it.
  const turns = Math.round(daysBetween(firstOn, lastOn) / days) + 1;
  return daysAfter(firstOn, Math.max(0, turns) * days);
}

/** Due on the day a reading called for it, until it is done after that reading. */
function byNeed(
  { series, side, value }: Extract<Comes, { by: "need" }>,
  { lastOn, newest, zone }: Known,
): string | undefined {
  const sample = newest[series as keyof Newest];
  if (!sample) return undefined;
  const calls = side === "above" ? sample.value > value : sample.value < value;
  const readOn = localDay(sample.atMs, zone);
  return calls && (lastOn === undefined || lastOn < readOn) ? readOn : undefined;
}

function nextOn({ comes, keepsPace }: Duty, known: Known): string | undefined {
  switch (comes.by) {
    case "days":
      return byDays(comes.days, keepsPace, known);
    case "rule":
      return known.nextByRule?.(comes.rule, known.sinceOn, known.lastOn ?? daysAfter(known.sinceOn, -1));
    case "need":
      return byNeed(comes, known);
  }
}

/** After so much of the time between two meals, what was refused is offered again: ours. */
const AGAIN_AFTER = 0.5;

/** A meal that was refused puts off the next try, and feeds nobody. */
function afterRefusal({ does, comes }: Duty, dueOn: string, lastOn: string | undefined, { fed }: LogState): string {
  const tried = fed.at(-1);
  if (does !== "feed" || comes.by !== "days" || tried?.taken !== "refused") return dueOn;
  if (lastOn !== undefined && lastOn > tried.on) return dueOn;
  const againOn = daysAfter(tried.on, Math.max(1, Math.round(comes.days * AGAIN_AFTER)));
  return againOn > dueOn ? againOn : dueOn;
}

/** Put off by its keeper, as long as it was not done since. */
function putOff(dutyId: string, dueOn: string, lastOn: string | undefined, { snoozed }: LogState): string {
  const said = snoozed[dutyId];
  if (!said || (lastOn !== undefined && lastOn > said.on)) return dueOn;
  return said.untilOn > dueOn ? said.untilOn : dueOn;
}

const TUBS: Partial<Record<Duty["does"], "calcium" | "vitamins">> = { calciumTub: "calcium", vitaminsTub: "vitamins" };

/** Since when it counts: an opened tub since it was opened, all else since the animals came. */
const beginsOn = ({ habitat }: Scene, duty: Duty, sinceOn: string): string => {
  const tub = TUBS[duty.does];
  return (tub && habitat.care.openedOn[tub]) ?? sinceOn;
};

/**
 * What is due and when, the most late first. Empty while the habitat is not kept yet.
 * Daily duties are due on the first day, longer ones after their first interval; one that was never written down is due,
 * but not late; one that was left out counts as done, one that a reading calls for is due on the day of that reading.
 *
 * @param today calendar day, ISO 8601
 * @example dueList(scene, log, "2026-03-01")[0]?.inDays // -3: three days late
 */
export function dueList(
  scene: Scene,
  { state, newest }: Pick<LogNow, "state" | "newest">,
  today: string,
  nextByRule?: NextByRule,
): Due[] {
  const { sinceOn } = state;
  if (sinceOn === null) return [];
  const zone = scene.habitat.timeZone;
  return duties(scene, today)
    .flatMap((duty): Due[] => {
      const lastOn = lastDoneOn(duty, state);
      const countsFrom = later(lastOn, state.skippedOn[duty.id]);
      const known = { sinceOn: beginsOn(scene, duty, sinceOn), lastOn: countsFrom, today, newest, zone, nextByRule };
      const usualOn = nextOn(duty, known);
      if (usualOn === undefined) return [];
      // What was never written down may well have been done: it is due, not late. Gear is as old as it is.
      const askedOn = countsFrom === undefined && !duty.gear && usualOn < today ? today : usualOn;
      const wantedOn = afterRefusal(duty, askedOn, countsFrom, state);
      const dueOn = putOff(duty.id, wantedOn, countsFrom, state);
      return [{ ...duty, lastOn, dueOn, inDays: daysBetween(today, dueOn) }];
    })
    .toSorted((a, b) => a.inDays - b.inDays);
}

/** Whether it comes every day. */
export const isDaily = ({ comes }: Pick<Duty, "comes">): boolean => comes.by === "days" && comes.days === 1;
