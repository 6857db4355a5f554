"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { catalog, type OwnIngredient } from "@/core/catalog";
import { exampleCsv, parseIngredients, printIngredients } from "@/core/files";
import { keepEntry, sameName, type OwnShelf } from "@/core/own";
import { putOwn } from "@/store";
import { openText, saveText } from "@/ui/files";
import { FileButton } from "@/ui/parts";
import { nameOf, sayCsvProblem, sayOwnProblem, useSay } from "@/words";
import css from "./Own.module.css";

const MOST_TOLD = 8;
const saveTable = (name: string, table: string): void => saveText(name, `\ufeff${table}`, "text/csv");
export const newOwnId = (): string => `own${crypto.randomUUID().replaceAll("-", "")}`;
export const stockNames = (): string[] => catalog.ingredients.map(({ id }) => nameOf("ingredients", id));

/** Brings a table of own ingredients in and saves it. One of the same name as before takes the newer figures; bad rows are told and left out. */
export function OwnTools({ own }: { own: OwnShelf }) {
  const say = useSay();
  const [told, setTold] = useState<{ taken: number; problems: string[] } | undefined>(undefined);

  const bring = async (file: File) => {
    const { ingredients, problems } = parseIngredients(await openText(file), newOwnId);
    const before = (item: OwnIngredient) => own.ingredients.find((other) => sameName(other.name, item.name));
    const refused: string[] = [];
    const shelf = ingredients.reduce<OwnShelf>((held, item) => {
      const kept = keepEntry(held, "ingredients", { ...item, id: before(item)?.id ?? item.id }, stockNames());
      if (!kept.ok) refused.push(sayOwnProblem(kept.problem, say));
      return kept.ok ? kept.shelf : held;
    }, own);
    await putOwn(shelf);
    setTold({ taken: ingredients.length - refused.length, problems: [...problems.map((problem) => sayCsvProblem(problem, say)), ...refused] });
  };
  return (
    <section className={css.tools} aria-label={say("library:own.title")}>
      <FileButton label={say("library:own.bring")} accept=".csv,text/csv,text/plain" onFile={(file) => void bring(file)} />
      <Button size="small" variant="outlined" disabled={own.ingredients.length === 0} onClick={() => saveTable("ingredients.csv", printIngredients(own.ingredients))}>{say("library:own.save")}</Button>
      <Button size="small" variant="text" onClick={() => saveTable("ingredients-example.csv", exampleCsv())}>{say("library:own.example")}</Button>
      {told ? (
        <div role="status" className={css.told}>
          <p>{say("library:own.brought", { count: told.taken })}</p>
          {told.problems.length > 0 ? (
            <>
              <p className={css.wrong}>{say("library:own.notTaken", { count: told.problems.length })}</p>
              <ul>{told.problems.slice(0, MOST_TOLD).map((text, at) => <li key={at}>{text}</li>)}{told.problems.length > MOST_TOLD ? <li>…</li> : null}</ul>
            </>
          ) : null}
        </div>
      ) : null}
    </section>
  );
}
