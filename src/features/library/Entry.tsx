"use client";

import Button from "@mui/material/Button";
import type { CatalogKind } from "@/core/catalog";
import { Cautions } from "@/ui/parts";
import { plain, Swatch } from "@/ui/section";
import { capital, useSay } from "@/words";
import { CheckFirstOf } from "./CheckFirst";
import type { Shown } from "./entries";
import { latinOf, synonymsOf } from "./entries";
import css from "./Library.module.css";
import { NotesOf } from "./NotesOf";
import { RangeMark } from "./RangeMark";
import { traitsOf } from "./traits";
import { standsIn, type Decided } from "./useCheckFirst";
import { provenanceText, useRows } from "./useRows";

type Props = {
  kind: CatalogKind;
  entry: Shown;
  /** Its figures that decided a finding and rest on memory. */
  decided: readonly Decided[];
  onCopy?: (() => void) | undefined;
};

/** One entry: what it is in words, its figures with their ranges drawn, where each comes from, its cautions. */
export function Entry({ kind, entry, decided, onCopy }: Props) {
  const say = useSay();
  const rows = useRows()(entry);
  const traits = traitsOf(entry, say);
  const latin = latinOf(entry);
  const synonyms = synonymsOf(entry);
  return (
    <article className={css.entry} tabIndex={0} aria-label={capital(say.nameOf(kind, entry.id))}>
      <header>
        {"look" in entry ? <Swatch material={plain(entry.look)} width={54} height={54} /> : null}
        <div>
          <h2>{capital(say.nameOf(kind, entry.id))}</h2>
          {latin ? (
            <p>
              <i>{latin}</i>
              {synonyms.length > 0 ? (
                <>
                  {" "}
                  · {say("library:traits.synonyms").toLowerCase()} <i>{synonyms.join(", ")}</i>
                </>
              ) : null}
            </p>
          ) : null}
        </div>
        {onCopy ? (
          <Button size="small" variant="outlined" sx={{ ml: "auto", flex: "none" }} onClick={onCopy}>
            {say("library:own.copy")}
          </Button>
        ) : null}
      </header>
      {traits.length > 0 ? (
        <dl className={css.traits}>
          {traits.map(({ key, label, text }) => (
            <div key={key}>
              <dt>{label}</dt>
              <dd>{text}</dd>
            </div>
          ))}
        </dl>
      ) : null}
      <CheckFirstOf decided={decided} />
      <NotesOf kind={kind} entry={entry} />
      <p className={css.from}>{say("library:mostly", { from: provenanceText(entry.from, say) })}</p>
      <table>
        <tbody>
          {rows.map((row) => (
            <tr key={row.path} data-first={decided.some(({ path }) => standsIn(row.path, path))}>
              <th scope="row">{row.label}</th>
              <td className="measure">{row.value}</td>
              <td className={css.drawn}>
                {row.range && row.scale ? (
                  <RangeMark range={row.range} scale={row.scale} soft={row.path.endsWith("tolerated")} />
                ) : null}
              </td>
              <td data-kind={row.kind} data-unsure={row.unsure}>
                {row.unsure ? say("library:unsure", { from: row.from }) : row.from}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {"cautions" in entry ? <Cautions codes={entry.cautions} /> : null}
    </article>
  );
}
