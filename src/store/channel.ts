/** What tabs tell one another: that a design or its log was written. */
export type Told = { habitatId: string; rev: number; logRev: number };

const NAME = "rincon.written";

/** Tells the other tabs. Without the channel a tab learns of it when it next commits. */
export function tell(told: Told): void {
  if (typeof BroadcastChannel === "undefined") return;
  const channel = new BroadcastChannel(NAME);
  channel.postMessage(told);
  channel.close();
}

/** Listens to the other tabs. @returns how to stop */
export function listen(hear: (told: Told) => void): () => void {
  if (typeof BroadcastChannel === "undefined") return () => undefined;
  const channel = new BroadcastChannel(NAME);
  channel.onmessage = ({ data }: MessageEvent<Told>) => hear(data);
  return () => channel.close();
}
