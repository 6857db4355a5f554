"use client";

import { useState } from "react";
import type { Range } from "@/core/catalog";
import { heatNeeded, type RoomGap } from "@/core/climate";
import { mistingFor } from "@/core/keeping";
import { celsiusToFahrenheit } from "@/core/units";
import { useOpen } from "@/store";
import { Cautions, Fact, Facts, LedgerHead, LedgerPart, RangeBar, Tile, Tiles, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { type Figures, type Say, useFigures, useSay, useUnits } from "@/words";
import css from "./Climate.module.css";

import { GearGrips } from "./GearGrips";
import { GearPart } from "./GearPart";
import { WarmthOverlay } from "./WarmthOverlay";

const SCALE_C = { from: 5, to: 50 };

/** A gram a cubic metre in grains a cubic foot: 15.4324 grains a gram, 35.3147 cubic feet a cubic metre (NIST SP 811). */
const GRAINS_PER_FT3 = 15.4324 / 35.3147;

/** A difference of temperature in the chosen units. */
function degrees(delta: number, system: "metric" | "us", figures: Figures): string {
  const shown = system === "us" ? celsiusToFahrenheit(delta) - celsiusToFahrenheit(0) : delta;
  return `${figures.number(shown, 1)} ${system === "us" ? "°F" : "°C"}`;
}

/** How nights come out by themselves: in the band, over it or under it. */
/** Watts from a quiet corner to a draughty one. */
function wattsOf([low, high]: readonly [number, number], say: Say, figures: Figures): string {
  if (high <= 0) return say("common:none");
  return say("climate:heatRange", { low: figures.number(low, 0), high: figures.number(high, 0) });
}

function nightSentence(gap: RoomGap, told: (degreesC: number) => string, say: Say): string {
  if (gap.nightTooWarmC > 0) return say("climate:nightWarm", { delta: told(gap.nightTooWarmC) });
  if (gap.nightTooColdC > 0) return say("climate:nightCold", { delta: told(gap.nightTooColdC) });
  return say("climate:nightOk");
}

/** The bands to hold, what the room gives, and the gap between. */
export function ClimateStep() {
  const say = useSay();
  const system = useUnits();
  const figures = useFigures();
  const { habitat, derived } = useOpen();
  const [view, setView] = useState<View>("front");
  const { animal, gap } = derived;
  const { temperatureC } = animal;
  const mist = mistingFor(animal);
  const { ground, library } = derived;
  const heat = heatNeeded(animal, habitat, (ground.surface.frontCm + ground.surface.backCm) / 2, library);
  const humidityRh = animal.humidityRh.day.preferred;
  const { room } = habitat.brief;
  const bands: [label: string, band: Range][] = [
    ...(temperatureC.baskingSurface ? [[say("brief:basking"), temperatureC.baskingSurface] as [string, Range]] : []),
    [say("brief:warm"), temperatureC.warm],
    [say("brief:cool"), temperatureC.cool],
    [say("brief:night"), temperatureC.night],
  ];
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <>
          <BenchSection
            habitat={habitat}
            ground={derived.ground}
            view={view}
            onView={setView}
            overlay={(frame) => (
              <>
                <WarmthOverlay frame={frame} animal={animal} />
                <GearGrips frame={frame} />
              </>
            )}
            planOverlay={(frame) => <GearGrips frame={frame} />}
          />
          <p className={css.note}>{say("climate:note")}</p>
        </>
      }
      ledger={
        <>
          <LedgerHead title={say("climate:title")} sub={say("climate:sub")} />
          <section>
            <h2 className={css.h2}>{say("climate:bands")}</h2>
            <ul className={css.bands}>
              {bands.map(([label, band]) => (
                <li key={label}>
                  <span>{label}</span>
                  <RangeBar
                    {...SCALE_C}
                    band={band}
                    color="var(--clay)"
                    marks={[{ at: room.temperatureC, label: say("climate:room") }]}
                  />
                  <span className="measure">{say("brief:rangeC", { lowC: band[0], highC: band[1] })}</span>
                </li>
              ))}
              <li>
                <span>{say("brief:humidity")}</span>
                <RangeBar
                  from={0}
                  to={100}
                  band={humidityRh}
                  color="var(--water)"
                  marks={[{ at: gap.warmedAirRh, label: say("climate:warmedAir") }]}
                />
                <span className="measure">{say("brief:rangeRh", { lowRh: humidityRh[0], highRh: humidityRh[1] })}</span>
              </li>
            </ul>
            <p className={css.key}>{say("climate:barKey")}</p>
          </section>
          <LedgerPart title={say("climate:gap")}>
            <Tiles>
              <Tile
                label={say("climate:warmth")}
                figure={
                  gap.warmAboveRoomC > 0 ? `+${degrees(gap.warmAboveRoomC, system, figures)}` : say("common:none")
                }
                note={
                  gap.warmAboveRoomC > 0
                    ? say("climate:overRoom", { roomC: room.temperatureC })
                    : say("climate:warmthNone")
                }
              />
              <Tile
                label={say("climate:vapour")}
                figure={figures.number(gap.vapourGPerM3 * (system === "us" ? GRAINS_PER_FT3 : 1), 1)}
                unit={say(system === "us" ? "climate:vapourUnitUs" : "climate:vapourUnit")}
              />
            </Tiles>
            <p className={css.why}>{airSentence(say, gap.warmedAirRh, humidityRh)}</p>
            <p className={css.why}>{nightSentence(gap, (degreesC) => degrees(degreesC, system, figures), say)}</p>
            <Facts>
              <Fact label={say("climate:heatDay")}>{wattsOf(heat.dayW, say, figures)}</Fact>
              <Fact label={say("climate:heatNight")}>{wattsOf(heat.nightW, say, figures)}</Fact>
              <Fact label={say("climate:warmedAir")}>{say("climate:rh", { warmedRh: gap.warmedAirRh })}</Fact>
              <Fact label={say("climate:wantedAir")}>{say("climate:rh", { warmedRh: gap.wantedRh })}</Fact>
              {mist ? (
                <Fact label={say("climate:mist")}>
                  {mist.timesADay > 0
                    ? say("climate:mistDaily", { timesADay: mist.timesADay })
                    : say("climate:mistSeldom", { count: mist.everyDays })}
                </Fact>
              ) : null}
            </Facts>
            <p className={css.small}>{say("climate:heatNote")}</p>
            <p className={css.small}>{say("climate:equation")}</p>
            <Cautions codes={["electricityWater", "heat"]} />
          </LedgerPart>
          <GearPart />
        </>
      }
    />
  );
}

function airSentence(say: Say, warmedRh: number, [lowRh, highRh]: Range): string {
  if (warmedRh < lowRh) return say("climate:drier", { warmedRh, lowRh, highRh });
  return warmedRh > highRh ? say("climate:moister", { warmedRh, lowRh, highRh }) : say("climate:inBand");
}
