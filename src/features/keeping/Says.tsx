"use client";

import { useMemo } from "react";
import { daysToSafeLine, reportOf, type Drift, type Share, type Spell } from "@/core/keeping/report";
import { measurableOf } from "@/core/log";
import { useLately, useOpen, useSession } from "@/store";
import { LedgerPart } from "@/ui/parts";
import { channelPrinted, degreesApart, journalSaid, useFigures, useSay, useUnits } from "@/words";
import css from "./Keeping.module.css";
import { useSeriesName } from "./useSeriesName";

const DAYS = 60;
const MOST_SPELLS = 3;

const percent = ({ in: inBand, of }: Share): string => `${Math.round((inBand / Math.max(1, of)) * 100)}`;

/** What the readings of the last weeks say by themselves: the band kept, spells out of it and why, drifts. */
export function Says() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const events = useSession((session) => session.events);
  const lately = useLately(habitat.id, DAYS);
  const report = useMemo(
    () => (lately && Object.keys(lately).length > 0 ? reportOf(derived, lately, events) : undefined),
    [derived, lately, events],
  );
  if (!report || report.day.of + report.night.of === 0) return null;
  const { day, night, spells, drifts } = report;
  const bands = [
    day.of > 0 ? say("journal:says.day", { share: percent(day) }) : "",
    night.of > 0 ? say("journal:says.night", { share: percent(night) }) : "",
  ].filter((part) => part !== "");
  return (
    <LedgerPart title={say("journal:says.title")}>
      <div className={css.says}>
        <p>{say("journal:says.bands", { what: bands.join(", "), days: `${DAYS}` })}</p>
        {spells.slice(0, MOST_SPELLS).map((spell) => (
          <SpellSaid key={`${spell.series} ${spell.fromOn}`} spell={spell} />
        ))}
        {drifts.map((drift) => (
          <DriftSaid key={drift.series} drift={drift} />
        ))}
      </div>
    </LedgerPart>
  );
}

function SpellSaid({ spell: { series, side, fromOn, untilOn, worst, after } }: { spell: Spell }) {
  const say = useSay();
  const figures = useFigures();
  const nameOf = useSeriesName();
  const { habitat } = useOpen();
  const cause = after && journalSaid(after, { say, figures, design: habitat });
  return (
    <p>
      {say(`journal:says.spell.${side}`, {
        series: nameOf(series),
        fromOn,
        untilOn,
        worst: channelPrinted(worst, measurableOf(series), figures),
      })}{" "}
      {cause && after ? (
        <b>{say("journal:says.after", { what: cause.title, causeOn: after.on })}</b>
      ) : (
        say("journal:says.noCause")
      )}
    </p>
  );
}

function DriftSaid({ drift: { series, aWeek } }: { drift: Drift }) {
  const say = useSay();
  const figures = useFigures();
  const system = useUnits();
  const nameOf = useSeriesName();
  const { derived, log } = useOpen();
  const what = measurableOf(series);
  const amount = Math.abs(aWeek);
  const much = what === "temperatureC" ? degreesApart(amount, system, figures) : channelPrinted(amount, what, figures);
  const now = log.newest[series]?.value;
  const { water } = derived.ground;
  const days =
    what === "waterLineCm" && water && now !== undefined ? daysToSafeLine(now, water.safeLineCm, aWeek) : undefined;
  return (
    <p>
      {say(aWeek > 0 ? "journal:says.rises" : "journal:says.falls", { series: nameOf(series), much })}
      {days === undefined ? null : ` ${say("journal:says.safeIn", { count: days })}`}
    </p>
  );
}
