"use client";

import TextField from "@mui/material/TextField";
import { useState } from "react";
import { schedule } from "@/core/build";
import type { LogEvent } from "@/core/log";
import { useLastAct, useOpen } from "@/store";
import { LastWritten, LedgerHead, LedgerPart, Minding, Pills, useNow, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { dayPrinted, useSay } from "@/words";
import css from "./Build.module.css";
import { FillLines } from "./FillLines";
import { Shopping } from "./Shopping";
import { TaskRows } from "./TaskRows";
import { Waits } from "./Waits";

const isOfTheBuild = (events: readonly LogEvent[]): boolean => events.some(({ kind }) => kind === "taskDone");

/** The steps in working order with their waits and dates, and what to have at hand. */
export function BuildStep() {
  const say = useSay();
  const { habitat, derived, log, edit } = useOpen();
  const today = useNow();
  const [view, setView] = useState<View>("front");
  const [shown, setShown] = useState<"steps" | "shopping">("steps");
  const plan = today === "" ? [] : schedule(derived, log.state, today);
  const moveIn = plan.at(-1);
  const last = useLastAct();
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <>
          <BenchSection
            habitat={habitat}
            ground={derived.ground}
            view={view}
            onView={setView}
            tagged
            overlay={(frame) => <FillLines frame={frame} />}
          />
          <Waits plan={plan} />
        </>
      }
      ledger={
        <>
          <LedgerHead title={say("build:title")} sub={say("build:sub")} />
          <div className={css.dates}>
            <TextField
              type="date"
              label={say("build:startOn")}
              value={habitat.build.startOn}
              onChange={(event) =>
                event.target.validity.valid &&
                event.target.value !== "" &&
                edit([{ name: "setStart", args: { startOn: event.target.value } }])
              }
              slotProps={{ inputLabel: { shrink: true }, htmlInput: { min: "2000-01-01", max: "2100-12-31" } }}
            />
            <p>
              <small>{say("build:moveIn")}</small>
              <b>{moveIn ? dayPrinted(moveIn.startOn) : "…"}</b>
            </p>
          </div>
          <Pills
            label={say("build:title")}
            value={shown}
            onChange={setShown}
            options={[
              { value: "steps", text: say("build:steps") },
              { value: "shopping", text: say("build:shopping") },
            ]}
          />
          {last && shown === "steps" && isOfTheBuild(last.act.events) ? (
            <LastWritten events={last.act.events} onTakeBack={last.takeBack} />
          ) : null}
          {shown === "steps" ? <TaskRows plan={plan} today={today} /> : <Shopping />}
          {shown === "steps" && log.state.sinceOn === null ? (
            <LedgerPart title={say("build:beforeItComes")}>
              <Minding
                animal={derived.animal}
                told={plan.flatMap(({ cautions, doneOn }) => (doneOn ? [] : cautions))}
              />
            </LedgerPart>
          ) : null}
        </>
      }
    />
  );
}
