"use client";

import Button from "@mui/material/Button";
import { figuresOf, provenanceOf, type CatalogEntry, type CatalogKind, type Provenance } from "@/core/catalog";
import { type MeasureKind } from "@/core/units";
import { Cautions } from "@/ui/parts";
import { plain, Swatch } from "@/ui/section";
import { capital, isWord, nameOf, type Say, useFigures, useSay } from "@/words";
import css from "./Library.module.css";

type Row = { path: string; label: string; value: string; from: string; kind: string };

const MEASURES: readonly [ending: RegExp, kind: MeasureKind][] = [[/Cm$/, "length"], [/C$/, "temperature"], [/Rh$/, "humidity"], [/KgPerL$/, "mass"]];

/** The words for one key of a path; list places and unknown keys say nothing. */
const wordFor = (key: string, say: Say): string => {
  const word = `figures:${key}`;
  return isWord(word) ? say(word) : "";
};

const provenanceText = (from: Provenance, say: Say): string =>
  [say(`library:from.${from.kind}`), from.kind === "published" ? from.source : undefined, from.note].filter(Boolean).join(": ");

/** Two printed ends with one unit. @example rangeOf(["24 °C", "27 °C"]) // "24 – 27 °C" */
const rangeOf = ([low = "", ...rest]: readonly string[]): string => [low.split("\u00a0")[0], ...rest].join(" – ");

/** Figures of an entry as rows; the two ends of a range share one. */
function useRows(entry: CatalogEntry<CatalogKind>): Row[] {
  const say = useSay();
  const figures = useFigures();
  const grouped = new Map<string, number[]>();
  for (const { path, value } of figuresOf(entry)) {
    const whole = path.replace(/\.[01]$/, "");
    grouped.set(whole, [...(grouped.get(whole) ?? []), value]);
  }
  return [...grouped].map(([path, values]) => {
    const keys = path.split(".");
    const measure = MEASURES.find(([ending]) => keys.some((key) => ending.test(key)))?.[1];
    const tell = (value: number) => (measure ? figures.printed(value, measure) : figures.number(value));
    const from = provenanceOf(entry, path);
    const part = keys[0] === "parts" && "parts" in entry ? entry.parts[Number(keys[1])]?.ingredientId : undefined;
    return {
      path, kind: from.kind, value: measure && values.length > 1 ? rangeOf(values.map(tell)) : values.map(tell).join(" – "),
      label: part ? capital(nameOf("ingredients", part)) : capital(keys.map((key) => wordFor(key, say)).filter(Boolean).join(", ")),
      from: from === entry.from ? say(`library:from.${from.kind}`) : provenanceText(from, say),
    };
  });
}

/** One entry: its figures, where each comes from, its cautions. */
export function Entry({ kind, entry, onCopy }: { kind: CatalogKind; entry: CatalogEntry<CatalogKind>; onCopy?: () => void }) {
  const say = useSay();
  const rows = useRows(entry);
  return (
    <article className={css.entry} tabIndex={0} aria-label={capital(nameOf(kind, entry.id))}>
      <header>
        {"look" in entry ? <Swatch material={plain(entry.look)} width={54} height={54} /> : null}
        <div>
          <h2>{capital(nameOf(kind, entry.id))}</h2>
          {"scientificName" in entry ? <p><i>{entry.scientificName}</i></p> : null}
        </div>
        {onCopy ? <Button size="small" variant="outlined" sx={{ ml: "auto" }} onClick={onCopy}>{say("library:own.copy")}</Button> : null}
      </header>
      <p className={css.from}>{say("library:mostly", { from: provenanceText(entry.from, say) })}</p>
      <table>
        <tbody>
          {rows.map((row) => (
            <tr key={row.path}>
              <th scope="row">{row.label}</th>
              <td className="measure">{row.value}</td>
              <td data-kind={row.kind}>{row.from}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {"cautions" in entry ? <Cautions codes={entry.cautions} /> : null}
    </article>
  );
}
