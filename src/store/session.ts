import { create } from "zustand";
import { derive, type Derived } from "@/core/derive";
import type { Command, Habitat } from "@/core/habitat";
import { getHabitat, putHabitat, type Kept } from "./habitats";
import { beginHistory, edited, redone, undone, type History } from "./history";
import { forgetUnsaved, keepUnsaved } from "./journal";

export type Saving = { state: "saved"; at: string } | { state: "pending" } | { state: "failed" };

type Session = {
  history: History | undefined;
  derived: Derived | undefined;
  problem: Extract<Kept, { ok: false }> | "missing" | undefined;
  saving: Saving;
  open: (id: string) => Promise<void>;
  edit: (commands: readonly Command[], gesture?: string) => void;
  undo: () => void;
  redo: () => void;
};

const AUTOSAVE_MS = 300;
let timer: ReturnType<typeof setTimeout> | undefined;
let opening = "";

/** The open habitat: its history, what is worked out from it, and the autosave that follows every edit. */
export const useSession = create<Session>((set, get) => {
  const save = async (habitat: Habitat): Promise<void> => {
    clearTimeout(timer);
    timer = undefined;
    try {
      const at = await putHabitat(habitat);
      if (timer === undefined && get().history?.present === habitat) {
        forgetUnsaved(habitat.id);
        set({ saving: { state: "saved", at } });
      }
    } catch {
      set({ saving: { state: "failed" } });
    }
  };

  const flush = (): void => {
    const present = get().history?.present;
    if (timer === undefined || !present) return;
    keepUnsaved(present);
    void save(present);
  };

  if (typeof window !== "undefined") {
    window.addEventListener("pagehide", flush);
    document.addEventListener("visibilitychange", () => document.visibilityState === "hidden" && flush());
  }

  const show = (history: History | undefined): void => {
    if (!history) return;
    set({ history, derived: derive(history.present), saving: { state: "pending" } });
    clearTimeout(timer);
    timer = setTimeout(() => void save(history.present), AUTOSAVE_MS);
  };

  return {
    history: undefined,
    derived: undefined,
    problem: undefined,
    saving: { state: "pending" },
    open: async (id) => {
      flush();
      opening = id;
      if (get().history?.present.id !== id) set({ history: undefined, derived: undefined, problem: undefined });
      const kept = await getHabitat(id);
      if (opening !== id) return;
      if (!kept) return set({ problem: "missing", history: undefined, derived: undefined });
      if (!kept.ok) return set({ problem: kept, history: undefined, derived: undefined });
      const history = get().history;
      if (history?.present.id === id && JSON.stringify(history.present) === JSON.stringify(kept.habitat)) return;
      set({
        problem: undefined,
        history: beginHistory(kept.habitat),
        derived: derive(kept.habitat),
        saving: { state: "saved", at: kept.updatedAt },
      });
    },
    edit: (commands, gesture) => {
      const { history } = get();
      if (history) show(edited(history, commands, gesture));
    },
    undo: () => {
      const { history } = get();
      if (history) show(undone(history));
    },
    redo: () => {
      const { history } = get();
      if (history) show(redone(history));
    },
  };
});

/** The open habitat for a step of the bench, which is only shown once it is open. */
export function useOpen(): { habitat: Habitat; derived: Derived; edit: Session["edit"] } {
  const derived = useSession((session) => session.derived);
  const edit = useSession((session) => session.edit);
  if (!derived) throw new Error("a step was shown with no habitat open");
  return { habitat: derived.habitat, derived, edit };
}
