import { poisonFrogsOfSouthAmerica } from "./southAmerica";
import { poisonFrogsOfCentralAmerica } from "./centralAmerica";
import { poisonFrogsOfMadagascar } from "./madagascar";

/** Poison frogs, by where they come from. */
export const poisonFrogs = [...poisonFrogsOfSouthAmerica, ...poisonFrogsOfCentralAmerica, ...poisonFrogsOfMadagascar];
