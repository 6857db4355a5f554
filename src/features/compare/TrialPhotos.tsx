"use client";

import type { TrialLog } from "@/core/trial";
import { usePhotos, type Standing } from "@/store";
import { useSay } from "@/words";
import css from "./Trial.module.css";

type Props = { logs: readonly [TrialLog, TrialLog]; pair: readonly [Standing, Standing] };

/** The latest photograph of each within the trial, side by side. */
export function TrialPhotos({ logs, pair }: Props) {
  const say = useSay();
  const ids = logs.map(({ photoIds }) => photoIds.at(-1));
  const photos = usePhotos(ids.filter((id) => id !== undefined));
  if (photos.size === 0) return null;
  return (
    <>
      <h3>{say("compare:trial.photos")}</h3>
      <div className={css.photos}>
        {pair.map(({ design }, at) => {
          const photo = photos.get(ids[at] ?? "");
          return (
            <figure key={design.id}>
              {photo ? (
                // eslint-disable-next-line @next/next/no-img-element -- a picture out of the browser's own storage
                <img src={photo.url} alt={say("journal:note.photoOf", { takenOn: photo.takenOn })} />
              ) : (
                <p>{say("compare:trial.none")}</p>
              )}
              <figcaption>{design.name}</figcaption>
            </figure>
          );
        })}
      </div>
    </>
  );
}
