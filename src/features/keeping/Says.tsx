"use client";

import { useToday } from "@/store";
import type { Share } from "@/core/keeping/report";
import type { Said } from "@/core/keeping/said";
import { LedgerPart } from "@/ui/parts";
import { useFigures, useSay } from "@/words";
import { DriftSaid, GaugeSaid, HeaterSaid, ShiftSaid, UvSaid } from "./FaultSaid";
import css from "./Keeping.module.css";
import { OutSaid } from "./OutSaid";
import { SAID_DAYS, useSaidNow } from "./useSaidNow";
import { VentsSaid } from "./VentsSaid";

const MOST_OUT = 4;
const MOST_SHIFTS = 3;
/** Less than that prints as none. */
const LEAST_H = 0.05;

const percent = ({ in: inBand, of }: Share): string => `${Math.round((inBand / Math.max(1, of)) * 100)}`;

/**
 * What the readings of the last weeks say by themselves: gauges and heaters that fail first, then the band kept, what
 * was out of it and why, steps, drifts.
 */
export function Says() {
  const say = useSay();
  const said = useSaidNow(useToday());
  if (!said || said.day.of + said.night.of === 0) return null;
  return (
    <LedgerPart title={say("journal:says.title")}>
      <div className={css.says}>
        {said.gauges.map((fault) => (
          <GaugeSaid key={fault.series} fault={fault} />
        ))}
        {said.heaters.map((fault) => (
          <HeaterSaid key={fault.gearId} fault={fault} />
        ))}
        <Bands said={said} />
        {said.out.slice(0, MOST_OUT).map((one) => (
          <OutSaid key={`${one.spell.series} ${one.spell.fromOn} ${one.isNow}`} one={one} />
        ))}
        {said.shifts.slice(-MOST_SHIFTS).map((shift) => (
          <ShiftSaid key={`${shift.series} ${shift.after.id}`} shift={shift} />
        ))}
        {said.drifts.map((drift) => (
          <DriftSaid key={drift.series} drift={drift} />
        ))}
        {said.uv ? <UvSaid uv={said.uv} /> : null}
        {said.vents && said.vents.kind !== "leave" ? <VentsSaid vents={said.vents} /> : null}
      </div>
    </LedgerPart>
  );
}

/** How much was in band, and the hours of a day that were wet, dry, or under the lamp. */
function Bands({ said: { day, night, hours } }: { said: Said }) {
  const say = useSay();
  const figures = useFigures();
  const bands = [
    day.of > 0 ? say("journal:says.day", { share: percent(day) }) : "",
    night.of > 0 ? say("journal:says.night", { share: percent(night) }) : "",
  ].filter((part) => part !== "");
  const parts = hours
    ? (
        [
          ["dew", hours.dewH],
          ["dry", hours.dryH],
          ["basking", hours.baskingH],
        ] as const
      ).flatMap(([part, h]) =>
        h === undefined || h < LEAST_H ? [] : [say(`journal:says.hours.${part}`, { hours: figures.number(h, 1) })],
      )
    : [];
  return (
    <>
      <p>{say("journal:says.bands", { what: bands.join(", "), days: `${SAID_DAYS}` })}</p>
      {parts.length > 0 ? (
        <p>
          {say("journal:says.hours.title", { days: `${hours?.days ?? 0}` })} {parts.join(", ")}.
        </p>
      ) : null}
    </>
  );
}
