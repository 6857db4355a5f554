/** The build: steps, waits, dates, and what to have at hand. */
export { BuildStep } from "./BuildStep";
