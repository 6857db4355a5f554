"use client";

import Button from "@mui/material/Button";
import { useRef, useState } from "react";
import { asPercent, litresFor, normalise, shifted, toldTotal } from "@/core/mix";
import { useOpen } from "@/store";
import { Pills } from "@/ui/parts";
import { useSize } from "@/ui/section";
import { useFigures, useSay } from "@/words";
import { AddIngredient } from "./AddIngredient";
import css from "./Jar.module.css";
import { JarPicture } from "./JarPicture";
import { bandsOf } from "./jarShape";
import { PartRow, type ToldAs } from "./PartRow";
import { setPartsCommand, type MixAtHand } from "./useMixAtHand";

const TOLD_AS = ["parts", "scoops", "percent"] as const satisfies readonly ToldAs[];
const ROW_PX = 54;
const JAR_PX = { wide: 210, narrow: 92 };
const LEADER_PX = { wide: 34, narrow: 20 };
const NARROW_PX = 620;
const NEAR_HUNDRED = 5;

/** The mix standing in a jar beside its parts: drag a boundary, type a part, lock what shall stay. */
export function JarBench({
  hand,
  locked,
  onLock,
}: {
  hand: MixAtHand;
  locked: ReadonlySet<string>;
  onLock: (ingredientId: string) => void;
}) {
  const say = useSay();
  const figures = useFigures();
  const { edit } = useOpen();
  const { mix, pantry, laying } = hand;
  const [ref, size] = useSize();
  const total = toldTotal(mix.parts);
  // As the recipe was told; it does not turn into another while parts are typed.
  const [toldAs, setToldAs] = useState<ToldAs>(() => (Math.abs(total - 100) <= NEAR_HUNDRED ? "percent" : "parts"));
  const moved = useRef<{ gesture: string; from: MixAtHand["mix"]["parts"] } | undefined>(undefined);
  const width = (size?.width ?? NARROW_PX) < NARROW_PX ? "narrow" : "wide";
  const [jarPx, leaderPx] = [JAR_PX[width], LEADER_PX[width]];
  const shares = normalise(mix.parts);
  const litres = new Map(litresFor(mix.parts, laying.looseL, pantry).map((part) => [part.ingredientId, part.litres]));
  const measuredL = [...litres.values()].reduce((sum, one) => sum + one, 0);
  const bands = bandsOf(shares);
  const height = Math.max(shares.length * ROW_PX, Math.min(size?.height ?? 0, 470), 240);
  const rows = bands.toReversed();
  const rowPx = height / Math.max(1, rows.length);
  const allLocked = mix.parts.length > 0 && mix.parts.every((part) => locked.has(part.ingredientId));

  const tell = (next: ToldAs) => {
    setToldAs(next);
    if (next === "percent" && mix.parts.length > 0 && toldAs !== "percent")
      edit([setPartsCommand(hand, asPercent(mix.parts))]);
  };
  const move = (at: number, toPct: number, gesture: string) => {
    if (moved.current?.gesture !== gesture) moved.current = { gesture, from: mix.parts };
    const now = bandsOf(normalise(moved.current.from))[at];
    if (!now) return undefined;
    return edit([setPartsCommand(hand, shifted(moved.current.from, at, toPct / 100 - now.to, locked))], gesture);
  };
  return (
    <div className={css.bench} ref={ref}>
      {shares.length === 0 ? (
        <p className={css.empty}>{say("mix:empty")}</p>
      ) : (
        <div className={css.stand} style={{ height, gridTemplateColumns: `${jarPx + leaderPx}px minmax(0, 460px)` }}>
          <JarPicture
            parts={bands}
            pantry={pantry}
            jarPx={jarPx}
            leaderPx={leaderPx}
            height={height}
            still={allLocked}
            onMove={move}
          />
          <ul className={css.rows} aria-label={say("mix:ingredientsInMix")}>
            {rows.map(({ part }) => (
              <PartRow
                key={part.ingredientId}
                hand={hand}
                part={part}
                litres={litres.get(part.ingredientId) ?? 0}
                toldAs={toldAs}
                locked={locked}
                height={rowPx}
                onLock={() => onLock(part.ingredientId)}
              />
            ))}
          </ul>
        </div>
      )}
      <div className={css.told}>
        <Pills
          label={say("mix:toldAs.label")}
          value={toldAs}
          onChange={tell}
          options={TOLD_AS.map((value) => ({ value, text: say(`mix:toldAs.${value}`) }))}
        />
        {total > 0 ? (
          <span>
            {say(`mix:total.${toldAs}`, {
              total: figures.number(Math.round(total * 100) / 100),
              scoopL: measuredL / total,
            })}
          </span>
        ) : null}
        {toldAs === "percent" && total > 0 && Math.abs(total - 100) > 0.05 ? (
          <Button size="small" variant="outlined" onClick={() => edit([setPartsCommand(hand, asPercent(mix.parts))])}>
            {say("mix:makeHundred")}
          </Button>
        ) : null}
        <AddIngredient hand={hand} />
      </div>
      {allLocked ? (
        <p role="status" className={css.locked}>
          {say("mix:allLocked")}
        </p>
      ) : null}
    </div>
  );
}
