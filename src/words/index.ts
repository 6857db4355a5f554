/** All visible text, and how quantities are said in it. */
export { capital, isWord, sayIn, words } from "./say";
export type { Say } from "./say";
export { amountPrinted, moneyPrinted, packPrinted } from "./amounts";
export { boxSize, dayPrinted, nameOf, printed } from "./quantities";
export type { Quantities } from "./quantities";
export { sayBox, sayFileProblem, sayFinding, sayFit } from "./sentences";
export type { SpokenFinding } from "./sentences";
export { figuresIn } from "./figures";
export type { Figures } from "./figures";
export { UnitsProvider, useFigures, useSay, useUnits } from "./units";
export type { WordKey } from "./resources";
