"use client";

import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import { useState } from "react";
import { reworkMarking, reworkPlan, type ReworkPlan, type Scheduled } from "@/core/build";
import { openedEvents, type Opened } from "@/core/log";
import { useOpen, useSession, useShelf, type Standing } from "@/store";
import { Cautions, LedgerPart } from "@/ui/parts";
import { useStepNames } from "@/ui/plan";
import { dayPrinted, LibraryProvider, useSay } from "@/words";
import css from "./Build.module.css";
import { usePlan } from "./plan";

/** A running box opened again: toward which habitat, what that asks for, and its steps ticked off. */
export function Reopen() {
  const { habitat, log } = useOpen();
  const { today } = usePlan();
  const shelf = useShelf(today);
  if (!shelf) return <div aria-busy />;
  const others = shelf.flatMap((one) => ("standing" in one && one.id !== habitat.id ? [one.standing] : []));
  const { opened } = log.state;
  return opened ? <Open opened={opened} others={others} /> : <Choice others={others} />;
}

const isKin = ({ design }: Standing, id: string, variantOf: string | null): boolean =>
  design.shelf.variantOf === id || design.id === variantOf;

/** Which habitat the box shall become; its variants come first. */
function Choice({ others }: { others: readonly Standing[] }) {
  const say = useSay();
  const { habitat, derived, act } = useOpen();
  const { today } = usePlan();
  const { variantOf } = habitat.shelf;
  const sorted = others.toSorted(
    (a, b) => Number(isKin(b, habitat.id, variantOf)) - Number(isKin(a, habitat.id, variantOf)),
  );
  const [id, setId] = useState(sorted[0]?.design.id ?? "");
  const toward = sorted.find(({ design }) => design.id === id);
  return (
    <LedgerPart title={say("build:rework.reopen")}>
      <p className={css.help}>{say("build:rework.how")}</p>
      {toward ? (
        <>
          <div className={`${css.schools} ${css.toward}`}>
            <label>
              <span>{say("build:rework.toward")}</span>
              <select aria-label={say("build:rework.toward")} value={id} onChange={({ target }) => setId(target.value)}>
                {sorted.map(({ design }) => (
                  <option key={design.id} value={design.id}>
                    {design.name}
                  </option>
                ))}
              </select>
            </label>
          </div>
          <Sum plan={reworkPlan(derived, toward.derived, today)} />
          <Button variant="contained" onClick={() => act([{ kind: "opened", on: today, towardId: toward.design.id }])}>
            {say("build:rework.begin")}
          </Button>
        </>
      ) : (
        <p className={css.help}>{say("build:rework.noOther")}</p>
      )}
    </LedgerPart>
  );
}

/** How long the animals wait, what comes out and is used again. */
function Sum({ plan: { waitDays, dug, newL } }: { plan: ReworkPlan }) {
  const say = useSay();
  const savedL = dug.reduce((sum, one) => sum + one.savedL, 0);
  const outL = dug.reduce((sum, one) => sum + one.outL, 0);
  return (
    <p>
      <b>{say("build:rework.waits", { count: waitDays })}</b>.{" "}
      {dug.length === 0 ? say("build:rework.nothing") : `${say("build:rework.saved", { savedL, outL, newL })}.`}
    </p>
  );
}

function Open({ opened, others }: { opened: Opened; others: readonly Standing[] }) {
  const say = useSay();
  const { act, strike } = useOpen();
  const events = useSession((session) => session.events);
  const { today } = usePlan();
  const toward = others.find(({ design }) => design.id === opened.towardId);
  return (
    <LedgerPart title={say("build:rework.isOpen", { openedOn: opened.on })}>
      {toward ? (
        <LibraryProvider library={toward.derived.library}>
          <Steps opened={opened} toward={toward} />
        </LibraryProvider>
      ) : (
        <p className={css.help}>{say("build:rework.towardGone")}</p>
      )}
      <div className={css.buttons}>
        <Button size="small" variant="outlined" onClick={() => act([{ kind: "closed", on: today }])}>
          {say("build:rework.closeAsIs")}
        </Button>
        <Button size="small" variant="text" onClick={() => strike(openedEvents(events))}>
          {say("build:rework.never")}
        </Button>
      </div>
    </LedgerPart>
  );
}

function Steps({ opened, toward }: { opened: Opened; toward: Standing }) {
  const say = useSay();
  const { habitat, derived, act, strike } = useOpen();
  const events = useSession((session) => session.events);
  const { today } = usePlan();
  const names = useStepNames([...toward.design.mixes, ...habitat.mixes]);
  const plan = reworkPlan(derived, toward.derived, opened.on, { today, progress: opened });
  const tick = (step: Scheduled) => {
    if (step.state === "done")
      return strike(openedEvents(events).filter((event) => "taskId" in event && event.taskId === step.id));
    const { told, commands } = reworkMarking(step, toward.design, today);
    return act(told, commands);
  };
  return (
    <>
      <p className={css.help}>{say("build:rework.becomes", { name: toward.design.name })}</p>
      <Sum plan={plan} />
      <ol className={css.tasks}>
        {plan.steps.map((step) => (
          <li key={step.id} className={css.task} data-done={step.state === "done"}>
            <Checkbox
              checked={step.state === "done"}
              indeterminate={step.state === "waiting"}
              onChange={() => tick(step)}
              slotProps={{ input: { "aria-label": say("build:markDone", { task: names.title(step) }) } }}
            />
            <div>
              <p className={css.title}>
                <b>{names.title(step)}</b>
                <span className="measure">{dayPrinted(step.startOn)}</span>
              </p>
              <p className={css.why}>{names.why(step)}</p>
              {step.wait[1] > 0 && step.state !== "done" ? (
                <p className={css.wait}>
                  {say("build:waits", { count: Math.ceil(step.wait[1]) })},{" "}
                  {say("build:readyOn", { readyOn: step.readyOn })}
                </p>
              ) : null}
              {step.state === "done" ? null : <Cautions codes={step.cautions} />}
            </div>
          </li>
        ))}
      </ol>
    </>
  );
}
