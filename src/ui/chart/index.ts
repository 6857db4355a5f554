/** Readings over time against a band. */
export { BandChart } from "./BandChart";
export type { Line, Mark } from "./BandChart";
