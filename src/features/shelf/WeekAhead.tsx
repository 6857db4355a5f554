"use client";

import "@/words/atWork";
import Button from "@mui/material/Button";
import Link from "next/link";
import { grouped } from "@/core/grouped";
import type { Design } from "@/core/habitat";
import type { Due, NextByRule } from "@/core/keeping";
import { weekAhead } from "@/core/keeping/week";
import { saveText } from "@/ui/files";
import { dayPrinted, dutyTitle, dutyWhy, useSay } from "@/words";
import { Notices } from "./Notices";
import css from "./WeekAhead.module.css";

type Item = { design: Design; duty: Due };
type Props = {
  all: readonly Item[];
  today: string;
  nextByRule: NextByRule | undefined;
};

/** The seven days from today on over all habitats, and the way into a calendar. */
export function WeekAhead({ all, today, nextByRule }: Props) {
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
          {items.length > 0 ? <Items items={items} /> : <p>{say("shelfWork:weekAhead.free")}</p>}
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
