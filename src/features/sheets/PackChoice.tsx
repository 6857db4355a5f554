"use client";

import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import CircularProgress from "@mui/material/CircularProgress";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useEffect, useRef, useState } from "react";
import {
  AIMS,
  packChoice,
  packQuestion,
  wantsOf,
  type Aim,
  type Amount,
  type Bins,
  type Choice,
  type Need,
} from "@/core/supply";
import { solveModel } from "@/workers";
import { Pills } from "@/ui/parts";
import { amountPrinted, capital, moneyPrinted, packPrinted, useSay } from "@/words";
import css from "./Sheets.module.css";

type State = { at: "idle" } | { at: "working" } | { at: "failed" } | { at: "done"; choice: Choice; aim: Aim };

/**
 * Chooses whole packs for the list: the cheapest, or those that leave the least over. Worked out away from the page,
 * and stoppable.
 */
export function PackChoice({ list, bins }: { list: readonly Need[]; bins: Bins }) {
  const say = useSay();
  const [aim, setAim] = useState<Aim>("cheapest");
  const [swaps, setSwaps] = useState(false);
  const [state, setState] = useState<State>({ at: "idle" });
  const running = useRef<AbortController | undefined>(undefined);
  useEffect(() => () => running.current?.abort(), []);

  const choose = async () => {
    const stopper = new AbortController();
    running.current = stopper;
    setState({ at: "working" });
    try {
      const question = packQuestion(wantsOf(list, swaps), bins, aim);
      const solution = await solveModel(question.model, stopper.signal);
      setState({ at: "done", choice: packChoice(question, solution), aim });
    } catch {
      setState({ at: stopper.signal.aborted ? "idle" : "failed" });
    }
  };
  return (
    <section className={css.choice} aria-label={say("sheets:aim")}>
      <div className={css.tools}>
        <Pills
          label={say("sheets:aim")}
          value={aim}
          onChange={setAim}
          options={AIMS.map((value) => ({ value, text: say(`sheets:aims.${value}`) }))}
        />
        <FormControlLabel
          control={<Checkbox checked={swaps} onChange={(event) => setSwaps(event.target.checked)} />}
          label={say("sheets:swaps")}
        />
        {state.at === "working" ? (
          <Button
            size="small"
            variant="outlined"
            startIcon={<CircularProgress size={14} />}
            onClick={() => running.current?.abort()}
          >
            {say("sheets:stop")}
          </Button>
        ) : (
          <Button size="small" onClick={() => void choose()}>
            {say("sheets:choose")}
          </Button>
        )}
      </div>
      <div role="status" aria-live="polite">
        {state.at === "working" ? <p className={css.note}>{say("sheets:choosing")}</p> : null}
        {state.at === "failed" ? <p className={css.wrong}>{say("sheets:failed")}</p> : null}
        {state.at === "done" ? <Chosen choice={state.choice} aim={state.aim} currency={bins.currency} /> : null}
      </div>
    </section>
  );
}

const amountOf = (kind: Amount["kind"], value: number): Amount | undefined =>
  kind === "loose"
    ? { kind, looseL: value }
    : kind === "length"
      ? { kind, lengthCm: value }
      : kind === "pieces"
        ? { kind, count: Math.round(value) }
        : undefined;

function Chosen({ choice, aim, currency }: { choice: Choice; aim: Aim; currency: string }) {
  const say = useSay();
  if (choice.status !== "solved")
    return <p className={css.wrong}>{say(choice.status === "impossible" ? "sheets:impossible" : "sheets:failed")}</p>;
  const missing = choice.unmet.map((want) => say.nameOf(want.shelf, want.need.id)).join(", ");
  const kindOf = (shelf: string, itemId: string) =>
    choice.uses.find((use) => use.want.shelf === shelf && use.itemId === itemId)?.want.need.amount.kind;
  const left = choice.left.flatMap(({ shelf, itemId, amount }) => {
    const kind = kindOf(shelf, itemId);
    const told = kind && amountOf(kind, amount);
    return told ? [`${amountPrinted(told, say)} ${say.nameOf(shelf, itemId)}`] : [];
  });
  const instead = choice.uses.filter((use) => use.itemId !== use.want.need.id);
  return (
    <>
      {choice.buys.length === 0 && choice.unmet.length === 0 ? <p>{say("sheets:nothing")}</p> : null}
      {choice.buys.length > 0 ? (
        <table className={css.table}>
          <thead>
            <tr>
              <th scope="col">{say("sheets:packs")}</th>
              <th scope="col">{say("sheets:buy")}</th>
              <th scope="col">{say("sheets:price")}</th>
            </tr>
          </thead>
          <tbody>
            {choice.buys.map(({ pack, count }) => (
              <tr key={pack.id}>
                <th scope="row">{capital(say.nameOf(pack.shelf, pack.itemId))}</th>
                <td className="measure">{say("sheets:times", { count, pack: packPrinted(pack, say) })}</td>
                <td className="measure">
                  {pack.price === null ? say("bins:noPrice") : moneyPrinted(pack.price * count, currency)}
                </td>
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr>
              <th scope="row" colSpan={2}>
                {choice.cost === undefined ? say("sheets:noTotal") : say("sheets:total")}
              </th>
              <td className="measure">
                <b>{choice.cost === undefined ? "–" : moneyPrinted(choice.cost, currency)}</b>
              </td>
            </tr>
          </tfoot>
        </table>
      ) : null}
      {instead.map((use) => {
        const amount = amountOf(use.want.need.amount.kind, use.amount);
        return (
          <p key={`${use.want.need.id}-${use.itemId}`} className={css.note}>
            {say("sheets:instead", {
              amount: amount ? amountPrinted(amount, say) : "",
              item: say.nameOf(use.want.shelf, use.itemId),
              wanted: say.nameOf(use.want.shelf, use.want.need.id),
            })}
          </p>
        );
      })}
      {left.length > 0 ? <p className={css.note}>{say("sheets:leftOver", { list: left.join(", ") })}</p> : null}
      {missing !== "" ? (
        <p className={css.wrong}>{say(aim === "cheapest" ? "sheets:unmetPrice" : "sheets:unmet", { list: missing })}</p>
      ) : null}
    </>
  );
}
