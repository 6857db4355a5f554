/** Of the plan of a build, what several places show: the names of its steps, and the question when the animal comes. */
export { MoveIn } from "./MoveIn";
export { useStepNames } from "./useStepNames";
