"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { duties } from "@/core/keeping";
import { useLastAct, useOpen } from "@/store";
import { LastWritten, LedgerHead, LedgerPart, Minding, useNow, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { useSay } from "@/words";
import { Charts } from "./Charts";
import { DutyRows } from "./DutyRows";
import css from "./Keeping.module.css";
import { ReadingForm } from "./ReadingForm";
import { WaterMarks } from "./WaterMarks";
import { Arrival } from "./Arrival";

/** What comes round again, and readings against the animal's band. */
export function KeepingStep() {
  const say = useSay();
  const { habitat, derived, log } = useOpen();
  const today = useNow();
  const [view, setView] = useState<View>("front");
  const water = derived.bands.find((check) => check.what === "waterLineCm");
  const { sinceOn } = log.state;
  const last = useLastAct();
  const [moving, setMoving] = useState(false);
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
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
      }
      ledger={
        <>
          <LedgerHead
            title={say("keeping:title")}
            sub={sinceOn ? say("keeping:since", { sinceOn }) : say("keeping:sub")}
          />
          {sinceOn === null ? (
            <div className={css.begin}>
              <p>{say("keeping:notYet")}</p>
              <Button disabled={today === ""} onClick={() => setMoving(true)}>
                {say("keeping:begin")}
              </Button>
              <Arrival open={moving} onClose={() => setMoving(false)} />
            </div>
          ) : null}
          {last ? <LastWritten events={last.act.events} onTakeBack={last.takeBack} /> : null}
          <LedgerPart title={say("keeping:write")}>
            <ReadingForm />
          </LedgerPart>
          <LedgerPart title={say("keeping:due")}>
            <DutyRows today={today} />
          </LedgerPart>
          <LedgerPart title={say("keeping:mind")}>
            <Minding animal={derived.animal} told={duties(derived).flatMap(({ cautions }) => cautions)} />
          </LedgerPart>
        </>
      }
    />
  );
}
