"use client";

import { figuresOf, isUnsure, provenanceOf, type Figure, type Provenance } from "@/core/catalog";
import type { MeasureKind } from "@/core/units";
import { capital, isWord, ranged, useFigures, useSay, type Say } from "@/words";
import type { Shown } from "./entries";
import { measureAt } from "./measureAt";

/** One figure of an entry, or the two ends of a range, and where it comes from. */
export type TraitRow = {
  path: string;
  label: string;
  value: string;
  from: string;
  kind: Provenance["kind"];
  /** Whoever told it was not sure of it. */
  unsure: boolean;
  range: readonly [number, number] | undefined;
  scale: readonly [number, number] | undefined;
};

/** Ranges are drawn on one scale for all, so that entries can be held against one another. */
const SCALES: Partial<Record<MeasureKind, readonly [number, number]>> = { temperature: [0, 50], humidity: [0, 100] };

const wordFor = (key: string, say: Say): string => {
  const word = `figures:${key}`;
  return isWord(word) ? say(word) : "";
};

export const provenanceText = (from: Provenance, say: Say): string =>
  [say(`library:from.${from.kind}`), from.kind === "published" ? from.source : undefined, from.note]
    .filter(Boolean)
    .join(": ");

/** How many refuges are wanted, and what another school says, is told in words. */
const isShown = ({ path }: Figure): boolean => !/^(refuges|schools)\./.test(path);

/** Figures of an entry as rows; the two ends of a range share one. */
export function useRows(): (entry: Shown) => TraitRow[] {
  const say = useSay();
  const figures = useFigures();
  return (entry) => {
    const grouped = new Map<string, number[]>();
    for (const { path, value } of figuresOf(entry).filter(isShown)) {
      const whole = path.replace(/\.[01]$/, "");
      grouped.set(whole, [...(grouped.get(whole) ?? []), value]);
    }
    return [...grouped].map(([path, values]) => {
      const keys = path.split(".");
      const measure = measureAt(path);
      const tell = (value: number) =>
        measure ? figures.printed(value * measure.perBase, measure.kind) : figures.number(value);
      const from = provenanceOf(entry, path);
      const part = keys[0] === "parts" && "parts" in entry ? entry.parts[Number(keys[1])]?.ingredientId : undefined;
      const [low, high] = values;
      return {
        path,
        kind: from.kind,
        unsure: isUnsure(entry, path),
        value: low !== undefined && high !== undefined ? ranged(tell(low), tell(high)) : values.map(tell).join(" – "),
        label: part
          ? capital(say.nameOf("ingredients", part))
          : capital(
              keys
                .map((key) => wordFor(key, say))
                .filter(Boolean)
                .join(", "),
            ),
        from: from === entry.from ? say(`library:from.${from.kind}`) : provenanceText(from, say),
        range: low !== undefined && high !== undefined ? [low, high] : undefined,
        scale: measure ? SCALES[measure.kind] : undefined,
      };
    });
  };
}
