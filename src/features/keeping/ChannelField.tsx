"use client";

import TextField from "@mui/material/TextField";
import { useState } from "react";
import { SAMPLE_LIMITS, type Measurable } from "@/core/log";
import { MeasureField } from "@/ui/measure";
import { CHANNEL_KIND, useSay } from "@/words";

type FieldProps = {
  what: Measurable;
  label?: string;
  value: number | undefined;
  onChange: (value: number | undefined) => void;
};

/** A field for what one channel tells, in its unit and within what a gauge can tell. */
export function ChannelField({ what, label = "", value, onChange }: FieldProps) {
  const say = useSay();
  const kind = CHANNEL_KIND[what];
  const name = label || say(`journal:charts.${what}`);
  const { min, max } = SAMPLE_LIMITS[what];
  const [text, setText] = useState(value === undefined ? "" : String(value));
  if (kind !== null)
    return (
      <MeasureField
        label={name}
        kind={kind}
        value={value}
        limits={SAMPLE_LIMITS[what]}
        onCommit={onChange}
        onClear={() => onChange(undefined)}
      />
    );
  const number = Number(text.replace(",", "."));
  const isBad = text.trim() !== "" && !(number >= min && number <= max);
  return (
    <TextField
      label={name}
      value={text}
      error={isBad}
      helperText={isBad ? say("journal:reading.within", { least: `${min}`, most: `${max}` }) : undefined}
      onChange={({ target }) => {
        setText(target.value);
        const next = Number(target.value.replace(",", "."));
        onChange(target.value.trim() !== "" && next >= min && next <= max ? next : undefined);
      }}
      slotProps={{
        inputLabel: { shrink: true },
        htmlInput: { className: "measure", inputMode: "decimal", "aria-invalid": isBad },
      }}
    />
  );
}
