"use client";

import type { Range } from "@/core/catalog";
import type { Cause } from "@/core/keeping/causes";
import type { Out } from "@/core/keeping/said";
import { measurableOf, type SeriesId } from "@/core/log";
import { useOpen } from "@/store";
import {
  changesSaid,
  channelPrinted,
  degreesSaid,
  dutyTitle,
  indexSaid,
  journalSaid,
  percentsSaid,
  waterADaySaid,
  useFigures,
  useSay,
  type Figures,
  type Say,
} from "@/words";
import css from "./Keeping.module.css";
import { useGearName } from "./useGearName";
import { useSeriesName } from "./useSeriesName";

const MOST_CAUSES = 3;

/** What was out of its band, and what may have brought it, likeliest first. */
export function OutSaid({ one: { spell, isNow, causes } }: { one: Out }) {
  const say = useSay();
  const figures = useFigures();
  const nameOf = useSeriesName();
  const { series, side, fromOn, untilOn } = spell;
  const worst = channelPrinted(spell.worst, measurableOf(series), figures);
  return (
    <div>
      <p>
        {isNow
          ? say(`journal:says.now.${side}`, { series: nameOf(series), worst })
          : say(`journal:says.spell.${side}`, { series: nameOf(series), fromOn, untilOn, worst })}
        {causes.length === 0 ? ` ${say(`journal:says.noCause.${plainCause(series)}`)}` : ""}
      </p>
      {causes.length > 0 ? (
        <ol className={css.causes} aria-label={say("journal:causes.label")}>
          {causes.slice(0, MOST_CAUSES).map((cause, at) => (
            <li key={at}>
              <CauseSaid cause={cause} series={series} />
            </li>
          ))}
        </ol>
      ) : null}
    </div>
  );
}

const SAID_OF = ["temperatureC", "humidityRh", "waterLineCm"] as const;
/** What to look at where nothing stands out, by what is measured. */
const plainCause = (series: SeriesId): (typeof SAID_OF)[number] | "other" =>
  SAID_OF.find((what) => what === measurableOf(series)) ?? "other";

function rangeSaid(range: Range, series: SeriesId, say: Say, figures: Figures): string {
  const what = measurableOf(series);
  if (what === "uvIndex") return indexSaid(range, figures);
  return what === "humidityRh" ? percentsSaid(range, figures) : degreesSaid(range, figures);
}

function CauseSaid({ cause, series }: { cause: Cause; series: SeriesId }) {
  const say = useSay();
  const figures = useFigures();
  const gearName = useGearName();
  const { habitat } = useOpen();
  switch (cause.kind) {
    case "changed": {
      const { title } = journalSaid(cause.event, { say, figures, design: habitat }) ?? { title: "" };
      return say("journal:causes.changed", { what: title, causeOn: cause.event.on });
    }
    case "heater":
      return say(`journal:causes.${cause.fault.kind}`, { name: gearName(cause.fault.gearId) });
    case "dutyLate":
      return say("journal:causes.dutyLate", { duty: dutyTitle(cause.duty, say), count: -cause.duty.inDays });
    case "vessel":
      return say("journal:causes.vessel", { name: gearName(cause.gearId), count: cause.days });
    case "lampOld":
      return say("journal:causes.lampOld", { name: gearName(cause.gearId), count: cause.months });
    case "runsDown":
      return say("journal:causes.runsDown", { water: waterADaySaid(cause.litresADay, say, figures) });
    case "design":
      return say("journal:causes.design", { range: rangeSaid(cause.comesTo, series, say, figures) });
    case "fewChanges":
    case "manyChanges":
      return say(`journal:causes.${cause.kind}`, { changes: changesSaid(cause.changesPerH, say, figures) });
    default:
      return say(`journal:causes.${cause.kind}`);
  }
}
