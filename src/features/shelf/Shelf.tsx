"use client";

import Button from "@mui/material/Button";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useState } from "react";
import { chooseUnits, useShelf, type OnShelf } from "@/store";
import { AppHeader, useNow } from "@/ui/parts";
import { Aside } from "./Aside";
import { useSay } from "@/words";
import { ImportButton } from "./ImportButton";
import type { Notice } from "./notice";
import { Planks } from "./Planks";
import css from "./Shelf.module.css";
import { Today } from "./Today";

/** Read where there is nothing to show. */
const Emptiness = dynamic(async () => (await import("./Emptiness")).Emptiness, { ssr: false });

/** Read once there is something to say. */
const NoticeBar = dynamic(() => import("./NoticeBar"), { ssr: false });

/** Whether a habitat is put away. */
const isAway = (one: OnShelf): boolean => "standing" in one && one.standing.design.shelf.archivedOn !== null;

const partedBy = <T,>(items: readonly T[], is: (item: T) => boolean): [T[], T[]] => [
  items.filter(is),
  items.filter((item) => !is(item)),
];

/** Home: every habitat as its real section on shelves, and what is due today. */
export function Shelf() {
  const say = useSay();
  const today = useNow();
  const all = useShelf(today);
  const [notice, setNotice] = useState<Notice | undefined>(undefined);
  const [away, out] = partedBy(all ?? [], isAway);
  const standing = out.flatMap((one) => ("standing" in one ? [one.standing] : []));
  return (
    <div className={css.page}>
      <AppHeader
        place="shelf"
        onUnits={chooseUnits}
        right={
          <>
            {all?.length ? (
              <Button size="small" component={Link} href="/start" sx={{ borderRadius: 999, py: "4px", flex: "none" }}>
                {say("shelf:start")}
              </Button>
            ) : null}
            <ImportButton onNotice={setNotice} />
          </>
        }
      />
      {all === undefined ? (
        <main id="work" className={css.main} aria-busy />
      ) : all.length === 0 ? (
        <Emptiness aside={<Aside />} />
      ) : (
        <>
          <main id="work" className={css.main}>
            <h1 className="quiet">{say("shelf:title")}</h1>
            <Planks all={out} onNotice={setNotice} />
            {away.length > 0 ? (
              <details className={css.away}>
                <summary>{say("shelf:archivedTitle", { count: away.length })}</summary>
                <Planks all={away} onNotice={setNotice} />
              </details>
            ) : null}
            <Aside />
          </main>
          <Today standing={standing} onNotice={setNotice} />
        </>
      )}
      {notice ? <NoticeBar notice={notice} onClose={() => setNotice(undefined)} /> : null}
    </div>
  );
}
