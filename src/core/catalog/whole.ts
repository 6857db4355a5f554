/** Everything Rincon comes with at once: for tests, benches and the demo. Pages read it in chunks. */
import { animals } from "./data/animals";
import { crew } from "./data/crew";
import { gear } from "./data/gear";
import { ingredients } from "./data/ingredients";
import { plants } from "./data/plants";
import { recipes } from "./data/recipes";
import { smallStock } from "./small";
import type { Stock } from "./stock";

export const wholeStock: Stock = { ...smallStock, animals, plants, crew, ingredients, gear, recipes };
