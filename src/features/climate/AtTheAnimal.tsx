"use client";

import type { Range } from "@/core/catalog";
import { useOpen } from "@/store";
import { LedgerPart } from "@/ui/parts";
import { backAt, meetsOf, type Meets, type Stand } from "@/core/outlook";
import { metSaid, useFigures, useSay } from "@/words";
import { useOutlook } from "./season";
import css from "./Climate.module.css";

type Row = {
  label: string;
  got: Range;
  wanted: Range;
  state: Stand;
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

function RangeRow({ label, got, wanted, state, scale, said }: Row) {
  const say = useSay();
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

/** The least a scale of warmth reaches past what it shows, °C. */
const MARGIN_C = 4;
const LEAST_INDEX = 4;

function scaleFor({ id, got, wanted }: Meets): Row["scale"] {
  if (id === "humidity" || id === "nightHumidity") return FULL;
  if (id === "uv") return { from: 0, to: Math.max(LEAST_INDEX, wanted[1] * 1.6, got[1] * 1.1) };
  return scaleOf(got, wanted, MARGIN_C);
}

/** What the animal meets where it is, as ranges, each beside the band it wants. */
export function AtTheAnimal() {
  const say = useSay();
  const figures = useFigures();
  const { derived } = useOpen();
  const outlook = useOutlook();
  const rows = meetsOf(outlook, derived.animal);
  const where = say(`climate:rows.uvPlace.${backAt(outlook)}`);
  return (
    <LedgerPart title={say("climate:atAnimal")}>
      <ul className={css.rows}>
        {rows.map((row) => (
          <RangeRow
            key={row.id}
            label={say(`climate:rows.${row.id}`)}
            got={row.got}
            wanted={row.wanted}
            state={row.stand}
            scale={scaleFor(row)}
            said={(range) => metSaid(row.id, range, figures)}
          />
        ))}
      </ul>
      <p className={css.key}>
        {say("climate:keyGot")}
        {rows.some(({ id }) => id === "uv") ? ` ${say("climate:rows.uv")}: ${where}.` : ""}
      </p>
    </LedgerPart>
  );
}
