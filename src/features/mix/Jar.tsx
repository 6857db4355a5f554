"use client";

import { useId } from "react";
import { entry } from "@/core/catalog";
import type { Mix } from "@/core/habitat";
import { litresFor, normalise } from "@/core/mix";
import { plain, spreadTags, TexturePattern, useSize } from "@/ui/section";
import { capital, nameOf, useFigures, useSay } from "@/words";
import css from "./MixStep.module.css";

const LABEL_GAP = 38;

/** The mix standing in a jar, each ingredient as high as its share, named beside it. */
export function Jar({ mix, looseL }: { mix: Mix; looseL: number }) {
  const say = useSay();
  const figures = useFigures();
  const prefix = useId();
  const [ref, size] = useSize();
  const shares = normalise(mix.parts);
  const litres = new Map(litresFor(mix.parts, looseL).map((part) => [part.ingredientId, part.litres]));
  if (shares.length === 0) return <p className={css.empty}>{say("mix:empty")}</p>;

  const width = size ? Math.min(230, size.width * 0.36) : 0;
  const height = size ? Math.min(size.height - 40, 520) : 0;
  const left = size ? Math.max(12, (size.width - width - 430) / 2) : 0;
  const top = size ? (size.height - height) / 2 : 0;
  const bands = shares.reduce<{ part: (typeof shares)[number]; from: number; to: number }[]>((stack, part) => {
    const from = stack.at(-1)?.to ?? 0;
    return [...stack, { part, from, to: from + part.share }];
  }, []);
  const wanted = bands.map(({ from, to }) => top + height * (1 - (from + to) / 2)).toReversed();
  const labels = spreadTags(wanted, LABEL_GAP, top + height - 12).toReversed();
  return (
    <div className={css.jar} ref={ref}>
      {size ? (
        <svg width={size.width} height={size.height} role="img" aria-label={say("mix:jar")}>
          <defs>
            {bands.map(({ part }) => (
              <TexturePattern key={part.ingredientId} id={`${prefix}-${part.ingredientId}`} material={plain(entry("ingredients", part.ingredientId).look)} pxPerCm={14} />
            ))}
            <clipPath id={`${prefix}-jar`}>
              <rect x={left} y={top} width={width} height={height} rx={18} />
            </clipPath>
          </defs>
          <g clipPath={`url(#${prefix}-jar)`}>
            {bands.map(({ part, from, to }) => (
              <rect key={part.ingredientId} x={left} y={top + height * (1 - to)} width={width} height={height * (to - from) + 0.5} fill={`url(#${prefix}-${part.ingredientId})`} />
            ))}
          </g>
          <rect x={left} y={top} width={width} height={height} rx={18} fill="none" stroke="var(--glass)" strokeWidth={2.6} />
          <path d={`M${left - 8} ${top - 1}H${left + width + 8}`} stroke="var(--glass)" strokeWidth={6} strokeLinecap="round" />
          {bands.map(({ part, from, to }, at) => {
            const y = labels[at] ?? 0;
            const anchor = top + height * (1 - (from + to) / 2);
            return (
              <g key={part.ingredientId}>
                <path d={`M${left + width + 2} ${anchor}L${left + width + 22} ${y}h8`} fill="none" stroke="var(--soft)" strokeWidth={1.2} />
                <text x={left + width + 38} y={y - 2} fontSize={14} fontWeight={620} fill="var(--ink)">{capital(nameOf("ingredients", part.ingredientId))}</text>
                <text x={left + width + 38} y={y + 15} fontSize={12.5} className="measure" fill="var(--soft)">
                  {say("mix:share", { share: figures.number(part.share * 100, 1) })} · {say("mix:litres", { looseL: litres.get(part.ingredientId) ?? 0 })}
                </text>
              </g>
            );
          })}
        </svg>
      ) : null}
    </div>
  );
}
