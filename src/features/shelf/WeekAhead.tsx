"use client";

import "@/words/atWork";
import Button from "@mui/material/Button";
import Link from "next/link";
import { planFor } from "@/core/build";
import { grouped } from "@/core/grouped";
import type { Design } from "@/core/habitat";
import type { Due, NextByRule } from "@/core/keeping";
import { weekAhead } from "@/core/keeping/week";
import type { Standing } from "@/store";
import { saveText } from "@/ui/files";
import { useStepNames } from "@/ui/plan";
import { dayPrinted, dutyTitle, dutyWhy, LibraryProvider, useSay } from "@/words";
import { Notices } from "./Notices";
import css from "./WeekAhead.module.css";

type Item = { design: Design; duty: Due };
type Props = {
  all: readonly Item[];
  /** Habitats that are being built. */
  built: readonly Standing[];
  today: string;
  nextByRule: NextByRule | undefined;
};

/** The seven days from today on over all habitats, and the way into a calendar. */
export function WeekAhead({ all, built, today, nextByRule }: Props) {
  const say = useSay();
  const week = weekAhead(all, ({ duty }) => duty, today, nextByRule);
  const save = async () => {
    const { dutyCalendar } = await import("@/core/keeping/dutyCalendar");
    const duties = all.map(({ design, duty }) => ({
      ...{ habitatId: design.id, due: duty },
      title: `${dutyTitle(duty, say)}: ${design.name}`,
      text: dutyWhy(duty, say),
    }));
    const name = say("shelfWork:weekAhead.calendarName");
    saveText("rincon-duties.ics", dutyCalendar({ duties, name, at: new Date().toISOString(), today }), "text/calendar");
  };
  return (
    <>
      {week.everyDay.length > 0 ? (
        <section className={css.day}>
          <h3>{say("shelfWork:weekAhead.everyDay")}</h3>
          <Items items={week.everyDay} />
        </section>
      ) : null}
      {week.days.map(({ on, items }) => (
        <section key={on} className={css.day}>
          <h3 className="measure">{dayPrinted(on)}</h3>
          {items.length > 0 || built.length > 0 ? <Items items={items} /> : <p>{say("shelfWork:weekAhead.free")}</p>}
          {built.map((one) => (
            <LibraryProvider key={one.design.id} library={one.derived.library}>
              <Steps standing={one} on={on} today={today} />
            </LibraryProvider>
          ))}
        </section>
      ))}
      <div className={css.out}>
        <Button size="small" variant="outlined" onClick={() => void save()}>
          {say("shelfWork:weekAhead.calendar")}
        </Button>
        <p>{say("shelfWork:weekAhead.calendarHelp")}</p>
        <Notices />
      </div>
    </>
  );
}

/** Steps of a build that are begun on a day; today also those that should have been. */
function Steps({ standing: { design, derived, log }, on, today }: { standing: Standing; on: string; today: string }) {
  const names = useStepNames(design.mixes);
  const { steps } = planFor(derived, log.state, today);
  const begun = steps.filter(
    ({ state, startOn }) => state === "todo" && (on === today ? startOn <= on : startOn === on),
  );
  return begun.map((step) => (
    <p key={step.id}>
      <b>{names.title(step)}</b>{" "}
      <span>
        <Link href={`/h/${design.id}/bench`}>{design.name}</Link>
      </span>
    </p>
  ));
}

/** Duties of one name together, with the habitats they are in. */
function Items({ items }: { items: readonly Item[] }) {
  const say = useSay();
  const byTitle = grouped(items, ({ duty }) => dutyTitle(duty, say));
  return [...byTitle].map(([title, list]) => (
    <p key={title}>
      <b>{title}</b>{" "}
      {list.map(({ design }, at) => (
        <span key={`${design.id} ${at}`}>
          {at > 0 ? ", " : ""}
          <Link href={`/h/${design.id}/keeping`}>{design.name}</Link>
        </span>
      ))}
    </p>
  ));
}
