"use client";

import { useState } from "react";
import { useOpen } from "@/store";
import { LedgerHead, Workbench } from "@/ui/parts";
import { BenchSection, type View } from "@/ui/section";
import { useSay } from "@/words";
import { AddLayer } from "./AddLayer";
import { LayerRows } from "./LayerRows";
import { StrataOverlay } from "./StrataOverlay";
import { StrataTiles, WaterRow } from "./StrataTiles";

/** The layers from the glass up: drag an edge or type a depth, everything follows. */
export function StrataStep() {
  const say = useSay();
  const { habitat, derived } = useOpen();
  const [view, setView] = useState<View>("front");
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  return (
    <Workbench
      label={say("steps:ledger")}
      middle={
        <>
          <BenchSection
            habitat={habitat} ground={derived.ground} view={view} onView={setView} tagged
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
        </>
      }
    />
  );
}
