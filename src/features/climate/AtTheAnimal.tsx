"use client";

import type { Range } from "@/core/catalog";
import { useOpen } from "@/store";
import { LedgerPart } from "@/ui/parts";
import { useFigures, useSay } from "@/words";
import { useOutlook } from "./season";
import css from "./Climate.module.css";
import { degreesSaid, indexSaid, percentsSaid } from "./ranges";

type State = "in" | "low" | "high" | "partly";

/** How what comes stands to what is wanted. @example standsTo([24, 26], [22, 25]) // "partly" */
function standsTo([low, high]: Range, [wantLow, wantHigh]: Range): State {
  if (high < wantLow) return "low";
  if (low > wantHigh) return "high";
  return low >= wantLow && high <= wantHigh ? "in" : "partly";
}

type Row = {
  label: string;
  got: Range;
  wanted: Range;
  scale: { from: number; to: number };
  said: (range: Range) => string;
};

/** A scale wide enough for what comes and what is wanted, told apart at a glance. */
function scaleOf(got: Range, wanted: Range, least: number): Row["scale"] {
  const [low, high] = [Math.min(got[0], wanted[0]), Math.max(got[1], wanted[1])];
  const margin = Math.max(least, (high - low) * 0.5);
  return { from: low - margin, to: high + margin };
}

const share = (value: number, { from, to }: Row["scale"]): number =>
  Math.min(100, Math.max(0, ((value - from) / (to - from)) * 100));

function RangeRow({ label, got, wanted, scale, said }: Row) {
  const say = useSay();
  const state = standsTo(got, wanted);
  const bar = ([low, high]: Range, least: number) => ({
    left: `${share(low, scale)}%`,
    width: `${Math.max(least, share(high, scale) - share(low, scale))}%`,
  });
  const inWords = { what: label, got: said(got), wanted: said(wanted), state: say(`climate:state.${state}`) };
  return (
    <li data-state={state} aria-label={say("climate:got", inWords)}>
      <span>{label}</span>
      <span className={css.scale} aria-hidden title={inWords.wanted}>
        <u style={bar(wanted, 2)} />
        <s style={bar(got, 4)} />
      </span>
      <span className="measure" aria-hidden>
        {said(got)}
      </span>
    </li>
  );
}

const FULL: Row["scale"] = { from: 0, to: 100 };

/** What the animal meets where it is, as ranges, each beside the band it wants. */
export function AtTheAnimal() {
  const say = useSay();
  const figures = useFigures();
  const { derived } = useOpen();
  const { animal } = derived;
  const outlook = useOutlook();
  const { temperatureC, humidityRh, uv } = animal;
  const { sizing } = outlook;
  const degrees = (range: Range) => degreesSaid(range, say);
  const percents = (range: Range) => percentsSaid(range, say);
  const index = (range: Range) => indexSaid(range, figures);
  const warmth = (label: string, got: Range, wanted: Range): Row => ({
    label,
    got,
    wanted,
    scale: scaleOf(got, wanted, 4),
    said: degrees,
  });
  const where = outlook.basking ? "basking" : outlook.perch ? "perch" : "floor";
  const meets = outlook.basking ?? outlook.perch ?? outlook.floor;
  const rows: Row[] = [
    ...(temperatureC.baskingSurface
      ? [warmth(say("climate:rows.basking"), outlook.basking?.surfaceC ?? sizing.warmEndC, temperatureC.baskingSurface)]
      : []),
    warmth(say("climate:rows.warm"), sizing.warmEndC, temperatureC.warm),
    warmth(say("climate:rows.cool"), sizing.coolEndC, temperatureC.cool),
    warmth(say("climate:rows.night"), sizing.night.temperatureC, temperatureC.night),
    {
      label: say("climate:rows.humidity"),
      got: sizing.day.humidityRh,
      wanted: humidityRh.day.preferred,
      scale: FULL,
      said: percents,
    },
    {
      label: say("climate:rows.nightHumidity"),
      got: sizing.night.humidityRh,
      wanted: humidityRh.night.preferred,
      scale: FULL,
      said: percents,
    },
    ...(uv.indexAtBack
      ? [
          {
            label: say("climate:rows.uv"),
            got: meets.uvIndex,
            wanted: uv.indexAtBack,
            scale: { from: 0, to: Math.max(4, uv.indexAtBack[1] * 1.6, meets.uvIndex[1] * 1.1) },
            said: index,
          },
        ]
      : []),
  ];
  return (
    <LedgerPart title={say("climate:atAnimal")}>
      <ul className={css.rows}>
        {rows.map((row) => (
          <RangeRow key={row.label} {...row} />
        ))}
      </ul>
      <p className={css.key}>
        {say("climate:keyGot")}
        {uv.indexAtBack ? ` ${say("climate:rows.uv")}: ${say(`climate:rows.uvPlace.${where}`)}.` : ""}
      </p>
    </LedgerPart>
  );
}
