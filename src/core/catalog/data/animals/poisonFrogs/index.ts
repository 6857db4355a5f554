import { poisonFrogsOfSouthAmerica } from "./southAmerica";
import { poisonFrogsOfCentralAmerica } from "./centralAmerica";
import { thumbnailPoisonFrogs } from "./thumbnails";
import { poisonFrogsOfMadagascar } from "./madagascar";

/** Poison frogs, by where they come from. */
export const poisonFrogs = [
  ...poisonFrogsOfSouthAmerica,
  ...thumbnailPoisonFrogs,
  ...poisonFrogsOfCentralAmerica,
  ...poisonFrogsOfMadagascar,
];
