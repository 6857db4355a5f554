"use client";

import { BandChart, type Line } from "@/ui/chart";
import css from "./Keeping.module.css";

type Props = { title: string; lines: readonly Line[]; print: (value: number) => string; height: number };

/** Where a day stands on the axis of a curve: at its noon. */
export const noonOf = (on: string): number => Date.parse(`${on}T12:00:00Z`);

/** What grew, as a curve each, with their names above. */
export const Curves = ({ title, lines, print, height }: Props) => (
  <section className={css.charts} aria-label={title}>
    <p className={css.legend} aria-hidden>
      <b>{title}</b>
      {lines.map((line) => (
        <span key={line.name}>
          <i style={{ borderColor: `var(${line.color})`, borderStyle: line.dashed ? "dashed" : "solid" }} /> {line.name}
        </span>
      ))}
    </p>
    <BandChart
      lines={lines}
      band={undefined}
      bandColor="--moss"
      zone="UTC"
      print={print}
      printShort={print}
      height={height}
      label={lines.map(({ name, points }) => `${name}: ${points.length}, ${print(points.at(-1)?.[1] ?? 0)}`).join("; ")}
    />
  </section>
);
