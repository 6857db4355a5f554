"use client";

import { useState } from "react";
import { LIMITS } from "@/core/habitat";
import { useOpen } from "@/store";
import { newGesture } from "@/ui/section";
import { capital, nameOf, useSay } from "@/words";
import css from "./Crew.module.css";

/** How many of a species are seeded; a whole number. */
export function CrewCount({ crewId, count }: { crewId: string; count: number }) {
  const say = useSay();
  const { edit } = useOpen();
  const [draft, setDraft] = useState<{ text: string; gesture: string } | undefined>(undefined);
  const { min, max } = LIMITS.crewCount;
  const good = (text: string) => /^\d+$/.test(text.trim()) && Number(text) >= min && Number(text) <= max;
  const wrong = draft !== undefined && !good(draft.text);
  const label = say("crew:countOf", { name: capital(nameOf("crew", crewId)) });
  return (
    <>
      <input
        className={`${css.count} measure`} aria-label={label} aria-invalid={wrong} inputMode="numeric" autoComplete="off"
        title={wrong ? say("problems:whole", { label, least: min, most: max }) : undefined} value={draft?.text ?? String(count)}
        onChange={(event) => {
          const next = { text: event.target.value, gesture: draft?.gesture ?? newGesture() };
          setDraft(next);
          if (good(next.text)) edit([{ name: "setCrew", args: { crewId, count: Number(next.text) } }], next.gesture);
        }}
        onBlur={() => !wrong && setDraft(undefined)}
      />
      {wrong ? <span role="alert" className="quiet">{say("problems:whole", { label, least: min, most: max })}</span> : null}
    </>
  );
}
