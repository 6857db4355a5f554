"use client";

import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import { ANIMAL_KINDS, type Animal } from "@/core/catalog";
import { longestCm } from "@/core/living";
import { capital, useSay } from "@/words";
import css from "./AnimalField.module.css";
import { useSearch } from "./useSearch";

type Props = {
  label: string;
  animals: readonly Animal[];
  value: string | undefined;
  onChange: (animalId: string) => void;
  className?: string | undefined;
  help?: string | undefined;
  /** What was typed before the page could read it. */
  typed?: string | undefined;
};

/**
 * Finds an animal by any of its names, common, scientific or of the trade, with a letter wrong; listed by kind, each with
 * its size, its climate and how hard it is to keep.
 */
export function AnimalField({ label, animals, value, onChange, className, help, typed }: Props) {
  const say = useSay();
  const [text, setText] = useState(typed ?? "");
  const sorted = useMemo(
    () => animals.toSorted((a, b) => ANIMAL_KINDS.indexOf(a.kind) - ANIMAL_KINDS.indexOf(b.kind)),
    [animals],
  );
  const find = useSearch("animals", sorted);
  const nameOf = ({ id }: Pick<Animal, "id">): string => capital(say.nameOf("animals", id));
  const chosen = sorted.find(({ id }) => id === value) ?? null;
  const searching = text.trim() !== "" && (!chosen || text !== nameOf(chosen));
  return (
    <Autocomplete
      disableClearable={value !== undefined}
      {...(className ? { className } : {})}
      options={sorted}
      value={chosen}
      inputValue={text}
      onInputChange={(_, next) => setText(next)}
      getOptionKey={({ id }) => id}
      getOptionLabel={nameOf}
      {...(searching ? {} : { groupBy: ({ kind }: Animal) => say(`library:animalKinds.${kind}`) })}
      filterOptions={(options, { inputValue }) => {
        const found = searching ? [...(find(inputValue) ?? [])] : undefined;
        if (!found) return options;
        const byId = new Map(options.map((animal) => [animal.id, animal]));
        return found.flatMap((id) => byId.get(id) ?? []);
      }}
      noOptionsText={say("common:nothingFound")}
      onChange={(_, animal) => onChange((animal as Animal).id)}
      renderOption={({ key, ...props }, animal) => (
        <li key={key} {...props}>
          <span className={css.option}>
            <span>
              {nameOf(animal)} <i>{animal.scientificName}</i>
            </span>
            <small>
              {say("common:animalLine", {
                lengthCm: longestCm(animal),
                climate: say(`library:values.climate.${animal.climate}`),
                difficulty: say(`library:values.difficulty.${animal.difficulty}`),
              })}
            </small>
          </span>
        </li>
      )}
      renderInput={(params) => <TextField {...params} name="animal" label={label} helperText={help} />}
    />
  );
}
