"use client";

import { useCallback, useState } from "react";
import { useOpen } from "@/store";
import { LedgerHead, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { useSay } from "@/words";
import { AddLayer } from "./AddLayer";
import { LayerRows } from "./LayerRows";
import { PlanGround } from "./PlanGround";
import { StrataOverlay } from "./StrataOverlay";
import { StrataTiles, WaterRow } from "./StrataTiles";
import { ZonePart } from "./ZonePart";

/** The layers from the glass up: drag an edge or type a depth, everything follows. */
export function StrataStep() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const [view, setView] = useState<View>("front");
  const [drawing, setDrawing] = useState(false);
  const stopDrawing = useCallback(() => setDrawing(false), []);
  const [chosen, setChosen] = useState<string | undefined>(undefined);
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
            barePlan
            planOverlay={(frame) => (
              <PlanGround frame={frame} chosen={chosen} drawing={drawing} onDrawn={stopDrawing} />
            )}
            overlay={(frame) => <StrataOverlay frame={frame} chosen={chosen} onChoose={setChosen} />}
          />
          <StrataTiles />
        </>
      }
      ledger={
        <>
          <LedgerHead title={say("strata:title")} sub={say("strata:sub")}>
            <AddLayer />
          </LedgerHead>
          <LayerRows chosen={chosen} onChoose={setChosen} />
          <WaterRow />
          <ZonePart
            onPlan={() => setView("plan")}
            onDraw={() => {
              setView("plan");
              setDrawing(true);
            }}
          />
        </>
      }
    />
  );
}
