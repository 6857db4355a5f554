"use client";

import type { Caution } from "@/core/catalog";
import { useSay } from "@/words";
import css from "./Cautions.module.css";

/** The usual cautions for what is done here: once each, calm and specific. */
export function Cautions({ codes }: { codes: readonly Caution[] }) {
  const say = useSay();
  if (codes.length === 0) return null;
  return (
    <ul className={css.list} aria-label={say("cautions:label")}>
      {[...new Set(codes)].map((code) => (
        <li key={code}>{say(`cautions:${code}`)}</li>
      ))}
    </ul>
  );
}
