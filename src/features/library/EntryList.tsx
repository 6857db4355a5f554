"use client";

import Checkbox from "@mui/material/Checkbox";
import { memo, useEffect, useRef } from "react";
import type { CatalogKind } from "@/core/catalog";
import { capital, useSay } from "@/words";
import { latinOf, type Shown } from "./entries";
import css from "./Library.module.css";

type Props = {
  kind: CatalogKind;
  entries: readonly Shown[];
  ownIds: ReadonlySet<string>;
  chosen: string | undefined;
  /** One that was gone to from elsewhere: brought into view. */
  goneTo: string | undefined;
  picked: readonly string[];
  /** What deserves checking first. */
  first: ReadonlySet<string>;
  full: boolean;
  onChoose: (id: string) => void;
  onPick: (id: string) => void;
};

/** The shelf as a list: one is looked at, up to four are picked to be compared. */
export function EntryList({ kind, entries, ownIds, chosen, goneTo, picked, first, full, onChoose, onPick }: Props) {
  const say = useSay();
  return (
    <ul className={css.list}>
      {entries.length === 0 ? <li className={css.none}>{say("library:noMatch")}</li> : null}
      {entries.map((entry) => (
        <ListRow
          key={entry.id}
          kind={kind}
          id={entry.id}
          latin={ownIds.has(entry.id) ? say("library:own.yours") : latinOf(entry)}
          looked={entry.id === chosen}
          goneTo={entry.id === goneTo}
          picked={picked.includes(entry.id)}
          first={first.has(entry.id)}
          full={full}
          onChoose={onChoose}
          onPick={onPick}
        />
      ))}
    </ul>
  );
}

type RowProps = {
  kind: CatalogKind;
  id: string;
  latin: string;
  looked: boolean;
  goneTo: boolean;
  picked: boolean;
  first: boolean;
  full: boolean;
  onChoose: (id: string) => void;
  onPick: (id: string) => void;
};

const ListRow = memo(function ListRow({
  kind,
  id,
  latin,
  looked,
  goneTo,
  picked,
  first,
  full,
  onChoose,
  onPick,
}: RowProps) {
  const say = useSay();
  const name = capital(say.nameOf(kind, id));
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (goneTo) row.current?.scrollIntoView({ block: "nearest" });
  }, [goneTo]);
  return (
    <li ref={row} className={css.listRow} data-looked={looked}>
      <button type="button" aria-pressed={looked} onClick={() => onChoose(id)}>
        <b>{name}</b>
        <i>{latin}</i>
        {first ? <small>{say("library:checkFirst.title")}</small> : null}
      </button>
      <Checkbox
        size="small"
        checked={picked}
        disabled={full && !picked}
        onChange={() => onPick(id)}
        slotProps={{ input: { "aria-label": say("library:compare.pick", { name }) } }}
      />
    </li>
  );
});
