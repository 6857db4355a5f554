import type { Say } from "@/words";
import type { MixAtHand } from "./useMixAtHand";

/** The builder's own recipes, then Rincon's, each under its heading and by its name. */
export const recipesOf = ({ own, library }: Pick<MixAtHand, "own" | "library">, say: Say) => [
  ...own.recipes.map(({ id, name }) => ({ id, name, group: say("mix:yours") })),
  ...library.all("recipes").map(({ id }) => ({ id, name: say.nameOf("recipes", id), group: say("mix:stock") })),
];
