"use client";

import Button from "@mui/material/Button";
import { entry } from "@/core/catalog";
import { firstWettingL, unsuited, type Unsuited } from "@/core/mix";
import { useOpen } from "@/store";
import { Cautions, LedgerPart, Tile, Tiles } from "@/ui/parts";
import { nameOf, useFigures, useSay } from "@/words";
import css from "./MixStep.module.css";
import type { MixAtHand } from "./useMixAtHand";

/** What this habitat needs of the mix: litres, water, what is lost in mixing, and what can hurt. */
export function ForHere({ hand }: { hand: MixAtHand }) {
  const say = useSay();
  const figures = useFigures();
  const { edit } = useOpen();
  const { mix, mixture, laying, volumeL, pantry, habitat } = hand;
  if (!mixture) return null;
  const toMix = figures.shown(laying.looseL, "volume");
  const inPlace = figures.shown(volumeL, "volume");
  const water = figures.shown(firstWettingL(mixture, laying.moistL), "water");
  const animal = entry("animals", habitat.brief.animalId);
  const items = mix.parts.map((part) => pantry(part.ingredientId));
  const told = (why: Unsuited) => items.filter((item) => unsuited(item, animal) === why).map(({ id }) => nameOf("ingredients", id)).join(", ");
  const [onSkin, sharp] = [told("skin"), told("digging")];
  const newer = hand.own.ingredients.filter((item) => {
    const carried = habitat.own.ingredients.find((other) => other.id === item.id);
    return carried && mix.parts.some((part) => part.ingredientId === item.id) && JSON.stringify(carried) !== JSON.stringify(item);
  });
  return (
    <LedgerPart title={say("mix:forHere")}>
      {newer.map((ingredient) => (
        <p key={ingredient.id} className={css.newer}>
          {say("mix:newer", { name: ingredient.name })} <Button size="small" variant="outlined" onClick={() => edit([{ name: "carryIngredient", args: { ingredient } }])}>{say("mix:takeNewer")}</Button>
        </p>
      ))}
      {onSkin ? <p className={css.wrong}>{say("mix:refusedSkin", { names: onSkin, animalId: animal.id })}</p> : null}
      {sharp ? <p className={css.wrong}>{say("mix:refusedDig", { names: sharp })}</p> : null}
      {laying.looseL > 0 ? (
        <>
          <Tiles>
            <Tile label={say("mix:toMix")} figure={toMix.figure} unit={toMix.unit} note={`${say("mix:inPlace")} ${inPlace.figure} ${inPlace.unit}`} />
            <Tile label={say("mix:wetting")} figure={water.figure} unit={water.unit} note={say("mix:wettingHelp")} />
          </Tiles>
          <p className={css.note}>{say("mix:lost", { lostPct: mixture.lostPct, measureL: laying.looseL / (1 - mixture.lostPct / 100) })}</p>
        </>
      ) : <p className={css.note}>{say("mix:notUsed")}</p>}
      <Cautions codes={[...items.flatMap((item) => item.cautions), "handWashing"]} />
    </LedgerPart>
  );
}
