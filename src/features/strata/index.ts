/** The strata: layers, fill lines, load and water. */
export { StrataStep } from "./StrataStep";
