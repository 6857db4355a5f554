"use client";

import { useState } from "react";
import { LedgerHead, LedgerPart, Pills, Workbench } from "@/ui/parts";
import { useOpen, useMinute } from "@/store";
import { BenchSection, type View } from "@/ui/section";
import { useSay } from "@/words";
import { AtTheAnimal } from "./AtTheAnimal";
import { ClimateOverlay, OVERLAYS, type Overlay } from "./ClimateOverlay";
import { DayStrip } from "./DayStrip";
import { GearGrips } from "./GearGrips";
import { GearPart } from "./GearPart";
import { MonthCost } from "./MonthCost";
import { MonthPick } from "./MonthPick";
import { Needs } from "./Needs";
import { RoomPart } from "./RoomPart";
import { Season } from "./season";

/** What the room gives, what runs, and what comes of it: at the animal, over the section, through the day. */
export function ClimateStep() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const [view, setView] = useState<View>("front");
  const [overlay, setOverlay] = useState<Overlay>("warmth");
  const [month, setMonth] = useState<number | undefined>(undefined);
  const minute = useMinute();
  return (
    <Season month={month}>
      <Workbench
        label={say("steps:ledger")}
        middle={
          <>
            <BenchSection
              habitat={habitat}
              ground={derived.ground}
              view={view}
              onView={setView}
              lit
              toolbar={
                <Pills
                  label={say("climate:overlays.label")}
                  value={overlay}
                  onChange={setOverlay}
                  options={OVERLAYS.map((value) => ({ value, text: say(`climate:overlays.${value}`) }))}
                />
              }
              overlay={(frame) => (
                <>
                  <ClimateOverlay frame={frame} overlay={overlay} />
                  <GearGrips frame={frame} />
                </>
              )}
              planOverlay={(frame) => <GearGrips frame={frame} />}
            />
            <DayStrip minute={month === undefined ? minute : undefined} />
            {habitat.gear.length > 0 ? <MonthPick month={month} onMonth={setMonth} /> : null}
          </>
        }
        ledger={
          <>
            <LedgerHead title={say("climate:title")} sub={say("climate:sub")} />
            <AtTheAnimal />
            <GearPart />
            <Needs />
            <LedgerPart title={say("climate:gap")}>
              <RoomPart />
            </LedgerPart>
            <MonthCost />
          </>
        }
      />
    </Season>
  );
}
