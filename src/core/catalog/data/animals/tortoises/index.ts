import { tortoisesOfEurope } from "./europe";
import { tortoisesOfAsia } from "./asia";
import { tortoisesOfAmerica } from "./america";
import { tortoisesOfAfrica } from "./africa";

/** Tortoises, by where they come from. */
export const tortoises = [...tortoisesOfEurope, ...tortoisesOfAsia, ...tortoisesOfAmerica, ...tortoisesOfAfrica];
