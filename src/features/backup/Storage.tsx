"use client";

import Button from "@mui/material/Button";
import { useEffect, useState } from "react";
import { askToPersist, dropOrphans, storageNow, useKept, type Storage as StorageTold } from "@/store";
import { useSay } from "@/words";
import css from "./Backup.module.css";
import { useFileSize } from "./useFileSize";

/** How full the browser's storage is, and whether it has promised to keep it. */
export function Storage() {
  const say = useSay();
  const sizeOf = useFileSize();
  const kept = useKept();
  const [told, setTold] = useState<StorageTold>();
  const [refused, setRefused] = useState(false);
  const look = async () => setTold(await storageNow().catch(() => undefined));
  useEffect(() => void storageNow().then(setTold, () => undefined), [kept]);
  if (!told) return null;
  const ask = async () => {
    setRefused(!(await askToPersist().catch(() => false)));
    await look();
  };
  return (
    <section className={css.storage} aria-label={say("backup:storage.title")}>
      <h2>{say("backup:storage.title")}</h2>
      {told.usedBytes !== undefined && told.mostBytes !== undefined ? (
        <p className="measure">
          {say("backup:storage.used", { used: sizeOf(told.usedBytes), most: sizeOf(told.mostBytes) })}
        </p>
      ) : null}
      <p>{say(told.isPersisted ? "backup:storage.persisted" : "backup:storage.notPersisted")}</p>
      {told.isPersisted ? null : (
        <Button size="small" variant="outlined" onClick={() => void ask()}>
          {say("backup:storage.ask")}
        </Button>
      )}
      <p role="status">{refused ? say("backup:storage.refused") : ""}</p>
      {kept && kept.orphans > 0 ? (
        <div className={css.buttons}>
          <span>{say("backup:storage.orphans", { count: kept.orphans })}</span>
          <Button size="small" variant="outlined" onClick={() => void dropOrphans()}>
            {say("backup:storage.dropOrphans")}
          </Button>
        </div>
      ) : null}
    </section>
  );
}
