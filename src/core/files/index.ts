/** Files: parse and print, no input or output of their own. */
export { fileName, readDesign, readDocument, storedDesign } from "./habitatFile";
export type { DesignRead, FileProblem, FileRead, StoredDesign } from "./habitatFile";
export { habitatLines, parseHabitat, printHabitat, readHabitat } from "./habitatStream";
export { FORMAT, FORMAT_VERSION, MIGRATIONS, NewerVersionError, migrate } from "./migrations";
export type { Migration } from "./migrations";
export { printCsv } from "./csv";
export { STRIP_WIDTH_CM, drawingSvg, stretches, stripDrawing } from "./strip";
export type { Drawing, StripLine } from "./strip";
export { CSV_COLUMNS, exampleCsv, parseIngredients, printIngredients } from "./ingredientCsv";
export type { CsvProblem, CsvRead } from "./ingredientCsv";
export { parseRecipe, printRecipe } from "./recipeFile";
export type { RecipeFile, RecipeRead } from "./recipeFile";
export { parseOwn, printOwn } from "./ownFile";
export type { OwnRead } from "./ownFile";
