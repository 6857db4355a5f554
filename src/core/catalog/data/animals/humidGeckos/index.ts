import { humidGeckosOfPacific } from "./pacific";
import { humidGeckosOfMadagascar } from "./madagascar";
import { humidGeckosOfAfrica } from "./africa";
import { humidGeckosOfAsia } from "./asia";
import { humidGeckosOfAmerica } from "./america";

/** Humid geckos, by where they come from. */
export const humidGeckos = [...humidGeckosOfPacific, ...humidGeckosOfMadagascar, ...humidGeckosOfAfrica, ...humidGeckosOfAsia, ...humidGeckosOfAmerica];
