"use client";

import Checkbox from "@mui/material/Checkbox";
import ExpandMoreOutlined from "@mui/icons-material/ExpandMoreOutlined";
import IconButton from "@mui/material/IconButton";
import { useState } from "react";
import { dueList, duties, dustingFor, toldDone, type Due, type Duty } from "@/core/keeping";
import { useNextByRule, useOpen } from "@/store";
import { Cautions } from "@/ui/parts";
import { DueMark } from "@/ui/DueMark";
import { comesSaid, dustingSaid, dutyTitle, dutyWhy, useFigures, useSay } from "@/words";
import { DutyChange } from "./DutyChange";
import css from "./Keeping.module.css";

const DAYS_AHEAD = 3;
const MOST_SHOWN = 6;

/** The duties, the most pressing first: what is due soon, and all of them when asked. Before the move-in, what they will be. */
export function DutyRows({ today }: { today: string }) {
  const say = useSay();
  const { derived, log } = useOpen();
  const nextByRule = useNextByRule("always");
  const [all, setAll] = useState(false);
  if (today === "") return null;
  const due = dueList(derived, log, today, nextByRule);
  const rows: (Duty | Due)[] = due.length > 0 ? due : duties(derived, today);
  const soon = rows.filter((duty) => "inDays" in duty && duty.inDays <= DAYS_AHEAD);
  const shown = all || due.length === 0 ? rows : soon.slice(0, MOST_SHOWN);
  return (
    <>
      <ul className={css.duties}>
        {shown.map((duty) => (
          <DutyRow key={duty.id} duty={duty} today={today} />
        ))}
      </ul>
      {shown.length === 0 ? <p className={css.said}>{say("journal:nothingSoon")}</p> : null}
      {due.length > shown.length || all ? (
        <button type="button" className={css.link} aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? say("journal:fewer") : say("journal:allDuties", { count: due.length })}
        </button>
      ) : null}
      <Cautions codes={shown.flatMap((duty) => duty.cautions)} />
    </>
  );
}

function DutyRow({ duty, today }: { duty: Duty | Due; today: string }) {
  const say = useSay();
  const figures = useFigures();
  const { derived, log, act } = useOpen();
  const [open, setOpen] = useState(false);
  const title = dutyTitle(duty, say);
  const due = "dueOn" in duty ? duty : undefined;
  const dusting = duty.does === "feed" ? dustingSaid(dustingFor(derived.animal, log.state.fed, today), say) : "";
  return (
    <li>
      <Checkbox
        checked={false}
        disabled={!due}
        slotProps={{ input: { "aria-label": say("journal:tick", { duty: title }) } }}
        onChange={() => act(toldDone(duty, today))}
      />
      <span>
        <b>{title}</b>
        <small>{[dusting, dutyWhy(duty, say)].filter((part) => part !== "").join("; ")}</small>
        <small>
          {comesSaid(duty.comes, say, figures)}
          {due ? ` · ${due.lastOn ? say("journal:lastOn", { lastOn: due.lastOn }) : say("journal:never")}` : ""}
        </small>
        {open ? <DutyChange duty={duty} title={title} today={today} onDone={() => setOpen(false)} /> : null}
      </span>
      <span className={css.dutyEnd}>
        {due ? <DueMark inDays={due.inDays} /> : null}
        <IconButton
          size="small"
          aria-expanded={open}
          aria-label={say("journal:change.label", { duty: title })}
          onClick={() => setOpen(!open)}
        >
          <ExpandMoreOutlined fontSize="small" style={{ rotate: open ? "180deg" : "none" }} />
        </IconButton>
      </span>
    </li>
  );
}
