/** Two habitats side by side. */
export { Compare } from "./Compare";
