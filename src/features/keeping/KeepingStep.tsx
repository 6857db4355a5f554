"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { duties } from "@/core/keeping";
import { useLastAct, useOpen, useToday } from "@/store";
import { LastWritten, LedgerHead, LedgerPart, Minding, Pills, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { useSay } from "@/words";
import { Animals } from "./Animals";
import { Arrival } from "./Arrival";
import { Charts } from "./Charts";
import { DutyRows } from "./DutyRows";
import css from "./Keeping.module.css";
import { MoreDuties } from "./MoreDuties";
import { Pictures } from "./Pictures";
import { Says } from "./Says";
import { Story } from "./Story";
import { WaterMarks } from "./WaterMarks";
import { WriteDown } from "./WriteDown";
import { WhoseClock } from "./WhoseClock";

const SHOWN = ["story", "box", "animals", "pictures"] as const;
type Shown = (typeof SHOWN)[number];

/** What comes round again, what is read, what happened, and what both say. */
export function KeepingStep() {
  const say = useSay();
  const { log } = useOpen();
  const [shown, setShown] = useState<Shown>(log.state.sinceOn === null ? "box" : "story");
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <>
          <Pills
            label={say("journal:label")}
            value={shown}
            onChange={setShown}
            options={SHOWN.map((value) => ({ value, text: say(`journal:views.${value}`) }))}
          />
          {shown === "story" ? <Story /> : null}
          {shown === "box" ? <Box /> : null}
          {shown === "animals" ? <Animals /> : null}
          {shown === "pictures" ? <Pictures /> : null}
        </>
      }
      ledgerFirst
      ledger={<Ledger />}
    />
  );
}

/** The box with its water line, and the readings under it. */
function Box() {
  const { habitat, derived } = useOpen();
  const [view, setView] = useState<View>("front");
  const water = derived.bands.find((check) => check.what === "waterLineCm");
  return (
    <>
      <div className={css.section}>
        <BenchSection
          habitat={habitat}
          ground={derived.ground}
          view={view}
          onView={setView}
          waterLineCm={water?.value}
          tagged
          overlay={(frame) => <WaterMarks frame={frame} />}
        />
      </div>
      <Charts />
    </>
  );
}

function Ledger() {
  const say = useSay();
  const { derived, log } = useOpen();
  const today = useToday();
  const last = useLastAct();
  const [moving, setMoving] = useState(false);
  const { sinceOn } = log.state;
  return (
    <>
      <LedgerHead
        title={say("journal:title")}
        sub={sinceOn ? say("journal:since", { sinceOn, year: sinceOn.slice(0, 4) }) : say("journal:sub")}
      />
      {sinceOn === null ? (
        <div className={css.begin}>
          <p>{say("journal:notYet")}</p>
          <Button disabled={today === ""} onClick={() => setMoving(true)}>
            {say("journal:begin")}
          </Button>
          <Arrival open={moving} onClose={() => setMoving(false)} />
        </div>
      ) : null}
      <WhoseClock />
      {last ? <LastWritten events={last.act.events} onTakeBack={last.takeBack} /> : null}
      <LedgerPart title={say("journal:today")}>
        <DutyRows today={today} />
        <MoreDuties today={today} />
      </LedgerPart>
      <Says />
      <WriteDown />
      <LedgerPart title={say("journal:mind")}>
        <Minding
          animal={derived.animal}
          told={duties(derived, today || derived.outlook.on).flatMap(({ cautions }) => cautions)}
        />
      </LedgerPart>
    </>
  );
}
