/** How much is kept on this device, how much may be, and whether the browser has promised not to clear it by itself. */
export type Storage = { usedBytes: number | undefined; mostBytes: number | undefined; isPersisted: boolean };

/** What the browser tells of the storage; undefined where it tells nothing. */
export async function storageNow(): Promise<Storage | undefined> {
  if (typeof navigator === "undefined" || !("storage" in navigator)) return undefined;
  const [{ usage, quota }, isPersisted] = await Promise.all([
    navigator.storage.estimate(),
    navigator.storage.persisted(),
  ]);
  return { usedBytes: usage, mostBytes: quota, isPersisted };
}

/** Asks the browser not to clear what is kept here when the device runs short. @returns whether it promised */
export const askToPersist = async (): Promise<boolean> =>
  typeof navigator !== "undefined" && "storage" in navigator ? navigator.storage.persist() : false;
