"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { restore, troubleOf, type BackupLook, type ReadableBackup } from "@/store";
import { Pills } from "@/ui/parts";
import { useSay } from "@/words";
import { readPixels } from "@/workers";
import css from "./Backup.module.css";

type How = "merge" | "replace";
type Props = { zip: File; backup: ReadableBackup; look: BackupLook; onLeave: () => void };

/** What a backup holds beside what is here, and the two ways to take it. */
export function Preview({ zip, backup, look, onLeave }: Props) {
  const say = useSay();
  const [how, setHow] = useState<How>("merge");
  const [state, setState] = useState<"asked" | "restoring" | "done">("asked");
  const [failed, setFailed] = useState("");
  const [share, setShare] = useState(0);
  const take = async () => {
    setState("restoring");
    setFailed("");
    try {
      await restore(backup, how, (paths) => readPixels(zip, paths), setShare);
      setState("done");
    } catch (error) {
      const why = say(troubleOf(error) === "full" ? "backup:take.full" : "backup:take.unknown");
      setFailed(say("backup:take.failed", { why }));
      setState("asked");
    }
  };
  const going =
    look.newPhotos > 0 && share < 1
      ? say("backup:take.restoringPhotos", { share: `${Math.round(share * 100)}` })
      : say("backup:take.restoring");
  if (state === "done")
    return (
      <>
        <p role="status" className={css.said}>
          {say(backup.leftOut.length > 0 ? "backup:take.doneBut" : "backup:take.done", {
            count: backup.leftOut.length,
          })}
        </p>
        {/* A page loaded anew: nothing of what stood before is held on to. */}
        <Button variant="contained" component="a" href="/">
          {say("backup:take.toShelf")}
        </Button>
      </>
    );
  return (
    <>
      <p className={css.last}>{say("backup:take.of", { name: zip.name, madeOn: backup.madeAt.slice(0, 10) })}</p>
      <Beside look={look} how={how} unread={backup.unread.length} />
      <LeftOut all={backup.leftOut} />
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
        {state === "restoring" ? going : failed}
      </p>
    </>
  );
}

const MOST_NAMED = 5;

/** Parts of the backup that do not come in, by their names. */
function LeftOut({ all }: { all: ReadableBackup["leftOut"] }) {
  const say = useSay();
  if (all.length === 0) return null;
  const named = all.slice(0, MOST_NAMED);
  return (
    <div className={css.warning}>
      <p>{say("backup:take.leftOut", { count: all.length })}</p>
      <ul>
        {named.map(({ path, why }) => (
          <li key={path}>{say(`backup:take.why.${why}`, { path })}</li>
        ))}
      </ul>
      {all.length > named.length ? <p>{say("backup:take.andMore", { count: all.length - named.length })}</p> : null}
    </div>
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
