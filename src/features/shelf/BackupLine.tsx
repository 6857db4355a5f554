"use client";

import { useLiveQuery } from "dexie-react-hooks";
import Link from "next/link";
import { backupDue, standingNow, useBackupMade, type Standing } from "@/store";
import { useSay } from "@/words";
import css from "./Shelf.module.css";

/** The way to the backup, and a word on it when the last one is old. */
export function BackupLine({ standing, today }: { standing: readonly Standing[]; today: string }) {
  const say = useSay();
  const last = useBackupMade();
  const now = useLiveQuery(standingNow);
  const firstOn = standing.map(({ design }) => design.createdAt.slice(0, 10)).toSorted()[0];
  const due = now === undefined ? undefined : backupDue(last?.at.slice(0, 10), firstOn, last?.standing !== now, today);
  return (
    <p className={css.backup} data-due={due !== undefined}>
      <span>
        {due?.kind === "none" ? say("shelf:backup.none") : null}
        {due?.kind === "old" ? say("shelf:backup.old", { count: due.days }) : null}
      </span>
      <Link href="/backup">{say("shelf:backup.link")}</Link>
    </p>
  );
}
