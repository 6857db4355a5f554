"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import type { CatalogKind } from "@/core/catalog";
import { grouped } from "@/core/grouped";
import { capital, useSay } from "@/words";
import css from "./CheckFirst.module.css";
import { figureName } from "./traits";
import type { Decided } from "./useCheckFirst";

const SHOWN = 5;

type Chip = { kind: CatalogKind; id: string; count: number; unsure: boolean };

/** One chip an entry, in the order its first figure comes. */
function chipsOf(decided: readonly Decided[]): Chip[] {
  const byEntry = grouped(decided, ({ kind, id }) => `${kind} ${id}`);
  return [...byEntry.values()].flatMap((figures) => {
    const [first] = figures;
    if (!first) return [];
    const count = new Set(figures.map(({ path }) => path)).size;
    return [{ kind: first.kind, id: first.id, count, unsure: first.unsure }];
  });
}

type StripProps = { decided: readonly Decided[]; onGo: (kind: CatalogKind, id: string) => void };

/** Which entries deserve checking first, over the whole library; pressing one goes there. */
export function CheckFirstStrip({ decided, onGo }: StripProps) {
  const say = useSay();
  const [all, setAll] = useState(false);
  const chips = chipsOf(decided);
  if (chips.length === 0) return null;
  const shown = all ? chips : chips.slice(0, SHOWN);
  return (
    <section className={css.strip} aria-label={say("library:checkFirst.title")}>
      <p>
        <b>{say("library:checkFirst.title")}</b> {say("library:checkFirst.sub")}
      </p>
      <ul>
        {shown.map(({ kind, id, count, unsure }) => (
          <li key={`${kind} ${id}`}>
            <button type="button" data-unsure={unsure} onClick={() => onGo(kind, id)}>
              {capital(say.nameOf(kind, id))}
              <span>{say("library:checkFirst.figures", { count })}</span>
            </button>
          </li>
        ))}
        {chips.length > SHOWN ? (
          <li>
            <Button size="small" variant="text" onClick={() => setAll(!all)}>
              {all ? say("library:checkFirst.fewer") : say("library:checkFirst.all", { count: chips.length })}
            </Button>
          </li>
        ) : null}
      </ul>
    </section>
  );
}

/** What of one entry to check first, and which findings it decided. */
export function CheckFirstOf({ decided }: { decided: readonly Decided[] }) {
  const say = useSay();
  if (decided.length === 0) return null;
  const byFigure = [...grouped(decided, ({ path }) => path)];
  return (
    <section className={css.here}>
      <h3>{say("library:checkFirst.title")}</h3>
      <ul>
        {byFigure.map(([path, findings]) => (
          <li key={path}>
            <b>{figureName(path, say)}</b>{" "}
            {findings.some(({ unsure }) => unsure) ? <em>{say("library:checkFirst.unsure")}</em> : null}
            {[
              ...new Set(findings.map(({ title, habitat }) => say("library:checkFirst.decided", { title, habitat }))),
            ].map((told) => (
              <span key={told}>{told}</span>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}
