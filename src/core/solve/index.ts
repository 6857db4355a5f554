/** Linear and mixed-integer programmes as plain data; the solving itself is done by a worker. */
export { readAnswer, solverOptions, toLp } from "./model";
export type { Constraint, Model, Solution, Sum } from "./model";
export { atLeast, atMost, boundsOf, exactly, sumOver } from "./sums";
