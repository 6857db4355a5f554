/** The climate: bands to hold, what the room gives, the gap. */
export { ClimateStep } from "./ClimateStep";
