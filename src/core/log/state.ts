import { standing, type LogEvent } from "./events";

type Of<K extends LogEvent["kind"]> = Extract<LogEvent, { kind: K }>;
type TopUp = Of<"toppedUp">;
type LostPlant = Of<"lost">;
type Seeded = Of<"seeded">;
type DrawnOff = Of<"drawnOff">;
type Metered = Of<"metered">;

type Steps = { doneOn: Readonly<Record<string, string>>; begunOn: Readonly<Record<string, string>> };
export type Opened = Steps & { on: string; towardId: string };

/** How a habitat stands on a day, as far as its log tells. Days are calendar days, ISO 8601. */
export type LogState = {
  /** The day it tells of; null where nothing is told. */
  on: string | null;
  /** Steps of the build that are done, with the day of each. */
  doneOn: Readonly<Record<string, string>>;
  /** Steps whose work is done and whose waiting began, with the day of each. */
  begunOn: Readonly<Record<string, string>>;
  /** A running box that is open: since when, toward which habitat, and its own steps; null while it is closed. */
  opened: Opened | null;
  /** Litres a step took where they were not those planned. */
  usedL: Readonly<Record<string, number>>;
  /** What the keeper looked at before the animal comes, with the day of each. */
  checkedOn: Readonly<Record<string, string>>;
  /** The day the animal moved in; null while it has not. */
  sinceOn: string | null;
  /** The last day each duty was done. */
  tickedOn: Readonly<Record<string, string>>;
  /** The last day each duty was left out. */
  skippedOn: Readonly<Record<string, string>>;
  /** The day each duty was last put off to, and when that was said. */
  snoozed: Readonly<Record<string, { on: string; untilOn: string }>>;
  fed: readonly Of<"fed">[];
  weighed: readonly Of<"weighed">[];
  sheds: readonly Of<"shed">[];
  topUps: readonly TopUp[];
  lostPlants: readonly LostPlant[];
  seeded: readonly Seeded[];
  drawnOff: readonly DrawnOff[];
  /** The last day each piece of gear was renewed, by its id. */
  renewedOn: Readonly<Record<string, string>>;
  metered: readonly Metered[];
};

export const NOTHING_HAPPENED: LogState = {
  on: null,
  doneOn: {},
  begunOn: {},
  opened: null,
  usedL: {},
  checkedOn: {},
  sinceOn: null,
  tickedOn: {},
  skippedOn: {},
  snoozed: {},
  fed: [],
  weighed: [],
  sheds: [],
  topUps: [],
  lostPlants: [],
  seeded: [],
  drawnOff: [],
  renewedOn: {},
  metered: [],
};

const byDay = (a: LogEvent, b: LogEvent): number => a.on.localeCompare(b.on) || a.at.localeCompare(b.at);

/** The latest day for each key. */
function latestDays<E extends LogEvent>(events: readonly E[], key: (event: E) => string): Record<string, string> {
  return Object.fromEntries(events.map((event) => [key(event), event.on]));
}

const isTask = (event: LogEvent): event is TaskEvent => event.kind === "taskDone" || event.kind === "taskBegun";

type TaskEvent = Of<"taskDone"> | Of<"taskBegun">;

const stepsOf = (told: readonly TaskEvent[]): Steps => ({
  doneOn: latestDays(
    told.filter(({ kind }) => kind === "taskDone"),
    ({ taskId }) => taskId,
  ),
  begunOn: latestDays(
    told.filter(({ kind }) => kind === "taskBegun"),
    ({ taskId }) => taskId,
  ),
});

/** Steps of the build, and those of the box that is open now: what is told between opening and closing is a rework's. */
function tasksIn(past: readonly LogEvent[]): { build: TaskEvent[]; opened: Opened | null } {
  const build: TaskEvent[] = [];
  let open: { on: string; towardId: string; told: TaskEvent[] } | undefined;
  for (const event of past) {
    if (event.kind === "opened") open = { on: event.on, towardId: event.towardId, told: [] };
    else if (event.kind === "closed") open = undefined;
    else if (isTask(event)) (open?.told ?? build).push(event);
  }
  return { build, opened: open ? { on: open.on, towardId: open.towardId, ...stepsOf(open.told) } : null };
}

/**
 * Folds a log into how the habitat stands on a day; what was written for later days is left out.
 *
 * @param day calendar day, ISO 8601
 * @example stateAt(events, "2026-03-01").tickedOn.mist // "2026-02-28"
 */
export function stateAt(events: readonly LogEvent[], day: string): LogState {
  const past = standing(events)
    .filter((event) => event.on <= day)
    .toSorted(byDay);
  const of = <K extends LogEvent["kind"]>(kind: K) => past.filter((event): event is Of<K> => event.kind === kind);
  const { build, opened } = tasksIn(past);
  return {
    on: day,
    ...stepsOf(build),
    opened,
    usedL: Object.fromEntries(
      build.flatMap((event) => (event.kind === "taskDone" && event.usedL ? [[event.taskId, event.usedL]] : [])),
    ),
    checkedOn: latestDays(of("checked"), (event) => event.gate),
    sinceOn: of("movedIn")[0]?.on ?? null,
    tickedOn: latestDays(of("tick"), (event) => event.dutyId),
    skippedOn: latestDays(of("skipped"), (event) => event.dutyId),
    snoozed: Object.fromEntries(of("snoozed").map(({ dutyId, on, untilOn }) => [dutyId, { on, untilOn }])),
    fed: of("fed"),
    weighed: of("weighed"),
    sheds: of("shed"),
    topUps: of("toppedUp"),
    lostPlants: of("lost"),
    seeded: of("seeded"),
    drawnOff: of("drawnOff"),
    renewedOn: latestDays(of("renewed"), (event) => event.gearId),
    metered: of("metered"),
  };
}

/**
 * The opening of the box that is open now, and all that was told of its steps: what to strike if it never was.
 *
 * @example openedEvents(events)[0]?.kind // "opened"
 */
export function openedEvents(events: readonly LogEvent[]): LogEvent[] {
  const left = standing(events).toSorted(byDay);
  const from = left.findLastIndex(({ kind }) => kind === "opened");
  const since = from < 0 ? [] : left.slice(from);
  if (since.some(({ kind }) => kind === "closed")) return [];
  return since.filter((event) => event.kind === "opened" || isTask(event));
}

/**
 * The events that say a step of the build is done: what to strike to say it is not.
 *
 * @example doneEvents(events, "moveIn").length // 1
 */
export const doneEvents = (events: readonly LogEvent[], taskId: string): LogEvent[] =>
  standing(events).filter((event) => isTask(event) && event.taskId === taskId);
