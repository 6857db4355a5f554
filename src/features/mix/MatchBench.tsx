"use client";

import Button from "@mui/material/Button";
import CircularProgress from "@mui/material/CircularProgress";
import Link from "next/link";
import type { MatchRule } from "@/core/match";
import { aimsAt, blend, readMeters, type Aims, type Parts } from "@/core/mix";
import { EntryField } from "@/ui/search";
import { plain, Swatch } from "@/ui/section";
import { capital, useFigures, useSay } from "@/words";
import css from "./Match.module.css";
import { recipesOf } from "./recipesOf";
import { MatchResults } from "./MatchResults";
import type { Ring } from "./meterWords";
import { Rules } from "./Rules";
import { candidatesFor, type useMatch } from "./useMatch";
import type { MixAtHand } from "./useMixAtHand";

const TARGET = "target";
const THIS = "this";

/** What is asked of a match: what to come near to, and the rules. */
export type MatchAsked = { aim: string; rules: readonly MatchRule[] };

/** What a first match asks: from the bins when there is something in them, in scoops, with what is locked held. */
export function firstAsked({ mix, stockL }: MixAtHand, locked: ReadonlySet<string>): MatchAsked {
  const total = mix.parts.reduce((sum, part) => sum + part.parts, 0);
  const held = mix.parts.filter((part) => locked.has(part.ingredientId));
  return {
    aim: TARGET,
    rules: [
      ...(Object.keys(stockL).length > 0 ? [{ kind: "ownOnly" } as const] : []),
      { kind: "scoops", upTo: 12 },
      ...held.map(({ ingredientId, parts }): MatchRule => ({
        kind: "hold",
        ingredientId,
        pct: Math.round((parts / total) * 1000) / 10,
      })),
    ],
  };
}

/** What the aim stands for: where the meters should stand, and a mix like it to start from. */
function aimOf(aim: string, hand: MixAtHand): { aims: Aims; like: Parts | undefined } {
  const recipe = [...hand.library.all("recipes"), ...hand.own.recipes].find(({ id }) => id === aim);
  const parts = aim === THIS ? hand.mix.parts : recipe?.parts;
  const mixture = parts && blend([...parts], hand.pantry);
  return mixture
    ? { aims: aimsAt(readMeters(mixture, hand.bed)), like: [...(parts ?? [])] }
    : { aims: hand.aims, like: undefined };
}

type Props = {
  hand: MixAtHand;
  asked: MatchAsked;
  matching: ReturnType<typeof useMatch>;
  onAsk: (asked: MatchAsked) => void;
  onRing: (ring: Ring) => void;
};

/** As near as can be to a recipe or to what the habitat wants, from what is in the bins. */
export function MatchBench({ hand, asked, matching, onAsk, onRing }: Props) {
  const say = useSay();
  const { looking, look, stop } = matching;
  const { fit, leftOut } = candidatesFor(hand);
  const aims = [
    { id: TARGET, name: say("mix:match.toTarget"), group: say("mix:match.here") },
    ...(hand.mix.parts.length > 0 ? [{ id: THIS, name: say("mix:match.toThis"), group: say("mix:match.here") }] : []),
    ...recipesOf(hand, say),
  ];
  const go = (rules: readonly MatchRule[] = asked.rules) => {
    const { aims, like } = aimOf(asked.aim, hand);
    onRing(undefined);
    void look(aims, rules, like);
  };
  return (
    <div className={css.bench}>
      <div className={css.ask}>
        <div className={css.row}>
          <EntryField
            className={css.aim ?? ""}
            name="aim"
            label={say("mix:match.title")}
            items={aims}
            kindOf={() => "recipes"}
            groupOf={({ group }) => group}
            value={asked.aim}
            onChange={({ id }) => onAsk({ ...asked, aim: id })}
          />
          {looking.at === "working" ? (
            <Button variant="outlined" startIcon={<CircularProgress size={14} />} onClick={stop}>
              {say("mix:match.stop")}
            </Button>
          ) : (
            <Button onClick={() => go()}>{say(looking.at === "done" ? "mix:match.again" : "mix:match.go")}</Button>
          )}
        </div>
        <MatchResults
          hand={hand}
          looking={looking}
          rules={asked.rules}
          onRing={onRing}
          onRelax={(rules) => {
            onAsk({ ...asked, rules });
            go(rules);
          }}
        />
      </div>
      <div className={css.side}>
        <Rules
          rules={asked.rules}
          candidates={fit}
          currency={hand.bins.currency}
          onChange={(rules) => onAsk({ ...asked, rules })}
        />
        <InBins hand={hand} />
        {leftOut.length > 0 ? (
          <p className={css.note}>
            {say("mix:match.leftOut", {
              animalId: hand.habitat.brief.animalId,
              names: leftOut.map(({ id }) => say.nameOf("ingredients", id)).join(", "),
            })}
          </p>
        ) : null}
      </div>
    </div>
  );
}

/** What there is to mix from, as it stands on the builder's shelves. */
function InBins({ hand }: { hand: MixAtHand }) {
  const say = useSay();
  const figures = useFigures();
  const stock = Object.entries(hand.stockL);
  return (
    <section className={css.bins} aria-label={say("mix:match.from")}>
      <h3>{say("mix:match.from")}</h3>
      {stock.length === 0 ? <p className={css.note}>{say("mix:match.fromNone")}</p> : null}
      <ul>
        {stock.map(([id, litres]) => (
          <li key={id}>
            <Swatch material={plain(hand.pantry(id).look)} width={20} height={20} />{" "}
            <span>{capital(say.nameOf("ingredients", id))}</span>{" "}
            <b className="measure">{figures.printed(litres, "volume")}</b>
          </li>
        ))}
      </ul>
      <Link href="/bins">{say("mix:match.toBins")}</Link>
    </section>
  );
}
