"use client";

import { entry } from "@/core/catalog";
import type { Mix } from "@/core/habitat";
import { blend, firstWettingL } from "@/core/mix";
import { Cautions, Fact, Facts, LedgerPart, Tile, Tiles } from "@/ui/parts";
import { useFigures, useSay } from "@/words";
import css from "./MixStep.module.css";

/** What this habitat needs of the mix, and what the mix is. */
export function MixFigures({ mix, volumeL, looseL }: { mix: Mix; volumeL: number; looseL: number }) {
  const say = useSay();
  const figures = useFigures();
  const mixture = blend(mix.parts);
  if (!mixture) return null;
  const toMix = figures.shown(looseL, "volume");
  const inPlace = figures.shown(volumeL, "volume");
  const water = figures.shown(firstWettingL(mixture, volumeL), "water");
  const percent = (value: number) => say("mix:pctVol", { figure: figures.number(value, 0) });
  return (
    <>
      <LedgerPart title={say("mix:forHere")}>
        <Tiles>
          <Tile label={say("mix:toMix")} figure={toMix.figure} unit={toMix.unit} note={`${say("mix:inPlace")} ${inPlace.figure} ${inPlace.unit}`} />
          <Tile label={say("mix:wetting")} figure={water.figure} unit={water.unit} />
        </Tiles>
        <p className={css.note}>{say("mix:wettingHelp")}</p>
        <Facts>
          <Fact label={say("mix:held")}>{percent(mixture.waterHeldPct)}</Fact>
          <Fact label={say("mix:air")}>{percent(mixture.airSpacePct)}</Fact>
          <Fact label={say("mix:pores")}>{percent(mixture.totalPorosityPct)}</Fact>
          <Fact label={say("mix:dryWeight")}>{say("mix:weight", { dryKg: mixture.looseKgPerL })}</Fact>
          <Fact label={say("mix:lost")}>{percent(mixture.lostPct)}</Fact>
          <Fact label={say("mix:peat")}>{say("mix:share", { share: figures.number(mixture.peatPct, 0) })}</Fact>
        </Facts>
        <p className={css.note}>{say("mix:blendNote")}</p>
        <Cautions codes={[...mix.parts.flatMap((part) => entry("ingredients", part.ingredientId).cautions), "handWashing"]} />
      </LedgerPart>
    </>
  );
}
