/** Linear and mixed-integer programmes as plain data; the solving itself is done by a worker. */
export { readAnswer, solverOptions, toLp } from "./model";
export type { Model, Rule, Solution, Sum } from "./model";
