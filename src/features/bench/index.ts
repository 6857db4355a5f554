/** The bench around every step. */
export { BenchLayout } from "./BenchLayout";
