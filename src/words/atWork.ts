/** Importing this reads the words that the places of work say beyond the Shelf's. */
import { atWork } from "./en/atWork";
import { tellNames } from "./quantities";
import { words } from "./say";

for (const [space, table] of Object.entries(atWork)) words.addResourceBundle("en", space, table);
tellNames(atWork.things);
