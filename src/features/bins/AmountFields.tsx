"use client";

import type { Amount } from "@/core/supply";
import { NumberInput, Stepper } from "@/ui/measure";
import { useSay } from "@/words";
import css from "./Bins.module.css";

const LIMITS = {
  loose: { min: 0, max: 10_000 },
  length: { min: 0, max: 100_000 },
  pieces: { min: 0, max: 100_000 },
  sheet: { min: 0.1, max: 5000 },
} as const;

/** Nothing yet of a thing, in its unit. */
export function emptyAmount(kind: Amount["kind"]): Amount {
  switch (kind) {
    case "loose":
      return { kind, looseL: 0 };
    case "length":
      return { kind, lengthCm: 0 };
    case "pieces":
      return { kind, count: 0 };
    case "sheet":
      return { kind, widthCm: 60, depthCm: 60 };
  }
}

/** An amount in its own unit: litres or quarts, a length, pieces, or a sheet's two sides. */
export function AmountFields({
  label,
  amount,
  kgPerL,
  onChange,
}: {
  label: string;
  amount: Amount;
  /** Of loose stuff: what a litre weighs, so that a weight can be typed in its place. */
  kgPerL?: number | undefined;
  onChange: (amount: Amount) => void;
}) {
  const say = useSay();
  switch (amount.kind) {
    case "loose":
      return (
        <Stepper
          label={label}
          kind="volume"
          value={amount.looseL}
          limits={LIMITS.loose}
          kgPerL={kgPerL}
          onCommit={(looseL) => onChange({ kind: "loose", looseL })}
        />
      );
    case "length":
      return (
        <Stepper
          label={label}
          kind="length"
          value={amount.lengthCm}
          limits={LIMITS.length}
          onCommit={(lengthCm) => onChange({ kind: "length", lengthCm })}
        />
      );
    case "pieces":
      return (
        <span className={css.pieces}>
          <NumberInput
            label={label}
            value={amount.count}
            limits={LIMITS.pieces}
            whole
            onCommit={(count) => onChange({ kind: "pieces", count })}
          />
          <small>{say("bins:pieces")}</small>
        </span>
      );
    case "sheet":
      return (
        <span className={css.sheetSize}>
          <Stepper
            label={`${label}, ${say("shell:width")}`}
            kind="length"
            value={amount.widthCm}
            limits={LIMITS.sheet}
            onCommit={(widthCm) => onChange({ ...amount, widthCm })}
          />
          <span aria-hidden>×</span>
          <Stepper
            label={`${label}, ${say("bins:long")}`}
            kind="length"
            value={amount.depthCm}
            limits={LIMITS.sheet}
            onCommit={(depthCm) => onChange({ ...amount, depthCm })}
          />
        </span>
      );
  }
}
