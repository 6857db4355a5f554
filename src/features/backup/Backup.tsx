"use client";

import "@/words/atWork";
import { chooseUnits } from "@/store";
import { AppHeader } from "@/ui/parts";
import { useSay } from "@/words";
import css from "./Backup.module.css";
import { Making } from "./Making";
import { Storage } from "./Storage";
import { Taking } from "./Taking";

/** What is kept here: made into one file, restored from one, and what the browser promises of it. */
export function Backup() {
  const say = useSay();
  return (
    <div className={css.page}>
      <AppHeader place="shelf" onUnits={chooseUnits} />
      <main id="work" tabIndex={-1} className={css.main}>
        <h1>{say("backup:title")}</h1>
        <p className={css.sub}>{say("backup:sub")}</p>
        <div className={css.halves}>
          <div className={css.left}>
            <Making />
            <Storage />
          </div>
          <Taking />
        </div>
      </main>
    </div>
  );
}
