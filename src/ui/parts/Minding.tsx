"use client";

import type { Animal, Caution, Range } from "@/core/catalog";
import { animalCautions } from "@/core/living";
import { retold, useFigures, useNotes, useSay } from "@/words";
import { Cautions } from "./Cautions";
import css from "./Cautions.module.css";

type Props = {
  animal: Animal & { basedOn?: string | undefined };
  /** Cautions that stand beside it already. */
  told?: readonly Caution[];
};

/** The first days, and hands: why a new animal is left alone, when it is first fed, how it is moved. */
function Arrival({ leaveAloneDays, firstMealDays, handles }: NonNullable<Animal["arrival"]>) {
  const say = useSay();
  const told = ([low, high]: Range) => ({ low, high });
  const meal =
    firstMealDays[1] === 0 ? say("brief:arrival.firstMealAtOnce") : say("brief:arrival.firstMeal", told(firstMealDays));
  return (
    <p className={css.law}>
      {say("brief:arrival.leave", told(leaveAloneDays))} {meal} {say(`brief:arrival.handles.${handles}`)}
    </p>
  );
}

/** What a keeper of an animal is to mind, and what the law says of it; an own animal has the law of its kind. */
export function Minding({ animal, told = [] }: Props) {
  const say = useSay();
  const figures = useFigures();
  const law = useNotes("animals")[animal.basedOn ?? animal.id]?.law;
  return (
    <>
      <Cautions codes={animalCautions(animal).filter((code) => !told.includes(code))} />
      {animal.arrival ? <Arrival {...animal.arrival} /> : null}
      {law ? (
        <p className={css.law}>
          <b>{say("library:notes.law")}</b> {retold(law, figures)}
        </p>
      ) : null}
    </>
  );
}
