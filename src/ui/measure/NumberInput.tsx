"use client";

import { useState } from "react";
import { readNumber } from "@/core/units";
import { useFigures, useSay } from "@/words";
import { newGesture } from "../section/Handle";
import css from "./NumberInput.module.css";
import type { Limits } from "./useMeasureText";

type Props = {
  label: string;
  value: number;
  limits: Limits;
  whole?: boolean;
  onCommit: (value: number, gesture: string) => void;
};

/** A plain number in a row: kept as typed while it makes sense, refused in words when it does not. */
export function NumberInput({ label, value, limits, whole = false, onCommit }: Props) {
  const say = useSay();
  const figures = useFigures();
  const [draft, setDraft] = useState<{ text: string; gesture: string } | undefined>(undefined);
  const read = (text: string) => {
    const number = readNumber(text);
    const good =
      number !== undefined && number >= limits.min && number <= limits.max && (!whole || Number.isInteger(number));
    return good ? number : undefined;
  };
  const wrong = draft !== undefined && read(draft.text) === undefined;
  const told = { label, least: figures.number(limits.min), most: figures.number(limits.max) };
  return (
    <span className={css.wrap}>
      <input
        className={`${css.input} measure`}
        aria-label={label}
        aria-invalid={wrong}
        inputMode={whole ? "numeric" : "decimal"}
        autoComplete="off"
        value={draft?.text ?? (whole ? String(value) : figures.number(value))}
        onFocus={(event) => event.target.select()}
        onChange={(event) => {
          const next = { text: event.target.value, gesture: draft?.gesture ?? newGesture() };
          setDraft(next);
          const number = read(next.text);
          if (number !== undefined) onCommit(number, next.gesture);
        }}
        onBlur={() => !wrong && setDraft(undefined)}
        onKeyDown={(event) => event.key === "Escape" && setDraft(undefined)}
      />
      {wrong ? (
        <span role="alert" className={css.wrong}>
          {say(whole ? "problems:whole" : "problems:measure.outOfRange", told)}
        </span>
      ) : null}
    </span>
  );
}
