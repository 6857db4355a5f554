"use client";

import { useId, useMemo } from "react";
import type { Frame } from "@/ui/section";
import { contoursOf, type Contour, type Field } from "./field";
import css from "./Overlay.module.css";

type Props = {
  frame: Frame;
  at: Field;
  /** Where the labels stand: under the lamp, cm along the view. */
  under: number;
  thresholds: number[];
  color: string;
  /** Lines at or over this are drawn strong: what the animal wants begins here. */
  from: number | undefined;
  said: (value: number) => string;
  none: string;
};

const LABEL = { width: 92, height: 24 };

type Label = { value: number; left: number; middle: number };

/** Labels where their lines hang lowest, the farthest from the lamp first; one that would lie over another is left out. */
function labelled(lines: readonly Contour[], { x, y, acrossCm, heightCm }: Frame): Label[] {
  const kept: Label[] = [];
  for (const { value, label } of lines) {
    if (!label) continue;
    const middle = Math.min(Math.max(label.y, y(heightCm) + LABEL.height), y(0) - LABEL.height);
    const left = Math.min(x(acrossCm) - LABEL.width - 4, Math.max(x(0) + 4, label.x + 8));
    const free = kept.every(
      (other) => Math.abs(other.middle - middle) > LABEL.height + 2 || Math.abs(other.left - left) > LABEL.width,
    );
    if (free) kept.push({ value, left, middle });
  }
  return kept;
}

/** A field of light over the section: lines of equal value with their figures, stronger the nearer to the lamp. */
export function FieldOverlay({ frame, at, under, thresholds, color, from, said, none }: Props) {
  const clip = useId();
  const lines = useMemo(() => contoursOf(frame, at, thresholds, under), [frame, at, thresholds, under]);
  const { x, y, acrossCm, heightCm, pxPerCm } = frame;
  const shown = lines.filter(({ path }) => path !== "");
  return (
    <g aria-hidden>
      <clipPath id={clip}>
        <rect x={x(0)} y={y(heightCm)} width={acrossCm * pxPerCm} height={heightCm * pxPerCm} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        {shown.map(({ value, path }) => (
          <path
            key={value}
            d={path}
            fill={color}
            fillOpacity={0.05}
            stroke={color}
            strokeWidth={from === value ? 2.6 : 1.5}
            strokeDasharray="6 5"
          />
        ))}
      </g>
      {labelled(shown, frame).map(({ value, left, middle }) => (
        <g key={value} transform={`translate(${left} ${middle - LABEL.height / 2})`}>
          <rect width={LABEL.width} height={LABEL.height} rx={6} fill="var(--sheet)" />
          <text x={LABEL.width / 2} y={16} textAnchor="middle" className={`${css.label} measure`} fill="var(--ink)">
            {said(value)}
          </text>
        </g>
      ))}
      {shown.length === 0 ? (
        <text x={x(acrossCm / 2)} y={y(heightCm) + 30} textAnchor="middle" className={css.none}>
          {none}
        </text>
      ) : null}
    </g>
  );
}
