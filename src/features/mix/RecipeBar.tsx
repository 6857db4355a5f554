"use client";

import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useMemo, useRef, useState } from "react";
import type { Ingredient, OwnIngredient } from "@/core/catalog";
import { parseRecipe, printRecipe } from "@/core/files";
import { libraryOf, STOCK, withOwn } from "@/core/library";
import { dropRecipe, keepEntry, type OwnShelf } from "@/core/own";
import { putOwn, useOpen } from "@/store";
import { openText, saveText } from "@/ui/files";
import { EntryField } from "@/ui/search";
import { capital, sayFileProblem, useSay, useLibrary, mixName } from "@/words";
import { KeepRecipe } from "./KeepRecipe";
import css from "./MixStep.module.css";
import { recipesOf } from "./recipesOf";
import { setPartsCommand, type MixAtHand } from "./useMixAtHand";

const slug = (name: string): string =>
  name
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-|-$/g, "") || "recipe";

const isOwnIngredient = (item: Ingredient | OwnIngredient): item is OwnIngredient => "name" in item;

/**
 * Takes a starting recipe or one of the builder's own; keeps, saves and opens recipes. What was there comes back with
 * undo.
 */
export function RecipeBar({ hand }: { hand: MixAtHand }) {
  const say = useSay();
  const library = useLibrary();
  const { edit } = useOpen();
  const { mix, own, habitat } = hand;
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [keeping, setKeeping] = useState(false);
  const [told, setTold] = useState<{ text: string; wrong: boolean } | undefined>(undefined);
  const file = useRef<HTMLInputElement>(null);
  const name = capital(mixName(mix, say, library));

  const take = (id: string) => {
    const yours = own.recipes.find((recipe) => recipe.id === id);
    edit([
      yours
        ? setPartsCommand(hand, yours.parts, { title: yours.name, recipeId: null })
        : { name: "takeRecipe", args: { mixId: mix.id, recipeId: id } },
    ]);
  };
  const save = () =>
    saveText(
      `${slug(name)}.recipe.json`,
      printRecipe({
        name: name.slice(0, 60),
        parts: mix.parts,
        ingredients: library.all("ingredients").filter(isOwnIngredient),
      }),
    );
  const open = async (chosen: File) => {
    const read = parseRecipe(await openText(chosen));
    if (!read.ok)
      return setTold({ wrong: true, text: say("mix:recipeRefused", { why: sayFileProblem(read.problem, say) }) });
    const { recipe } = read;
    const named = new Set(STOCK.all("ingredients").map(({ id }) => say.nameOf("ingredients", id)));
    const shelf = recipe.ingredients.reduce<OwnShelf>((before, item) => {
      const kept = before.ingredients.some((other) => other.id === item.id)
        ? undefined
        : keepEntry(before, "ingredients", item, [...named]);
      return kept?.ok ? kept.shelf : before;
    }, own);
    if (shelf !== own) await putOwn(shelf);
    // What the file brings is known by the file, then by the shelf it was put on, then by the habitat.
    const brought = withOwn(withOwn(libraryOf({ ingredients: recipe.ingredients }), shelf), habitat.own);
    edit([setPartsCommand({ ...hand, library: brought }, recipe.parts, { title: recipe.name, recipeId: null })]);
    setTold({ wrong: false, text: say("mix:opened", { name: recipe.name }) });
  };
  const recipes = useMemo(() => recipesOf({ own, library }, say), [own, library, say]);
  return (
    <>
      <div className={css.recipeBar}>
        <EntryField
          className={css.recipe ?? ""}
          name="recipe"
          label={say("mix:recipe")}
          placeholder={name}
          items={recipes}
          kindOf={() => "recipes"}
          groupOf={({ group }) => group}
          value={recipes.find((recipe) => capital(recipe.name) === name)?.id}
          onChange={({ id }) => take(id)}
        />
        <Button
          size="small"
          variant="outlined"
          aria-haspopup="menu"
          onClick={(event) => setAnchor(event.currentTarget)}
        >
          {say("mix:recipeMenu")} …
        </Button>
      </div>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)} onClick={() => setAnchor(null)}>
        <MenuItem disabled={mix.parts.length === 0} onClick={() => setKeeping(true)}>
          {say("mix:keepAs")}
        </MenuItem>
        <MenuItem disabled={mix.parts.length === 0} onClick={save}>
          {say("mix:saveFile")}
        </MenuItem>
        <MenuItem onClick={() => file.current?.click()}>{say("mix:openFile")}</MenuItem>
        {own.recipes.map((recipe) => (
          <MenuItem key={recipe.id} onClick={() => void putOwn(dropRecipe(own, recipe.id))}>
            {say("mix:unkeep", { name: recipe.name })}
          </MenuItem>
        ))}
      </Menu>
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label={say("mix:openFile")}
        onChange={(event) => {
          const [chosen] = event.target.files ?? [];
          if (chosen) void open(chosen);
          event.target.value = "";
        }}
      />
      {keeping ? (
        <KeepRecipe
          hand={hand}
          suggested={mix.title ?? ""}
          onDone={(kept) => {
            setKeeping(false);
            if (kept) setTold({ wrong: false, text: say("mix:kept", { name: kept }) });
          }}
        />
      ) : null}
      {told ? (
        <p role={told.wrong ? "alert" : "status"} className={told.wrong ? css.wrong : css.note}>
          {told.text}
        </p>
      ) : null}
    </>
  );
}
