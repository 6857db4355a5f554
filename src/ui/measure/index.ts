/** Fields for measures: they take what people write and show the chosen units. */
export { MeasureField } from "./MeasureField";
export { NumberInput } from "./NumberInput";
export { Stepper, stepOf } from "./Stepper";
export { readTyped } from "./useMeasureText";
export type { Limits } from "./useMeasureText";
