/** Everything that is kept here as one file, and back again. */
export { Backup } from "./Backup";
