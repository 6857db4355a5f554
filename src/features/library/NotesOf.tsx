"use client";

import type { CatalogKind } from "@/core/catalog";
import { Schools } from "@/ui/schools";
import { retold, useFigures, useNotes, useSay } from "@/words";
import type { Shown } from "./entries";
import css from "./Library.module.css";

const TOLD = ["note", "young", "prey", "law"] as const;

/** What is said of an entry besides its figures, and where good keepers differ. */
export function NotesOf({ kind, entry }: { kind: CatalogKind; entry: Shown }) {
  const say = useSay();
  const figures = useFigures();
  const source = "basedOn" in entry && entry.basedOn ? entry.basedOn : entry.id;
  const notes = useNotes(kind)[source];
  const told = TOLD.flatMap((key) => (notes?.[key] ? [{ key, text: notes[key] }] : []));
  return (
    <>
      {told.length > 0 ? (
        <dl className={css.notes}>
          {told.map(({ key, text }) => (
            <div key={key}>
              <dt>{say(`library:notes.${key}`)}</dt>
              <dd>{retold(text, figures)}</dd>
            </div>
          ))}
        </dl>
      ) : null}
      {"schools" in entry && entry.schools.length > 0 ? (
        <section className={css.schools}>
          <h3>{say("schools:title")}</h3>
          <p className={css.from}>{say("schools:sub")}</p>
          <Schools animal={entry} />
        </section>
      ) : null}
    </>
  );
}
