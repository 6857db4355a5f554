/** Importing this reads everything Rincon comes with at once: for tests, benches, workers and the demo. */
import { wholeStock } from "../catalog/whole";
import { takeWhole } from "./stocked";

takeWhole(wholeStock);
