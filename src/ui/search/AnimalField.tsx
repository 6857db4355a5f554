"use client";

import { useMemo } from "react";
import { ANIMAL_KINDS, type Animal } from "@/core/catalog";
import { longestCm } from "@/core/living";
import { capital, useSay } from "@/words";
import { EntryField } from "./EntryField";
import css from "./search.module.css";

type Props = {
  label: string;
  animals: readonly Animal[];
  value: string | undefined;
  onChange: (animalId: string) => void;
  /** Starts an animal of one's own from the nearest. */
  onOwn?: ((fromId: string, name: string) => void) | undefined;
  className?: string | undefined;
  help?: string | undefined;
  placeholder?: string | undefined;
  wrong?: boolean;
  /** What was typed before the page could read it. */
  typed?: string | undefined;
};

/** Finds an animal; listed by kind, each with its size, its climate and how hard it is to keep. */
export function AnimalField({ animals, onChange, onOwn, ...rest }: Props) {
  const say = useSay();
  const sorted = useMemo(
    () => animals.toSorted((a, b) => ANIMAL_KINDS.indexOf(a.kind) - ANIMAL_KINDS.indexOf(b.kind)),
    [animals],
  );
  return (
    <EntryField
      {...rest}
      name="animal"
      items={sorted}
      kindOf={() => "animals"}
      groupOf={({ kind }) => say(`library:animalKinds.${kind}`)}
      onChange={({ id }) => onChange(id)}
      onOwn={onOwn && (({ id }, name) => onOwn(id, name))}
      optionOf={(animal) => (
        <span className={css.option}>
          <span>
            {capital(say.nameOf("animals", animal.id))} <i>{animal.scientificName}</i>
          </span>
          <small>
            {say("common:animalLine", {
              itsGrownCm: longestCm(animal),
              climate: say(`library:values.climate.${animal.climate}`),
              difficulty: say(`library:values.difficulty.${animal.difficulty}`),
            })}
          </small>
        </span>
      )}
    />
  );
}
