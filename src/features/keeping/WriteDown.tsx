"use client";

import { useState } from "react";
import { keepPhoto, useOpen } from "@/store";
import { NoteForm } from "@/ui/journal";
import { LedgerPart } from "@/ui/parts";
import { useSay } from "@/words";
import { EventForm, EVENT_FORMS } from "./EventForm";
import { FromDevice } from "./FromDevice";
import { FromFile } from "./FromFile";
import css from "./Keeping.module.css";
import { ReadingForm } from "./ReadingForm";

const KINDS = ["reading", ...EVENT_FORMS, "noted"] as const;
type Kind = (typeof KINDS)[number];

/** Writes something down: a reading, what was fed, seen, weighed or changed, a note with photos. */
export function WriteDown() {
  const say = useSay();
  const { habitat, derived, act } = useOpen();
  // Readings are written most, so their form stands open.
  const [kind, setKind] = useState<Kind | undefined>("reading");
  const has: Partial<Record<Kind, boolean>> = {
    grew: habitat.plants.length > 0,
    counted: habitat.crew.length > 0,
    shed: derived.animal.group !== "amphibian" || kind === "shed",
  };
  return (
    <LedgerPart title={say("journal:write")}>
      <div className={css.kinds} role="group" aria-label={say("journal:write")}>
        {KINDS.filter((one) => has[one] ?? true).map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={kind === one}
            onClick={() => setKind(kind === one ? undefined : one)}
          >
            {say(`journal:kinds.${one}`)}
          </button>
        ))}
      </div>
      {kind === "reading" ? (
        <>
          <ReadingForm />
          <FromFile />
          <FromDevice />
        </>
      ) : null}
      {kind === "noted" ? (
        <NoteForm keep={(file) => keepPhoto(habitat.id, file)} onWrite={(told) => act([told])} />
      ) : null}
      {kind !== undefined && kind !== "reading" && kind !== "noted" ? <EventForm key={kind} kind={kind} /> : null}
    </LedgerPart>
  );
}
