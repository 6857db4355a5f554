/** The steps of the work, as they stand in an address. */
export { isStep } from "@/core/findings/steps";
export type { Step as StepName } from "@/core/findings/steps";
