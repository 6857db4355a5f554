"use client";

import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { useState } from "react";
import { makeBackup, useBackupMade, useKept } from "@/store";
import { saveBlob } from "@/ui/files";
import { useSay } from "@/words";
import css from "./Backup.module.css";
import { useFileSize } from "./useFileSize";

/** Packs everything into one file and gives it to the person. */
export function Making() {
  const say = useSay();
  const sizeOf = useFileSize();
  const kept = useKept();
  const last = useBackupMade();
  const [share, setShare] = useState<number>();
  const [stop, setStop] = useState<AbortController>();
  const [said, setSaid] = useState("");
  const make = async () => {
    const abort = new AbortController();
    setStop(abort);
    setShare(0);
    setSaid("");
    try {
      const { name, blob } = await makeBackup({ onProgress: setShare, signal: abort.signal });
      saveBlob(name, blob);
      setSaid(say("backup:make.done", { name, size: sizeOf(blob.size) }));
    } catch (error) {
      const tooLarge = error instanceof Error && error.name === "BackupTooLargeError";
      const why = say(tooLarge ? "backup:make.tooLarge" : "backup:make.unknown");
      setSaid(abort.signal.aborted ? say("backup:make.stopped") : say("backup:make.failed", { why }));
    } finally {
      setShare(undefined);
    }
  };
  const what = kept
    ? [
        say("backup:make.habitats", { count: kept.habitats }),
        ...(kept.photos > 0 ? [say("backup:make.photos", { count: kept.photos })] : []),
        say("backup:make.rest"),
      ].join(", ")
    : "";
  return (
    <section className={css.half} aria-label={say("backup:make.title")}>
      <h2>{say("backup:make.title")}</h2>
      <p>{say("backup:make.what", { what })}</p>
      <p className={css.last}>
        {last
          ? `${say("backup:make.last", { madeOn: last.at.slice(0, 10) })} ${
              kept ? say(kept.standing === last.standing ? "backup:make.same" : "backup:make.changed") : ""
            }`
          : say("backup:make.never")}
      </p>
      {share === undefined ? (
        <Button variant="contained" onClick={() => void make()}>
          {say("backup:make.button")}
        </Button>
      ) : (
        <div className={css.going}>
          <LinearProgress variant="determinate" value={share * 100} aria-label={say("backup:make.title")} />
          <span>{say("backup:make.packing", { share: `${Math.round(share * 100)}` })}</span>
          <Button size="small" variant="text" onClick={() => stop?.abort()}>
            {say("backup:make.stop")}
          </Button>
        </div>
      )}
      <p role="status" className={css.said}>
        {said}
      </p>
    </section>
  );
}
