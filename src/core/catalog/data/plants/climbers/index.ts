import { climbersOfAsia } from "./asia";
import { climbersOfAmerica } from "./america";
import { climbersOfEurope } from "./europe";

/** Climbers, by where they come from. */
export const climbers = [...climbersOfAsia, ...climbersOfAmerica, ...climbersOfEurope];
