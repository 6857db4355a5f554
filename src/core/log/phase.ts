import { jobOf } from "../habitat";
import type { LogState } from "./state";

/** Where a habitat is in its life: drawn, being built, planted and growing in, or lived in. */
export type Phase = "planned" | "building" | "growingIn" | "living";

/** Steps after which what follows is waiting: the ground is laid, and plants or crew are in. */
const GROWING: readonly string[] = ["plantOut", "seedCrew"];

/**
 * The phase a habitat is in, by what its log says was done.
 *
 * @example phaseOf(stateAt(events, "2026-03-01")) // "living" once the animal moved in
 */
export function phaseOf({ sinceOn, doneOn }: Pick<LogState, "sinceOn" | "doneOn">): Phase {
  if (sinceOn !== null) return "living";
  const done = Object.keys(doneOn);
  if (done.some((taskId) => GROWING.includes(jobOf(taskId)))) return "growingIn";
  return done.length > 0 ? "building" : "planned";
}

/** Whether the ground is laid, so that changing it means digging it out. @example isLaid("growingIn") // true */
export const isLaid = (phase: Phase): boolean => phase === "growingIn" || phase === "living";
