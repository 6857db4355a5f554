"use client";

import Checkbox from "@mui/material/Checkbox";
import type { Scheduled } from "@/core/build";
import type { Command } from "@/core/habitat";
import { useOpen } from "@/store";
import { Cautions } from "@/ui/parts";
import { dayPrinted, useSay } from "@/words";
import css from "./Build.module.css";

/** One row for each step: the day, what to do with its figures, how long it then stands, and each caution where it first comes up. */
export function TaskRows({ plan, today }: { plan: readonly Scheduled[]; today: string }) {
  const say = useSay();
  const { edit } = useOpen();
  const mark = (task: Scheduled) => {
    const on = task.doneOn ? null : today;
    const keeping: Command[] = task.id === "moveIn" ? [{ name: "startKeeping", args: { on } }] : [];
    const planted: Command[] = task.id === "plantOut" && on !== null ? [{ name: "plantedOn", args: { on } }] : [];
    edit([{ name: "markTask", args: { taskId: task.id, on } }, ...keeping, ...planted]);
  };
  return (
    <ol className={css.tasks}>
      {plan.map((task, at) => {
        const before = plan.slice(0, at).flatMap((other) => (other.doneOn ? [] : other.cautions));
        const title = say(`build:tasks.${task.id}.title`);
        return (
          <li key={task.id} className={css.task} data-done={task.doneOn !== undefined}>
            <Checkbox
              checked={task.doneOn !== undefined}
              onChange={() => mark(task)}
              slotProps={{ input: { "aria-label": say("build:markDone", { task: title }) } }}
            />
            <div>
              <p className={css.title}>
                <b>{title}</b>
                <span className="measure">{dayPrinted(task.startOn)}</span>
              </p>
              <p className={css.why}>{say(`build:tasks.${task.id}.why`, task.quantities)}</p>
              {task.waitDays > 0 ? (
                <p className={css.wait} data-governs={task.governs}>
                  {say("build:waits", { count: task.waitDays })}, {say("build:readyOn", { readyOn: task.readyOn })}
                  {task.governs ? <b> · {say("build:governs")}</b> : null}
                </p>
              ) : null}
              {task.doneOn ? null : <Cautions codes={task.cautions.filter((code) => !before.includes(code))} />}
            </div>
          </li>
        );
      })}
    </ol>
  );
}
