/** Starting a habitat. */
export { StartHabitat } from "./StartHabitat";
