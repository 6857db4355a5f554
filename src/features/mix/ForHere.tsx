"use client";

import Button from "@mui/material/Button";
import { mixWater } from "@/core/mix";
import { useOpen } from "@/store";
import { Cautions, LedgerPart, Tile, Tiles } from "@/ui/parts";
import { useFigures, useSay } from "@/words";
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
  const wetting = mixWater(mix.parts, laying, pantry);
  const water = figures.shown(wetting.addL, "water");
  const items = mix.parts.map((part) => pantry(part.ingredientId));
  const newer = hand.own.ingredients.filter((item) => {
    const carried = habitat.own.ingredients.find((other) => other.id === item.id);
    return (
      carried &&
      mix.parts.some((part) => part.ingredientId === item.id) &&
      JSON.stringify(carried) !== JSON.stringify(item)
    );
  });
  return (
    <LedgerPart title={say("mix:forHere")}>
      {newer.map((ingredient) => (
        <p key={ingredient.id} className={css.newer}>
          {say("mix:newer", { name: ingredient.name })}{" "}
          <Button
            size="small"
            variant="outlined"
            onClick={() => edit([{ name: "carryOwn", args: { ingredients: [ingredient] } }])}
          >
            {say("mix:takeNewer")}
          </Button>
        </p>
      ))}
      {laying.looseL > 0 ? (
        <>
          <Tiles>
            <Tile
              label={say("mix:toMix")}
              figure={toMix.figure}
              unit={toMix.unit}
              note={`${say("mix:inPlace")} ${inPlace.figure} ${inPlace.unit}`}
            />
            <Tile
              label={say("mix:wetting")}
              figure={water.figure}
              unit={water.unit}
              note={say(wetting.brickL > 0 ? "mix:wettingBricks" : "mix:wettingHelp", { brickWaterL: wetting.brickL })}
            />
          </Tiles>
          <p className={css.note}>
            {say("mix:lost", { lostPct: mixture.lostPct, measureL: laying.looseL / (1 - mixture.lostPct / 100) })}
          </p>
        </>
      ) : (
        <p className={css.note}>{say("mix:notUsed")}</p>
      )}
      <Cautions codes={[...items.flatMap((item) => item.cautions), "handWashing"]} />
    </LedgerPart>
  );
}
