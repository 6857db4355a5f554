"use client";

import { useRef, useState, type KeyboardEvent } from "react";
import type { Problem } from "@/core/habitat";
import { parseMeasure, showTyped, type MeasureKind } from "@/core/units";
import { printed, sayProblem, useSay, useUnits, words, type Say } from "@/words";
import { newGesture } from "../section/Handle";

export type Limits = { min: number; max: number };

type Options = {
  label: string;
  kind: MeasureKind;
  value: number | undefined;
  limits: Limits;
  /** Of loose stuff: what a litre weighs, so that a weight can be typed in its place. */
  kgPerL?: number | undefined;
  /** Called while typing too, whenever what is typed makes sense; one visit to the field is one gesture. */
  onCommit: (value: number, gesture: string) => Problem | void;
  /** Called when the field is emptied; without it an empty field goes back to its value. */
  onClear?: (() => void) | undefined;
};

/** What is wrong with a typed measure, in words, or the value. */
export function readTyped(
  text: string,
  { label, kind, limits, kgPerL }: Pick<Options, "label" | "kind" | "limits" | "kgPerL">,
  system: ReturnType<typeof useUnits>,
  say: Say,
) {
  const read = parseMeasure(text, kind, system, kgPerL);
  if (!read.ok) {
    const { code, ...rest } = read.problem;
    return { problem: say(`problems:${code}`, { ...rest, kind: "", label }) };
  }
  // What is shown is rounded, so a limit typed as shown may lie a hair outside.
  const slack = 0.05;
  if (read.value < limits.min - slack || read.value > limits.max + slack) {
    const told = (value: number) => printed(value, kind, system, words.language);
    return { problem: say("problems:measure.outOfRange", { label, least: told(limits.min), most: told(limits.max) }) };
  }
  return { value: Math.min(limits.max, Math.max(limits.min, read.value)) };
}

/**
 * The text of a measure field: shows the value in the chosen units, takes what people type, reports what it cannot
 * take.
 */
export function useMeasureText({ label, kind, value, limits, kgPerL, onCommit, onClear }: Options) {
  const system = useUnits();
  const say = useSay();
  const [draft, setDraft] = useState<string | undefined>(undefined);
  const [refused, setRefused] = useState<Problem | undefined>(undefined);
  const gesture = useRef("");
  const commit = (to: number, by: string) => setRefused(onCommit(to, by) ?? undefined);
  const shown = value === undefined ? "" : showTyped(value, kind, system, words.language).figure;
  const unit = showTyped(value ?? limits.min, kind, system, words.language).unit;
  const read =
    draft === undefined || (draft.trim() === "" && onClear)
      ? undefined
      : readTyped(draft, { label, kind, limits, kgPerL }, system, say);

  const problem = read?.problem ?? (refused && sayProblem(refused, say));
  const giveUp = () => {
    setDraft(undefined);
    setRefused(undefined);
  };

  const type = (text: string) => {
    setDraft(text);
    if (text.trim() === "" && onClear) {
      setRefused(undefined);
      return onClear();
    }
    const typed = readTyped(text, { label, kind, limits, kgPerL }, system, say);
    if (typed.value !== undefined) commit(typed.value, gesture.current);
  };

  return {
    text: draft ?? shown,
    unit,
    problem,
    onFocus: () => {
      gesture.current = newGesture();
    },
    onChange: type,
    onBlur: () => {
      if (problem === undefined) setDraft(undefined);
    },
    onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
      if (event.key === "Enter" && problem === undefined) setDraft(undefined);
      if (event.key === "Escape") giveUp();
    },
    /** Moves the value by a step of the shown unit. */
    step: (by: number) => {
      if (value === undefined) return;
      setDraft(undefined);
      commit(Math.min(limits.max, Math.max(limits.min, value + by)), newGesture());
    },
  };
}
