import { create } from "zustand";
import { derive, type Derived } from "@/core/derive";
import type { Command, Design, Problem } from "@/core/habitat";
import { patched } from "@/core/habitat";
import { CHUNKED_KINDS } from "@/core/catalog";
import { readKinds, STOCK, type Library } from "@/core/library";
import {
  NOTHING_LOGGED,
  samplesOfReading,
  stateAt,
  type LogEvent,
  type LogNow,
  type Reading,
  type SampleBlock,
  type SeriesSample,
  type Told,
} from "@/core/log";
import { lastActOf, strikes, writtenNow, type Act } from "./acts";
import { setAside } from "./aside";
import { listen, type Told as Heard } from "./channel";
import { commit, getDesign, takenAll, type OnDevice, type Step } from "./designs";
import { beginHistory, edited, redone, undone, type History } from "./history";
import { forgetUnsaved, keepUnsaved, settleUnsaved } from "./journal";
import { addBlocks, addSamples, append, logOn, newestOf, removeSamples } from "./log";
import { todayHere } from "./today";
import { reportTrouble } from "./trouble";

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
  /** Why the last edit was refused, when no gesture was there to show it. */
  refused: Problem | undefined;
  /** What was written into the log last, to be taken back. */
  lastAct: Act | undefined;
  library: Library;
  open: (id: string) => Promise<void>;
  /** Edits the design. @returns why not, when the edit is refused: for the handle or field that asked */
  edit: (commands: readonly Command[], gesture?: string) => Problem | undefined;
  undo: () => void;
  redo: () => void;
  /** Writes events into the log, with the edits of the design that belong to them. */
  act: (told: readonly Told[], commands?: readonly Command[]) => Problem | undefined;
  /** Writes a reading down. */
  read: (reading: Reading) => void;
  /** Takes samples in, as from a file. @returns how many were new */
  takeIn: (blocks: readonly SampleBlock[]) => Promise<number>;
  /** Takes samples out again. */
  takeOut: (samples: readonly SeriesSample[]) => Promise<void>;
  /** Says that events were wrong. */
  strike: (events: readonly LogEvent[]) => void;
  takeBack: () => void;
  /** Waits until everything is written. */
  settle: () => Promise<void>;
  useLibrary: (library: Library) => void;
};

const AUTOSAVE_MS = 300;
let timer: ReturnType<typeof setTimeout> | undefined;
let opening = "";
/** The revision of what is stored, and the steps taken since it was read. */
let base = { rev: 0, logRev: 0 };
let steps: readonly Step[] = [];
let writing: Promise<void> = Promise.resolve();
let logged: Promise<unknown> = Promise.resolve();

/** The open habitat: its history, its log, what is worked out from both, and the autosave that follows every edit. */
export const useSession = create<Session>((set, get) => {
  const working = (present: Design, log: LogNow): Derived => derive(present, log, get().library);

  /**
   * What another tab wrote meanwhile is taken, and our steps are taken again from there; where they cannot be, ours is
   * set aside.
   */
  const rebase = async (mine: Design, now: Extract<OnDevice, { ok: true }>): Promise<void> => {
    base = { rev: now.rev, logRev: now.logRev };
    const again = takenAll(now.design, steps, patched);
    if (again) {
      set({ history: beginHistory(again), derived: working(again, get().log) });
      return save();
    }
    steps = [];
    await setAside({ habitatId: mine.id, name: mine.name, why: "conflict", raw: mine });
    forgetUnsaved(mine.id);
    set({
      history: beginHistory(now.design),
      derived: working(now.design, get().log),
      saving: { state: "conflict" },
    });
  };

  /**
   * There is nothing left to write to, as when the habitat was deleted elsewhere: what was done here is kept as one
   * copy, the newest.
   */
  const giveUp = async (mine: Design): Promise<void> => {
    steps = [];
    await setAside({ habitatId: mine.id, name: mine.name, why: "conflict", raw: mine }, `${mine.id}-gone`);
    forgetUnsaved(mine.id);
    set({ saving: { state: "conflict" } });
  };

  const notKept = (error: unknown): void => {
    reportTrouble(error);
    set({ saving: { state: "failed" } });
  };

  const save = async (): Promise<void> => {
    clearTimeout(timer);
    timer = undefined;
    const present = get().history?.present;
    const taken = steps;
    if (!present || taken.length === 0) return;
    try {
      const committed = await commit(present.id, base.rev, taken);
      if (get().history?.present.id !== present.id) return;
      if (committed.kind === "conflict") return await rebase(present, committed.now);
      if (committed.kind !== "written") return await giveUp(present);
      base = { ...base, rev: committed.rev };
      steps = steps.slice(taken.length);
      if (steps.length > 0) return;
      forgetUnsaved(present.id);
      set({ saving: { state: "saved", at: committed.updatedAt } });
    } catch (error) {
      notKept(error);
    }
  };
  const queueSave = (): Promise<void> => (writing = writing.then(save));

  const flush = (): void => {
    const present = get().history?.present;
    if (steps.length === 0 || !present) return;
    keepUnsaved(present, base.rev);
    void queueSave();
  };

  const show = (history: History, step: Step): void => {
    steps = [...steps, step];
    set({ history, derived: working(history.present, get().log), saving: { state: "pending" } });
    clearTimeout(timer);
    timer = setTimeout(() => void queueSave(), AUTOSAVE_MS);
  };

  const showLog = (events: readonly LogEvent[], newest: LogNow["newest"], lastAct?: Act): void => {
    const log: LogNow = { state: stateAt(events, todayHere()), newest };
    const present = get().history?.present;
    set({ events, log, lastAct: lastAct ?? lastActOf(events), derived: present && working(present, log) });
  };

  /** Adds to the log on the screen at once, and in the database behind it. */
  const write = (fresh: readonly LogEvent[], lastAct?: Act): void => {
    const { history, events, log } = get();
    if (!history || fresh.length === 0) return;
    showLog([...events, ...fresh], log.newest, lastAct);
    logged = append(history.present.id, fresh).catch(notKept);
  };

  const readLog = async (id: string): Promise<void> => {
    // What is being written here is part of it.
    await logged;
    const { events, log } = await logOn(id, todayHere());
    if (opening === id) showLog(events, log.newest);
  };

  /** Another tab wrote: with nothing of our own unwritten we follow it, else the next commit finds out. */
  const hear = async ({ habitatId, rev, logRev }: Heard): Promise<void> => {
    if (get().history?.present.id !== habitatId) return;
    if (logRev > base.logRev) {
      base = { ...base, logRev };
      await readLog(habitatId);
    }
    if (rev <= base.rev || steps.length > 0) return;
    const now = await getDesign(habitatId);
    if (!now?.ok || steps.length > 0 || get().history?.present.id !== habitatId) return;
    base = { rev: now.rev, logRev: Math.max(now.logRev, base.logRev) };
    set({
      history: beginHistory(now.design),
      derived: working(now.design, get().log),
      saving: { state: "saved", at: now.updatedAt },
    });
  };

  if (typeof window !== "undefined") {
    window.addEventListener("pagehide", flush);
    document.addEventListener("visibilitychange", () => document.visibilityState === "hidden" && flush());
    listen((told) => void hear(told));
  }

  const closed = { history: undefined, derived: undefined, events: [], log: NOTHING_LOGGED, lastAct: undefined };

  return {
    ...closed,
    problem: undefined,
    refused: undefined,
    saving: { state: "pending" },
    library: STOCK,
    open: async (id) => {
      flush();
      await writing;
      opening = id;
      const same = get().history?.present.id === id;
      if (!same) set({ ...closed, problem: undefined });
      const unread = await readKinds(CHUNKED_KINDS).then(
        () => false,
        () => true,
      );
      if (unread) return set({ ...closed, problem: "unread" });
      if (!same) await settleUnsaved(id);
      const [found, { events, log }] = await Promise.all([getDesign(id), logOn(id, todayHere())]);
      if (opening !== id) return;
      if (!found) return set({ ...closed, problem: "missing" });
      if (!found.ok) return set({ ...closed, problem: found });
      const history = get().history;
      if (history?.present.id === id && (steps.length > 0 || found.rev === base.rev)) {
        return showLog(events, log.newest, get().lastAct);
      }
      base = { rev: found.rev, logRev: found.logRev };
      steps = [];
      set({
        problem: undefined,
        history: beginHistory(found.design),
        events,
        log,
        lastAct: lastActOf(events),
        derived: working(found.design, log),
        saving: { state: "saved", at: found.updatedAt },
      });
    },
    edit: (commands, gesture) => {
      const { history } = get();
      if (!history) return undefined;
      const tried = edited(history, commands, gesture);
      if (!tried.ok) {
        if (gesture === undefined) set({ refused: tried.problem });
        return tried.problem;
      }
      show(tried.history, { commands });
      return undefined;
    },
    undo: () => {
      const { history } = get();
      const last = history?.past.at(-1);
      const before = history && undone(history);
      if (before && last) show(before, { patches: last.inverse });
    },
    redo: () => {
      const { history } = get();
      const [next] = history?.future ?? [];
      const after = history && redone(history);
      if (after && next) show(after, { patches: next.patches });
    },
    act: (told, commands = []) => {
      const problem = commands.length > 0 ? get().edit(commands) : undefined;
      if (problem) return problem;
      const events = writtenNow(told);
      const step = commands.length > 0 ? get().history?.past.at(-1) : undefined;
      write(events, { events, samples: [], step });
      return undefined;
    },
    read: (reading) => {
      const { history, events, log } = get();
      if (!history) return;
      const samples = samplesOfReading(reading);
      const newest = { ...log.newest };
      for (const { series, atMs, value } of samples)
        if ((newest[series]?.atMs ?? 0) <= atMs) newest[series] = { atMs, value };
      showLog(events, newest, { events: [], samples, step: undefined });
      logged = addSamples(history.present.id, samples).catch(notKept);
    },
    takeIn: async (blocks) => {
      const id = get().history?.present.id;
      if (id === undefined) return 0;
      const added = await addBlocks(id, blocks);
      const newest = await newestOf(id);
      if (get().history?.present.id === id) showLog(get().events, newest);
      return added;
    },
    takeOut: async (samples) => {
      const id = get().history?.present.id;
      if (id === undefined) return;
      await removeSamples(id, samples);
      const newest = await newestOf(id);
      if (get().history?.present.id === id) showLog(get().events, newest);
    },
    strike: (events) => write(strikes(events)),
    takeBack: () => {
      const { lastAct, history } = get();
      if (!lastAct || !history) return;
      if (lastAct.step !== undefined && history.past.at(-1) === lastAct.step) get().undo();
      if (lastAct.events.length > 0) return write(strikes(lastAct.events));
      set({ lastAct: undefined });
      logged = get().takeOut(lastAct.samples).catch(notKept);
    },
    settle: async () => {
      await queueSave();
      await logged;
    },
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
