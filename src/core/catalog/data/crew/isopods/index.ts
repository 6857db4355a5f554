import { smallIsopods } from "./small";
import { rollingIsopods } from "./rollers";
import { largeIsopods } from "./porcellio";

/** Isopods, small, rolling and large. */
export const isopods = [...smallIsopods, ...rollingIsopods, ...largeIsopods];
