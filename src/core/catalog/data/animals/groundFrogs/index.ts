import { groundFrogsOfMadagascar } from "./madagascar";
import { groundFrogsOfAmerica } from "./america";
import { groundFrogsOfAfrica } from "./africa";
import { groundFrogsOfAsia } from "./asia";
import { groundFrogsOfEurope } from "./europe";

/** Ground frogs, by where they come from. */
export const groundFrogs = [...groundFrogsOfMadagascar, ...groundFrogsOfAmerica, ...groundFrogsOfAfrica, ...groundFrogsOfAsia, ...groundFrogsOfEurope];
