"use client";

import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { backupBeside, type BackupLook, type ReadableBackup } from "@/store";
import { FileButton } from "@/ui/parts";
import { sayFileProblem, useSay, type Say } from "@/words";
import type { BackupRead } from "@/core/restoring";
import { lookIntoBackup } from "@/workers";
import css from "./Backup.module.css";
import { Preview } from "./Preview";

type Opened = { zip: File; backup: ReadableBackup; look: BackupLook };

function problemSaid(problem: Extract<BackupRead, { ok: false }>["problem"], say: Say): string {
  switch (problem.code) {
    case "backup.harmful":
      return say("backup:refused.harmful");
    case "backup.newer":
      return say("backup:refused.newer", { found: problem.found, known: problem.known });
    case "backup.notZip":
      return say("backup:refused.notZip");
    case "backup.notOurs":
      return say("backup:refused.notOurs");
    default:
      return sayFileProblem(problem, say);
  }
}

/** Opens a backup, holds it against its checksums, and shows what it would change before it does. */
export function Taking() {
  const say = useSay();
  const [share, setShare] = useState<number>();
  const [refused, setRefused] = useState("");
  const [opened, setOpened] = useState<Opened>();
  const open = async (file: File) => {
    setOpened(undefined);
    setRefused("");
    setShare(0);
    try {
      const backup = await lookIntoBackup(file, { onProgress: setShare });
      if (backup.ok) setOpened({ zip: file, backup, look: await backupBeside(backup) });
      else setRefused(problemSaid(backup.problem, say));
    } catch {
      setRefused(say("backup:refused.notZip"));
    } finally {
      setShare(undefined);
    }
  };
  return (
    <section className={css.half} aria-label={say("backup:take.title")}>
      <h2>{say("backup:take.title")}</h2>
      {opened ? (
        <Preview {...opened} onLeave={() => setOpened(undefined)} />
      ) : (
        <>
          <p>{say("backup:take.what")}</p>
          <FileButton
            label={say("backup:take.choose")}
            accept=".zip,application/zip"
            onFile={(file) => void open(file)}
          />
          {share === undefined ? null : (
            <div className={css.going}>
              <LinearProgress variant="determinate" value={share * 100} aria-label={say("backup:take.title")} />
              <span>{say("backup:take.reading", { share: `${Math.round(share * 100)}` })}</span>
            </div>
          )}
          <p role="alert" className={css.refused}>
            {refused}
          </p>
        </>
      )}
    </section>
  );
}
