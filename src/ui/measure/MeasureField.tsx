"use client";

import InputAdornment from "@mui/material/InputAdornment";
import TextField from "@mui/material/TextField";
import type { MeasureKind } from "@/core/units";
import { useMeasureText, type Limits } from "./useMeasureText";

type Props = {
  label: string;
  kind: MeasureKind;
  value: number | undefined;
  limits: Limits;
  /** Of loose stuff: what a litre weighs, so that a weight can be typed in its place. */
  kgPerL?: number | undefined;
  help?: string;
  onCommit: (value: number, gesture: string) => void;
  onClear?: () => void;
};

/** A labelled field for one measure, in the chosen units. */
export function MeasureField({ label, kind, value, limits, kgPerL, help, onCommit, onClear }: Props) {
  const field = useMeasureText({ label, kind, value, limits, kgPerL, onCommit, onClear });
  return (
    <TextField
      label={label}
      value={field.text}
      error={field.problem !== undefined}
      helperText={field.problem ?? help}
      onFocus={field.onFocus}
      onBlur={field.onBlur}
      onKeyDown={field.onKeyDown}
      onChange={(event) => field.onChange(event.target.value)}
      slotProps={{
        inputLabel: { shrink: true },
        htmlInput: { className: "measure", inputMode: "text", autoComplete: "off" },
        input: { endAdornment: <InputAdornment position="end">{field.unit}</InputAdornment> },
      }}
    />
  );
}
