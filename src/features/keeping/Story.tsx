"use client";

import DeleteOutlined from "@mui/icons-material/DeleteOutlined";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import { useMemo, useState } from "react";
import { refusedBeforeShed } from "@/core/keeping";
import { found, storyOf, type LogEvent } from "@/core/log";
import { useOpen, usePhotos, useSession, useToday } from "@/store";
import type { Mark } from "@/ui/chart";
import { dayPrinted, journalSaid, useFigures, useSay, type Tone } from "@/words";
import { Charts } from "./Charts";
import css from "./Story.module.css";

const COLOR: Record<Tone, string> = {
  good: "--moss",
  water: "--water",
  harm: "--rust",
  look: "--ochre",
  plain: "--clay",
};
const A_PAGE = 30;

/** The story of the habitat in words, the newest first. */
function useStory() {
  const say = useSay();
  const figures = useFigures();
  const { habitat, log } = useOpen();
  const events = useSession((session) => session.events);
  return useMemo(() => {
    const sheds = new Map(refusedBeforeShed(log.state.fed, log.state.sheds).map(({ on, shedOn }) => [on, shedOn]));
    return storyOf(events).map((event) => {
      const entry = journalSaid(event, { say, figures, design: habitat });
      const shedOn = event.kind === "fed" && event.taken === "refused" ? sheds.get(event.on) : undefined;
      const because = shedOn === undefined ? [] : [say("journal:said.beforeShed", { shedOn })];
      return { event, ...entry, small: [entry.small, ...because].filter((part) => part !== "").join(" · ") };
    });
  }, [events, habitat, log, say, figures]);
}

/** What happened, under the readings of the same time, so that a change and its effect stand together. */
export function Story() {
  const say = useSay();
  const story = useStory();
  const [query, setQuery] = useState("");
  const [pages, setPages] = useState(1);
  const shown = useMemo(() => found(story, query, ({ title, small }) => `${title} ${small}`), [story, query]);
  const marks = useMemo(
    (): Mark[] =>
      // What goes well comes too often to be marked: what stands out is.
      story
        .filter(({ tone }) => tone !== "good")
        .map(({ event, title, tone }) => ({ on: event.on, color: COLOR[tone], text: title })),
    [story],
  );
  return (
    <div className={css.story}>
      <Charts marks={marks} />
      <TextField
        size="small"
        type="search"
        label={say("journal:search")}
        value={query}
        onChange={({ target }) => setQuery(target.value)}
      />
      {shown.length === 0 ? <p className={css.none}>{say(query ? "journal:noneFound" : "journal:none")}</p> : null}
      <ol className={css.entries} aria-label={say("journal:views.story")}>
        {shown.slice(0, pages * A_PAGE).map((entry) => (
          <Entry key={entry.event.id} {...entry} />
        ))}
      </ol>
      {shown.length > pages * A_PAGE ? (
        <button type="button" className={css.more} onClick={() => setPages(pages + 1)}>
          {say("journal:more")}
        </button>
      ) : null}
    </div>
  );
}

type EntryProps = { event: LogEvent; title: string; small: string; tone: Tone };

/** A day, with its year where it is not this one. */
const dayOrYear = (on: string, today: string): string =>
  on.slice(0, 4) === today.slice(0, 4) ? dayPrinted(on) : `${dayPrinted(on)} ${on.slice(0, 4)}`;

const NO_PHOTOS: readonly string[] = [];

function Entry({ event, title, small, tone }: EntryProps) {
  const say = useSay();
  const { strike } = useOpen();
  const today = useToday();
  const photos = usePhotos(event.kind === "noted" ? event.photoIds : NO_PHOTOS);
  return (
    <li>
      <i style={{ background: `var(${COLOR[tone]})` }} />
      <div>
        <b>{title}</b>
        {small === "" ? null : <small>{small}</small>}
        {photos.size > 0 ? (
          <div className={css.photos}>
            {[...photos.values()].map(({ id, url, takenOn }) => (
              // eslint-disable-next-line @next/next/no-img-element -- from the browser's own store
              <img key={id} src={url} alt={say("journal:note.photoOf", { takenOn })} />
            ))}
          </div>
        ) : null}
      </div>
      <span className="measure">{dayOrYear(event.on, today)}</span>
      <IconButton size="small" aria-label={say("journal:takeOut", { what: title })} onClick={() => strike([event])}>
        <DeleteOutlined fontSize="inherit" />
      </IconButton>
    </li>
  );
}
