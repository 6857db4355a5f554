"use client";

import Button from "@mui/material/Button";
import { useId, useRef, useState } from "react";
import { asPercent, litresFor, normalise, shifted, toldTotal } from "@/core/mix";
import { useOpen } from "@/store";
import { Pills } from "@/ui/parts";
import { Handle, plain, TexturePattern, useSize } from "@/ui/section";
import { useFigures, useSay } from "@/words";
import { AddIngredient } from "./AddIngredient";
import css from "./Jar.module.css";
import { bandsOf } from "./jarShape";
import { PartRow, type ToldAs } from "./PartRow";
import { setPartsCommand, type MixAtHand } from "./useMixAtHand";

const TOLD_AS = ["parts", "scoops", "percent"] as const satisfies readonly ToldAs[];
const ROW_PX = 54;
const JAR_PX = { wide: 210, narrow: 92 };
const LEADER_PX = { wide: 34, narrow: 20 };
const NARROW_PX = 620;
const LOOKS_LIKE_PERCENT = 60;
/** One arrow press moves a boundary by a hundredth of the jar. */
const STEP_PCT = 1;

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
  const prefix = useId();
  const [ref, size] = useSize();
  const total = toldTotal(mix.parts);
  const [wanted, setToldAs] = useState<ToldAs | undefined>(undefined);
  const toldAs = wanted ?? (total >= LOOKS_LIKE_PERCENT ? "percent" : "parts");
  const moved = useRef<{ gesture: string; from: MixAtHand["mix"]["parts"] } | undefined>(undefined);
  const width = (size?.width ?? NARROW_PX) < NARROW_PX ? "narrow" : "wide";
  const [jarPx, leaderPx] = [JAR_PX[width], LEADER_PX[width]];
  const shares = normalise(mix.parts);
  const litres = new Map(litresFor(mix.parts, laying.looseL, pantry).map((part) => [part.ingredientId, part.litres]));
  const measuredL = [...litres.values()].reduce((sum, one) => sum + one, 0);
  const bands = bandsOf(shares);
  const height = Math.max(shares.length * ROW_PX, Math.min(size?.height ?? 0, 470), 240);
  const jarHeight = height - 16;
  const yOf = (share: number) => 10 + jarHeight * (1 - share);
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
          <svg width={jarPx + leaderPx} height={height} role="group" aria-label={say("mix:jar")}>
            <defs>
              {bands.map(({ part }) => (
                <TexturePattern
                  key={part.ingredientId}
                  id={`${prefix}-${part.ingredientId}`}
                  material={plain(pantry(part.ingredientId).look)}
                  pxPerCm={14}
                />
              ))}
              <clipPath id={`${prefix}-jar`}>
                <rect x={3} y={10} width={jarPx - 6} height={jarHeight} rx={18} />
              </clipPath>
            </defs>
            <g clipPath={`url(#${prefix}-jar)`}>
              {bands.map(({ part, from, to }) => (
                <rect
                  key={part.ingredientId}
                  x={3}
                  y={yOf(to)}
                  width={jarPx - 6}
                  height={jarHeight * (to - from) + 0.5}
                  fill={`url(#${prefix}-${part.ingredientId})`}
                />
              ))}
              {bands.slice(0, -1).map(({ part, to }) => (
                <path
                  key={part.ingredientId}
                  d={`M3 ${yOf(to)}H${jarPx - 3}`}
                  stroke="var(--sheet)"
                  strokeWidth={1.4}
                  opacity={0.75}
                />
              ))}
            </g>
            <rect
              x={3}
              y={10}
              width={jarPx - 6}
              height={jarHeight}
              rx={18}
              fill="none"
              stroke="var(--glass)"
              strokeWidth={2.6}
            />
            <path d={`M0 8H${jarPx}`} stroke="var(--glass)" strokeWidth={6} strokeLinecap="round" />
            {rows.map(({ part, from, to }, at) => {
              const anchor = yOf((from + to) / 2);
              const y = (at + 0.5) * rowPx;
              return (
                <path
                  key={part.ingredientId}
                  d={`M${jarPx - 1} ${anchor}L${jarPx + leaderPx - 10} ${y}h10`}
                  fill="none"
                  stroke="var(--soft)"
                  strokeWidth={1.2}
                />
              );
            })}
            {allLocked
              ? null
              : bands.slice(0, -1).map(({ part, to }, at) => {
                  const above = bands[at + 1]?.part.ingredientId ?? "";
                  const [belowName, aboveName] = [
                    say.nameOf("ingredients", part.ingredientId),
                    say.nameOf("ingredients", above),
                  ];
                  return (
                    <Handle
                      key={part.ingredientId}
                      x={jarPx / 2 + (at % 2 === 0 ? -26 : 26)}
                      y={yOf(to)}
                      pxPerCm={jarHeight / 100}
                      valueCm={to * 100}
                      leastCm={0}
                      mostCm={100}
                      stepCm={STEP_PCT}
                      label={say("mix:boundary", { below: belowName, above: aboveName })}
                      valueText={say("mix:boundaryAt", {
                        below: belowName,
                        share: figures.number(part.share * 100, 1),
                      })}
                      onMove={(toPct, gesture) => move(at, toPct, gesture)}
                    />
                  );
                })}
          </svg>
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
