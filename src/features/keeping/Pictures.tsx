"use client";

import { useMemo, useState } from "react";
import { standing } from "@/core/log";
import { usePhotos, useSession, type Photo } from "@/store";
import { dayPrinted, useSay } from "@/words";
import css from "./Story.module.css";

/** All photographs by their day, and two of them drawn over one another. */
export function Pictures() {
  const say = useSay();
  const events = useSession((session) => session.events);
  const ids = useMemo(
    () => standing(events).flatMap((event) => (event.kind === "noted" ? event.photoIds : [])),
    [events],
  );
  const photos = usePhotos(ids);
  const byDay = useMemo(() => [...photos.values()].toSorted((a, b) => a.takenOn.localeCompare(b.takenOn)), [photos]);
  const [first, last] = [byDay[0], byDay.at(-1)];
  if (!first || !last) return <p className={css.none}>{say("journal:pictures.none")}</p>;
  return (
    <div className={css.story}>
      {byDay.length > 1 ? <Slider photos={byDay} /> : null}
      <h3>{say("journal:pictures.all")}</h3>
      <div className={css.photos}>
        {byDay.map((photo) => (
          <Picture key={photo.id} photo={photo} />
        ))}
      </div>
    </div>
  );
}

function Picture({ photo: { url, takenOn } }: { photo: Photo }) {
  const say = useSay();
  // eslint-disable-next-line @next/next/no-img-element -- from the browser's own store
  return <img src={url} alt={say("journal:note.photoOf", { takenOn })} title={dayPrinted(takenOn)} />;
}

/** Two days drawn over one another: the later shows as far as the edge is drawn. */
function Slider({ photos }: { photos: readonly Photo[] }) {
  const say = useSay();
  const [beforeId, setBefore] = useState(photos[0]?.id);
  const [afterId, setAfter] = useState(photos.at(-1)?.id);
  const [share, setShare] = useState(50);
  const before = photos.find(({ id }) => id === beforeId) ?? photos[0];
  const after = photos.find(({ id }) => id === afterId) ?? photos.at(-1);
  if (!before || !after) return null;
  const choice = (label: string, value: string, onChange: (id: string) => void) => (
    <label>
      <span>{label}</span>
      <select value={value} onChange={({ target }) => onChange(target.value)}>
        {photos.map(({ id, takenOn }, at) => (
          <option key={id} value={id}>
            {`${dayPrinted(takenOn)} (${at + 1})`}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <>
      <div className={css.pair}>
        {choice(say("journal:pictures.before"), before.id, setBefore)}
        {choice(say("journal:pictures.after"), after.id, setAfter)}
      </div>
      <div className={css.slider}>
        {[before, after].map(({ id, url, takenOn }, at) => (
          // eslint-disable-next-line @next/next/no-img-element -- from the browser's own store
          <img
            key={`${id} ${at}`}
            src={url}
            alt={say("journal:note.photoOf", { takenOn })}
            style={at === 1 ? { clipPath: `inset(0 0 0 ${share}%)` } : undefined}
          />
        ))}
      </div>
      <label className={css.drawn}>
        <span>{say("journal:pictures.slide")}</span>
        <input type="range" min={0} max={100} value={share} onChange={({ target }) => setShare(Number(target.value))} />
      </label>
    </>
  );
}
