"use client";

import { useCallback, useMemo, useState } from "react";
import { bandFor } from "@/core/keeping";
import { PLACES, type Measurable, type Sample } from "@/core/log";
import { CM_PER_INCH, celsiusToFahrenheit, type MeasureKind, type UnitSystem } from "@/core/units";
import { useOpen, useRanges } from "@/store";
import { BandChart, type Line } from "@/ui/chart";
import { Pills } from "@/ui/parts";
import { useFigures, useSay, useUnits } from "@/words";
import css from "./Keeping.module.css";

const KIND: Record<Measurable, MeasureKind> = {
  temperatureC: "temperature",
  humidityRh: "humidity",
  waterLineCm: "length",
};

/** The figure that is plotted: base units in the shown system. */
function shownValue(value: number, what: Measurable, system: UnitSystem): number {
  if (system === "metric" || what === "humidityRh") return value;
  return what === "temperatureC" ? celsiusToFahrenheit(value) : value / CM_PER_INCH;
}
function baseValue(value: number, what: Measurable, system: UnitSystem): number {
  if (system === "metric" || what === "humidityRh") return value;
  return what === "temperatureC" ? (value - 32) / 1.8 : value * CM_PER_INCH;
}

/** Readings over time against the band, one gauge at a time. */
export function Charts() {
  const say = useSay();
  const system = useUnits();
  const figures = useFigures();
  const { habitat, derived } = useOpen();
  const [what, setWhat] = useState<Measurable>("temperatureC");
  const kinds: Measurable[] = derived.ground.water
    ? ["temperatureC", "humidityRh", "waterLineCm"]
    : ["temperatureC", "humidityRh"];
  const chosen = kinds.includes(what) ? what : "temperatureC";

  const band = useMemo(() => {
    const ends = PLACES.map((place) => bandFor(derived, chosen, place)).filter((end) => end !== undefined);
    const [first] = ends;
    if (!first) return undefined;
    const low = Math.min(...ends.map((end) => end[0]));
    const high = Math.max(...ends.map((end) => end[1]));
    return [shownValue(low, chosen, system), shownValue(high, chosen, system)] as const;
  }, [derived, chosen, system]);

  const ranges = useRanges(habitat.id, chosen);
  const lines = useMemo((): Line[] => {
    if (!ranges) return [];
    const colors = { warmEnd: "--clay", coolEnd: "--water" };
    const plotted = (samples: readonly Sample[]): Line["points"] =>
      samples.map(({ atMs, value }) => [new Date(atMs).toISOString(), shownValue(value, chosen, system)]);
    if (chosen === "waterLineCm") {
      const both = PLACES.flatMap((place) => ranges[place].points).toSorted((a, b) => a.atMs - b.atMs);
      return [{ name: say("keeping:waterLine"), color: "--water", points: plotted(both) }];
    }
    return PLACES.map((place) => ({
      name: say(`keeping:places.${place}`),
      color: colors[place],
      dashed: place === "coolEnd",
      points: plotted(ranges[place].points),
    }));
  }, [ranges, chosen, system, say]);
  const count = ranges ? PLACES.reduce((sum, place) => sum + ranges[place].count, 0) : 0;

  const print = useCallback(
    (value: number) => figures.printed(baseValue(value, chosen, system), KIND[chosen]),
    [chosen, system, figures],
  );
  const printShort = useCallback(
    (value: number) => {
      const { figure, unit } = figures.shown(baseValue(value, chosen, system), KIND[chosen]);
      return chosen === "waterLineCm" ? `${figure} ${unit}` : `${Math.round(value)} ${unit}`;
    },
    [chosen, system, figures],
  );

  const points = lines.flatMap((line) => line.points);
  const last = points.at(-1);
  return (
    <section className={css.charts} aria-label={say(`keeping:charts.${chosen}`)}>
      <div className={css.chartBar}>
        <Pills
          label={say("keeping:latest")}
          value={chosen}
          onChange={setWhat}
          options={kinds.map((value) => ({ value, text: say(`keeping:charts.${value}`) }))}
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
              <u /> {say("keeping:band")} {print(band[0])} – {print(band[1])}
            </span>
          ) : null}
        </p>
      </div>
      {last && band ? (
        <BandChart
          lines={lines}
          band={band}
          bandColor="--moss"
          print={print}
          printShort={printShort}
          height={188}
          label={say("keeping:chartLabel", {
            what: say(`keeping:charts.${chosen}`),
            low: print(band[0]),
            high: print(band[1]),
            count,
            last: print(last[1]),
          })}
        />
      ) : (
        <p className={css.none}>{say("keeping:noReadings")}</p>
      )}
    </section>
  );
}
