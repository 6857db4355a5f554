/** Linear and mixed-integer programmes as plain data, solved by a worker; and roots of rising functions and of pairs. */
export { rootOf } from "./root";
export { rootOfPair } from "./pair";
export type { Pair } from "./pair";
export { readAnswer, solverOptions, toLp } from "./model";
export type { Constraint, Model, Solution, Sum } from "./model";
export { atLeast, atMost, boundsOf, exactly, sumOver } from "./sums";
