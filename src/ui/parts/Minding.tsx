"use client";

import type { Animal, Caution } from "@/core/catalog";
import { animalCautions } from "@/core/living";
import { retold, useFigures, useNotes, useSay } from "@/words";
import { Cautions } from "./Cautions";
import css from "./Cautions.module.css";

type Props = {
  animal: Animal & { basedOn?: string | undefined };
  /** Cautions that stand beside it already. */
  told?: readonly Caution[];
};

/** What a keeper of an animal is to mind, and what the law says of it; an own animal has the law of its kind. */
export function Minding({ animal, told = [] }: Props) {
  const say = useSay();
  const figures = useFigures();
  const law = useNotes("animals")[animal.basedOn ?? animal.id]?.law;
  return (
    <>
      <Cautions codes={animalCautions(animal).filter((code) => !told.includes(code))} />
      {law ? (
        <p className={css.law}>
          <b>{say("library:notes.law")}</b> {retold(law, figures)}
        </p>
      ) : null}
    </>
  );
}
