"use client";

import { useMemo } from "react";
import type { Range } from "@/core/catalog";
import { openingsOf, ROUND_VENTS_CM, ventPairs, WANTED_CHANGES } from "@/core/climate";
import { outlookOf, type Days } from "@/core/outlook";
import { useOpen } from "@/store";
import { Cautions, Fact, Facts, LedgerPart } from "@/ui/parts";
import { type Figures, type Say, useFigures, useSay } from "@/words";
import { useOutlook } from "./season";
import css from "./Climate.module.css";
import { degreesSaid, percentsSaid } from "./ranges";

/** Watts from a quiet corner to a draughty one. */
function wattsOf([low, high]: Range, say: Say, figures: Figures): string {
  if (high < 0.5) return say("common:none");
  return say("climate:heatRange", { low: figures.number(low, 0), high: figures.number(high, 0) });
}

const changesOf = ([low, high]: Range, say: Say, figures: Figures): string => {
  const digits = high < 10 ? 1 : 0;
  return say("climate:needs.airRange", { low: figures.number(low, digits), high: figures.number(high, digits) });
};

const daysOf = (days: Days | undefined, say: Say, figures: Figures): string => {
  if (!days) return say("climate:needs.never");
  const low = figures.number(days.least, 0);
  if (days.most === undefined) return say("climate:needs.daysFrom", { low });
  const high = figures.number(days.most, 0);
  return low === high ? say("climate:needs.day", { low }) : say("climate:needs.days", { low, high });
};

/** What it takes to hold the animal's band, beside what the box gets, and what another top would do. */
export function Needs() {
  const say = useSay();
  const figures = useFigures();
  const { habitat, derived } = useOpen();
  const { animal, ground, library } = derived;
  const outlook = useOutlook();
  const { sizing, vessels } = outlook;
  const { shell } = habitat;
  const halfPct = shell.top.coveredPct >= 50 ? 0 : 50;
  const other = useMemo(() => {
    if (shell.top.lid === "glass") return undefined;
    const covered = { ...habitat, shell: { ...shell, top: { ...shell.top, coveredPct: halfPct } } };
    return outlookOf({ ...derived, habitat: covered }, derived.log.state, outlook.on).sizing.day;
  }, [habitat, shell, halfPct, derived, outlook.on]);
  const wantedAir = WANTED_CHANGES[animal.air.movement];
  const fillCm = (ground.surface.frontCm + ground.surface.backCm) / 2;
  const warmerK = Math.max(
    1,
    (sizing.day.temperatureC[0] + sizing.day.temperatureC[1]) / 2 - habitat.brief.room.temperatureC,
  );
  const pairs = ventPairs(openingsOf(shell, fillCm, library), warmerK, wantedAir[0]);
  const tooStill = sizing.day.changesPerH[1] < wantedAir[0];
  const gotL = vessels.reduce<Range>((sum, { waterL }) => [sum[0] + waterL[0], sum[1] + waterL[1]], [0, 0]);
  const litres = ([lowWaterL, highWaterL]: Range) => {
    if (highWaterL < 0.005) return say("common:none");
    const one = highWaterL - lowWaterL < 0.005;
    return one
      ? say("climate:needs.waterOne", { lowWaterL })
      : say("climate:needs.waterRange", { lowWaterL, highWaterL });
  };
  return (
    <LedgerPart title={say("climate:needs.title")}>
      <Facts>
        <Fact label={say("climate:needs.heatDay")}>{wattsOf(sizing.neededDayW, say, figures)}</Fact>
        <Fact label={say("climate:needs.runsDay")}>{wattsOf(sizing.day.heatW, say, figures)}</Fact>
        <Fact label={say("climate:needs.heatNight")}>{wattsOf(sizing.neededNightW, say, figures)}</Fact>
        <Fact label={say("climate:needs.runsNight")}>{wattsOf(sizing.night.heatW, say, figures)}</Fact>
        <Fact label={say("climate:needs.air")}>{changesOf(sizing.day.changesPerH, say, figures)}</Fact>
        <Fact label={say("climate:needs.airWanted")}>{changesOf(wantedAir, say, figures)}</Fact>
        {tooStill && pairs !== undefined ? (
          <Fact label={say("climate:needs.vents")}>
            {say("climate:needs.ventPairs", { count: pairs, lowCm: ROUND_VENTS_CM.low, highCm: ROUND_VENTS_CM.high })}
          </Fact>
        ) : null}
        <Fact label={say("climate:needs.water")}>{litres(sizing.neededWaterL)}</Fact>
        <Fact label={say("climate:needs.waterGot")}>{litres(gotL)}</Fact>
        {other ? (
          <Fact label={say(halfPct === 50 ? "climate:needs.half" : "climate:needs.halfFull")}>
            {say("climate:needs.halfSays", {
              rh: percentsSaid(other.humidityRh, say),
              warmth: degreesSaid(other.temperatureC, say),
            })}
          </Fact>
        ) : null}
        {ground.water ? (
          <Fact label={say("climate:needs.drainage")}>{daysOf(outlook.safeLineDays, say, figures)}</Fact>
        ) : null}
      </Facts>
      <p className={css.small}>{say("climate:heatNote")}</p>
      <Cautions codes={["electricityWater", "heat"]} />
    </LedgerPart>
  );
}
