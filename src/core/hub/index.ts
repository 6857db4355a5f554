/** A simulated hub of gauges in a habitat, for trying things out: it tells SenML as a real one would. */
export { hubPacks } from "./hub";
export { HubSpecSchema, hubSpecFor } from "./spec";
export type { HubSpec } from "./spec";
