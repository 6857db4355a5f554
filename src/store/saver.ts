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

  /** Another tab wrote the design, and it is shown; what waits for the log waits on. */
  follows(base: Base): void {
    this.base = base;
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
    if (!present || !this.base || isNothing(this.unwritten)) return;
    // A newer program reads it too, and holds it against what stands then.
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
    let committed: Committed;
    try {
      committed = await commit(present.id, base.rev, work.steps, { worked: present, ...work });
    } catch (error) {
      [this.pending, this.inFlight] = [after(work, this.pending), NOTHING_PENDING];
      return this.tryAgain(error);
    }
    this.inFlight = NOTHING_PENDING;
    if (this.shown.present()?.id !== present.id) return;
    if (committed.kind === "written") return this.isWritten(committed);
    // What could not be written waits on, until it is put into what stands, or set aside.
    this.pending = after(work, this.pending);
    try {
      await (committed.kind === "conflict" ? this.rebase(committed.now) : this.giveUp());
    } catch (error) {
      this.tryAgain(error);
    }
  }

  private tryAgain(error: unknown): void {
    reportTrouble(error);
    this.shown.notKept();
    this.timer = setTimeout(() => void this.write(), AGAIN_MS);
  }

  private isWritten(committed: Written): void {
    this.base = { rev: committed.rev, logRev: committed.logRev, design: committed.design };
    if (!isNothing(this.pending)) return;
    forgetUnsaved(committed.design.id);
    this.shown.kept(committed);
  }

  /** There is nothing left to write to, as when the habitat was deleted elsewhere: what was done here is one copy. */
  private async giveUp(): Promise<void> {
    const mine = this.shown.present();
    if (!mine) return;
    await setAsideDocument(mine, this.pending, { why: "conflict", id: `${mine.id}-gone` });
    this.pending = NOTHING_PENDING;
    forgetUnsaved(mine.id);
    this.shown.gone();
  }

  /** What another tab wrote meanwhile is taken, and our work put into it; where it cannot be, it is set aside. */
  private async rebase(now: Conflict): Promise<void> {
    const [mine, base] = [this.shown.present(), this.base];
    if (!mine || !base) return;
    const work = this.pending;
    const theirs: Base = { ...base, rev: now.rev, design: now.design };
    const again = rebased(base.design, mine, work.steps, now.design);
    if (again) {
      [this.base, this.pending] = [theirs, { ...work, steps: again.steps }];
      this.shown.joined(again.design, base, now.design);
      return this.save();
    }
    await setAsideDocument(mine, work, { why: "conflict" });
    const loose = work.acts.filter(({ hasEdit }) => !hasEdit);
    [this.base, this.pending] = [theirs, { steps: [], acts: loose, samples: work.samples }];
    forgetUnsaved(mine.id);
    this.shown.yielded(now);
    return this.save();
  }
}

/** A newer tab has taken the database over: this one shows what it has, and writes nothing. */
const mayNotWrite = (): boolean => useTrouble.getState().trouble === "newerTab";
