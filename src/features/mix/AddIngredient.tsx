"use client";

import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { MATTERS, type Ingredient } from "@/core/catalog";
import { toldTotal } from "@/core/mix";
import { useOpen } from "@/store";
import { plain, Swatch } from "@/ui/section";
import { capital, useSay, useLibrary } from "@/words";
import css from "./Jar.module.css";
import { setPartsCommand, type MixAtHand } from "./useMixAtHand";

/** What a new part is told as: one part, or a tenth where the mix is told in per cent. */
const firstParts = (total: number): number => (total >= 60 ? Math.round(total / 10) : 1);

/** Finds an ingredient by name, the builder's own among them, and puts it in. */
export function AddIngredient({ hand }: { hand: MixAtHand }) {
  const say = useSay();
  const library = useLibrary();
  const { edit } = useOpen();
  const { mix } = hand;
  const isOwn = ({ id }: Ingredient) => library.ownName("ingredients", id) !== undefined;
  const place = (item: Ingredient) => (isOwn(item) ? -1 : MATTERS.indexOf(item.matter));
  const others = library
    .all("ingredients")
    .filter(({ id }) => !mix.parts.some((part) => part.ingredientId === id))
    .toSorted((a, b) => place(a) - place(b));
  return (
    <Autocomplete
      className={css.add ?? ""}
      options={others}
      value={null}
      blurOnSelect
      clearOnBlur
      size="small"
      getOptionKey={({ id }) => id}
      getOptionLabel={({ id }) => capital(say.nameOf("ingredients", id))}
      groupBy={(item) => (isOwn(item) ? say("mix:ownIngredients") : say(`mix:matters.${item.matter}`))}
      onChange={(_, item) =>
        item &&
        edit([
          setPartsCommand(hand, [...mix.parts, { ingredientId: item.id, parts: firstParts(toldTotal(mix.parts)) }]),
        ])
      }
      renderOption={({ key, ...props }, item) => (
        <li key={key} {...props} className={`${props.className ?? ""} ${css.option ?? ""}`}>
          <Swatch material={plain(item.look)} width={22} height={22} /> {capital(say.nameOf("ingredients", item.id))}
        </li>
      )}
      renderInput={(params) => (
        <TextField {...params} label={say("mix:addIngredient")} placeholder={say("mix:addHelp")} />
      )}
    />
  );
}
