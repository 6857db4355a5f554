"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { OWN_KINDS, type OwnIngredient, type OwnKind } from "@/core/catalog";
import { exampleCsv, parseIngredients, parseOwn, printIngredients, printOwn } from "@/core/files";
import { keepEntry, keepRecipe, sameName, type OwnShelf } from "@/core/own";
import { newOwnId, putOwn, stockNames } from "@/store";
import { openText, saveText } from "@/ui/files";
import { FileButton } from "@/ui/parts";
import { sayCsvProblem, sayFileProblem, sayOwnProblem, useSay } from "@/words";
import css from "./Own.module.css";

const MOST_TOLD = 8;
const saveTable = (name: string, table: string): void => saveText(name, `\ufeff${table}`, "text/csv");

type Told = { taken: string; problems: string[] };

/**
 * Saves and opens own entries: all of them as a file, ingredients as a table too. One of the same name as before takes
 * the newer figures.
 */
export function OwnTools({ kind, own }: { kind: OwnKind; own: OwnShelf }) {
  const say = useSay();
  const [told, setTold] = useState<Told | undefined>(undefined);

  const bringTable = async (file: File) => {
    const { ingredients, problems } = parseIngredients(await openText(file), newOwnId);
    const before = (item: OwnIngredient) => own.ingredients.find((other) => sameName(other.name, item.name));
    const refused: string[] = [];
    const shelf = ingredients.reduce<OwnShelf>((held, item) => {
      const kept = keepEntry(
        held,
        "ingredients",
        { ...item, id: before(item)?.id ?? item.id },
        stockNames("ingredients", say.nameOf),
      );
      if (!kept.ok) refused.push(sayOwnProblem(kept.problem, say));
      return kept.ok ? kept.shelf : held;
    }, own);
    await putOwn(shelf);
    setTold({
      taken: say("library:own.brought", { count: ingredients.length - refused.length }),
      problems: [...problems.map((problem) => sayCsvProblem(problem, say)), ...refused],
    });
  };

  const bringFile = async (file: File) => {
    const read = parseOwn(await openText(file));
    if (!read.ok)
      return setTold({
        taken: "",
        problems: [say("library:own.fileRefused", { why: sayFileProblem(read.problem, say) })],
      });
    const problems: string[] = [];
    let [shelf, count] = [own, 0];
    for (const one of OWN_KINDS) {
      for (const entry of read.shelf[one]) {
        const kept = keepEntry(shelf, one, entry, stockNames(one, say.nameOf));
        if (kept.ok) [shelf, count] = [kept.shelf, count + 1];
        else problems.push(sayOwnProblem(kept.problem, say));
      }
    }
    for (const recipe of read.shelf.recipes) {
      const kept = keepRecipe(shelf, recipe, stockNames("recipes", say.nameOf));
      if (kept.ok) [shelf, count] = [kept.shelf, count + 1];
      else problems.push(sayOwnProblem(kept.problem, say));
    }
    await putOwn(shelf);
    setTold({ taken: say("library:own.fileTaken", { count }), problems });
  };
  const some = OWN_KINDS.some((one) => own[one].length > 0) || own.recipes.length > 0;
  return (
    <section className={css.tools} aria-label={say("library:own.title")}>
      <FileButton
        label={say("library:own.bringFile")}
        accept=".json,application/json"
        onFile={(file) => void bringFile(file)}
      />
      <Button
        size="small"
        variant="outlined"
        disabled={!some}
        onClick={() => saveText("own-entries.library.json", printOwn(own))}
      >
        {say("library:own.saveFile")}
      </Button>
      {kind === "ingredients" ? (
        <>
          <FileButton
            label={say("library:own.bring")}
            accept=".csv,text/csv,text/plain"
            onFile={(file) => void bringTable(file)}
          />
          <Button
            size="small"
            variant="outlined"
            disabled={own.ingredients.length === 0}
            onClick={() => saveTable("ingredients.csv", printIngredients(own.ingredients))}
          >
            {say("library:own.save")}
          </Button>
          <Button size="small" variant="text" onClick={() => saveTable("ingredients-example.csv", exampleCsv())}>
            {say("library:own.example")}
          </Button>
        </>
      ) : null}
      {told ? (
        <div role="status" className={css.told}>
          <p>{told.taken}</p>
          {told.problems.length > 0 ? (
            <>
              {told.taken === "" ? null : (
                <p className={css.wrong}>{say("library:own.notTaken", { count: told.problems.length })}</p>
              )}
              <ul>
                {told.problems.slice(0, MOST_TOLD).map((text, at) => (
                  <li key={at}>{text}</li>
                ))}
                {told.problems.length > MOST_TOLD ? <li>…</li> : null}
              </ul>
            </>
          ) : null}
        </div>
      ) : null}
    </section>
  );
}
