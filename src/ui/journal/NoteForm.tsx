"use client";

import AddAPhotoOutlined from "@mui/icons-material/AddAPhotoOutlined";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useRef, useState } from "react";
import { LIMITS, type Problem } from "@/core/habitat";
import type { Told } from "@/core/log";
import { sayProblem, useSay } from "@/words";
import css from "./NoteForm.module.css";

/** What is tagged in a text, in its order. @example tagsIn("#Mould on the #left wood") // ["Mould", "left"] */
const tagsIn = (text: string): string[] =>
  [...new Set([...text.matchAll(/#([\p{L}\p{N}][\p{L}\p{N}_-]{0,39})/gu)].map(([, tag]) => tag ?? ""))].slice(0, 12);

type Props = {
  /** The step of the build it is about. */
  taskId?: string;
  /** The day it speaks of; today where none is told. */
  on?: string;
  /** Keeps a photograph; fails where it is no picture. */
  keep: (file: Blob) => Promise<{ id: string; takenOn: string }>;
  /** Writes it down. @returns why not, when it is refused: then nothing of it is lost */
  onWrite: (told: Told) => Problem | undefined;
};

/** As many as the log holds to a note. */
const MOST_PHOTOS = 12;

type Kept = { id: string; takenOn: string; url: string };

/** A note with photographs: words first, tags as #words within them. */
export function NoteForm({ taskId, on = "", keep, onWrite }: Props) {
  const say = useSay();
  const [text, setText] = useState("");
  const [photos, setPhotos] = useState<readonly Kept[]>([]);
  const [said, setSaid] = useState("");
  const file = useRef<HTMLInputElement>(null);
  const take = async (files: FileList | null) => {
    for (const [at, one] of [...(files ?? [])].entries()) {
      if (photos.length + at >= MOST_PHOTOS) {
        setSaid(say("journal:note.tooMany", { most: MOST_PHOTOS }));
        break;
      }
      try {
        const kept = { ...(await keep(one)), url: URL.createObjectURL(one) };
        setPhotos((before) => [...before, kept]);
        setSaid("");
      } catch {
        setSaid(say("journal:note.noPicture", { name: one.name }));
      }
    }
    if (file.current) file.current.value = "";
  };
  const write = () => {
    const trimmed = text.trim();
    if (trimmed === "" && photos.length === 0) return setSaid(say("journal:note.empty"));
    const problem = onWrite({
      kind: "noted",
      on,
      text: trimmed,
      tags: tagsIn(trimmed),
      photoIds: photos.map(({ id }) => id),
      ...(taskId === undefined ? {} : { taskId }),
    });
    if (problem) return setSaid(sayProblem(problem, say));
    for (const { url } of photos) URL.revokeObjectURL(url);
    setText("");
    setPhotos([]);
    setSaid(say("journal:note.written"));
  };
  return (
    <form
      className={css.note}
      onSubmit={(event) => {
        event.preventDefault();
        write();
      }}
    >
      <TextField
        size="small"
        fullWidth
        multiline
        maxRows={5}
        label={say("journal:note.text")}
        value={text}
        onChange={({ target }) => setText(target.value)}
        slotProps={{ htmlInput: { maxLength: LIMITS.noteLength.max } }}
      />
      <input
        ref={file}
        type="file"
        accept="image/*"
        multiple
        hidden
        aria-label={say("journal:note.photo")}
        onChange={({ target }) => void take(target.files)}
      />
      <div className={css.buttons}>
        <Button variant="outlined" startIcon={<AddAPhotoOutlined />} onClick={() => file.current?.click()}>
          {say("journal:note.photo")}
        </Button>
        <Button variant="contained" type="submit">
          {say("journal:note.write")}
        </Button>
      </div>
      {photos.length > 0 ? (
        <ul className={css.photos}>
          {photos.map(({ id, url, takenOn }) => (
            <li key={id}>
              {/* eslint-disable-next-line @next/next/no-img-element -- from the browser's own store */}
              <img src={url} alt={say("journal:note.photoOf", { takenOn })} />
            </li>
          ))}
        </ul>
      ) : null}
      <p role="status" className={css.said}>
        {said}
      </p>
    </form>
  );
}
