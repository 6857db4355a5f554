"use client";

import Checkbox from "@mui/material/Checkbox";
import dynamic from "next/dynamic";
import { useState } from "react";
import type { Design } from "@/core/habitat";
import { byHarm, dueList, isDaily, toldDone, type Due } from "@/core/keeping";
import { takeBackOnShelf, tellOnShelf, todayIn, useNextByRule, useNotified, type Standing } from "@/store";
import { DueMark } from "@/ui/DueMark";
import { useNow } from "@/ui/parts";
import { dutyTitle, dutyWhy, sayProblem, useSay } from "@/words";
import type { Notice } from "./notice";
import css from "./Shelf.module.css";

/** Read where something is being built: a shelf of lived-in boxes needs no plans. */
const BuildToday = dynamic(async () => (await import("./BuildToday")).BuildToday, { ssr: false });

/** Read when it is asked for. */
const WeekAhead = dynamic(async () => (await import("./WeekAhead")).WeekAhead, { ssr: false });

/** Read where the keeper wants to be told. */
const NoticeOfDay = dynamic(async () => (await import("./NoticeOfDay")).NoticeOfDay, { ssr: false });

/** Read behind the duties. */
const BackupLine = dynamic(async () => (await import("./BackupLine")).BackupLine, { ssr: false });

const DAYS_AHEAD = 3;

type Props = { standing: readonly Standing[]; onNotice: (notice: Notice) => void };

/** What is late, due today or soon, over all habitats; ticked off right here. */
export function Today({ standing, onNotice }: Props) {
  const say = useSay();
  const today = useNow();
  const nextByRule = useNextByRule(standing.map(({ design }) => design));
  const notified = useNotified();
  const [isWeek, setIsWeek] = useState(false);
  const all = standing.flatMap(({ design, derived, log }) =>
    today === "" ? [] : dueList(derived, log, todayIn(design.timeZone), nextByRule).map((duty) => ({ design, duty })),
  );
  const due = all
    .filter(({ duty }) => duty.inDays <= DAYS_AHEAD && !(isDaily(duty) && duty.inDays > 0))
    .toSorted((a, b) => byHarm(a.duty, b.duty));
  const built = standing.filter(({ log }) => log.state.sinceOn === null || log.state.opened !== null);
  const building = standing.filter(({ log }) => log.state.sinceOn === null);
  const anyKept = standing.some(({ log }) => log.state.sinceOn !== null);
  const tick = async ({ id, name, timeZone }: Design, duty: Due) => {
    const ticked = await tellOnShelf(id, toldDone(duty, ""), timeZone);
    if (!ticked.ok) return onNotice({ text: sayProblem(ticked.problem, say) });
    const text = say("shelf:tick", { duty: dutyTitle(duty, say), name });
    onNotice({ text, undo: () => void takeBackOnShelf(id, ticked.events, timeZone) });
  };
  return (
    <aside className={css.today} aria-label={say("shelf:todayTitle")}>
      <Head isWeek={isWeek} onTurn={anyKept ? () => setIsWeek(!isWeek) : undefined} />
      <p className={css.todaySub}>
        {today === "" ? " " : say("shelf:todaySub", { dateOn: today, count: standing.length })}
      </p>
      {isWeek ? <WeekAhead all={all} built={building} today={today} nextByRule={nextByRule} /> : null}
      {built.length > 0 && today !== "" && !isWeek ? <BuildToday standing={built} today={today} /> : null}
      {due.length === 0 && (anyKept || built.length === 0) ? (
        <p className={css.nothing}>{say(anyKept ? "shelf:nothingDue" : "shelf:nothingKept")}</p>
      ) : null}
      <ul hidden={isWeek}>
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
      {notified !== "off" && today !== "" ? (
        <NoticeOfDay
          today={today}
          titles={due
            .filter(({ duty }) => duty.inDays <= 0)
            .map(({ design, duty }) => `${dutyTitle(duty, say)}: ${design.name}`)}
        />
      ) : null}
      {today === "" ? null : <BackupLine standing={standing} today={today} />}
    </aside>
  );
}

/** What is shown, and the way to the other of the two. */
function Head({ isWeek, onTurn }: { isWeek: boolean; onTurn: (() => void) | undefined }) {
  const say = useSay();
  const [here, there] = isWeek ? (["week", "todayTitle"] as const) : (["todayTitle", "week"] as const);
  return (
    <div className={css.todayHead}>
      <h2>{say(`shelf:${here}`)}</h2>
      {onTurn ? (
        <button type="button" onClick={onTurn}>
          {say(`shelf:${there}`)}
        </button>
      ) : null}
    </div>
  );
}
