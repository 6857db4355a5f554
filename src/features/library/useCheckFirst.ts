"use client";

import { useMemo } from "react";
import { checkFirst, type CheckFirst } from "@/core/findings";
import { useShelf } from "@/store";
import { useNow } from "@/ui/parts";
import { sayFinding, useSay } from "@/words";

/** A figure from memory, and a finding it decided in one of the builder's habitats. */
export type Decided = CheckFirst & { habitat: string; title: string };

/** All of them over the habitats on this device, what its teller was unsure of first; none while these are read. */
export function useCheckFirst(): readonly Decided[] {
  const say = useSay();
  const all = useShelf(useNow());
  return useMemo(() => {
    const standing = all?.flatMap((one) => ("standing" in one ? [one.standing] : [])) ?? [];
    const decided = standing.flatMap(({ design, derived }) =>
      derived.findings.flatMap((finding) =>
        checkFirst(finding, design.brief.animalId, derived.library, derived.climate.decidedBy).map(
          (figure): Decided => ({
            ...figure,
            habitat: design.name,
            title: sayFinding(finding, say).title,
          }),
        ),
      ),
    );
    return decided.toSorted((a, b) => Number(b.unsure) - Number(a.unsure));
  }, [all, say]);
}

/** Whether a decided figure is this one, or stands in the group of it. @example standsIn("box.widthCm", "box") // true */
export const standsIn = (path: string, group: string): boolean => path === group || path.startsWith(`${group}.`);
