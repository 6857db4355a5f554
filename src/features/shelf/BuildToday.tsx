"use client";

import "@/words/atWork";
import HandymanOutlined from "@mui/icons-material/HandymanOutlined";
import Link from "next/link";
import { planFor, type Scheduled } from "@/core/build";
import { daysBetween } from "@/core/units";
import type { Standing } from "@/store";
import { DueMark } from "@/ui/DueMark";
import { useStepNames } from "@/ui/plan";
import { LibraryProvider, useSay } from "@/words";

type Props = { standing: readonly Standing[]; today: string };

/** What can be begun today, and what has waited long enough. */
const isDue = ({ state, startOn, readyOn }: Scheduled, today: string): boolean =>
  (state === "todo" && startOn <= today) || (state === "waiting" && readyOn <= today);

/** Steps of builds due today, of habitats that nobody lives in yet, each leading to the bench; and boxes opened again. */
export const BuildToday = ({ standing, today }: Props) => (
  <ul>
    {standing.map((one) => (
      <LibraryProvider key={one.design.id} library={one.derived.library}>
        {one.log.state.opened ? <Open standing={one} today={today} /> : <Steps standing={one} today={today} />}
      </LibraryProvider>
    ))}
  </ul>
);

function Steps({ standing: { design, derived, log }, today }: { standing: Standing; today: string }) {
  const names = useStepNames(design.mixes);
  const due = planFor(derived, log.state, today).steps.filter((step) => isDue(step, today));
  return due.map((step) => (
    <li key={step.id}>
      <HandymanOutlined fontSize="small" />
      <span>
        <Link href={`/h/${design.id}/bench`}>
          <b>{names.title(step)}</b>
        </Link>
        <small>
          {design.name} · {names.why(step)}
        </small>
      </span>
      <DueMark inDays={daysBetween(today, step.state === "waiting" ? step.readyOn : step.startOn)} />
    </li>
  ));
}

/** A running box that is open: its animals wait. */
function Open({ standing: { design, log }, today }: { standing: Standing; today: string }) {
  const say = useSay();
  const since = log.state.opened?.on ?? today;
  return (
    <li>
      <HandymanOutlined fontSize="small" />
      <span>
        <Link href={`/h/${design.id}/build`}>
          <b>{say("build:rework.isOpen", { openedOn: since })}</b>
        </Link>
        <small>
          {design.name} · {say("build:rework.waiting", { count: daysBetween(since, today) })}
        </small>
      </span>
      <DueMark inDays={0} />
    </li>
  );
}
