/** Light over plants: what lamps give, what comes through the top. */
export { ppfdAt, ppfdFromLumens } from "./light";
