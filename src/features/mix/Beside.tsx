"use client";

import { HEADS_FOR_LIME_PCT, SEALS_FROM_PCT } from "@/core/mix";
import { capital, useFigures, useSay } from "@/words";
import css from "./Meters.module.css";
import type { MixAtHand } from "./useMixAtHand";

/** Less than this prints as nothing. */
const LEAST_TOLD_PCT = 0.05;

/** What the meters cannot show: for which depth they are read, and lime, swelling clay and peat that may be in it. */
export function Beside({ hand: { bed, mix, mixture, pantry, depthCm } }: { hand: MixAtHand }) {
  const say = useSay();
  const figures = useFigures();
  if (!mixture) return null;
  const { freeLimePct, swellingPct, maybePeatPct, pH } = mixture;
  const mayHold = mix.parts.flatMap(({ ingredientId }) =>
    pantry(ingredientId).peat === "maybe" ? [say.nameOf("ingredients", ingredientId)] : [],
  );
  const lines = [
    say(depthCm > 0 ? "mix:beside.depth" : "mix:beside.depthWanted", { bedCm: bed.depthCm }),
    freeLimePct >= LEAST_TOLD_PCT &&
      say(freeLimePct >= HEADS_FOR_LIME_PCT ? "mix:beside.limed" : "mix:beside.someLime", {
        lime: figures.number(freeLimePct, 1),
        pH: figures.number(pH, 1),
      }),
    swellingPct >= LEAST_TOLD_PCT &&
      say(swellingPct >= SEALS_FROM_PCT ? "mix:beside.seals" : "mix:beside.someClay", {
        clay: figures.number(swellingPct, 1),
      }),
    maybePeatPct > 0 && capital(say("mix:beside.maybePeat", { names: mayHold.join(", ") })),
  ].filter((line) => line !== false);
  return (
    <ul className={css.beside}>
      {lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
}
