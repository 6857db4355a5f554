import { foliageOfSouthAmerica } from "./southAmerica";
import { foliageOfCentralAmerica } from "./centralAmerica";
import { foliageOfNorthAmerica } from "./northAmerica";
import { foliageOfAsia } from "./asia";
import { foliageOfEurope } from "./europe";
import { foliageOfAfrica } from "./africa";
import { foliageOfMadagascar } from "./madagascar";

/** Foliage, by where they come from. */
export const foliage = [...foliageOfSouthAmerica, ...foliageOfCentralAmerica, ...foliageOfNorthAmerica, ...foliageOfAsia, ...foliageOfEurope, ...foliageOfAfrica, ...foliageOfMadagascar];
