"use client";

import { useId } from "react";
import { normalise, type Pantry, type Parts } from "@/core/mix";
import { plain, TexturePattern } from "@/ui/section";
import { bandsOf } from "./jarShape";

/**
 * A mix in a little jar, to be laid beside others. `full` tells how high it is filled, 0 to 1; fresh mix may lie on
 * top.
 */
export function SmallJar({
  parts,
  pantry,
  label,
  width = 76,
  height = 130,
  full = 1,
  fresh = 0,
}: {
  parts: Parts;
  pantry: Pantry;
  label: string;
  width?: number;
  height?: number;
  full?: number;
  fresh?: number;
}) {
  const prefix = useId();
  const bands = bandsOf(normalise(parts));
  const top = height - 6;
  const layers = [{ from: 0, to: full }, ...(fresh > 0 ? [{ from: full, to: full + fresh }] : [])];
  return (
    <svg width={width} height={height} role="img" aria-label={label}>
      <defs>
        {bands.map(({ part }) => (
          <TexturePattern
            key={part.ingredientId}
            id={`${prefix}-${part.ingredientId}`}
            material={plain(pantry(part.ingredientId).look)}
            pxPerCm={8}
          />
        ))}
        <clipPath id={`${prefix}-jar`}>
          <rect x={2} y={5} width={width - 4} height={top - 1} rx={9} />
        </clipPath>
      </defs>
      <g clipPath={`url(#${prefix}-jar)`}>
        {layers.flatMap((layer, at) =>
          bands.map(({ part, from, to }) => (
            <rect
              key={`${at}-${part.ingredientId}`}
              x={2}
              width={width - 4}
              y={5 + top * (1 - (layer.from + to * (layer.to - layer.from)))}
              height={top * (to - from) * (layer.to - layer.from) + 0.5}
              fill={`url(#${prefix}-${part.ingredientId})`}
              opacity={at === 0 && fresh > 0 ? 0.75 : 1}
            />
          )),
        )}
        {fresh > 0 ? (
          <path
            d={`M2 ${5 + top * (1 - full)}H${width - 2}`}
            stroke="var(--sheet)"
            strokeWidth={2}
            strokeDasharray="4 3"
          />
        ) : null}
      </g>
      <rect x={2} y={5} width={width - 4} height={top - 1} rx={9} fill="none" stroke="var(--glass)" strokeWidth={2} />
      <path d={`M0 4H${width}`} stroke="var(--glass)" strokeWidth={4} strokeLinecap="round" />
    </svg>
  );
}
