"use client";

import Checkbox from "@mui/material/Checkbox";
import { dueList, duties, type Due, type Duty } from "@/core/keeping";
import type { Told } from "@/core/log";
import { useOpen } from "@/store";
import { Cautions } from "@/ui/parts";
import { DueMark } from "@/ui/DueMark";
import { useSay } from "@/words";
import css from "./Keeping.module.css";

/** The duties that follow from the design, the most pressing first; before the move-in, what they will be. */
export function DutyRows({ today }: { today: string }) {
  const { derived, log } = useOpen();
  if (today === "") return null;
  const due = dueList(derived, log.state, today);
  const rows: (Duty | Due)[] = due.length > 0 ? due : duties(derived);
  return (
    <>
      <ul className={css.duties}>
        {rows.map((duty) => (
          <DutyRow key={duty.id} duty={duty} today={today} />
        ))}
      </ul>
      <Cautions codes={rows.flatMap((duty) => duty.cautions)} />
    </>
  );
}

/** Pieces whose age begins again with what is ticked. */
const renewals = ({ does, gear }: Duty, on: string): Told[] =>
  does === "renewGear" ? (gear?.gearIds ?? []).map((gearId) => ({ kind: "renewed", on, gearId })) : [];

function DutyRow({ duty, today }: { duty: Duty | Due; today: string }) {
  const say = useSay();
  const { act } = useOpen();
  const title = say(`keeping:duties.${duty.does}.title`, duty.quantities);
  const due = "dueOn" in duty ? duty : undefined;
  return (
    <li>
      <Checkbox
        checked={false}
        disabled={!due}
        slotProps={{ input: { "aria-label": say("keeping:tick", { duty: title }) } }}
        onChange={() => act([{ kind: "tick", on: today, dutyId: duty.id }, ...renewals(duty, today)])}
      />
      <span>
        <b>{title}</b>
        <small>{say(`keeping:duties.${duty.does}.why`, duty.quantities)}</small>
        <small>
          {say("keeping:every", { count: duty.everyDays })}
          {due ? ` · ${due.lastOn ? say("keeping:lastOn", { lastOn: due.lastOn }) : say("keeping:never")}` : ""}
        </small>
      </span>
      {due ? <DueMark inDays={due.inDays} /> : null}
    </li>
  );
}
