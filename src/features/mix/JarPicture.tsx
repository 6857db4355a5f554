"use client";

import { useId } from "react";
import type { Pantry } from "@/core/mix";
import type { Problem } from "@/core/habitat";
import { Handle, plain, TexturePattern } from "@/ui/section";
import { useFigures, useSay } from "@/words";
import type { Band } from "./jarShape";

/** One arrow press moves a boundary by a hundredth of the jar. */
const STEP_PCT = 1;
const RIM_PX = 10;
const FOOT_PX = 6;

/** The mix as it stands in the jar, with a grip on every boundary and a line to each row beside it. */
export function JarPicture({
  parts,
  pantry,
  jarPx,
  leaderPx,
  height,
  still,
  onMove,
}: {
  parts: readonly Band[];
  pantry: Pantry;
  jarPx: number;
  leaderPx: number;
  height: number;
  /** Everything is locked: nothing can be dragged. */
  still: boolean;
  onMove: (at: number, toPct: number, gesture: string) => Problem | undefined;
}) {
  const say = useSay();
  const figures = useFigures();
  const prefix = useId();
  const jarHeight = height - RIM_PX - FOOT_PX;
  const yOf = (share: number) => RIM_PX + jarHeight * (1 - share);
  const rowPx = height / Math.max(1, parts.length);
  return (
    <svg width={jarPx + leaderPx} height={height} role="group" aria-label={say("mix:jar")}>
      <defs>
        {parts.map(({ part }) => (
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
        {parts.map(({ part, from, to }) => (
          <rect
            key={part.ingredientId}
            x={3}
            y={yOf(to)}
            width={jarPx - 6}
            height={jarHeight * (to - from) + 0.5}
            fill={`url(#${prefix}-${part.ingredientId})`}
          />
        ))}
        {parts.slice(0, -1).map(({ part, to }) => (
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
      {parts.toReversed().map(({ part, from, to }, at) => {
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
      {still
        ? null
        : parts.slice(0, -1).map(({ part, to }, at) => {
            const above = parts[at + 1]?.part.ingredientId ?? "";
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
                onMove={(toPct, gesture) => onMove(at, toPct, gesture)}
              />
            );
          })}
    </svg>
  );
}
