"use client";

import Button from "@mui/material/Button";
import Snackbar from "@mui/material/Snackbar";
import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { useState } from "react";
import { chooseUnits, listHabitats } from "@/store";
import { AppHeader } from "@/ui/parts";
import { useSay } from "@/words";
import { Emptiness } from "./Emptiness";
import { ImportButton } from "./ImportButton";
import type { Notice } from "./notice";
import { Planks } from "./Planks";
import css from "./Shelf.module.css";
import { Today } from "./Today";

/** Home: every habitat as its real section on shelves, and what is due today. */
export function Shelf() {
  const say = useSay();
  const kept = useLiveQuery(listHabitats);
  const [notice, setNotice] = useState<Notice | undefined>(undefined);
  const habitats = kept?.flatMap((one) => (one.ok ? [one.habitat] : [])) ?? [];
  return (
    <div className={css.page}>
      <AppHeader
        place="shelf"
        onUnits={chooseUnits}
        right={
          <>
            {kept?.length ? (
              <Button size="small" component={Link} href="/start" sx={{ borderRadius: 999, py: "4px", flex: "none" }}>
                {say("shelf:start")}
              </Button>
            ) : null}
            <ImportButton onNotice={setNotice} />
          </>
        }
      />
      {kept === undefined ? (
        <main id="work" className={css.main} aria-busy />
      ) : kept.length === 0 ? (
        <Emptiness />
      ) : (
        <>
          <main id="work" className={css.main}>
            <h1 className="quiet">{say("shelf:title")}</h1>
            <Planks kept={kept} onNotice={setNotice} />
          </main>
          <Today habitats={habitats} onNotice={setNotice} />
        </>
      )}
      <Snackbar
        open={notice !== undefined}
        autoHideDuration={8000}
        onClose={(_event, reason) => reason !== "clickaway" && setNotice(undefined)}
        message={notice?.text}
        action={
          notice?.undo ? (
            <Button
              size="small"
              variant="text"
              sx={{ color: "inherit", textDecoration: "underline" }}
              onClick={() => {
                notice.undo?.();
                setNotice(undefined);
              }}
            >
              {say("common:undo")}
            </Button>
          ) : undefined
        }
      />
    </div>
  );
}
