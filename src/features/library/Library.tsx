"use client";

import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import { CLIMATE_CLASSES, type CatalogKind, type ClimateClass, type OwnEntry } from "@/core/catalog";
import { EMPTY_SHELF, keepEntry } from "@/core/own";
import { chooseUnits, putOwn, useDesigns, useOwn } from "@/store";
import { AppHeader, Pills } from "@/ui/parts";
import { useSearch } from "@/ui/useSearch";
import { capital, useFigures, useSay, useLibrary } from "@/words";
import { CompareEntries } from "./CompareEntries";
import { climatesFor, entriesOf, fittingIds, latinOf, ownKindOf, subKindOf, synonymsOf } from "./entries";
import { Entry } from "./Entry";
import { EntryList } from "./EntryList";
import css from "./Library.module.css";
import { OwnForm } from "./OwnForm";
import { newOwnId, OwnTools, stockNames } from "./OwnTools";
import { SHARES, SHELVES } from "./shares";
import { valueWord } from "./traits";

const MOST_COMPARED = 4;
const ANY = "";

/** Every catalogue entry with its figures and where each comes from: searched, filtered, compared, copied and changed. */
export function Library() {
  const say = useSay();
  const library = useLibrary();
  const figures = useFigures();
  const own = useOwn() ?? EMPTY_SHELF;
  const habitats = useDesigns();
  const [kind, setKind] = useState<CatalogKind>("animals");
  const [sought, setSought] = useState("");
  const [subKind, setSubKind] = useState(ANY);
  const [climate, setClimate] = useState<ClimateClass | typeof ANY>(ANY);
  const [habitatId, setHabitatId] = useState(ANY);
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const [picked, setPicked] = useState<readonly string[]>([]);
  const [comparing, setComparing] = useState(false);
  const [told, setTold] = useState("");

  const entries = useMemo(() => entriesOf(kind, library), [kind, library]);
  const find = useSearch(entries, (entry) => [say.nameOf(kind, entry.id), latinOf(entry), ...synonymsOf(entry)]);
  const found = find(sought);
  const subKinds = [...new Set(entries.flatMap((entry) => subKindOf(entry) ?? []))];
  const climatic = entries.some((entry) => climatesFor(entry) !== undefined);
  const habitat = habitats.find(({ id }) => id === habitatId);
  const fitting = useMemo(
    () => (habitat ? fittingIds(kind, entries, habitat, library) : undefined),
    [habitat, kind, entries, library],
  );
  const shown = entries.filter(
    (entry) =>
      (found === undefined || found.has(entry.id)) &&
      (subKind === ANY || subKindOf(entry) === subKind) &&
      (climate === ANY || (climatesFor(entry) ?? []).includes(climate)) &&
      (fitting === undefined || fitting.has(entry.id)),
  );
  const mine = ownKindOf(kind);
  const ownIds = new Set(mine ? own[mine].map(({ id }) => id) : []);
  const entry = shown.find(({ id }) => id === chosen) ?? shown.find(({ id }) => !ownIds.has(id)) ?? shown[0];
  const ownEntry = mine && own[mine].find(({ id }) => id === entry?.id);
  const compared = picked.flatMap((id) => entries.find((one) => one.id === id) ?? []);

  const goTo = (next: CatalogKind) => {
    setKind(next);
    setSubKind(ANY);
    setClimate(ANY);
    setChosen(undefined);
    setPicked([]);
    setComparing(false);
    setTold("");
  };
  const copy = async (id: string) => {
    const from = mine && library.find(mine, id);
    if (!mine || !from) return;
    const taken = [...stockNames(mine, say), ...own[mine].map(({ name }) => name)];
    const base = say("library:own.copyName", { name: capital(say.nameOf(kind, id)) });
    const name =
      [base, ...Array.from({ length: taken.length }, (_, at) => `${base} ${at + 2}`)].find(
        (one) => !taken.includes(one),
      ) ?? base;
    const newId = newOwnId();
    const kept = keepEntry(
      own,
      mine,
      { ...from, id: newId, name, basedOn: id } as unknown as OwnEntry,
      stockNames(mine, say),
    );
    if (!kept.ok) return;
    await putOwn(kept.shelf);
    setChosen(newId);
  };
  const filter = (
    label: string,
    value: string,
    options: readonly { value: string; text: string }[],
    onChange: (value: string) => void,
  ) => (
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
  return (
    <div className={css.page}>
      <AppHeader place="library" onUnits={chooseUnits} />
      <main id="work" className={css.main}>
        <div className={css.head}>
          <div>
            <h1>{say("library:title")}</h1>
            <p>{say("library:sub")}</p>
            <p className={css.shares}>
              {say("library:shares", {
                total: figures.number(SHARES.total, 0),
                published: figures.number(SHARES.published, 0),
                practice: figures.number(SHARES.practice, 0),
                memory: figures.number(SHARES.memory, 0),
              })}
            </p>
          </div>
          {mine ? <OwnTools kind={mine} own={own} /> : null}
        </div>
        <div className={css.shelves}>
          <Pills
            label={say("library:which")}
            value={kind}
            options={SHELVES.map((value) => ({ value, text: say(`library:kinds.${value}`) }))}
            onChange={goTo}
          />
        </div>
        <div className={css.filters}>
          <TextField
            label={say("library:search")}
            value={sought}
            onChange={(event) => setSought(event.target.value)}
            sx={{ flex: 2, minWidth: 180, maxWidth: 320 }}
          />
          {subKinds.length > 1
            ? filter(
                say("library:filters.kind"),
                subKind,
                subKinds.map((value) => ({
                  value,
                  text: capital(
                    valueWord(
                      kind === "ingredients"
                        ? "matter"
                        : kind === "gear"
                          ? "purpose"
                          : kind === "crew"
                            ? "group"
                            : "kind",
                      value,
                      say,
                    ),
                  ),
                })),
                setSubKind,
              )
            : null}
          {climatic
            ? filter(
                say("library:filters.climate"),
                climate,
                CLIMATE_CLASSES.map((value) => ({ value, text: capital(say(`library:values.climate.${value}`)) })),
                (value) => setClimate(CLIMATE_CLASSES.find((one) => one === value) ?? ANY),
              )
            : null}
          {kind === "plants" || kind === "crew"
            ? filter(
                say("library:filters.fits"),
                habitatId,
                habitats.map(({ id, name }) => ({ value: id, text: name })),
                setHabitatId,
              )
            : null}
          <span className={css.count} role="status">
            {say("library:count", { count: shown.length })}
          </span>
          {picked.length > 0 ? (
            <span className={css.compareBar}>
              <Button size="small" disabled={picked.length < 2} onClick={() => setComparing(true)}>
                {say("library:compare.go", { count: picked.length })}
              </Button>
              <Button
                size="small"
                variant="text"
                onClick={() => {
                  setPicked([]);
                  setComparing(false);
                }}
              >
                {say("library:compare.clear")}
              </Button>
            </span>
          ) : null}
        </div>
        {told === "" ? null : (
          <p role="status" className={css.toldGone}>
            {told}
          </p>
        )}
        {comparing && compared.length > 1 ? (
          <CompareEntries kind={kind} entries={compared} onBack={() => setComparing(false)} />
        ) : (
          <div className={css.split}>
            <EntryList
              kind={kind}
              entries={shown}
              ownIds={ownIds}
              chosen={entry?.id}
              picked={picked}
              full={picked.length >= MOST_COMPARED}
              onChoose={setChosen}
              onPick={(id) => setPicked(picked.includes(id) ? picked.filter((other) => other !== id) : [...picked, id])}
            />
            {ownEntry && mine ? (
              <OwnForm
                key={ownEntry.id}
                kind={mine}
                item={ownEntry}
                own={own}
                onGone={(text) => {
                  setTold(text);
                  setChosen(undefined);
                }}
              />
            ) : entry ? (
              <Entry kind={kind} entry={entry} onCopy={mine ? () => void copy(entry.id) : undefined} />
            ) : (
              <p className={css.none}>{say("library:choose")}</p>
            )}
          </div>
        )}
      </main>
    </div>
  );
}
