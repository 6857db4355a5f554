"use client";

import Checkbox from "@mui/material/Checkbox";
import { applyCommand, type Habitat } from "@/core/habitat";
import { dueList, type Due } from "@/core/keeping";
import { putHabitat } from "@/store";
import { DueMark } from "@/ui/DueMark";
import { useNow } from "@/ui/parts";
import { useSay } from "@/words";
import type { Notice } from "./notice";
import css from "./Shelf.module.css";

const DAYS_AHEAD = 3;

/** What is late, due today or soon, over all habitats; ticked off right here. */
export function Today({ habitats, onNotice }: { habitats: readonly Habitat[]; onNotice: (notice: Notice) => void }) {
  const say = useSay();
  const today = useNow();
  const due = habitats
    .flatMap((habitat) => (today === "" ? [] : dueList(habitat, today).map((duty) => ({ habitat, duty }))))
    .filter(({ duty }) => duty.inDays <= DAYS_AHEAD && !(duty.everyDays === 1 && duty.inDays > 0))
    .sort((a, b) => a.duty.inDays - b.duty.inDays || b.duty.everyDays - a.duty.everyDays);
  const anyKept = habitats.some((habitat) => habitat.keeping.sinceOn !== null);
  const tick = async (habitat: Habitat, duty: Due) => {
    await putHabitat(applyCommand(habitat, { name: "tickDuty", args: { dutyId: duty.id, on: today } }));
    const text = say("shelf:tick", { duty: say(`keeping:duties.${duty.id}.title`), name: habitat.name });
    onNotice({ text, undo: () => void putHabitat(habitat) });
  };
  return (
    <aside className={css.today} aria-label={say("shelf:todayTitle")}>
      <h2>{say("shelf:todayTitle")}</h2>
      <p className={css.todaySub}>
        {today === "" ? " " : say("shelf:todaySub", { dateOn: today, count: habitats.length })}
      </p>
      {due.length === 0 ? (
        <p className={css.nothing}>{say(anyKept ? "shelf:nothingDue" : "shelf:nothingKept")}</p>
      ) : null}
      <ul>
        {due.map(({ habitat, duty }) => {
          const title = say(`keeping:duties.${duty.id}.title`);
          return (
            <li key={`${habitat.id}-${duty.id}`}>
              <Checkbox
                checked={false}
                onChange={() => void tick(habitat, duty)}
                slotProps={{ input: { "aria-label": say("shelf:tick", { duty: title, name: habitat.name }) } }}
              />
              <span>
                <b>{title}</b>
                <small>
                  {habitat.name} · {say(`keeping:duties.${duty.id}.why`, duty.quantities)}
                </small>
              </span>
              <DueMark inDays={duty.inDays} />
            </li>
          );
        })}
      </ul>
    </aside>
  );
}
