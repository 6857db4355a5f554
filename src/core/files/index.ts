/** Files: parse and print, no input or output of their own. */
export { fileName, parseHabitat, printHabitat, readDocument } from "./habitatFile";
export type { FileProblem, FileRead } from "./habitatFile";
export { printCsv } from "./csv";
export { STRIP_WIDTH_CM, drawingSvg, stretches, stripDrawing } from "./strip";
export type { Drawing, StripLine } from "./strip";
