/** Files: parse and print, no input or output of their own. */
export { fileName, parseHabitat, printHabitat, readDocument } from "./habitatFile";
export type { FileProblem, FileRead } from "./habitatFile";
