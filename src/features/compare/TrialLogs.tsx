"use client";

import type { TrialLog } from "@/core/trial";
import { useBins, type Standing } from "@/store";
import { moneyPrinted, useFigures, useSay } from "@/words";
import css from "./Compare.module.css";
import { PairHead } from "./PairHead";
import trialCss from "./Trial.module.css";

type Props = { logs: readonly [TrialLog, TrialLog]; pair: readonly [Standing, Standing] };

const FACTS = ["massGAWeek", "plantCmAMonth", "died", "plantsDied", "meals", "refused", "spent", "minutes"] as const;

/** What both logs tell of the time of the trial: growth, losses, crew, meals, money, minutes. */
export function TrialLogs({ logs, pair }: Props) {
  const say = useSay();
  const figures = useFigures();
  const bins = useBins();
  const told = (id: (typeof FACTS)[number], value: number | undefined): string => {
    if (value === undefined) return say("compare:trial.none");
    if (id === "massGAWeek") return signed(value, figures.printed(Math.abs(value) / 1000, "mass"));
    if (id === "plantCmAMonth") return signed(value, figures.printed(Math.abs(value), "length"));
    if (id === "spent") return moneyPrinted(value, bins?.currency ?? "EUR");
    return id === "minutes" ? say("compare:trial.minutes", { count: value }) : figures.number(value);
  };
  const rows = FACTS.filter((id) => logs.some((log) => (log[id] ?? 0) !== 0));
  const crew = [...new Set(logs.flatMap((log) => [...log.crew.keys()]))];
  if (rows.length + crew.length === 0) return null;
  return (
    <>
      <h3>{say("compare:trial.log")}</h3>
      <table className={`${css.table} ${trialCss.logs}`}>
        <PairHead pair={pair} hasDifference={false} />
        <tbody>
          {rows.map((id) => (
            <tr key={id}>
              <th scope="row">{say(`compare:trial.facts.${id}`)}</th>
              {logs.map((log, at) => (
                <td key={at} className="measure">
                  {told(id, log[id])}
                </td>
              ))}
            </tr>
          ))}
          {crew.map((crewId) => (
            <tr key={crewId}>
              <th scope="row">{say("compare:trial.facts.crew", { crewId })}</th>
              {logs.map((log, at) => (
                <td key={at} className="measure">
                  {log.crew.get(crewId) ?? say("compare:trial.none")}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

const signed = (value: number, printed: string): string => `${value < 0 ? "−" : "+"}${printed}`;
