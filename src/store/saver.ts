import type { Design } from "@/core/habitat";
import { setAsideDocument } from "./aside";
import { commit, type Committed } from "./commit";
import { forgetUnsaved, keepUnsaved } from "./journal";
import { after, isNothing, NOTHING_PENDING, withStep, type Pending, type Step } from "./pending";
import { rebased } from "./rebase";
import { reportTrouble, useTrouble } from "./trouble";

/** An edit is written so long after the last one, */
const AUTOSAVE_MS = 300;
/** but never longer than that after the first that waits: what a crash can take is a second's work. */
const CEILING_MS = 700;
/** What could not be written is tried again so long after. */
const AGAIN_MS = 4000;

/** What stands in the database, as far as this tab knows. */
export type Base = { rev: number; logRev: number; design: Design };

type Written = Extract<Committed, { kind: "written" }>;
type Conflict = Extract<Committed, { kind: "conflict" }>["now"];

/** Who shows the habitat is asked for it, and told what became of it. */
export type Shown = {
  present: () => Design | undefined;
  /** All of it is kept. */
  kept: (written: Written) => void;
  notKept: () => void;
  /** Another tab wrote, and our work stands in theirs. */
  joined: (design: Design, base: Base, theirs: Design) => void;
  /** Another tab wrote, and our work is set aside; what it leaves of the log must be read again. */
  yielded: (now: Conflict) => void;
  /** There is nothing left to write to. */
  gone: () => void;
};

/** Keeps what is done to the open habitat, a little later, together, and again until it is kept. */
export class Saver {
  private base: Base | undefined;
  private pending: Pending = NOTHING_PENDING;
  private inFlight: Pending = NOTHING_PENDING;
  private waitsSince: number | undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private writing: Promise<void> = Promise.resolve();

  constructor(private readonly shown: Shown) {}

  /** What was done and is not kept yet, on its way or not. */
  get unwritten(): Pending {
    return after(this.inFlight, this.pending);
  }

  get hasSteps(): boolean {
    return this.unwritten.steps.length > 0;
  }

  get known(): Base | undefined {
    return this.base;
  }

  /** Begins from what stands in the database; what waited was of another habitat, and is written. */
  begin(base: Base | undefined): void {
    this.base = base;
    this.pending = NOTHING_PENDING;
  }

  /** Something of the log was written here, by another way or by another tab. */
  logIs(logRev: number): void {
    if (this.base) this.base = { ...this.base, logRev };
  }

  step(step: Step): void {
    this.pending = { ...this.pending, steps: withStep(this.pending.steps, step) };
    this.schedule();
  }

  /** Takes something for the log, with the step it hangs on where it does, and writes it at once. */
  log(more: Partial<Pending>): void {
    this.pending = after(this.pending, more);
    void this.write();
  }

  private schedule(): void {
    const now = Date.now();
    this.waitsSince ??= now;
    clearTimeout(this.timer);
    const delay = Math.max(0, Math.min(AUTOSAVE_MS, this.waitsSince + CEILING_MS - now));
    this.timer = setTimeout(() => void this.write(), delay);
  }

  /** Writes what waits, after what is being written. @returns once nothing waits that was there when it was asked */
  write(): Promise<void> {
    return (this.writing = this.writing.then(() => this.save()));
  }

  /** A page that goes may not live to see the database write: what is unwritten is kept where that is done at once. */
  flush(): void {
    const present = this.shown.present();
    if (!present || !this.base || isNothing(this.unwritten) || mayNotWrite()) return;
    keepUnsaved(present, this.base.rev, this.unwritten);
    void this.write();
  }

  private async save(): Promise<void> {
    clearTimeout(this.timer);
    this.timer = this.waitsSince = undefined;
    const [present, base, work] = [this.shown.present(), this.base, this.pending];
    if (!present || !base || isNothing(work)) return;
    if (mayNotWrite()) return this.shown.notKept();
    [this.pending, this.inFlight] = [NOTHING_PENDING, work];
    try {
      const committed = await commit(present.id, base.rev, work.steps, { worked: present, ...work });
      this.inFlight = NOTHING_PENDING;
      if (this.shown.present()?.id === present.id) await this.become(committed, work, present);
    } catch (error) {
      [this.pending, this.inFlight] = [after(work, this.pending), NOTHING_PENDING];
      reportTrouble(error);
      this.shown.notKept();
      this.timer = setTimeout(() => void this.write(), AGAIN_MS);
    }
  }

  private async become(committed: Committed, work: Pending, present: Design): Promise<void> {
    switch (committed.kind) {
      case "written":
        this.base = { rev: committed.rev, logRev: committed.logRev, design: committed.design };
        if (!isNothing(this.pending)) return;
        forgetUnsaved(present.id);
        return this.shown.kept(committed);
      case "conflict":
        this.pending = after(work, this.pending);
        return this.rebase(committed.now);
      default:
        await setAsideDocument(present, work, { why: "conflict", id: `${present.id}-gone` });
        forgetUnsaved(present.id);
        return this.shown.gone();
    }
  }

  /** What another tab wrote meanwhile is taken, and our work put into it; where it cannot be, it is set aside. */
  private async rebase(now: Conflict): Promise<void> {
    const [mine, base] = [this.shown.present(), this.base];
    if (!mine || !base) return;
    const { steps, acts, samples } = this.pending;
    const again = rebased(base.design, mine, steps, now.design);
    this.base = { ...base, rev: now.rev, design: now.design };
    if (again) {
      this.pending = { steps: again.steps, acts, samples };
      this.shown.joined(again.design, base, now.design);
      return this.save();
    }
    await setAsideDocument(mine, this.pending, { why: "conflict" });
    this.pending = { steps: [], acts: acts.filter(({ hasEdit }) => !hasEdit), samples };
    forgetUnsaved(mine.id);
    this.shown.yielded(now);
    return this.save();
  }
}

/** A newer tab has taken the database over: this one shows what it has, and writes nothing. */
const mayNotWrite = (): boolean => useTrouble.getState().trouble === "newerTab";
