"use client";

import Button from "@mui/material/Button";
import { useState } from "react";
import { useOpen } from "@/store";
import { LedgerHead, LedgerPart, useNow, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { useSay } from "@/words";
import { Charts } from "./Charts";
import { DutyRows } from "./DutyRows";
import css from "./Keeping.module.css";
import { ReadingForm } from "./ReadingForm";
import { WaterMarks } from "./WaterMarks";

/** What comes round again, and readings against the animal's band. */
export function KeepingStep() {
  const say = useSay();
  const { habitat, derived, edit } = useOpen();
  const today = useNow();
  const [view, setView] = useState<View>("front");
  const water = derived.bands.find((check) => check.what === "waterLineCm");
  const { sinceOn } = habitat.keeping;
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
              <Button
                disabled={today === ""}
                onClick={() =>
                  edit([
                    { name: "startKeeping", args: { on: today } },
                    { name: "markTask", args: { taskId: "moveIn", on: today } },
                  ])
                }
              >
                {say("keeping:begin")}
              </Button>
            </div>
          ) : null}
          <LedgerPart title={say("keeping:write")}>
            <ReadingForm />
          </LedgerPart>
          <LedgerPart title={say("keeping:due")}>
            <DutyRows today={today} />
          </LedgerPart>
        </>
      }
    />
  );
}
