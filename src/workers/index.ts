/** Heavy work away from the page: one client for every kind of worker. */
export type { Progress } from "./client";
export { solveModel } from "./solver";
export { printFile, readIngredients, readTableFile } from "./files";
export { forecastPlan } from "./planner";
export { lookIntoBackup, packBackup, readPixels } from "./backup";
export type { ToPack } from "./backup";
