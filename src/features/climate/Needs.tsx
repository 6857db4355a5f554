"use client";

import { useMemo } from "react";
import type { Range } from "@/core/catalog";
import { ROUND_VENTS_CM } from "@/core/climate";
import { airNeed, sprayedL, underOtherTop } from "@/core/outlook";
import { useOpen } from "@/store";
import { Fact, Facts, LedgerPart } from "@/ui/parts";
import {
  changesSaid,
  daysSaid,
  degreesSaid,
  percentsSaid,
  type Figures,
  type Say,
  useFigures,
  useSay,
  waterADaySaid,
} from "@/words";
import { useOutlook } from "./season";
import css from "./Climate.module.css";

/** Watts from a quiet corner to a draughty one. */
const wattsOf = (range: Range, say: Say, figures: Figures): string =>
  range[1] < 0.5 ? say("common:none") : say("climate:heatRange", { watts: figures.numbers(range, 0) });

/** What it takes to hold the animal's band, beside what the box gets, and what another top would do. */
export function Needs() {
  const say = useSay();
  const figures = useFigures();
  const { derived } = useOpen();
  const outlook = useOutlook();
  const { sizing, on } = outlook;
  const other = useMemo(() => underOtherTop(derived, derived.log.state, on), [derived, on]);
  const air = airNeed(derived, outlook);
  return (
    <LedgerPart title={say("climate:needs.title")}>
      <Facts>
        <Fact label={say("climate:needs.heatDay")}>{wattsOf(sizing.neededDayW, say, figures)}</Fact>
        <Fact label={say("climate:needs.runsDay")}>{wattsOf(sizing.day.heatW, say, figures)}</Fact>
        <Fact label={say("climate:needs.heatNight")}>{wattsOf(sizing.neededNightW, say, figures)}</Fact>
        <Fact label={say("climate:needs.runsNight")}>{wattsOf(sizing.night.heatW, say, figures)}</Fact>
        <Fact label={say("climate:needs.air")}>{changesSaid(sizing.day.changesPerH, say, figures)}</Fact>
        <Fact label={say("climate:needs.airWanted")}>{changesSaid([air.leastPerH, air.leastPerH], say, figures)}</Fact>
        {air.pairs === undefined ? null : (
          <Fact label={say("climate:needs.vents")}>
            {say("climate:needs.ventPairs", {
              count: air.pairs,
              lowCm: ROUND_VENTS_CM.low,
              highCm: ROUND_VENTS_CM.high,
            })}
          </Fact>
        )}
        <Fact label={say("climate:needs.water")}>{waterADaySaid(sizing.neededWaterL, say, figures)}</Fact>
        <Fact label={say("climate:needs.waterGot")}>{waterADaySaid(sprayedL(outlook), say, figures)}</Fact>
        {other ? (
          <Fact label={say(other.coveredPct > 0 ? "climate:needs.half" : "climate:needs.halfFull")}>
            {say("climate:needs.halfSays", {
              rh: percentsSaid(other.day.humidityRh, figures),
              warmth: degreesSaid(other.day.temperatureC, figures),
            })}
          </Fact>
        ) : null}
        <Fact label={say("climate:needs.soilDries")}>
          {outlook.soilDriesDays ? daysSaid(outlook.soilDriesDays, say) : say("climate:soilStays")}
        </Fact>
        {derived.ground.water ? (
          <Fact label={say("climate:needs.drainage")}>
            {outlook.safeLineDays ? daysSaid(outlook.safeLineDays, say) : say("climate:needs.never")}
          </Fact>
        ) : null}
      </Facts>
      <p className={css.small}>{say("climate:heatNote")}</p>
    </LedgerPart>
  );
}
