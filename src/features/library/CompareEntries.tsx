"use client";

import Button from "@mui/material/Button";
import type { CatalogKind } from "@/core/catalog";
import { capital, useSay } from "@/words";
import { latinOf, type Shown } from "./entries";
import css from "./Library.module.css";
import { RangeMark } from "./RangeMark";
import { traitsOf } from "./traits";
import { useRows, type TraitRow } from "./useRows";

/** Up to four entries side by side: words, figures, and their ranges drawn against each other on one scale. */
export function CompareEntries({
  kind,
  entries,
  onBack,
}: {
  kind: CatalogKind;
  entries: readonly Shown[];
  onBack: () => void;
}) {
  const say = useSay();
  const rowsOf = useRows();
  const columns = entries.map((entry) => ({
    entry,
    rows: new Map(rowsOf(entry).map((row) => [row.path, row])),
    traits: new Map(traitsOf(entry, say).map((trait) => [trait.key, trait])),
  }));
  const traitKeys = [
    ...new Map(columns.flatMap(({ traits }) => [...traits.values()]).map((trait) => [trait.key, trait.label])),
  ];
  const paths = [...new Map(columns.flatMap(({ rows }) => [...rows.values()]).map((row) => [row.path, row]))].map(
    ([path, row]) => ({ path, label: row.label, drawn: row.range !== undefined && row.scale !== undefined }),
  );
  const differ = (texts: readonly (string | undefined)[]) => new Set(texts).size > 1;
  const figureRow = ({ path, label }: { path: string; label: string }) => {
    const rows = columns.map(({ rows: own }): TraitRow | undefined => own.get(path));
    return (
      <tr key={path} data-differs={differ(rows.map((row) => row?.value))}>
        <th scope="row">{label}</th>
        {rows.map((row, at) => (
          <td key={at}>
            <span className="measure">{row?.value ?? "–"}</span>
            {row?.range && row.scale ? (
              <RangeMark range={row.range} scale={row.scale} soft={path.endsWith("tolerated")} />
            ) : null}
          </td>
        ))}
      </tr>
    );
  };
  return (
    <section className={css.compare} aria-label={say("library:compare.title")}>
      <div className={css.compareHead}>
        <h2>{say("library:compare.title")}</h2>
        <Button size="small" variant="outlined" onClick={onBack}>
          {say("library:compare.back")}
        </Button>
      </div>
      <div className={css.wide} tabIndex={0}>
        <table>
          <thead>
            <tr>
              <th scope="col">
                <span className="quiet">{say("library:compare.figure")}</span>
              </th>
              {entries.map((entry) => (
                <th key={entry.id} scope="col">
                  {capital(say.nameOf(kind, entry.id))}
                  <i>{latinOf(entry)}</i>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {paths.filter(({ drawn }) => drawn).map(figureRow)}
            {traitKeys.map(([key, label]) => {
              const texts = columns.map(({ traits }) => traits.get(key)?.text);
              return (
                <tr key={key} data-differs={differ(texts)}>
                  <th scope="row">{label}</th>
                  {texts.map((text, at) => (
                    <td key={at}>{text ?? "–"}</td>
                  ))}
                </tr>
              );
            })}
            {paths.filter(({ drawn }) => !drawn).map(figureRow)}
          </tbody>
        </table>
      </div>
    </section>
  );
}
