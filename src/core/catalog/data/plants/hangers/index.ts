import { hangersOfAmerica } from "./america";
import { hangersOfAsia } from "./asia";
import { hangersOfPacific } from "./pacific";
import { hangersOfAfrica } from "./africa";

/** Hangers, by where they come from. */
export const hangers = [...hangersOfAmerica, ...hangersOfAsia, ...hangersOfPacific, ...hangersOfAfrica];
