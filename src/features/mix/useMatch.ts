"use client";

import { useEffect, useRef, useState } from "react";
import type { Ingredient } from "@/core/catalog";
import { match, type MatchAnswer, type MatchRule } from "@/core/match";
import { unsuited, type Aims, type Parts } from "@/core/mix";
import { litrePrices } from "@/core/supply";
import { solve } from "@/store";
import type { MixAtHand } from "./useMixAtHand";

export type Looking =
  { at: "idle" } | { at: "working" } | { at: "failed" } | { at: "done"; answer: MatchAnswer; looseL: number };

/** A mix no lift uses yet is reckoned for a bucketful. */
const BUCKET_L = 10;

/** Everything that may be mixed for this animal, and what is left out as it would hurt it. */
export function candidatesFor({ animal, library }: Pick<MixAtHand, "animal" | "library">): {
  fit: Ingredient[];
  leftOut: Ingredient[];
} {
  const all = library.all("ingredients");
  return { fit: all.filter((item) => !unsuited(item, animal)), leftOut: all.filter((item) => unsuited(item, animal)) };
}

/** Looks for the nearest mix in the worker; only the last question counts, and it can be stopped. */
export function useMatch(hand: MixAtHand): {
  looking: Looking;
  look: (aims: Aims, rules: readonly MatchRule[], like: Parts | undefined) => Promise<void>;
  stop: () => void;
} {
  const [looking, setLooking] = useState<Looking>({ at: "idle" });
  const running = useRef<AbortController | undefined>(undefined);
  useEffect(() => () => running.current?.abort(), []);

  const look = async (aims: Aims, rules: readonly MatchRule[], like: Parts | undefined) => {
    running.current?.abort();
    const stopper = new AbortController();
    running.current = stopper;
    setLooking({ at: "working" });
    const looseL = hand.laying.looseL > 0 ? hand.laying.looseL : BUCKET_L;
    try {
      const question = {
        candidates: candidatesFor(hand).fit,
        aims,
        rules,
        looseL,
        depthCm: hand.bed.depthCm,
        stockL: hand.stockL,
        pricePerL: litrePrices(hand.bins),
      };
      const answer = await match(question, (model) => solve(model, stopper.signal), like, hand.pantry);
      if (running.current === stopper) setLooking({ at: "done", answer, looseL });
    } catch {
      if (running.current === stopper) setLooking({ at: stopper.signal.aborted ? "idle" : "failed" });
    }
  };
  return { looking, look, stop: () => running.current?.abort() };
}
