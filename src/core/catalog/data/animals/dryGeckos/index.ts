import { dryGeckosOfAsia } from "./asia";
import { dryGeckosOfAfrica } from "./africa";
import { dryGeckosOfPacific } from "./pacific";
import { dryGeckosOfAmerica } from "./america";
import { dryGeckosOfMadagascar } from "./madagascar";
import { dryGeckosOfEurope } from "./europe";

/** Dry geckos, by where they come from. */
export const dryGeckos = [...dryGeckosOfAsia, ...dryGeckosOfAfrica, ...dryGeckosOfPacific, ...dryGeckosOfAmerica, ...dryGeckosOfMadagascar, ...dryGeckosOfEurope];
