import { succulentsOfAfrica } from "./africa";
import { succulentsOfAsia } from "./asia";
import { succulentsOfAmerica } from "./america";
import { succulentsOfEurope } from "./europe";
import { succulentsOfMadagascar } from "./madagascar";

/** Succulents, by where they come from. */
export const succulents = [...succulentsOfAfrica, ...succulentsOfAsia, ...succulentsOfAmerica, ...succulentsOfEurope, ...succulentsOfMadagascar];
