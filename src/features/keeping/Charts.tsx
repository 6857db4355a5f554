"use client";

import { useCallback, useMemo, useState } from "react";
import { bandFor } from "@/core/keeping";
import { MEASURABLES, measurableOf, WHERE, type Measurable, type Sample, type SeriesId } from "@/core/log";
import { useOpen, useRanges, type Span } from "@/store";
import { BandChart, type Line, type Mark } from "@/ui/chart";
import { Pills } from "@/ui/parts";
import { CHANNEL_KIND, channelPrinted, ranged, useFigures, useSay, useUnits } from "@/words";
import { baseValue, DASHED, PLACE_COLOR, shownValue } from "./channels";
import css from "./Keeping.module.css";
import { Readings } from "./Readings";

const ALWAYS: readonly Measurable[] = ["temperatureC", "humidityRh"];

/** The channels there is anything to show of: air always, the water line where water can stand, others once read. */
function useChannels(): Measurable[] {
  const { derived, log } = useOpen();
  const read = new Set(Object.keys(log.newest).map((series) => measurableOf(series as SeriesId)));
  return MEASURABLES.filter(
    (what) => ALWAYS.includes(what) || read.has(what) || (what === "waterLineCm" && derived.ground.water !== undefined),
  );
}

/** The band over all places that have a reading, for drawing. */
function useBand(what: Measurable, places: readonly (typeof WHERE)[Measurable][number][]) {
  const { derived } = useOpen();
  const system = useUnits();
  return useMemo(() => {
    const bands = places.flatMap((place) => {
      const band = bandFor(derived, what, place);
      return band ? [band] : [];
    });
    if (bands.length === 0) return undefined;
    const low = Math.min(...bands.map((band) => band[0]));
    const high = Math.max(...bands.map((band) => band[1]));
    return [shownValue(low, what, system), shownValue(high, what, system)] as const;
  }, [derived, what, places, system]);
}

/** Readings over time against the band, one gauge at a time; drawn along and in and out for a part of the time. */
export function Charts({ marks }: { marks?: readonly Mark[] }) {
  const say = useSay();
  const system = useUnits();
  const figures = useFigures();
  const { habitat } = useOpen();
  const [what, setWhat] = useState<Measurable>("temperatureC");
  const [span, setSpan] = useState<Span>();
  const kinds = useChannels();
  const chosen = kinds.includes(what) ? what : "temperatureC";
  const ranges = useRanges(habitat.id, chosen, span);
  const told = useMemo(
    () => (ranges ? WHERE[chosen].filter((place) => (ranges[place]?.points.length ?? 0) > 0) : []),
    [ranges, chosen],
  );
  const band = useBand(chosen, told.length > 0 ? told : WHERE[chosen]);
  const lines = useMemo((): Line[] => {
    if (!ranges) return [];
    const plotted = (samples: readonly Sample[]): Line["points"] =>
      samples.map(({ atMs, value }) => [atMs, shownValue(value, chosen, system)]);
    if (chosen === "waterLineCm") {
      const all = told.flatMap((place) => ranges[place]?.points ?? []).toSorted((a, b) => a.atMs - b.atMs);
      return all.length === 0 ? [] : [{ name: say("journal:waterLine"), color: "--water", points: plotted(all) }];
    }
    return told.map((place) => ({
      name: say(`journal:places.${place}`),
      color: PLACE_COLOR[place],
      dashed: DASHED.includes(place),
      points: plotted(ranges[place]?.points ?? []),
    }));
  }, [ranges, told, chosen, system, say]);
  const count = ranges ? told.reduce((sum, place) => sum + (ranges[place]?.count ?? 0), 0) : 0;

  const print = useCallback(
    (value: number) => channelPrinted(baseValue(value, chosen, system), chosen, figures),
    [chosen, system, figures],
  );
  const printShort = useCallback(
    (value: number) => {
      const kind = CHANNEL_KIND[chosen];
      if (kind === null) return figures.number(value, value % 1 === 0 ? 0 : 1);
      const { figure, unit } = figures.shown(baseValue(value, chosen, system), kind);
      return chosen === "waterLineCm" ? `${figure} ${unit}` : `${Math.round(value)} ${unit}`;
    },
    [chosen, system, figures],
  );
  const last = lines.flatMap((line) => line.points).at(-1);
  return (
    <section className={css.charts} aria-label={say(`journal:charts.${chosen}`)}>
      <div className={css.chartBar}>
        <Pills
          label={say("journal:latest")}
          value={chosen}
          onChange={(next) => {
            setSpan(undefined);
            setWhat(next);
          }}
          options={kinds.map((value) => ({ value, text: say(`journal:charts.${value}`) }))}
        />
        <p className={css.legend} aria-hidden>
          {lines.map((line) => (
            <span key={line.name}>
              <i style={{ borderColor: `var(${line.color})`, borderStyle: line.dashed ? "dashed" : "solid" }} />{" "}
              {line.name}
            </span>
          ))}
          {band ? (
            <span>
              <u /> {say("journal:band")} {ranged(print(band[0]), print(band[1]))}
            </span>
          ) : null}
        </p>
      </div>
      {last ? (
        <BandChart
          key={chosen}
          lines={lines}
          band={band}
          marks={marks}
          bandColor="--moss"
          zone={habitat.timeZone}
          print={print}
          printShort={printShort}
          onSpan={setSpan}
          height={188}
          label={say("journal:chartLabel", {
            what: say(`journal:charts.${chosen}`),
            range: band ? ranged(print(band[0]), print(band[1])) : "–",
            count,
            last: print(last[1]),
          })}
        />
      ) : (
        <p className={css.none}>{say("journal:noReadings")}</p>
      )}
      {last ? <Readings key={chosen} what={chosen} span={span} /> : null}
    </section>
  );
}
