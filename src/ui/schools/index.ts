/** Where good keepers differ: both answers with their reasons, to read or to choose from. */
export { Schools } from "./Schools";
