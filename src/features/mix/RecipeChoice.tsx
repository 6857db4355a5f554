"use client";

import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { catalog } from "@/core/catalog";
import type { Mix } from "@/core/habitat";
import { useOpen } from "@/store";
import { mixName } from "@/ui/section";
import { capital, nameOf, useSay } from "@/words";
import css from "./MixStep.module.css";

/** Takes a starting recipe; what was there comes back with undo. */
export function RecipeChoice({ mix }: { mix: Mix }) {
  const say = useSay();
  const { edit } = useOpen();
  return (
    <TextField
      select className={css.recipe ?? ""} fullWidth={false} label={say("mix:recipe")} value={mix.recipeId ?? ""}
      onChange={(event) => edit([{ name: "takeRecipe", args: { mixId: mix.id, recipeId: event.target.value } }])}
      slotProps={{ select: { renderValue: () => capital(mixName(mix, say)) } }}
    >
      {catalog.recipes.map((recipe) => (
        <MenuItem key={recipe.id} value={recipe.id}>{capital(nameOf("recipes", recipe.id))}</MenuItem>
      ))}
    </TextField>
  );
}
