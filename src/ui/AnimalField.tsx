"use client";

import Autocomplete, { createFilterOptions } from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { ANIMAL_KINDS, type Animal } from "@/core/catalog";
import { capital, useSay } from "@/words";

type Props = {
  label: string;
  animals: readonly Animal[];
  value: string | undefined;
  onChange: (animalId: string) => void;
  className?: string | undefined;
  help?: string | undefined;
};

/** Finds an animal by any of its names, common or scientific, old or new; listed by kind. */
export function AnimalField({ label, animals, value, onChange, className, help }: Props) {
  const say = useSay();
  const namesOf = (animal: Animal): string =>
    [say.nameOf("animals", animal.id), animal.scientificName, ...animal.synonyms].join(" ");
  const sorted = animals.toSorted((a, b) => ANIMAL_KINDS.indexOf(a.kind) - ANIMAL_KINDS.indexOf(b.kind));
  return (
    <Autocomplete
      disableClearable={value !== undefined}
      {...(className ? { className } : {})}
      options={sorted}
      value={sorted.find(({ id }) => id === value) ?? null}
      getOptionKey={({ id }) => id}
      getOptionLabel={({ id }) => capital(say.nameOf("animals", id))}
      groupBy={({ kind }) => say(`library:animalKinds.${kind}`)}
      filterOptions={createFilterOptions({ stringify: namesOf })}
      onChange={(_, animal) => onChange((animal as Animal).id)}
      renderOption={({ key, ...props }, animal) => (
        <li key={key} {...props}>
          <span>
            {capital(say.nameOf("animals", animal.id))}{" "}
            <i style={{ color: "var(--soft)", fontSize: 12.5 }}>{animal.scientificName}</i>
          </span>
        </li>
      )}
      renderInput={(params) => <TextField {...params} label={label} helperText={help} />}
    />
  );
}
