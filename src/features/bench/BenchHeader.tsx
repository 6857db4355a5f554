"use client";

import FileDownloadOutlined from "@mui/icons-material/FileDownloadOutlined";
import KeyboardOutlined from "@mui/icons-material/KeyboardOutlined";
import PrintOutlined from "@mui/icons-material/PrintOutlined";
import RedoOutlined from "@mui/icons-material/RedoOutlined";
import UndoOutlined from "@mui/icons-material/UndoOutlined";
import IconButton from "@mui/material/IconButton";
import Tooltip from "@mui/material/Tooltip";
import { format, parseISO } from "date-fns";
import Link from "next/link";
import { useState } from "react";
import { NameSchema, type Design } from "@/core/habitat";
import { chooseUnits, fileOnScreen, useSession, type Saving } from "@/store";
import { saveFile } from "@/ui/files";
import { AppHeader } from "@/ui/parts";
import { boxSize, useSay } from "@/words";
import css from "./BenchHeader.module.css";

/** Which habitat this is, whether it is kept, undo and redo, and the way out to a file. */
export function BenchHeader({ id, ready }: { id: string; ready: boolean }) {
  const say = useSay();
  const habitat = useSession((session) => (session.history?.present.id === id ? session.history.present : undefined));
  const canUndo = useSession((session) => (session.history?.past.length ?? 0) > 0);
  const canRedo = useSession((session) => (session.history?.future.length ?? 0) > 0);
  const { undo, redo } = useSession.getState();
  const saving = useSession((session) => session.saving);
  return (
    <AppHeader
      onUnits={chooseUnits}
      middle={
        habitat && ready ? (
          <>
            <span aria-hidden className={css.slash}>
              /
            </span>
            <Name key={habitat.name} habitat={habitat} />
            <span className={css.meta}>
              {say("common:sizeOf", boxSize(habitat.shell))} · {habitat.brief.count} ×{" "}
              {say.nameOf("animals", habitat.brief.animalId)}
            </span>
            <KeptNote saving={saving} />
          </>
        ) : null
      }
      right={
        <div className={css.tools}>
          <Tooltip title={`${say("common:undo")} · Ctrl+Z`}>
            <span>
              <IconButton size="small" aria-label={say("common:undo")} onClick={undo} disabled={!canUndo}>
                <UndoOutlined fontSize="small" />
              </IconButton>
            </span>
          </Tooltip>
          <Tooltip title={`${say("common:redo")} · Ctrl+Shift+Z`}>
            <span>
              <IconButton size="small" aria-label={say("common:redo")} onClick={redo} disabled={!canRedo}>
                <RedoOutlined fontSize="small" />
              </IconButton>
            </span>
          </Tooltip>
          <Tooltip title={say("sheets:open")}>
            <IconButton size="small" component={Link} href={`/h/${id}/sheets`} aria-label={say("sheets:open")}>
              <PrintOutlined fontSize="small" />
            </IconButton>
          </Tooltip>
          <Tooltip title={say("shelf:export")}>
            <IconButton size="small" aria-label={say("shelf:export")} onClick={() => void save()}>
              <FileDownloadOutlined fontSize="small" />
            </IconButton>
          </Tooltip>
          <span className={css.keys}>
            <Tooltip title={`${say("common:keys")} · ?`}>
              <IconButton
                size="small"
                aria-label={say("common:keys")}
                onClick={() => window.dispatchEvent(new KeyboardEvent("keydown", { key: "?" }))}
              >
                <KeyboardOutlined fontSize="small" />
              </IconButton>
            </Tooltip>
          </span>
        </div>
      }
    />
  );
}

/** Gives the person the habitat as it is on the screen as a file, log and all. */
async function save(): Promise<void> {
  await useSession.getState().settle();
  saveFile(await fileOnScreen());
}

function KeptNote({ saving }: { saving: Saving }) {
  const say = useSay();
  const said = {
    saved: () => say("common:keptAt", { time: saving.state === "saved" ? format(parseISO(saving.at), "HH:mm") : "" }),
    failed: () => say("common:notKept"),
    pending: () => say("common:keeping"),
    conflict: () => say("problems:conflict"),
  }[saving.state]();
  return (
    <span className={css.kept} data-failed={saving.state === "failed" || saving.state === "conflict"} role="status">
      {said}
    </span>
  );
}

const MOST_SIGNS = 60;

/** What keeps a text from being a name. */
function wrongWithName(text: string): "empty" | "tooLong" | "markup" | "invisible" {
  if (text.trim() === "") return "empty";
  if (text.trim().length > MOST_SIGNS) return "tooLong";
  return /[<>]/.test(text) ? "markup" : "invisible";
}

/** The habitat's name, changed where it stands. */
function Name({ habitat }: { habitat: Design }) {
  const say = useSay();
  const edit = useSession((session) => session.edit);
  const [text, setText] = useState(habitat.name);
  const read = NameSchema.safeParse(text);
  const problem = read.success ? undefined : say(`problems:name.${wrongWithName(text)}`);
  const commit = () => {
    if (!read.success) setText(habitat.name);
    else if (read.data !== habitat.name) edit([{ name: "rename", args: { name: read.data } }]);
  };
  return (
    <Tooltip title={problem ?? ""} open={problem !== undefined}>
      <input
        className={css.name}
        aria-label={say("start:name")}
        aria-invalid={problem !== undefined}
        value={text}
        size={Math.max(4, text.length)}
        maxLength={80}
        onChange={(event) => setText(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === "Enter") event.currentTarget.blur();
          if (event.key === "Escape") setText(habitat.name);
        }}
      />
    </Tooltip>
  );
}
