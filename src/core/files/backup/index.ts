/** Everything on a device as one ZIP with a manifest: packed piece by piece, unpacked against its checksums. */
export { backupName } from "./manifest";
export type { BackupFile, BackupKind, BackupProblem, PhotoFacts } from "./manifest";
export { packer } from "./pack";
export type { Packer } from "./pack";
export { unpacked } from "./unpack";
export type { Unpacked } from "./unpack";
