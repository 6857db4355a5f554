/** The cleanup crew. */
export { CrewStep } from "./CrewStep";
