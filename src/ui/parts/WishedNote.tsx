"use client";

import type { Climate } from "@/core/climate";
import { useSay } from "@/words";

type Props = { climate: Pick<Climate, "source">; animalId: string };

/** Says on what plants and crew are judged, where it is the animal's wish and not what is set up. */
export function WishedNote({ climate, animalId }: Props) {
  const say = useSay();
  if (climate.source !== "wish") return null;
  return (
    <p className="quiet" role="note">
      {say("climate:wished", { animalId })}
    </p>
  );
}
