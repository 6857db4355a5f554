/** All visible text, and how quantities are said in it. */
export { capital, isWord, sayIn, words } from "./say";
export type { Say } from "./say";
export { amountPrinted, moneyPrinted, packPrinted } from "./amounts";
export { boxSize, dayPrinted, nameOf, printed, teachNames } from "./quantities";
export type { Quantities } from "./quantities";
export { sayBox, sayCsvProblem, sayFileProblem, sayFinding, sayFit, sayOwnProblem } from "./sentences";
export type { SpokenFinding } from "./sentences";
export { figuresIn } from "./figures";
export type { Figures } from "./figures";
export { UnitsProvider, useFigures, useSay, useUnits } from "./units";
export type { WordKey } from "./resources";
