/** Files: parse and print, no input or output of their own. */
export { fileName, readSeriesRow, readDesignIn, readDocument, storedDesign } from "./habitatFile";
export type { DesignRead, FileProblem, FileRead } from "./habitatFile";
export { habitatLines, parseHabitat, printHabitat, readHabitat } from "./habitatStream";
export { FORMAT, FORMAT_VERSION, NewerVersionError, migrate, sampleInstantNow, timesNow } from "./migrations";
export { printCsv } from "./csv";
export { rawText } from "./raw";
export { drawingSvg, stripDrawing } from "./strip";
export type { Drawing, StripLine } from "./strip";
export { exampleCsv, parseIngredients, printIngredients } from "./ingredientCsv";
export type { CsvProblem } from "./ingredientCsv";
export { parseRecipe, printRecipe } from "./recipeFile";
export { parseOwn, printOwn } from "./ownFile";
export type { SheetPart, SheetPlan, SheetRow, SheetSection } from "./sheetPdf";
