import type { Ingredient } from "../../ingredientSchema";
import { mineral } from "./mineral";
import { organic } from "./organic";
import { ready } from "./ready";

/** What soils are mixed from. Porosity and water as per cent of volume; mass as kg for an air-dry loose litre. */
export const ingredients: readonly Ingredient[] = [...organic, ...mineral, ...ready];
