"use client";

import TextField from "@mui/material/TextField";
import { useState } from "react";
import { catalog, figuresOf, provenanceOf, tradeRules, type CatalogKind, type Provenance } from "@/core/catalog";
import { EMPTY_SHELF, keepEntry } from "@/core/own";
import { chooseUnits, putOwn, useOwn } from "@/store";
import { AppHeader, Pills } from "@/ui/parts";
import { capital, nameOf, useFigures, useSay } from "@/words";
import { Entry } from "./Entry";
import css from "./Library.module.css";
import { OwnEntry } from "./OwnEntry";
import { newOwnId, OwnTools, stockNames } from "./OwnTools";

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
  const [told, setTold] = useState("");
  const own = useOwn() ?? EMPTY_SHELF;
  const wanted = sought.trim().toLocaleLowerCase();
  const latin = (item: object) => ("scientificName" in item ? String(item.scientificName) : "");
  const ofOwn = kind === "ingredients" ? own.ingredients : [];
  const shown = [...ofOwn, ...catalog[kind]].filter((item) => `${nameOf(kind, item.id)} ${latin(item)}`.toLocaleLowerCase().includes(wanted));
  const entry = shown.find((item) => item.id === chosen) ?? shown[ofOwn.length] ?? shown[0];
  const mine = own.ingredients.find((item) => item.id === entry?.id);
  const copy = async (id: string) => {
    const from = catalog.ingredients.find((item) => item.id === id);
    if (!from) return;
    const taken = [...stockNames(), ...own.ingredients.map(({ name }) => name)];
    const base = say("library:own.copyName", { name: capital(nameOf("ingredients", id)) });
    const name = [base, ...Array.from({ length: taken.length }, (_, at) => `${base} ${at + 2}`)].find((one) => !taken.includes(one)) ?? base;
    const kept = keepEntry(own, "ingredients", { ...from, cautions: [...from.cautions], id: newOwnId(), name }, stockNames());
    if (!kept.ok) return;
    await putOwn(kept.shelf);
    setChosen(kept.shelf.ingredients.at(-1)?.id);
  };
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
            setTold("");
          }}
        />
        {kind === "ingredients" ? <OwnTools own={own} /> : null}
        {told === "" ? null : <p role="status" className={css.toldGone}>{told}</p>}
        <div className={css.split}>
          <ul className={css.list}>
            {shown.length === 0 ? <li className={css.none}>{say("library:noMatch")}</li> : null}
            {shown.map((item) => (
              <li key={item.id}>
                <button type="button" aria-pressed={item.id === entry?.id} onClick={() => setChosen(item.id)}>
                  <b>{capital(nameOf(kind, item.id))}</b>
                  <i>{own.ingredients.some(({ id }) => id === item.id) ? say("library:own.yours") : latin(item)}</i>
                </button>
              </li>
            ))}
          </ul>
          {mine ? <OwnEntry key={mine.id} item={mine} own={own} onGone={(text) => { setTold(text); setChosen(undefined); }} /> : entry ? (
            <Entry kind={kind} entry={entry} {...(kind === "ingredients" ? { onCopy: () => void copy(entry.id) } : {})} />
          ) : <p className={css.none}>{say("library:choose")}</p>}
        </div>
      </main>
    </div>
  );
}
