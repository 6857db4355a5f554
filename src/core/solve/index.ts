/** Linear and mixed-integer programmes as plain data, solved by a worker; and the root of a rising function. */
export { rootOf } from "./root";
export { readAnswer, solverOptions, toLp } from "./model";
export type { Constraint, Model, Solution, Sum } from "./model";
export { atLeast, atMost, boundsOf, exactly, sumOver } from "./sums";
