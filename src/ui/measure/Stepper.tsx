"use client";

import type { MeasureKind } from "@/core/units";
import { CM_PER_INCH, L_PER_US_DRY_QUART } from "@/core/units";
import { useSay, useUnits } from "@/words";
import css from "./Stepper.module.css";
import { useMeasureText, type Limits } from "./useMeasureText";

type Props = {
  label: string;
  kind: MeasureKind;
  value: number;
  limits: Limits;
  /** Of loose stuff: what a litre weighs, so that a weight can be typed in its place. */
  kgPerL?: number | undefined;
  onCommit: (value: number, gesture: string) => void;
  caption?: string;
};

/** What one press of − or + adds: half a centimetre or a quarter inch, a litre or a quart. */
export const stepOf = (kind: MeasureKind, system: "metric" | "us"): number => {
  if (kind === "length") return system === "us" ? CM_PER_INCH / 4 : 0.5;
  return kind === "volume" && system === "us" ? L_PER_US_DRY_QUART : 1;
};

/** A compact figure in a ledger row: − value +, and the value can be typed. */
export function Stepper({ label, kind, value, limits, kgPerL, onCommit, caption }: Props) {
  const say = useSay();
  const system = useUnits();
  const field = useMeasureText({ label, kind, value, limits, kgPerL, onCommit });
  const step = stepOf(kind, system);
  return (
    <div className={css.wrap}>
      {caption ? (
        <span className={css.caption} aria-hidden>
          {caption}
        </span>
      ) : null}
      <div className={css.stepper} data-wrong={field.problem !== undefined} data-system={system}>
        <button
          type="button"
          aria-label={say("common:decrease", { label })}
          onClick={() => field.step(-step)}
          disabled={value <= limits.min}
        >
          −
        </button>
        <input
          className="measure"
          aria-label={`${label}, ${field.unit}`}
          aria-invalid={field.problem !== undefined}
          value={field.text}
          autoComplete="off"
          onFocus={(event) => {
            field.onFocus();
            event.target.select();
          }}
          onBlur={field.onBlur}
          onKeyDown={field.onKeyDown}
          onChange={(event) => field.onChange(event.target.value)}
        />
        <span className={css.unit} aria-hidden>
          {field.unit}
        </span>
        <button
          type="button"
          aria-label={say("common:increase", { label })}
          onClick={() => field.step(step)}
          disabled={value >= limits.max}
        >
          +
        </button>
      </div>
      {field.problem ? (
        <span role="alert" className={css.problem}>
          {field.problem}
        </span>
      ) : null}
    </div>
  );
}
