"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { OWN_KINDS, type OwnKind } from "@/core/catalog";
import { exampleCsv, parseOwn, printIngredients, printOwn } from "@/core/files";
import { withIngredients, withShelf, type Brought, type OwnShelf } from "@/core/own";
import { newOwnId, putOwn, stockNames } from "@/store";
import { openText, saveText } from "@/ui/files";
import { FileButton } from "@/ui/parts";
import { sayCsvProblem, sayFileProblem, sayNotKept, sayOwnProblem, useSay } from "@/words";
import { readIngredients } from "@/workers";
import css from "./Own.module.css";

const MOST_TOLD = 8;
const saveTable = (name: string, table: string): void => saveText(name, `\ufeff${table}`, "text/csv");

type Outcome = { taken: string; problems: string[] };

/**
 * Saves and opens own entries: all of them as a file, ingredients as a table too. One of the same name as before takes
 * the newer figures.
 */
export function OwnTools({ kind, own }: { kind: OwnKind; own: OwnShelf }) {
  const say = useSay();
  const [told, setTold] = useState<Outcome | undefined>(undefined);

  const namesOf = (one: OwnKind | "recipes") => stockNames(one, say.nameOf);

  const notKept = (error: unknown) => setTold({ taken: "", problems: [sayNotKept(error, say)] });

  /** Keeps what was brought in, and tells what was not taken and why. */
  const keep = async ({ shelf, problems }: Brought, taken: string, before: readonly string[]) => {
    await putOwn(shelf);
    setTold({ taken, problems: [...before, ...problems.map((one) => sayOwnProblem(one, say))] });
  };

  const bringTable = async (file: File) => {
    const { ingredients, problems } = await readIngredients(await openText(file), newOwnId());
    const brought = withIngredients(own, ingredients, namesOf);
    await keep(
      brought,
      say("library:own.brought", { count: brought.count }),
      problems.map((problem) => sayCsvProblem(problem, say)),
    );
  };

  const bringFile = async (file: File) => {
    const read = parseOwn(await openText(file));
    if (!read.ok)
      return setTold({
        taken: "",
        problems: [say("library:own.fileRefused", { why: sayFileProblem(read.problem, say) })],
      });
    const brought = withShelf(own, read.shelf, namesOf);
    await keep(brought, say("library:own.fileTaken", { count: brought.count }), []);
  };
  const some = OWN_KINDS.some((one) => own[one].length > 0) || own.recipes.length > 0;
  return (
    <section className={css.tools} aria-label={say("library:own.title")}>
      <FileButton
        label={say("library:own.bringFile")}
        accept=".json,application/json"
        onFile={(file) => void bringFile(file).catch(notKept)}
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
            onFile={(file) => void bringTable(file).catch(notKept)}
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
