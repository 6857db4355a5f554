"use client";

import Button from "@mui/material/Button";
import { useRef } from "react";

type Props = { label: string; accept: string; onFile: (file: File) => void; pill?: boolean };

/** A button that asks for a file. The same file can be chosen again, once mended. */
export function FileButton({ label, accept, onFile, pill = false }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button
        size="small"
        variant="outlined"
        sx={pill ? { borderRadius: 999, py: "4px", fontWeight: 500, flex: "none" } : { flex: "none" }}
        onClick={() => input.current?.click()}
      >
        {label}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) onFile(file);
        }}
      />
    </>
  );
}
