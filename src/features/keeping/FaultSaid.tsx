"use client";

import type { GaugeFault } from "@/core/keeping/faults";
import type { HeaterFault } from "@/core/keeping/heaters";
import { daysToSafeLine, litresAWeek, type Drift } from "@/core/keeping/report";
import type { Shift } from "@/core/keeping/shifts";
import type { UvDecay } from "@/core/keeping/uvDecay";
import { measurableOf, type SeriesId } from "@/core/log";
import { useOpen } from "@/store";
import { capital, channelApart, channelPrinted, journalSaid, useFigures, useSay, useUnits } from "@/words";
import { dayTime } from "./dayTime";
import css from "./Keeping.module.css";
import { useGearName } from "./useGearName";
import { useSeriesName } from "./useSeriesName";

/** A gauge that does not live any more: what it says is believed by nobody, so it is said first. */
export function GaugeSaid({ fault: { kind, series, value, sinceMs } }: { fault: GaugeFault }) {
  const say = useSay();
  const figures = useFigures();
  const nameOf = useSeriesName();
  const { habitat } = useOpen();
  return (
    <p className={css.fault}>
      {say(`journal:says.gauge.${kind}`, {
        series: nameOf(series),
        value: channelPrinted(value, measurableOf(series), figures),
        ...dayTime(sinceMs, habitat.timeZone, "sinceOn"),
      })}
    </p>
  );
}

export function HeaterSaid({ fault: { kind, gearId, setC, readC, sinceOn } }: { fault: HeaterFault }) {
  const say = useSay();
  const figures = useFigures();
  const gearName = useGearName();
  return (
    <p className={css.fault}>
      {say(`journal:says.heater.${kind}`, {
        name: capital(gearName(gearId)),
        read: figures.printed(readC, "temperature"),
        set: figures.printed(setC, "temperature"),
        sinceOn,
      })}
    </p>
  );
}

/** How much apart two values of a series are: of temperatures their distance. */
function useApart(): (series: SeriesId, by: number) => string {
  const figures = useFigures();
  const system = useUnits();
  return (series, by) => {
    return channelApart(by, measurableOf(series), system, figures);
  };
}

export function ShiftSaid({ shift: { series, by, after } }: { shift: Shift }) {
  const say = useSay();
  const figures = useFigures();
  const nameOf = useSeriesName();
  const apart = useApart();
  const { habitat } = useOpen();
  const { title } = journalSaid(after, { say, figures, design: habitat }) ?? { title: "" };
  return (
    <p>
      {say(by > 0 ? "journal:says.shift.up" : "journal:says.shift.down", {
        series: nameOf(series),
        much: apart(series, by),
        causeOn: after.on,
        what: title,
      })}
    </p>
  );
}

export function DriftSaid({ drift: { series, aWeek } }: { drift: Drift }) {
  const say = useSay();
  const nameOf = useSeriesName();
  const apart = useApart();
  const { derived, log } = useOpen();
  const now = log.newest[series]?.value;
  const { water } = derived.ground;
  const rising = measurableOf(series) === "waterLineCm" && water && now !== undefined && aWeek > 0 ? water : undefined;
  const days = rising && now !== undefined ? daysToSafeLine(now, rising.safeLineCm, aWeek) : undefined;
  return (
    <p>
      {say(aWeek > 0 ? "journal:says.rises" : "journal:says.falls", {
        series: nameOf(series),
        much: apart(series, aWeek),
      })}
      {days === undefined ? null : ` ${say("journal:says.safeIn", { count: days })}`}
      {rising && now !== undefined
        ? ` ${say("journal:says.line.aWeek", { waterL: litresAWeek(rising, now, aWeek) })}`
        : null}
    </p>
  );
}

export function UvSaid({ uv: { shareAMonth, lowOn } }: { uv: UvDecay }) {
  const say = useSay();
  const figures = useFigures();
  return (
    <p>
      {say("journal:says.uv.falls", { share: figures.number(shareAMonth * 100, 1) })}{" "}
      {lowOn === undefined ? say("journal:says.uv.open") : say("journal:says.uv.lowOn", { lowOn })}
    </p>
  );
}
