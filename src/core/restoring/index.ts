/** A backup read part by part, each by the reader of its kind: what comes in of it, and what is set aside. */
export { readBackup } from "./read";
export type { BackupContents, BackupRead, PhotoToTake } from "./read";
export type { AsideCopy, PhotoFacts, RowsRead } from "./parts";
