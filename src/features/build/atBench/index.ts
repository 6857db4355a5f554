/** The build at the bench: one step at a time, large. */
export { AtBench } from "./AtBench";
