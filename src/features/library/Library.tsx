"use client";

import TextField from "@mui/material/TextField";
import { useState } from "react";
import { catalog, figuresOf, provenanceOf, tradeRules, type CatalogKind, type Provenance } from "@/core/catalog";
import { chooseUnits } from "@/store";
import { AppHeader, Pills } from "@/ui/parts";
import { capital, nameOf, useFigures, useSay } from "@/words";
import { Entry } from "./Entry";
import css from "./Library.module.css";

const KINDS = ["animals", "plants", "crew", "ingredients", "drainageMedia", "barriers", "dressings", "recipes", "boxBuilds", "boxSizes", "falseBottoms", "wallTreatments", "wallFinishes", "pieceKinds"] as const satisfies readonly CatalogKind[];

/** How many figures come from where. */
function countShares(): Record<Provenance["kind"] | "total", number> {
  const shares = { published: 0, practice: 0, memory: 0, total: 0 };
  const entries = [...KINDS.flatMap((kind) => [...catalog[kind]]), ...Object.values(tradeRules)];
  for (const entry of entries) {
    for (const figure of figuresOf(entry)) {
      shares[provenanceOf(entry, figure.path).kind] += 1;
      shares.total += 1;
    }
  }
  return shares;
}

const SHARES = countShares();

/** Every catalogue entry with its figures and where each comes from. */
export function Library() {
  const say = useSay();
  const figures = useFigures();
  const [kind, setKind] = useState<CatalogKind>("animals");
  const [sought, setSought] = useState("");
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const wanted = sought.trim().toLocaleLowerCase();
  const latin = (item: object) => ("scientificName" in item ? String(item.scientificName) : "");
  const shown = [...catalog[kind]].filter((item) => `${nameOf(kind, item.id)} ${latin(item)}`.toLocaleLowerCase().includes(wanted));
  const entry = shown.find((item) => item.id === chosen) ?? shown[0];
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
                total: SHARES.total, published: figures.number(SHARES.published, 0), practice: figures.number(SHARES.practice, 0), memory: figures.number(SHARES.memory, 0),
              })}
            </p>
          </div>
          <div className={css.search}>
            <TextField label={say("library:search")} value={sought} onChange={(event) => setSought(event.target.value)} />
          </div>
        </div>
        <Pills
          label={say("library:which")} value={kind} options={KINDS.map((value) => ({ value, text: say(`library:kinds.${value}`) }))}
          onChange={(next) => {
            setKind(next);
            setChosen(undefined);
          }}
        />
        <div className={css.split}>
          <ul className={css.list}>
            {shown.length === 0 ? <li className={css.none}>{say("library:noMatch")}</li> : null}
            {shown.map((item) => (
              <li key={item.id}>
                <button type="button" aria-pressed={item.id === entry?.id} onClick={() => setChosen(item.id)}>
                  <b>{capital(nameOf(kind, item.id))}</b>
                  <i>{latin(item)}</i>
                </button>
              </li>
            ))}
          </ul>
          {entry ? <Entry kind={kind} entry={entry} /> : <p className={css.none}>{say("library:choose")}</p>}
        </div>
      </main>
    </div>
  );
}
