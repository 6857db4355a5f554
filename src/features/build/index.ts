/** The build: steps, waits, dates, what has to be so before the animal comes, what to have at hand; and at the bench. */
export { AtBench } from "./atBench";
export { BuildStep } from "./BuildStep";
