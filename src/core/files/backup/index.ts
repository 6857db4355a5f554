/** Everything on a device as one ZIP with a manifest: packed piece by piece, told by its directory before it is read. */
export { isHarmless } from "./archive";
export type { Archive } from "./archive";
export { backupName, MANIFEST_PATH, printManifest, readManifest } from "./manifest";
export type { BackupFile, BackupKind, BackupProblem } from "./manifest";
export { packer } from "./pack";
export type { Deflate, Packer } from "./pack";
