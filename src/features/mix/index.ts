/** The mix: recipe, parts, litres for this habitat. */
export { MixStep } from "./MixStep";
