"use client";

import type { KeyboardEvent } from "react";
import css from "./Pills.module.css";

type Props<T extends string> = {
  label: string;
  options: readonly { value: T; text: string }[];
  value: T;
  onChange: (value: T) => void;
};

/** A choice of one among a few, as pills; arrow keys move it. */
export function Pills<T extends string>({ label, options, value, onChange }: Props<T>) {
  const key = (event: KeyboardEvent) => {
    const by =
      event.key === "ArrowRight" || event.key === "ArrowDown"
        ? 1
        : event.key === "ArrowLeft" || event.key === "ArrowUp"
          ? -1
          : 0;
    if (by === 0) return;
    event.preventDefault();
    const at = options.findIndex((option) => option.value === value);
    const next = options[(at + by + options.length) % options.length];
    if (!next) return;
    onChange(next.value);
    const group = event.currentTarget;
    requestAnimationFrame(() => group.querySelector<HTMLElement>('[aria-checked="true"]')?.focus());
  };
  return (
    <div role="radiogroup" aria-label={label} className={css.pills} onKeyDown={key}>
      {options.map((option) => (
        <button
          key={option.value}
          type="button"
          role="radio"
          aria-checked={option.value === value}
          tabIndex={option.value === value ? 0 : -1}
          onClick={() => onChange(option.value)}
        >
          {option.text}
        </button>
      ))}
    </div>
  );
}
