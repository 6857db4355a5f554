"use client";

import { ROUND_VENTS_CM } from "@/core/climate";
import type { VentDecision } from "@/core/keeping/vents";
import type { Range } from "@/core/catalog";
import { percentsSaid, useFigures, useSay, type Figures, type Say } from "@/words";

/** A lid is covered by hand: told in steps of five per cent. */
const STEP_PCT = 5;
const stepped = ([low, high]: Range): Range => [
  Math.floor(low / STEP_PCT) * STEP_PCT,
  Math.ceil(high / STEP_PCT) * STEP_PCT,
];

/** What the logged days say of the vents. */
export function VentsSaid({ vents }: { vents: VentDecision }) {
  const say = useSay();
  const figures = useFigures();
  const { days, place, readRh, band } = vents;
  return (
    <p>
      {say("journal:says.vents.read", {
        read: percentsSaid([readRh, readRh], figures),
        where: say(`journal:places.${place}`),
        days: `${days}`,
        band: percentsSaid(band, figures),
      })}{" "}
      {vents.kind === "room" ? say("journal:says.vents.room") : null}
      {vents.kind === "change" ? `${whatToDo(vents, say, figures)} ${say("journal:says.vents.doubt")}` : null}
    </p>
  );
}

function whatToDo(vents: Extract<VentDecision, { kind: "change" }>, say: Say, figures: Figures): string {
  const { coveredPct, nowPct, pairs, flowShare } = vents;
  if (coveredPct) {
    const [low, high] = stepped(coveredPct);
    if (low <= nowPct && nowPct <= high) return say("journal:says.vents.about");
    return say("journal:says.vents.cover", {
      cover: percentsSaid([low, high], figures),
      now: percentsSaid([nowPct, nowPct], figures),
    });
  }
  if (pairs !== undefined)
    return say("journal:says.vents.pairs", {
      count: pairs,
      lowCm: ROUND_VENTS_CM.low,
      highCm: ROUND_VENTS_CM.high,
    });
  const [least, most] = flowShare;
  return least > 1
    ? say("journal:says.vents.flow", { times: figures.numbers(flowShare, 1) })
    : say("journal:says.vents.close", { share: percentsSaid([least * 100, most * 100], figures) });
}
