"use client";

import { useMemo } from "react";
import type { Range } from "@/core/catalog";
import { climates, type ClimateId, type Comes } from "@/core/compare";
import { outlookOf, type MeetsId } from "@/core/outlook";
import type { UnitSystem } from "@/core/units";
import type { Standing } from "@/store";
import {
  changesSaid,
  dayPrinted,
  degreesApart,
  metSaid,
  waterADaySaid,
  useFigures,
  useSay,
  useUnits,
  type Figures,
  type Say,
} from "@/words";
import css from "./Compare.module.css";
import { PairHead } from "./PairHead";

/** A range with its unit told once. @example spanned([39, 45], 0, "W", figures) // "39–45 W" */
const spanned = (range: Range, digits: number, unit: string, figures: Figures): string =>
  `${figures.numbers(range, digits)} ${unit}`;

/** A range in the unit of its row. */
function comesSaid(id: ClimateId, got: Range, say: Say, figures: Figures): string {
  if (id in WORKS && got[1] < ALIKE[id]) return say("common:none");
  switch (id) {
    case "air":
      return changesSaid(got, say, figures);
    case "heat":
      return spanned(got, 0, "W", figures);
    case "energy":
      return spanned(got, 0, "kWh", figures);
    case "sprayed":
      return waterADaySaid(got, say, figures);
    default:
      return metSaid(id, got, figures);
  }
}

const DEGREES: readonly ClimateId[] = ["basking", "warm", "cool", "night"] satisfies MeetsId[];

/** How far the middles lie apart, in a unit one can tell a difference in. */
function bySaid(id: ClimateId, by: number, say: Say, figures: Figures, system: UnitSystem): string {
  if (DEGREES.includes(id)) return degreesApart(by, system, figures);
  if (id === "humidity" || id === "nightHumidity") return say("compare:climate.points", { by: figures.number(by, 0) });
  if (id === "uv") return figures.number(by, 1);
  if (id === "air") return say("compare:climate.anHour", { by: figures.number(by, by < 10 ? 1 : 0) });
  return comesSaid(id, [by, by], say, figures);
}

/** Less than so much, in the unit of its row, is no difference a first sizing can tell. */
const WORKS = { air: 0.1, heat: 0.5, sprayed: 0.005, energy: 0.5 };
const ALIKE: Record<ClimateId, number> = {
  ...{ basking: 0.5, warm: 0.5, cool: 0.5, night: 0.5, humidity: 1, nightHumidity: 1, uv: 0.1 },
  ...WORKS,
};

type Props = { pair: readonly [Standing, Standing]; today: string };

/** What comes of each by what is set up in it, on the same day; how far the second lies over the first beside it. */
export function Climates({ pair, today }: Props) {
  const say = useSay();
  const figures = useFigures();
  const system = useUnits();
  const [a, b] = pair;
  const rows = useMemo(() => {
    const of = ({ derived }: Standing) => ({
      outlook: outlookOf(derived, derived.log.state, today),
      animal: derived.animal,
    });
    return climates(of(a), of(b));
  }, [a, b, today]);
  const cell = (id: ClimateId, comes: Comes | undefined) =>
    comes ? (
      <>
        <span className="measure">{comesSaid(id, comes.got, say, figures)}</span>
        {comes.stand ? (
          <small className={css.stand} data-stand={comes.stand}>
            {say(`climate:state.${comes.stand}`)}
          </small>
        ) : null}
      </>
    ) : (
      <small className={css.stand}>{say("compare:climate.notWanted")}</small>
    );
  const difference = (id: ClimateId, by: number | undefined): string => {
    if (by === undefined) return "";
    if (Math.abs(by) < ALIKE[id]) return say("compare:climate.alike");
    return `${by > 0 ? "+" : "−"}${bySaid(id, Math.abs(by), say, figures, system)}`;
  };
  return (
    <section aria-labelledby="climates">
      <h2 id="climates">{say("compare:climate.title")}</h2>
      <table className={css.table}>
        <PairHead pair={pair} />
        <tbody>
          {rows.map(({ id, a: ofA, b: ofB, byMiddles }) => (
            <tr key={id}>
              <th scope="row">{say(`compare:climate.rows.${id}`)}</th>
              <td>{cell(id, ofA)}</td>
              <td>{cell(id, ofB)}</td>
              <td className="measure">{difference(id, byMiddles)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={css.note}>{say("compare:climate.note", { day: dayPrinted(today) })}</p>
    </section>
  );
}
