"use client";

import HandymanOutlined from "@mui/icons-material/HandymanOutlined";
import Button from "@mui/material/Button";
import Link from "next/link";
import { useState } from "react";
import type { LogEvent } from "@/core/log";
import { useLastAct, useOpen } from "@/store";
import { LastWritten, LedgerHead, LedgerPart, Minding, Pills, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { useSay } from "@/words";
import css from "./Build.module.css";
import { CalendarButton } from "./CalendarButton";
import { FillLines } from "./FillLines";
import { OwnStep } from "./OwnStep";
import { usePlan } from "./plan";
import { PlanHead } from "./PlanHead";
import { PlanProblems } from "./PlanProblems";
import { ReadyPart } from "./ReadyPart";
import { Reopen } from "./Reopen";
import { Shopping } from "./Shopping";
import { SkippedRows } from "./SkippedRows";
import { StepRows } from "./StepRows";
import { TimePart } from "./TimePart";
import { Timeline } from "./Timeline";
import { Arrival } from "./Arrival";

const OF_THE_BUILD: readonly LogEvent["kind"][] = ["taskDone", "taskBegun", "checked", "movedIn", "opened", "closed"];
const isOfTheBuild = (events: readonly LogEvent[]): boolean => events.some(({ kind }) => OF_THE_BUILD.includes(kind));

type Shown = "steps" | "waits" | "ready" | "shopping" | "again";
/** A box that is lived in is not made ready any more, but may be opened again. */
const SHOWN: readonly Shown[] = ["steps", "waits", "ready", "shopping"];
const SHOWN_LIVING: readonly Shown[] = ["steps", "again", "ready", "shopping"];

/** The plan: its steps by their days, the time there is, what has to be so before the animal comes, what to buy. */
export function BuildStep() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const [view, setView] = useState<View>("front");
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
          <Timeline />
        </>
      }
      ledger={<Ledger />}
    />
  );
}

function Ledger() {
  const say = useSay();
  const { habitat, log } = useOpen();
  const isLiving = log.state.sinceOn !== null;
  const [shown, setShown] = useState<Shown>(log.state.opened ? "again" : "steps");
  const [moving, setMoving] = useState(false);
  const last = useLastAct();
  const move = () => setMoving(true);
  return (
    <>
      <LedgerHead title={say("build:title")} sub={say("build:sub")} />
      <PlanHead />
      <div className={css.tools}>
        <Button
          size="small"
          variant="contained"
          startIcon={<HandymanOutlined />}
          component={Link}
          href={`/h/${habitat.id}/bench`}
        >
          {say("build:plan.bench")}
        </Button>
        <CalendarButton />
      </div>
      <PlanProblems />
      <Pills
        label={say("build:title")}
        value={shown}
        onChange={setShown}
        options={(isLiving ? SHOWN_LIVING : SHOWN).map((value) => ({ value, text: say(`build:plan.shown.${value}`) }))}
      />
      {last && shown !== "shopping" && isOfTheBuild(last.act.events) ? (
        <LastWritten events={last.act.events} onTakeBack={last.takeBack} />
      ) : null}
      {shown === "steps" ? <Steps onMoveIn={move} /> : null}
      {shown === "waits" ? <TimePart /> : null}
      {shown === "again" && isLiving ? <Reopen /> : null}
      {shown === "ready" ? <ReadyPart onMoveIn={move} /> : null}
      {shown === "shopping" ? <Shopping /> : null}
      <Arrival open={moving} onClose={() => setMoving(false)} />
    </>
  );
}

/** The steps, what was left out, a step of one's own, and what to mind before the animal comes. */
function Steps({ onMoveIn }: { onMoveIn: () => void }) {
  const say = useSay();
  const { derived, log } = useOpen();
  const { steps } = usePlan().plan;
  return (
    <>
      <StepRows onMoveIn={onMoveIn} />
      <SkippedRows />
      <OwnStep />
      {log.state.sinceOn === null ? (
        <LedgerPart title={say("build:beforeItComes")}>
          <Minding
            animal={derived.animal}
            told={steps.flatMap(({ cautions, state }) => (state === "done" ? [] : cautions))}
          />
        </LedgerPart>
      ) : null}
    </>
  );
}
