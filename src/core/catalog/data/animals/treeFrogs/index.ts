import { treeFrogsOfAsia } from "./asia";
import { treeFrogsOfPacific } from "./pacific";
import { treeFrogsOfAmerica } from "./america";
import { treeFrogsOfEurope } from "./europe";
import { treeFrogsOfAfrica } from "./africa";

/** Tree frogs, by where they come from. */
export const treeFrogs = [...treeFrogsOfAsia, ...treeFrogsOfPacific, ...treeFrogsOfAmerica, ...treeFrogsOfEurope, ...treeFrogsOfAfrica];
