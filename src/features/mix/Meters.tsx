"use client";

import { useState } from "react";
import { METERS, SCALES, standing, type Aims, type MeterId, type Readings, type Standing } from "@/core/mix";
import { useFigures, useSay, useUnits } from "@/words";
import css from "./Meters.module.css";
import { readingOf, sayReading } from "./meterWords";

type Props = {
  readings: Readings;
  aims: Aims;
  currency: string;
  ring?: Readings | undefined;
  told: readonly MeterId[];
};

/**
 * Each meter as a value on its scale, against what this habitat wants; what is out of range says what it means at once,
 * the rest when asked.
 */
export function Meters({ readings, aims, currency, ring, told }: Props) {
  return (
    <ul className={css.meters}>
      {METERS.map((id) => (
        <Meter
          key={id}
          id={id}
          value={readingOf(readings, id)}
          aim={aims[id]}
          ring={ring && readingOf(ring, id)}
          currency={currency}
          out={told.includes(id)}
        />
      ))}
    </ul>
  );
}

const place = (id: MeterId, value: number): number => {
  const [from, to] = SCALES[id];
  return Math.min(100, Math.max(0, ((value - from) / (to - from)) * 100));
};

const OUT: Record<Standing, "mix:inRange" | "mix:outLow" | "mix:outHigh" | "mix:notWanted"> = {
  in: "mix:inRange",
  below: "mix:outLow",
  above: "mix:outHigh",
  free: "mix:notWanted",
};

function Meter({
  id,
  value,
  aim,
  ring,
  currency,
  out,
}: {
  id: MeterId;
  value: number | undefined;
  aim: Aims[MeterId];
  ring: number | undefined;
  currency: string;
  /** Off, and worth a word: there is a finding about it. */
  out: boolean;
}) {
  const say = useSay();
  const figures = useFigures();
  const system = useUnits();
  const [asked, setAsked] = useState(false);
  const stands = value === undefined ? "free" : standing(value, aim);
  const name = say(`mix:meters.${id}`);
  const told = sayReading(id, value, say, figures, system, currency);
  const means = `mix:means.${id}.${stands}` as "mix:means.water.in";
  const open = asked || out;
  return (
    <li className={css.meter} data-out={out}>
      <button
        type="button"
        aria-expanded={open}
        aria-label={`${name}: ${told}, ${say(OUT[stands])}. ${say("mix:why", { meter: name })}`}
        onClick={() => setAsked(!asked)}
      >
        <span className={css.name}>{name}</span>
        <span className={css.scale} aria-hidden>
          {aim ? (
            <u style={{ left: `${place(id, aim[0])}%`, width: `${place(id, aim[1]) - place(id, aim[0])}%` }} />
          ) : null}
          {ring === undefined ? null : <i style={{ left: `${place(id, ring)}%` }} />}
          {value === undefined ? null : <s style={{ left: `${place(id, value)}%` }} />}
        </span>
        <span className={`${css.value} measure`}>{told}</span>
      </button>
      {open ? <p>{id === "price" && value === undefined ? say("mix:priceNone") : say(means)}</p> : null}
    </li>
  );
}
