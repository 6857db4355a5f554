"use client";

import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { CLIMATE_CLASSES, type CatalogKind } from "@/core/catalog";
import { useDesigns } from "@/store";
import { capital, useSay } from "@/words";
import { climatesFor, subKindOf, type Shown } from "./entries";
import { valueWord } from "./traits";
import { ANY, type Sought } from "./useShown";

/** The trait by which the entries of a kind fall into sub-kinds. */
const SUB_KIND_TRAIT: Partial<Record<CatalogKind, string>> = {
  ingredients: "matter",
  gear: "purpose",
  crew: "group",
  recipes: "family",
};

type Option = { value: string; text: string };

function Filter({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly Option[];
  onChange: (value: string) => void;
}) {
  const say = useSay();
  return (
    <TextField
      select
      label={label}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
      sx={{ minWidth: 150, flex: 1, maxWidth: 240 }}
    >
      <MenuItem value={ANY}>{say("library:filters.any")}</MenuItem>
      {options.map((option) => (
        <MenuItem key={option.value} value={option.value}>
          {option.text}
        </MenuItem>
      ))}
    </TextField>
  );
}

/** What a shelf can be searched and filtered by: only what its entries tell. */
export function Filters({
  kind,
  entries,
  sought,
  onChange,
}: {
  kind: CatalogKind;
  entries: readonly Shown[];
  sought: Sought;
  onChange: (sought: Sought) => void;
}) {
  const say = useSay();
  const habitats = useDesigns();
  const set = (change: Partial<Sought>) => onChange({ ...sought, ...change });
  const subKinds = [...new Set(entries.flatMap((entry) => subKindOf(entry) ?? []))];
  const trait = SUB_KIND_TRAIT[kind] ?? "kind";
  return (
    <>
      <TextField
        label={say("library:search")}
        value={sought.text}
        onChange={(event) => set({ text: event.target.value })}
        sx={{ flex: 2, minWidth: 180, maxWidth: 320 }}
      />
      {subKinds.length > 1 ? (
        <Filter
          label={say("library:filters.kind")}
          value={sought.subKind}
          options={subKinds.map((value) => ({ value, text: capital(valueWord(trait, value, say)) }))}
          onChange={(subKind) => set({ subKind })}
        />
      ) : null}
      {entries.some((entry) => climatesFor(entry) !== undefined) ? (
        <Filter
          label={say("library:filters.climate")}
          value={sought.climate}
          options={CLIMATE_CLASSES.map((value) => ({ value, text: capital(say(`library:values.climate.${value}`)) }))}
          onChange={(value) => set({ climate: CLIMATE_CLASSES.find((one) => one === value) ?? ANY })}
        />
      ) : null}
      {kind === "plants" || kind === "crew" ? (
        <Filter
          label={say("library:filters.fits")}
          value={sought.habitatId}
          options={habitats.map(({ id, name }) => ({ value: id, text: name }))}
          onChange={(habitatId) => set({ habitatId })}
        />
      ) : null}
    </>
  );
}
