"use client";

import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { useEffect, useMemo, useRef, useState, type ReactNode } from "react";
import type { CatalogKind } from "@/core/catalog";
import { capital, useSay } from "@/words";
import css from "./search.module.css";
import { useSearchOf, type Named } from "./useSearch";

type Option<T> = { item: T; kind: CatalogKind; own: boolean; near: boolean };

type Props<T extends Named> = {
  label: string;
  /** Entries in the order they are listed while nothing is typed. */
  items: readonly T[];
  kindOf: (item: T) => CatalogKind;
  groupOf?: ((item: T) => string) | undefined;
  value?: string | undefined;
  onChange: (item: T) => void;
  /** Starts an entry of one's own from the nearest, under the name that was typed. */
  onOwn?: ((from: T, name: string) => void) | undefined;
  optionOf?: ((item: T) => ReactNode) | undefined;
  help?: string | undefined;
  placeholder?: string | undefined;
  /** What stands in it was refused. */
  wrong?: boolean;
  /** What was typed before the page could read it. */
  typed?: string | undefined;
  name?: string | undefined;
  size?: "small" | "medium";
  /** Ready to be typed into, and its list open. */
  atOnce?: boolean;
  className?: string | undefined;
};

/** Whether somebody is still typing into a field. */
const isTypedInto = (name: string | undefined): boolean =>
  document.activeElement instanceof HTMLInputElement && document.activeElement.name === name;

/**
 * Finds one entry by any of its names, with a letter wrong. Where nothing fits it offers the nearest, and to start one
 * of your own from the first of them.
 */
export function EntryField<T extends Named>(props: Props<T>) {
  const { items, kindOf, groupOf, value, onChange, onOwn, optionOf, typed, help, placeholder, label, name } = props;
  const say = useSay();
  const [text, setText] = useState(typed ?? "");
  const options = useMemo(
    () => items.map((item): Option<T> => ({ item, kind: kindOf(item), own: false, near: false })),
    // A kind depends on the item alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [items],
  );
  const kinds = useMemo(() => [...new Set(options.map(({ kind }) => kind))], [options]);
  const kinded = useMemo(() => options.map(({ kind, item }) => ({ kind, entry: item })), [options]);
  const find = useSearchOf(kinds, kinded);
  const keyOf = ({ kind, item }: Option<T>): string => `${kind}/${item.id}`;
  const nameOf = ({ kind, item }: Option<T>): string => capital(item.name ?? say.nameOf(kind, item.id));
  const chosen = options.find(({ item }) => item.id === value) ?? null;
  const searching = text.trim() !== "" && (!chosen || text !== nameOf(chosen));

  const sought = (inputValue: string): Option<T>[] => {
    const hits = searching ? find(inputValue) : undefined;
    if (!hits) return options;
    const byKey = new Map(options.map((option) => [keyOf(option), option]));
    const of = (keys: readonly string[]) => keys.flatMap((key) => byKey.get(key) ?? []);
    const near = of(hits.nearest).map((option) => ({ ...option, near: true }));
    const [first] = near;
    return [...of(hits.found), ...near, ...(first && onOwn ? [{ ...first, own: true }] : [])];
  };
  // On a busy machine one types and goes on before there is anything to find: it is taken as soon as there is.
  const isWaiting = items.length === 0;
  const isLeft = useRef(false);
  useEffect(() => {
    if (items.length === 0) return;
    const wasLeft = isLeft.current || (typed !== undefined && !isTypedInto(name));
    isLeft.current = false;
    if (!wasLeft) return;
    const [key] = text.trim() === "" || chosen ? [] : (find(text)?.found ?? []);
    const first = options.find((option) => keyOf(option) === key);
    if (first) onChange(first.item);
    // Once, when entries come: what is typed later is taken as it is chosen.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [items]);

  // Enter and leaving the field take what was typed, where it was found: never what stood there before.
  const isFound = searching && (find(text)?.found.length ?? 0) > 0;
  const groupBy = ({ near, item }: Option<T>): string =>
    near ? say("common:nothingNearest") : searching || !groupOf ? "" : groupOf(item);

  return (
    <Autocomplete
      {...(props.className ? { className: props.className } : {})}
      {...(props.size ? { size: props.size } : {})}
      disableClearable={value !== undefined}
      blurOnSelect={value === undefined}
      clearOnBlur={!isWaiting}
      onBlur={() => {
        isLeft.current ||= isWaiting;
      }}
      onKeyDown={(event) => {
        if (!isWaiting || event.key !== "Enter") return;
        event.preventDefault();
        isLeft.current = true;
      }}
      autoHighlight={isFound}
      autoSelect={isFound && value !== undefined}
      openOnFocus={props.atOnce === true}
      options={options}
      value={chosen}
      inputValue={text}
      onInputChange={(_, next) => setText(next)}
      getOptionKey={(option) => `${keyOf(option)}${option.own ? " own" : ""}`}
      getOptionLabel={nameOf}
      isOptionEqualToValue={(option, other) => !option.own && keyOf(option) === keyOf(other)}
      groupBy={groupBy}
      renderGroup={({ key, group, children }) => (
        <li key={key}>
          {group === "" ? null : <div className={css.group}>{group}</div>}
          <ul className={css.options}>{children}</ul>
        </li>
      )}
      filterOptions={(_, state) => sought(state.inputValue)}
      noOptionsText={say("common:nothingFound")}
      onChange={(_, option) => {
        if (!option) return;
        if (option.own) onOwn?.(option.item, text.trim());
        else onChange(option.item);
        if (value === undefined) setText("");
      }}
      renderOption={({ key, ...rest }, option) => (
        <li key={key} {...rest}>
          {option.own
            ? say("common:startOwn", { typed: text.trim(), name: nameOf(option) })
            : (optionOf?.(option.item) ?? nameOf(option))}
        </li>
      )}
      renderInput={(params) => (
        <TextField
          {...params}
          name={name ?? ""}
          label={label}
          helperText={help}
          error={props.wrong === true}
          placeholder={placeholder ?? ""}
          autoFocus={props.atOnce === true}
          slotProps={{
            ...params.slotProps,
            inputLabel: { ...params.slotProps?.inputLabel, ...(placeholder ? { shrink: true } : {}) },
          }}
        />
      )}
    />
  );
}
