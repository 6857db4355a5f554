"use client";

import Checkbox from "@mui/material/Checkbox";
import dynamic from "next/dynamic";
import type { Design } from "@/core/habitat";
import { dueList, isDaily, type Due } from "@/core/keeping";
import { append, strikes, useNextByRule, writtenNow, type Standing } from "@/store";
import { DueMark } from "@/ui/DueMark";
import { useNow } from "@/ui/parts";
import { dutyTitle, dutyWhy, useSay } from "@/words";
import type { Notice } from "./notice";
import css from "./Shelf.module.css";

/** Read where something is being built: a shelf of lived-in boxes needs no plans. */
const BuildToday = dynamic(async () => (await import("./BuildToday")).BuildToday, { ssr: false });

/** Read behind the duties. */
const BackupLine = dynamic(async () => (await import("./BackupLine")).BackupLine, { ssr: false });

const DAYS_AHEAD = 3;

type Props = { standing: readonly Standing[]; onNotice: (notice: Notice) => void };

/** What is late, due today or soon, over all habitats; ticked off right here. */
export function Today({ standing, onNotice }: Props) {
  const say = useSay();
  const today = useNow();
  const nextByRule = useNextByRule(standing.map(({ design }) => design));
  const due = standing
    .flatMap(({ design, derived, log }) =>
      today === "" ? [] : dueList(derived, log, today, nextByRule).map((duty) => ({ design, duty })),
    )
    .filter(({ duty }) => duty.inDays <= DAYS_AHEAD && !(isDaily(duty) && duty.inDays > 0))
    .toSorted((a, b) => a.duty.inDays - b.duty.inDays);
  const built = standing.filter(({ log }) => log.state.sinceOn === null || log.state.opened !== null);
  const anyKept = standing.some(({ log }) => log.state.sinceOn !== null);
  const tick = async ({ id, name }: Design, duty: Due) => {
    const ticked = writtenNow([{ kind: "tick", on: today, dutyId: duty.id }]);
    await append(id, ticked);
    const text = say("shelf:tick", { duty: dutyTitle(duty, say), name });
    onNotice({ text, undo: () => void append(id, strikes(ticked)) });
  };
  return (
    <aside className={css.today} aria-label={say("shelf:todayTitle")}>
      <h2>{say("shelf:todayTitle")}</h2>
      <p className={css.todaySub}>
        {today === "" ? " " : say("shelf:todaySub", { dateOn: today, count: standing.length })}
      </p>
      {built.length > 0 && today !== "" ? <BuildToday standing={built} today={today} /> : null}
      {due.length === 0 && (anyKept || built.length === 0) ? (
        <p className={css.nothing}>{say(anyKept ? "shelf:nothingDue" : "shelf:nothingKept")}</p>
      ) : null}
      <ul>
        {due.map(({ design, duty }) => {
          const title = dutyTitle(duty, say);
          return (
            <li key={`${design.id}-${duty.id}`}>
              <Checkbox
                checked={false}
                onChange={() => void tick(design, duty)}
                slotProps={{ input: { "aria-label": say("shelf:tick", { duty: title, name: design.name }) } }}
              />
              <span>
                <b>{title}</b>
                <small>
                  {design.name} · {dutyWhy(duty, say)}
                </small>
              </span>
              <DueMark inDays={duty.inDays} />
            </li>
          );
        })}
      </ul>
      {today === "" ? null : <BackupLine standing={standing} today={today} />}
    </aside>
  );
}
