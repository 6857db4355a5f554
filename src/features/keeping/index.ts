/** Keeping: duties, readings, charts. */
export { KeepingStep } from "./KeepingStep";
