"use client";

import Button from "@mui/material/Button";
import type { CatalogKind } from "@/core/catalog";
import { capital, useSay } from "@/words";
import css from "./search.module.css";

type Props = {
  kind: CatalogKind;
  typed: string;
  /** Ids whose names come nearest to what was typed. */
  nearest: readonly string[];
  onFind: (name: string) => void;
  onOwn?: ((fromId: string, name: string) => void) | undefined;
};

/** Under a list that a search left empty: the nearest names, and the way to an entry of one's own. */
export function Nearest({ kind, typed, nearest, onFind, onOwn }: Props) {
  const say = useSay();
  const nameOf = (id: string): string => capital(say.nameOf(kind, id));
  const [first] = nearest;
  return (
    <div className={css.nearest} role="status">
      <p>{say(first ? "common:nothingNearest" : "common:nothingFound")}</p>
      {nearest.map((id) => (
        <Button key={id} size="small" variant="outlined" onClick={() => onFind(nameOf(id))}>
          {nameOf(id)}
        </Button>
      ))}
      {first && onOwn ? (
        <Button size="small" variant="text" onClick={() => onOwn(first, typed.trim())}>
          {say("common:startOwn", { typed: typed.trim(), name: nameOf(first) })}
        </Button>
      ) : null}
    </div>
  );
}
