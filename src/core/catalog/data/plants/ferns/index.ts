import { fernsOfAsia } from "./asia";
import { fernsOfAmerica } from "./america";
import { fernsOfPacific } from "./pacific";
import { fernsOfEurope } from "./europe";

/** Ferns, by where they come from. */
export const ferns = [...fernsOfAsia, ...fernsOfAmerica, ...fernsOfPacific, ...fernsOfEurope];
