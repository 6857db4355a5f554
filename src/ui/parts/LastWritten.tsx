"use client";

import Button from "@mui/material/Button";
import type { LogEvent } from "@/core/log";
import { capital, sayEvent, useSay } from "@/words";
import css from "./LastWritten.module.css";

type Props = { events: readonly LogEvent[]; onTakeBack: () => void };

/** What was written down last, and the way to take it back: the log has an undo of its own, apart from the design's. */
export function LastWritten({ events, onTakeBack }: Props) {
  const say = useSay();
  const [first] = events;
  const what = first ? sayEvent(first, say) : say("journal:last.reading");
  return (
    <p className={css.last} role="status">
      <span>
        {say("journal:last.title")}: <b>{capital(what)}</b>
      </span>
      <Button size="small" variant="text" onClick={onTakeBack}>
        {say("journal:last.takeBack")}
      </Button>
    </p>
  );
}
