import { colubridsOfNorthAmerica } from "./northAmerica1";
import { colubridsOfNorthAmericaToo } from "./northAmerica2";
import { colubridsOfCentralAmerica } from "./centralAmerica";
import { colubridsOfAfrica } from "./africa";
import { colubridsOfAsia } from "./asia";
import { colubridsOfEurope } from "./europe";

/** Colubrids, by where they come from. */
export const colubrids = [...colubridsOfNorthAmerica, ...colubridsOfNorthAmericaToo, ...colubridsOfCentralAmerica, ...colubridsOfAfrica, ...colubridsOfAsia, ...colubridsOfEurope];
