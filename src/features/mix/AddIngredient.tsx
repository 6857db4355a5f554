"use client";

import { useMemo } from "react";
import { MATTERS, type Ingredient } from "@/core/catalog";
import type { Library } from "@/core/library";
import { carriesFor } from "@/core/habitat";
import { toldTotal } from "@/core/mix";
import { startOwn, stockNames, useOpen } from "@/store";
import { EntryField } from "@/ui/search";
import { plain, Swatch } from "@/ui/section";
import { capital, useSay, useLibrary } from "@/words";
import css from "./Jar.module.css";
import { setPartsCommand, type MixAtHand } from "./useMixAtHand";

/** What a new part is told as: one part, or a tenth where the mix is told in per cent. */
const firstParts = (total: number): number => (total >= 60 ? Math.round(total / 10) : 1);

/** The builder's own first, then by what they are made of. */
const place = ({ id, matter }: Ingredient, library: Library): number =>
  library.ownName("ingredients", id) === undefined ? MATTERS.indexOf(matter) : -1;

/** Finds an ingredient by name, the builder's own among them, and puts it in. */
export function AddIngredient({ hand }: { hand: MixAtHand }) {
  const say = useSay();
  const library = useLibrary();
  const { edit } = useOpen();
  const { mix } = hand;
  const isOwn = ({ id }: Ingredient) => library.ownName("ingredients", id) !== undefined;
  const others = useMemo(
    () =>
      library
        .all("ingredients")
        .filter(({ id }) => !mix.parts.some((part) => part.ingredientId === id))
        .toSorted((a, b) => place(a, library) - place(b, library)),
    [library, mix.parts],
  );
  const add = (id: string, known = library) =>
    edit([
      ...carriesFor(known, "ingredients", [id]),
      setPartsCommand(hand, [...mix.parts, { ingredientId: id, parts: firstParts(toldTotal(mix.parts)) }]),
    ]);
  const addOwn = async ({ id }: Ingredient, name: string) => {
    const started = await startOwn("ingredients", id, name, library, stockNames("ingredients", say.nameOf));
    if (started) add(started.id, started.library);
  };
  return (
    <EntryField
      className={css.add}
      size="small"
      items={others}
      kindOf={() => "ingredients"}
      groupOf={(item) => (isOwn(item) ? say("mix:ownIngredients") : say(`mix:matters.${item.matter}`))}
      label={say("mix:addIngredient")}
      placeholder={say("mix:addHelp")}
      onChange={({ id }) => add(id)}
      onOwn={(item, name) => void addOwn(item, name)}
      optionOf={(item) => (
        <span className={css.option}>
          <Swatch material={plain(item.look)} width={22} height={22} /> {capital(say.nameOf("ingredients", item.id))}
        </span>
      )}
    />
  );
}
