"use client";

import Button from "@mui/material/Button";
import type { PlanProblem } from "@/core/build";
import { jobOf, USUAL_MINUTES, type Command } from "@/core/habitat";
import { useOpen } from "@/store";
import { LedgerPart } from "@/ui/parts";
import { isWord, useSay } from "@/words";
import css from "./Build.module.css";
import { usePlan, useStepWords } from "./plan";

/** What does not add up in the plan, each with what mends it. */
export function PlanProblems() {
  const say = useSay();
  const { problems } = usePlan().plan;
  if (problems.length === 0) return null;
  return (
    <LedgerPart title={say("build:plan.problems.title")}>
      <ul className={css.plain}>
        {problems.map((problem) => (
          <ProblemRow key={JSON.stringify(problem)} problem={problem} />
        ))}
      </ul>
    </LedgerPart>
  );
}

function ProblemRow({ problem }: { problem: PlanProblem }) {
  const say = useSay();
  const words = useStepWords();
  const { edit } = useOpen();
  const { steps } = usePlan().plan;
  const named = (taskId: string): string => {
    const step = steps.find(({ id }) => id === taskId);
    const key = `build:tasks.${jobOf(taskId)}.title`;
    return step ? words.title(step) : isWord(key) ? say(key) : taskId;
  };
  const mend = (text: string, ...commands: Command[]) => (
    <Button size="small" variant="outlined" onClick={() => edit(commands)}>
      {text}
    </Button>
  );
  const row = (text: string, ...mends: React.ReactNode[]) => (
    <li>
      <span>{text}</span>
      <span className={css.buttons}>{mends}</span>
    </li>
  );
  switch (problem.code) {
    case "goesRound": {
      const what = problem.taskIds.map(named).join(" → ");
      const own = problem.taskIds.filter((id) => jobOf(id) === "own");
      return row(
        say("build:plan.problems.goesRound", { what }),
        ...own.map((id) => (
          <span key={id}>
            {mend(say("build:plan.own.remove", { name: named(id) }), { name: "removeTask", args: { id } })}
          </span>
        )),
      );
    }
    case "gone":
      return row(
        say("build:plan.problems.gone", { what: problem.taskIds.map(named).join(", ") }),
        <span key="forget">
          {mend(say("build:plan.problems.forget"), { name: "forgetChanges", args: { taskIds: [...problem.taskIds] } })}
        </span>,
      );
    case "pinnedTooEarly": {
      const { taskId, readyOn } = problem;
      const pin = (pinnedOn: string | null): Command => ({ name: "changeTask", args: { taskId, pinnedOn } });
      return row(
        say("build:plan.problems.pinnedTooEarly", { what: named(taskId), readyOn }),
        <span key="then">{mend(say("build:plan.problems.pinThen", { readyOn }), pin(readyOn))}</span>,
        <span key="unpin">{mend(say("build:plan.problems.unpin"), pin(null))}</span>,
      );
    }
    case "doneTooSoon":
      return row(
        say("build:plan.problems.doneTooSoon", { what: named(problem.taskId), before: named(problem.beforeId) }),
      );
    case "noTime":
      return row(
        say("build:plan.problems.noTime"),
        <span key="usual">
          {mend(say("build:plan.problems.usualTime"), {
            name: "setPlan",
            args: { minutesByWeekday: [...USUAL_MINUTES] },
          })}
        </span>,
      );
  }
}
