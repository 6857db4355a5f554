/** The entries Rincon comes with, by kind. Only a library reads them. */
import { animals } from "./data/animals";
import { boxBuilds, boxSizes } from "./data/boxes";
import { crew } from "./data/crew";
import { gear } from "./data/gear";
import { ingredients } from "./data/ingredients";
import { barriers, drainageMedia, dressings } from "./data/materials";
import { plants } from "./data/plants";
import { recipes } from "./data/recipes";
import { falseBottoms, pieceKinds, supplies, wallFinishes, wallTreatments } from "./data/structures";

export const stock = {
  animals,
  plants,
  crew,
  ingredients,
  drainageMedia,
  barriers,
  dressings,
  recipes,
  boxBuilds,
  boxSizes,
  falseBottoms,
  wallTreatments,
  wallFinishes,
  pieceKinds,
  supplies,
  gear,
} as const;
export type CatalogKind = keyof typeof stock;
export type CatalogEntry<K extends CatalogKind> = (typeof stock)[K][number];
