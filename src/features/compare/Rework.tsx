"use client";

import { reworkPlan } from "@/core/build";
import type { Standing } from "@/store";
import { useStepNames } from "@/ui/plan";
import { dayPrinted, LibraryProvider, useSay } from "@/words";
import css from "./Compare.module.css";

type Props = { pair: readonly [Standing, Standing]; today: string };

/** What it takes to open the first, running, and make it into the second. */
export const Rework = ({ pair, today }: Props) => (
  <LibraryProvider library={pair[1].derived.library}>
    <Steps pair={pair} today={today} />
  </LibraryProvider>
);

function Steps({ pair: [before, after], today }: Props) {
  const say = useSay();
  const names = useStepNames([...after.design.mixes, ...before.design.mixes]);
  const { steps, dug, newL, waitDays } = reworkPlan(before.derived, after.derived, today);
  const sum = (pick: (one: (typeof dug)[number]) => number) => dug.reduce((all, one) => all + pick(one), 0);
  return (
    <section aria-labelledby="rework">
      <h2 id="rework">{say("build:rework.title")}</h2>
      <p>
        <b>{say("build:rework.waits", { count: waitDays })}</b>.{" "}
        {dug.length === 0
          ? say("build:rework.nothing")
          : `${say("build:rework.saved", { savedL: sum(({ savedL }) => savedL), outL: sum(({ outL }) => outL), newL })}.`}
      </p>
      <details>
        <summary>{say("build:rework.show")}</summary>
        <p className={css.note}>{say("build:rework.help")}</p>
        <table className={`${css.table} ${css.rework}`}>
          <tbody>
            {steps.map((step) => (
              <tr key={step.id}>
                <th scope="row">
                  {names.title(step)}
                  <small className={css.stand}>{names.why(step)}</small>
                </th>
                <td className="measure">{dayPrinted(step.startOn)}</td>
                <td className="measure">
                  {step.wait[1] > 0 ? say("build:waits", { count: Math.ceil(step.wait[1]) }) : ""}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}
