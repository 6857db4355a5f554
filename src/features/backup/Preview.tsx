"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { restore, troubleOf, type BackupLook, type ReadableBackup } from "@/store";
import { Pills } from "@/ui/parts";
import { useSay } from "@/words";
import css from "./Backup.module.css";

type How = "merge" | "replace";
type Props = { name: string; backup: ReadableBackup; look: BackupLook; onLeave: () => void };

/** What a backup holds beside what is here, and the two ways to take it. */
export function Preview({ name, backup, look, onLeave }: Props) {
  const say = useSay();
  const [how, setHow] = useState<How>("merge");
  const [state, setState] = useState<"asked" | "restoring" | "done">("asked");
  const [failed, setFailed] = useState("");
  const take = async () => {
    setState("restoring");
    setFailed("");
    try {
      await restore(backup, how);
      setState("done");
    } catch (error) {
      const why = say(troubleOf(error) === "full" ? "backup:take.full" : "backup:take.unknown");
      setFailed(say("backup:take.failed", { why }));
      setState("asked");
    }
  };
  if (state === "done")
    return (
      <>
        <p role="status" className={css.said}>
          {say("backup:take.done")}
        </p>
        {/* A page loaded anew: nothing of what stood before is held on to. */}
        <Button variant="contained" component="a" href="/">
          {say("backup:take.toShelf")}
        </Button>
      </>
    );
  return (
    <>
      <p className={css.last}>{say("backup:take.of", { name, madeOn: backup.madeAt.slice(0, 10) })}</p>
      <Beside look={look} how={how} unread={backup.unread.length} />
      <Pills
        label={say("backup:take.how")}
        value={how}
        onChange={setHow}
        options={(["merge", "replace"] as const).map((value) => ({ value, text: say(`backup:take.${value}`) }))}
      />
      <p>{say(`backup:take.${how}Help`)}</p>
      {how === "replace" ? (
        <p className={css.warning}>
          {look.onlyHere.length > 0 ? `${say("backup:take.gone", { count: look.onlyHere.length })} ` : ""}
          {say("backup:take.first")}
        </p>
      ) : null}
      <div className={css.buttons}>
        <Button variant="contained" disabled={state === "restoring"} onClick={() => void take()}>
          {say(`backup:take.do.${how}`)}
        </Button>
        <Button variant="text" disabled={state === "restoring"} onClick={onLeave}>
          {say("backup:take.cancel")}
        </Button>
      </div>
      <p role="alert" className={css.refused}>
        {state === "restoring" ? say("backup:take.restoring") : failed}
      </p>
    </>
  );
}

function Beside({ look, how, unread }: { look: BackupLook; how: How; unread: number }) {
  const say = useSay();
  const gone = how === "replace" ? look.onlyHere.map((one) => ({ ...one, met: "gone" as const })) : [];
  return (
    <>
      <ul className={css.list}>
        {[...look.habitats, ...gone].map(({ id, name, met }) => (
          <li key={id} data-met={met}>
            <b>{name}</b>
            <span>{say(`backup:take.met.${met}`)}</span>
          </li>
        ))}
        {look.photos > 0 ? (
          <li>
            <b>{say("backup:take.photos", { count: look.photos })}</b>
            <span>{say("backup:take.newPhotos", { count: look.newPhotos })}</span>
          </li>
        ) : null}
      </ul>
      {unread > 0 ? <p className={css.warning}>{say("backup:take.unread", { count: unread })}</p> : null}
    </>
  );
}
