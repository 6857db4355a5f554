/** What an entry of each kind of the catalogue is. */
import type { Animal, Barrier, BoxBuild, BoxSize, Crew, Drainage, Dressing, Plant, Recipe } from "./schema";
import type { Gear } from "./gearSchema";
import type { Ingredient } from "./ingredientSchema";
import type { FalseBottom, PieceKind, Supply, WallFinish, WallTreatment } from "./structureSchema";
type Entries = {
  animals: Animal;
  plants: Plant;
  crew: Crew;
  ingredients: Ingredient;
  drainageMedia: Drainage;
  barriers: Barrier;
  dressings: Dressing;
  recipes: Recipe;
  boxBuilds: BoxBuild;
  boxSizes: BoxSize;
  falseBottoms: FalseBottom;
  wallTreatments: WallTreatment;
  wallFinishes: WallFinish;
  pieceKinds: PieceKind;
  supplies: Supply;
  gear: Gear;
};
export type CatalogKind = keyof Entries;
export type CatalogEntry<K extends CatalogKind> = Entries[K];
export type Stock = { readonly [K in CatalogKind]: readonly Entries[K][] };
