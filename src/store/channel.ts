/** What tabs tell one another: that a design or its log was written. */
export type Written = { habitatId: string; rev: number; logRev: number };

const NAME = "rincon.written";

let opened: BroadcastChannel | undefined;
/** One channel for telling and listening: a channel does not hear itself, but another one of the same tab would. */
function channel(): BroadcastChannel | undefined {
  if (typeof BroadcastChannel === "undefined") return undefined;
  opened ??= new BroadcastChannel(NAME);
  return opened;
}

/** Tells the other tabs. Without the channel a tab learns of it when it next commits. */
export const tell = (told: Written): void => channel()?.postMessage(told);

/** Listens to the other tabs, for as long as the page lives. */
export function listen(hear: (told: Written) => void): void {
  channel()?.addEventListener("message", ({ data }: MessageEvent<Written>) => hear(data));
}
