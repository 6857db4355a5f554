import { boasOfAmerica } from "./america";
import { boasOfAfrica } from "./africa";
import { boasOfPacific } from "./pacific";
import { boasOfMadagascar } from "./madagascar";

/** Boas, by where they come from. */
export const boas = [...boasOfAmerica, ...boasOfAfrica, ...boasOfPacific, ...boasOfMadagascar];
