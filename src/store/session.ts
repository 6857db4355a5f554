import { create } from "zustand";
import { derive, type Derived } from "@/core/derive";
import { changesOf, type Command, type Design, type Problem } from "@/core/habitat";
import { CHUNKED_KINDS } from "@/core/catalog";
import { readKinds, STOCK, type Library } from "@/core/library";
import {
  blockProblem,
  blocksOfSamples,
  NOTHING_LOGGED,
  samplesOfReading,
  stateAt,
  type LogEvent,
  type LogNow,
  type Newest,
  type Reading,
  type SampleBlock,
  type SeriesSample,
  type Told,
} from "@/core/log";
import { lastActOf, strikes, writtenNow, type Act } from "./acts";
import { listen, type Written as Heard } from "./channel";
import { isSound } from "./commit";
import { finishBeforeLettingGo } from "./db";
import { getDesign, type OnDevice } from "./designs";
import { beginHistory, edited, followed, redone, undone, type History } from "./history";
import { settleUnsaved } from "./journal";
import { addBlocks, logOn, logRevOf, newestOf, removeSamples } from "./log";
import { eventsIn, type Pending, type Step } from "./pending";
import { Saver } from "./saver";
import { useTrouble } from "./trouble";
import { todayIn } from "./zone";

export type Saving =
  | { state: "saved"; at: string }
  | { state: "pending" }
  | { state: "failed" }
  /** Another tab wrote meanwhile, and what was done here is set aside as a copy. */
  | { state: "conflict" };

type Session = {
  history: History | undefined;
  events: readonly LogEvent[];
  log: LogNow;
  derived: Derived | undefined;
  problem: Extract<OnDevice, { ok: false }> | "missing" | "unread" | undefined;
  saving: Saving;
  /** Why the last edit or act was refused, when no gesture was there to show it. */
  refused: Problem | undefined;
  /** What was written into the log last, to be taken back. */
  lastAct: Act | undefined;
  library: Library;
  open: (id: string) => Promise<void>;
  /** Edits the design. @returns why not, when the edit is refused: for the handle or field that asked */
  edit: (commands: readonly Command[], gesture?: string) => Problem | undefined;
  undo: () => void;
  redo: () => void;
  /** Writes events into the log, with the edits of the design that belong to them. @returns why not, when refused */
  act: (told: readonly Told[], commands?: readonly Command[]) => Problem | undefined;
  /** Writes a reading down. @returns why not, when it is refused */
  read: (reading: Reading) => Problem | undefined;
  /** Takes samples in, as from a file. @returns how many were new */
  takeIn: (blocks: readonly SampleBlock[]) => Promise<number>;
  /** Takes samples out again. */
  takeOut: (samples: readonly SeriesSample[]) => Promise<void>;
  /** Says that events were wrong. */
  strike: (events: readonly LogEvent[]) => void;
  takeBack: () => void;
  /** Waits until everything is written that can be. */
  settle: () => Promise<void>;
  /** What was done and is not kept yet. */
  unwritten: () => Pending;
  useLibrary: (library: Library) => void;
};

let opening = "";

const isCatalogueRead = (): Promise<boolean> =>
  readKinds(CHUNKED_KINDS).then(
    () => true,
    () => false,
  );

/** The newest of each gauge, with some samples more. */
function newestWith(newest: Newest, samples: readonly SeriesSample[]): Newest {
  const next = { ...newest };
  for (const { series, atMs, value } of samples) if ((next[series]?.atMs ?? 0) <= atMs) next[series] = { atMs, value };
  return next;
}

/** The open habitat: its history, its log, what is worked out from both, and the autosave that follows every edit. */
export const useSession = create<Session>((set, get) => {
  const working = (present: Design, log: LogNow): Derived => derive(present, log, get().library);
  const present = (): Design | undefined => get().history?.present;
  const isOpen = (id: string): boolean => opening === id && present()?.id === id;

  const showDesign = (history: History, more: Partial<Session> = {}): void =>
    set({ history, derived: working(history.present, get().log), ...more });

  const showLog = (events: readonly LogEvent[], newest: Newest, lastAct?: Act): void => {
    const design = present();
    if (!design) return;
    const log: LogNow = { state: stateAt(events, todayIn(design.timeZone)), newest };
    set({ events, log, lastAct: lastAct ?? lastActOf(events), derived: working(design, log) });
  };

  const saver = new Saver({
    present,
    kept: ({ updatedAt }) => set({ saving: { state: "saved", at: updatedAt } }),
    notKept: () => set({ saving: { state: "failed" } }),
    joined: (design, base, theirs) => {
      const { history } = get();
      if (history) showDesign(followed(history, design, changesOf(base.design, theirs).patches));
    },
    yielded: (now) => {
      showDesign(beginHistory(now.design), { saving: { state: "conflict" } });
      void readLog(now.id);
    },
    gone: () => set({ saving: { state: "conflict" } }),
  });

  /** The log as it is kept, with what is not kept yet. */
  const readLog = async (id: string): Promise<void> => {
    const design = present();
    if (!design) return;
    const [{ events, log }, logRev] = await Promise.all([logOn(id, todayIn(design.timeZone)), logRevOf(id)]);
    if (!isOpen(id)) return;
    saver.logIs(logRev);
    const kept = new Set(events.map((event) => event.id));
    const waiting = eventsIn(saver.unwritten).filter((event) => !kept.has(event.id));
    showLog([...events, ...waiting], newestWith(log.newest, saver.unwritten.samples));
  };

  const takeStep = (history: History, step: Step): void => {
    showDesign(history, { saving: { state: "pending" } });
    saver.step(step);
  };

  /** Tries an edit and shows it. @returns its step, not handed on to be kept yet; or why it is refused */
  const tried = (commands: readonly Command[], gesture?: string) => {
    const { history } = get();
    return history && edited(history, commands, gesture);
  };

  /** Shows events in the log, and hands them on to be kept with the edit they belong to. */
  const record = (fresh: readonly LogEvent[], hasEdit: boolean, step?: object): void => {
    if (fresh.length === 0) return;
    const { events, log } = get();
    showLog([...events, ...fresh], log.newest, { events: fresh, samples: [], step });
    saver.log({ acts: [{ events: fresh, hasEdit }] });
  };

  const refuse = (problem: Problem): Problem => {
    set({ refused: problem });
    return problem;
  };

  /** Another tab wrote: with nothing of our own unwritten we follow it, else the next commit finds out. */
  const hear = async ({ habitatId, rev, logRev }: Heard): Promise<void> => {
    const known = saver.known;
    if (!known || !isOpen(habitatId)) return;
    if (logRev > known.logRev) await readLog(habitatId);
    if (rev > known.rev) await follow(habitatId);
  };

  const follow = async (id: string): Promise<void> => {
    const now = await getDesign(id);
    const [{ history }, base] = [get(), saver.known];
    if (!now?.ok || !history || !base || !isOpen(id)) return;
    if (saver.hasSteps || now.rev <= base.rev) return;
    const theirs = changesOf(base.design, now.design).patches;
    saver.follows({ rev: now.rev, logRev: base.logRev, design: now.design });
    showDesign(followed(history, now.design, theirs), { saving: { state: "saved", at: now.updatedAt } });
  };

  finishBeforeLettingGo(() => saver.write());
  if (typeof window !== "undefined") {
    window.addEventListener("pagehide", () => saver.flush());
    document.addEventListener("visibilitychange", () => document.visibilityState === "hidden" && saver.flush());
    listen((told) => void hear(told));
    useTrouble.subscribe(({ trouble }) => trouble === undefined && void saver.write());
  }

  const closed = { history: undefined, derived: undefined, events: [], log: NOTHING_LOGGED, lastAct: undefined };

  /** Shows a habitat that was just read. */
  const begin = async (found: Extract<OnDevice, { ok: true }>): Promise<void> => {
    const { id, design, rev, updatedAt } = found;
    const [{ events, log }, logRev] = await Promise.all([logOn(id, todayIn(design.timeZone)), logRevOf(id)]);
    if (opening !== id) return;
    saver.begin({ rev, logRev, design });
    set({
      problem: undefined,
      history: beginHistory(design),
      events,
      log,
      lastAct: lastActOf(events),
      derived: working(design, log),
      saving: { state: "saved", at: updatedAt },
    });
  };

  /** Shows what is stored; what is on the screen already stands, while nobody else wrote the design. */
  const showStored = async (id: string, isShown: boolean): Promise<void> => {
    const found = await getDesign(id);
    if (opening !== id) return;
    if (!found?.ok) return set({ ...closed, problem: found ?? "missing" });
    if (!isShown) return begin(found);
    await readLog(id);
    await follow(id);
  };

  /** One way or the other along the steps of undo; a step that leads nowhere sound any more is let go with all behind it. */
  const along = (next: History | undefined, step: Step): void => {
    if (!next) return;
    if (isSound(next.present)) return takeStep(next, step);
    const { history } = get();
    if (history) set({ history: beginHistory(history.present) });
  };

  return {
    ...closed,
    problem: undefined,
    refused: undefined,
    saving: { state: "pending" },
    library: STOCK,
    open: async (id) => {
      saver.flush();
      await saver.write();
      opening = id;
      const same = present()?.id === id;
      if (!same) set({ ...closed, problem: undefined });
      if (!(await isCatalogueRead())) return set({ ...closed, problem: "unread" });
      if (!same) await settleUnsaved(id);
      await showStored(id, same);
    },
    edit: (commands, gesture) => {
      const next = tried(commands, gesture);
      if (!next) return undefined;
      if (next.ok) takeStep(next.history, { commands, gesture });
      else if (gesture === undefined) refuse(next.problem);
      return next.ok ? undefined : next.problem;
    },
    undo: () => {
      const { history } = get();
      const last = history?.past.at(-1);
      if (history && last) along(undone(history), { patches: last.inverse });
    },
    redo: () => {
      const { history } = get();
      const [next] = history?.future ?? [];
      if (history && next) along(redone(history), { patches: next.patches });
    },
    act: (told, commands = []) => {
      const design = present();
      if (!design) return undefined;
      const written = writtenNow(told, design.timeZone);
      if (!written.ok) return refuse(written.problem);
      const hasEdit = commands.length > 0;
      const next = hasEdit ? tried(commands) : undefined;
      if (next?.ok === false) return refuse(next.problem);
      // The step waits for its events, so that both are written together.
      if (next) takeStep(next.history, { commands });
      record(written.events, hasEdit, next?.history.past.at(-1));
      return undefined;
    },
    read: (reading) => {
      const samples = samplesOfReading(reading);
      const problem = blocksOfSamples(samples).map(blockProblem).find(Boolean);
      if (problem) return refuse(problem);
      showLog(get().events, newestWith(get().log.newest, samples), { events: [], samples, step: undefined });
      saver.log({ samples });
      return undefined;
    },
    takeIn: async (blocks) => {
      const id = present()?.id;
      if (id === undefined) return 0;
      const added = await addBlocks(id, blocks);
      saver.logIs(await logRevOf(id));
      const newest = await newestOf(id);
      if (isOpen(id)) showLog(get().events, newestWith(newest, saver.unwritten.samples));
      return added;
    },
    takeOut: async (samples) => {
      const id = present()?.id;
      if (id === undefined) return;
      await saver.write();
      await removeSamples(id, samples);
      saver.logIs(await logRevOf(id));
      const newest = await newestOf(id);
      if (isOpen(id)) showLog(get().events, newest);
    },
    strike: (events) => void get().act(strikes(events)),
    takeBack: () => {
      const { lastAct, history } = get();
      if (!lastAct || !history) return;
      const hasEdit = lastAct.step !== undefined && history.past.at(-1) === lastAct.step;
      if (hasEdit) get().undo();
      const struck = writtenNow(strikes(lastAct.events), history.present.timeZone);
      if (struck.ok && struck.events.length > 0) return record(struck.events, hasEdit);
      set({ lastAct: undefined });
      void get().takeOut(lastAct.samples);
    },
    settle: () => saver.write(),
    unwritten: () => saver.unwritten,
    useLibrary: (library) => {
      if (get().library === library) return;
      const { history, log } = get();
      set({ library, derived: history && derive(history.present, log, library) });
    },
  };
});

/** The open habitat for a step of the bench, which is only shown once it is open. */
export function useOpen(): {
  habitat: Design;
  derived: Derived;
  log: LogNow;
  edit: Session["edit"];
  act: Session["act"];
  strike: Session["strike"];
} {
  const derived = useSession((session) => session.derived);
  const log = useSession((session) => session.log);
  const { edit, act, strike } = useSession.getState();
  if (!derived) throw new Error("a step was shown with no habitat open");
  return { habitat: derived.habitat, derived, log, edit, act, strike };
}
