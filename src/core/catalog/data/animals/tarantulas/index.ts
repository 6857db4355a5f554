import { tarantulasOfNorthAmerica } from "./northAmerica";
import { tarantulasOfCentralAmerica } from "./centralAmerica";
import { tarantulasOfSouthAmerica } from "./southAmerica";
import { tarantulasOfAsia } from "./asia";

/** Tarantulas, by where they come from. */
export const tarantulas = [...tarantulasOfNorthAmerica, ...tarantulasOfCentralAmerica, ...tarantulasOfSouthAmerica, ...tarantulasOfAsia];
