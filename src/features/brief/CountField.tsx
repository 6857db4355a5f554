"use client";

import TextField from "@mui/material/TextField";
import { useState } from "react";
import { LIMITS } from "@/core/habitat";
import { useSay } from "@/words";

/** A whole number of animals. */
export function CountField({
  label,
  value,
  onCommit,
}: {
  label: string;
  value: number;
  onCommit: (count: number) => void;
}) {
  const say = useSay();
  const [draft, setDraft] = useState<string | undefined>(undefined);
  const { min, max } = LIMITS.count;
  const good = (text: string) => /^\d+$/.test(text.trim()) && Number(text) >= min && Number(text) <= max;
  const wrong = draft !== undefined && !good(draft);
  return (
    <TextField
      label={label}
      value={draft ?? String(value)}
      error={wrong}
      helperText={wrong ? say("problems:whole", { label, least: min, most: max }) : undefined}
      onChange={(event) => {
        setDraft(event.target.value);
        if (good(event.target.value)) onCommit(Number(event.target.value));
      }}
      onBlur={() => !wrong && setDraft(undefined)}
      slotProps={{ htmlInput: { className: "measure", inputMode: "numeric", autoComplete: "off" } }}
    />
  );
}
