/** All visible text, and how quantities are said in it. */
export { mixName } from "./mixName";
export { CHANNEL_KIND, channelApart, channelPrinted, seriesSaid } from "./channels";
export { comesSaid, dustingSaid, dutyTitle, dutyWhy } from "./dutySaid";
export { journalSaid } from "./journalSaid";
export type { Tone } from "./journalSaid";
export { sayEvent } from "./eventSaid";
export { stepTitle, stepWhy } from "./stepSaid";
export { clockOf, minutesOf, timesOf } from "./clock";
export { monthNames, monthsSaid, runSaid } from "./gearRuns";
export {
  changesSaid,
  daysSaid,
  degreesApart,
  degreesSaid,
  indexSaid,
  metSaid,
  percentsSaid,
  waterADaySaid,
} from "./ranges";
export { gearSizesSaid, wattsSaid } from "./gearSizes";
export { capital, isWord, sayIn, words } from "./say";
export type { Say } from "./say";
export { amountPrinted, moneyPrinted, packPrinted } from "./amounts";
export { boxSize, dayPrinted, printed } from "./quantities";
export {
  sayBox,
  sayChoices,
  sayCsvProblem,
  sayFileProblem,
  sayBrought,
  sayFinding,
  sayFit,
  sayMend,
  sayOwnProblem,
  sayNotKept,
  sayProblem,
} from "./sentences";
export { useNotes, useOtherNames } from "./lazy";
export { ranged } from "./ranged";
export { retold } from "./retold";
export { figuresIn } from "./figures";
export type { Figures } from "./figures";
export { LibraryProvider, UnitsProvider, useFigures, useLibrary, useSay, useUnits } from "./units";
