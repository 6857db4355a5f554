import type { Recipe } from "../../catalog";
import type { Assessed } from "../../findings";
import type { Command, Mix } from "../../habitat";
import { bedOf, mixWanted } from "../../strata";
import { blend, closers, mixTarget, pantryOf, toldTotal, unsuited, type Closer } from "../../mix";
import type { MendQuantities } from "../quantities";
import { one, type Draft, type Menders } from "../mender";

type Ways = Draft<MendQuantities["mixOff"]>[];
const CLOSERS_TRIED = 6;

/** One change of a mix: so much more of something, or something left out. */
function changed(mix: Mix, { ingredientId, change, parts }: Closer): Ways {
  if (change === "leaveOut") {
    const leave: Command = { name: "removePart", args: { mixId: mix.id, ingredientId } };
    return one({ ingredientId, variant: "leaveOut" }, leave);
  }
  const had = mix.parts.find((part) => part.ingredientId === ingredientId);
  const more = { ingredientId, parts: (had?.parts ?? 0) + parts };
  const args = {
    ...{ mixId: mix.id, title: mix.title, recipeId: mix.recipeId, own: [] },
    parts: [...mix.parts.filter((part) => part !== had), more],
  };
  const sharePct = (100 * parts) / (toldTotal(mix.parts) + parts);
  return one({ ingredientId, sharePct, variant: "add" }, { name: "setParts", args });
}

/** The usual mixes for this ground. */
const usualFor = ({ animal, library }: Assessed): readonly Recipe[] =>
  library
    .all("recipes")
    .filter(({ soils, climates }) => soils.includes(animal.soil.type) && climates.includes(animal.climate));

/** What such mixes are made of and does the animal no harm: what a builder has at hand, before what would do it best. */
function usualParts(assessed: Assessed): string[] {
  const parts = usualFor(assessed).flatMap((recipe) => recipe.parts.map(({ ingredientId }) => ingredientId));
  return [...new Set(parts)].filter((id) => !unsuited(assessed.library.get("ingredients", id), assessed.animal));
}

/** A usual mix in the place of the one that is off. */
function swapped(mix: Mix, assessed: Assessed): Ways {
  return usualFor(assessed).flatMap(({ id, parts }) => {
    const args = { mixId: mix.id, parts: parts.map((part) => ({ ...part })), title: null, recipeId: id, own: [] };
    return one({ recipeId: id, variant: "recipe" as const }, { name: "setParts", args });
  });
}

export const mixMenders = {
  mixOff: [
    ({ about }, assessed) => {
      const { habitat, library, animal, ground } = assessed;
      const mix = habitat.mixes.find(({ id }) => id === about);
      if (!mix) return [];
      const pantry = pantryOf(library);
      const { depthCm } = mixWanted(habitat, ground, mix.id, blend(mix.parts, pantry)?.settlesPct ?? 0);
      const aims = mixTarget(animal, habitat.crew.length > 0);
      const bed = bedOf(depthCm, animal);
      return closers(mix.parts, aims, usualParts(assessed), { pantry, bed }, CLOSERS_TRIED).flatMap((closer) =>
        changed(mix, closer),
      );
    },
    ({ about }, assessed) => {
      const mix = assessed.habitat.mixes.find(({ id }) => id === about);
      return mix ? swapped(mix, assessed) : [];
    },
  ],
} satisfies Pick<Menders, "mixOff">;
