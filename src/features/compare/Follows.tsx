"use client";

import { FOLLOWS, follows, type Follows as Following } from "@/core/compare";
import type { Bins } from "@/core/supply";
import type { Standing } from "@/store";
import { moneyPrinted, useFigures, useSay, type Figures } from "@/words";
import css from "./Compare.module.css";
import { PairHead } from "./PairHead";

type Id = (typeof FOLLOWS)[number];

/** A figure as it is told in its row. */
function told(id: Id, value: number, figures: Figures, currency: string): string {
  if (id.endsWith("L")) return figures.printed(value, "volume");
  if (id.endsWith("Kg")) return figures.printed(value, "mass");
  return id === "price" ? moneyPrinted(value, currency) : figures.number(value, 0);
}

type Props = { pair: readonly [Standing, Standing]; bins: Bins; today: string };

/** What follows from each: litres, masses, money, days, findings; the difference beside them. */
export function Follows({ pair, bins, today }: Props) {
  const say = useSay();
  const figures = useFigures();
  const [a, b] = pair.map(({ derived }) => follows(derived, bins, today)) as [Following, Following];
  const difference = (id: Id): string => {
    const by = b[id] - a[id];
    const text = told(id, Math.abs(by), figures, bins.currency);
    return Math.abs(by) < 0.05 ? say("compare:same") : `${by > 0 ? "+" : "−"}${text}`;
  };
  const unpriced = Math.max(a.unpriced, b.unpriced);
  return (
    <section>
      <h2>{say("compare:follows")}</h2>
      <table className={css.table}>
        <PairHead pair={pair} />
        <tbody>
          {FOLLOWS.map((id) => (
            <tr key={id}>
              <th scope="row">{say(`compare:figures.${id}`)}</th>
              <td className="measure">{told(id, a[id], figures, bins.currency)}</td>
              <td className="measure">{told(id, b[id], figures, bins.currency)}</td>
              <td className="measure">{difference(id)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {unpriced > 0 ? <p className={css.note}>{say("compare:unpriced", { count: unpriced })}</p> : null}
    </section>
  );
}
