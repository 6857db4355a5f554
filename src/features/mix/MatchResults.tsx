"use client";

import Button from "@mui/material/Button";
import { useEffect, useState } from "react";
import { relaxedRules, type Clash, type Matched, type MatchRule } from "@/core/match";
import { litresFor, toldTotal, type Parts } from "@/core/mix";
import { useOpen } from "@/store";
import { plain, Swatch } from "@/ui/section";
import { capital, useFigures, useSay, type Say } from "@/words";
import css from "./Match.module.css";
import type { Ring } from "./meterWords";
import { sayRelaxation, sayRule } from "./ruleWords";
import { SmallJar } from "./SmallJar";
import type { Looking } from "./useMatch";
import { setPartsCommand, type MixAtHand } from "./useMixAtHand";

type Props = {
  hand: MixAtHand;
  looking: Looking;
  rules: readonly MatchRule[];
  onRing: (ring: Ring) => void;
  onRelax: (rules: MatchRule[]) => void;
};

/** What the match found: the nearest mix large, two other ways beside it, or which rules clash. */
export function MatchResults({ hand, looking, rules, onRing, onRelax }: Props) {
  const say = useSay();
  if (looking.at === "idle") return <p className={css.note}>{say("mix:match.offNote")}</p>;
  if (looking.at === "working")
    return (
      <p role="status" className={css.note}>
        {say("mix:match.working")}
      </p>
    );
  if (looking.at === "failed")
    return (
      <p role="alert" className={css.wrong}>
        {say("mix:match.failed")}
      </p>
    );
  const { answer, looseL } = looking;
  if (answer.kind === "nothing")
    return (
      <p role="status" className={css.wrong}>
        {say("mix:match.nothing")}
      </p>
    );
  if (answer.kind === "clash")
    return (
      <ClashTold clash={answer.clash} hand={hand} onRelax={() => onRelax(relaxedRules(rules, answer.clash.relaxed))} />
    );
  return (
    <Found
      key={JSON.stringify(answer.best.parts)}
      hand={hand}
      looseL={looseL}
      found={[answer.best, ...answer.others]}
      onRing={onRing}
    />
  );
}

/** How far a mix is off, and mostly in what. */
export function sayOff({ whole, most }: Matched["off"], say: Say): string {
  const offPct = whole * 100;
  if (offPct < 0.5 || !most) return say("mix:match.exact");
  return say("mix:match.offMost", { offPct, meter: say(`mix:meters.${most}`).toLowerCase() });
}

function Found({
  hand,
  looseL,
  found,
  onRing,
}: {
  hand: MixAtHand;
  looseL: number;
  found: readonly Matched[];
  onRing: (ring: Ring) => void;
}) {
  const say = useSay();
  const { edit } = useOpen();
  const [chosen, setChosen] = useState(0);
  const [taken, setTaken] = useState(false);
  const one = found[chosen] ?? found[0];
  const title = (at: number) => (at === 0 ? say("mix:match.best") : say("mix:match.another"));
  const name = title(chosen).toLowerCase();
  useEffect(() => (one ? onRing({ readings: one.readings, name }) : undefined), [one, name, onRing]);
  if (!one) return null;
  return (
    <div className={css.found} role="status">
      <ul className={css.ways} aria-label={say("mix:match.ways")}>
        {found.map((other, at) => (
          <li key={at}>
            <button
              type="button"
              aria-pressed={at === chosen}
              onClick={() => {
                setChosen(at);
                setTaken(false);
              }}
            >
              <SmallJar parts={other.parts} pantry={hand.pantry} label="" width={58} height={84} />
              <b>{title(at)}</b>
              <span>{sayOff(other.off, say)}</span>
            </button>
          </li>
        ))}
      </ul>
      <PartsTable hand={hand} parts={one.parts} looseL={looseL} />
      <div className={css.row}>
        <Button
          onClick={() => {
            edit([setPartsCommand(hand, one.parts, { title: null, recipeId: null })]);
            setTaken(true);
          }}
        >
          {say("mix:match.take")}
        </Button>
        {taken ? <span className={css.note}>{say("mix:match.taken")}</span> : null}
      </div>
      <p className={css.note}>{say("mix:match.offNote")}</p>
    </div>
  );
}

/** Parts of a mix with their litres, and which of them must still be bought. */
function PartsTable({ hand, parts, looseL }: { hand: MixAtHand; parts: Parts; looseL: number }) {
  const say = useSay();
  const figures = useFigures();
  const total = toldTotal(parts);
  const scoops = parts.every((part) => Number.isInteger(part.parts)) && total < 61;
  const litres = litresFor(parts, looseL, hand.pantry);
  const column = (value: number) => Object.values(figures.shown(value, "volume")).join("\u00a0");
  const short = (id: string, wanted: number) => wanted - (hand.stockL[id] ?? 0);
  return (
    <table className={css.parts}>
      <thead>
        <tr>
          <th scope="col">{say("mix:match.part")}</th>
          <th scope="col">{scoops ? say("mix:make.scoopsHead") : say("mix:toldAs.percent")}</th>
          <th scope="col">{say("mix:match.litres")}</th>
          <th scope="col">{say("mix:match.toBuy")}</th>
        </tr>
      </thead>
      <tbody>
        {litres.map(({ ingredientId, litres: wanted }, at) => {
          const told = parts[at]?.parts ?? 0;
          const missing = short(ingredientId, wanted);
          return (
            <tr key={ingredientId}>
              <th scope="row">
                <span className={css.thing}>
                  <Swatch material={plain(hand.pantry(ingredientId).look)} width={20} height={20} />
                  {capital(say.nameOf("ingredients", ingredientId))}
                </span>
              </th>
              <td className="measure">
                {scoops
                  ? figures.number(told, 0)
                  : say("mix:share", { share: figures.number((told / total) * 100, 1) })}
              </td>
              <td className="measure">{column(wanted)}</td>
              <td className="measure">{missing > 0.05 ? column(missing) : "–"}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function ClashTold({ clash, hand, onRelax }: { clash: Clash; hand: MixAtHand; onRelax: () => void }) {
  const say = useSay();
  const { currency } = hand.bins;
  const alone = clash.rules.length === 1;
  return (
    <div className={css.clash} role="alert">
      <h3>{say(alone ? "mix:match.clashOne" : "mix:match.clash")}</h3>
      <ul>
        {clash.rules.map((rule, at) => (
          <li key={at}>{capital(sayRule(rule, say, currency))}</li>
        ))}
      </ul>
      <p className={css.note}>{say(alone ? "mix:match.clashWhyOne" : "mix:match.clashWhy")}</p>
      {clash.relaxed.length > 0 ? (
        <>
          <h4>{say("mix:match.relax")}</h4>
          <ul>
            {clash.relaxed.map((one, at) => (
              <li key={at}>{capital(sayRelaxation(one, say, currency))}</li>
            ))}
          </ul>
          <Button size="small" onClick={onRelax}>
            {say("mix:match.relaxGo")}
          </Button>
        </>
      ) : null}
    </div>
  );
}
